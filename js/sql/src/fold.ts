// Texts as lists compare and search them: without regard to case and accents, by words.

/** In lower case, letter by letter, as lists compare texts: "ΟΔΟΣ" becomes "οδοσ". A function of SQLite for Field.lower. */
export const lower = (text: string): string =>
  /^[\x00-\x7f]*$/.test(text) ? text.toLowerCase() : Array.from(text, (c) => (c === '\u0130' ? 'i' : c.toLowerCase())).join('')

// Letters with strokes and ligatures, which have no decomposition in Unicode.
const plainLetters: Record<string, string> = {}
for (const pair of 'Æae æae Œoe œoe Øo øo ßss ẞss Łl łl Đd đd Ðd ðd Þth þth Ħh ħh ıi Ŧt ŧt Ŋn ŋn'.split(' '))
  plainLetters[pair[0]!] = pair.slice(1)

/** Removes case and accents: "Øst Żuraw" becomes "ost zuraw". A column filled with it can be searched, and sorted by. */
export const fold = (text: string): string =>
  Array.from(text.normalize('NFKD').replace(/[\u0300-\u036f]/g, ''), (c) => plainLetters[c] ?? lower(c))
    .join('')
    .normalize('NFC')

const betweenWords = /[^\p{L}\p{Nd}\p{M}]+/u

/** The runs of letters and digits of a text, with the marks that they carry (Unicode's categories L, Nd and M). */
export const wordsOf = (text: string): string[] => text.split(betweenWords).filter((word) => word !== '')

/** The words of a text, folded. For Table.splitWords. */
export const foldedWords = (text: string): string[] => wordsOf(fold(text))

/** The words of some texts, folded, with a space before and after each. A column filled with it can be searched: see Table.words. Without words it is empty. */
export function forSearch(...texts: string[]): string {
  const words = foldedWords(texts.join(' '))
  return words.length === 0 ? '' : ` ${words.join(' ')} `
}

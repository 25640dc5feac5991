// Texts as lists compare and search them: without regard to case and accents, by words.

/** In lower case, letter by letter, as lists compare texts: "ΟΔΟΣ" becomes "οδοσ". Of what is no text null, so that it can be a function of SQLite for Field.lower. */
export function lower(text: string): string
export function lower(text: unknown): string | null
export function lower(text: unknown): string | null {
  if (typeof text !== 'string') return null
  if (/^[\x00-\x7f]*$/.test(text)) return text.toLowerCase()
  return Array.from(text, (c) => (c === '\u0130' ? 'i' : c.toLowerCase())).join('')
}

// Letters with strokes and ligatures, which have no decomposition in Unicode.
const plainLetters: Record<string, string> = {}
for (const pair of 'Æae æae Œoe œoe Øo øo ßss ẞss Łl łl Đd đd Ðd ðd Þth þth Ħh ħh ıi Ŧt ŧt Ŋn ŋn'.split(' '))
  plainLetters[pair[0]!] = pair.slice(1)

/** Removes case and accents: "Øst Żuraw" becomes "ost zuraw". A column filled with it can be searched, and sorted by. */
export const fold = (text: string): string =>
  Array.from(text.normalize('NFKD').replace(/[\u0300-\u036f]/g, ''), (c) => plainLetters[c] ?? lower(c))
    .join('')
    .normalize('NFC')

const signs = '_-,;:!?.\'"()[]{}@*/\\&#%`^+<=>|~$'

/**
 * A text that sorts by its characters alone as the given one sorts among words: without regard to case and accents, signs before digits before letters and, of texts that are then equal, the one
 * with fewer accents first, and small letters before capital ones. Different texts have different keys. For Field.sortedBy, since the drivers of SQLite for Node have no collations; it is near the order
 * of Unicode's root collation, which the others have. Of what is no text the key is null.
 */
export function sortKey(text: string): string
export function sortKey(text: unknown): string | null
export function sortKey(text: unknown): string | null {
  if (typeof text !== 'string') return null
  const letters = fold(text).replace(/[\t\n\v\f\r ]|[!-/:-@[-`{-~]/g, (c) => String.fromCharCode(3 + signs.indexOf(c)))
  const marked = text.normalize('NFD')
  const cases = marked.replace(/[A-Za-z]/g, (c) => (c < 'a' ? c.toLowerCase() : c.toUpperCase()))
  return [letters, lower(marked), cases, text === text.normalize('NFC') ? '' : text].join('\x01')
}

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

// Writes searches by words.

import { escapeLike, pattern } from './condition.js'
import { wordsOf } from './fold.js'
import { betweenWords } from './marks.js'
import { maxValues, StatementError } from './mistake.js'
import type { List } from './table.js'
import { none, type Writer } from './writer.js'

/** So many words are too many. */
export class TooManyWords {
  constructor(readonly words: number) {}
}

/**
 * Writes the condition that a record has every word of a search, regardless of case and accents; the last one may be the beginning of a word. A word is a run of
 * letters and digits, with their marks.
 */
export function writeSearch(w: Writer, l: List, fields: readonly string[], text: string): TooManyWords | undefined {
  const { table } = l
  if (table.search) {
    const [before, after] = table.search.split('{words}')
    w.text('(', before!)
    w.place(text)
    w.text(after!, ')')
    return undefined
  }
  const words = table.words ? table.splitWords!(text) : wordsOf(text)
  const last = words.length - 1
  if (last < 0)
    w.text(none) // no record has a word if there is none
  else if (words.length > maxValues) return new TooManyWords(words.length)
  else if (table.words) filledWords(w, table.words, words, last)
  else if (w.dialect === 'sqlite')
    throw new StatementError('search', 'SQLite cannot take texts apart into words; the table needs words or search')
  else {
    const texts = fields.map((name) => l.field(name).expr)
    if (w.dialect === 'mysql') mysqlWords(w, texts, words, last)
    else postgresWords(w, texts, words, last)
  }
  return undefined
}

/** Looks in a text of words with spaces before and after each. */
function filledWords(w: Writer, column: string, words: string[], last: number): void {
  words.forEach((word, i) => {
    word = ` ${word}${i < last ? ' ' : ''}`
    if (i > 0) w.text(' and ')
    if (w.dialect === 'sqlite') {
      w.text('instr(', column, ', ')
      w.place(word)
      w.text(') > 0')
    } else if (w.dialect === 'mysql') {
      w.text('convert(', column, ' using utf8mb4) collate utf8mb4_bin like ')
      w.place(pattern(true, word))
      w.text(" escape '!'")
    } else {
      w.text('(', column, ') like ')
      w.place(pattern(true, word))
      w.text("::text escape '!'")
    }
  })
}

/** Searches with a collation for which letters are equal that differ only in case and accents. */
function mysqlWords(w: Writer, texts: string[], words: string[], last: number): void {
  words.forEach((word, i) => {
    if (i > 0) w.text(' and ')
    w.text(`concat(' ', regexp_replace(convert(concat_ws(' ', ${texts.join(', ')}) using utf8mb4), `)
    w.place('[^\\p{L}\\p{Nd}\\p{M}]+')
    w.text(", ' '), ' ') collate utf8mb4_unicode_520_ci like ")
    w.place(`% ${escapeLike(word)}${i < last ? ' ' : ''}%`)
    w.text(" escape '!'")
  })
}

/** Removes accents by Unicode's decomposition; strokes and ligatures remain, such as those of ø and æ. */
function postgresWords(w: Writer, texts: string[], words: string[], last: number): void {
  const parts = texts.map((text) => `coalesce(${text}::text, '')`).join(" || ' ' || ")
  const text = `' ' || regexp_replace(${unaccented(parts)}, '${betweenWords}', ' ', 'g') || ' '`
  const [before, after] = unaccented('{}::text').split('{}') as [string, string]
  const folded = (word: string) => w.argument({ value: word, before, after })
  w.text(text, " like '% ' || ")
  folded(words[last]!)
  w.text(" || '%'")
  if (last === 0) return
  w.text(' and string_to_array(', text, ", ' ') @> array[")
  words.slice(0, last).forEach((word, i) => {
    if (i > 0) w.text(', ')
    folded(word)
  })
  w.text(']')
}

const unaccented = (text: string) => `regexp_replace(normalize(lower(${text}), nfd), '[\\u0300-\\u036f]', '', 'g')`

// The words of a page in six languages: its summary, and the names of its rungs.

import type { Rung } from './ladder.js'
import type { Metadata } from './page.js'

/** A phrase in the plural forms of CLDR. A form that is missing is the same as other. */
type Plural = { other: string } & Partial<Record<'one' | 'two' | 'few' | 'many', string>>

/** The words of one language, with placeholders in braces. */
export interface Language {
  /** The BCP 47 tag. */
  tag: string
  rightToLeft?: true
  /** The name of a ladder. */
  pages: string
  /** The name of a link: "Page {page}". */
  page: string
  previous: string
  next: string
  first: string
  last: string
  /** By {count}, with {from} and {to}. */
  gap: Plural
  /** Follows if the gap links to {page}. */
  gapLink: string
  /** Pages from {from} on. */
  openGap: string
  /** More than one row: {first} and {last}. */
  rows: string
  /** By {total}, with {rows}. */
  of: Plural
  atLeast: Plural
  /** The list is empty. */
  none: string
  /** By {total}: the page is past the last one. */
  noneOf: Plural
  /** By {count}: the position of the rows is not known. */
  some: Plural
  /** The form of a count. */
  plural: (n: number) => keyof Plural
  /** How numbers are written. */
  numbers: { zero: string; separator: string; least: number }
}

const latin = { zero: '0', separator: ',', least: 4 }
const one = (n: number): keyof Plural => (n === 1 ? 'one' : 'other')
const million = (n: number): keyof Plural => (n !== 0 && n % 1_000_000 === 0 ? 'many' : 'other')

/** Arabic: by the last two digits. */
const arabic = (n: number): keyof Plural => {
  const last = n % 100
  if (n === 1) return 'one'
  if (n === 2) return 'two'
  return last >= 3 && last <= 10 ? 'few' : last >= 11 ? 'many' : 'other'
}

/** The languages, English first. */
export const languages: readonly Language[] = [
  {
    tag: 'en',
    pages: 'Pages',
    page: 'Page {page}',
    previous: 'Previous',
    next: 'Next',
    first: 'First',
    last: 'Last',
    gap: { other: 'Pages {from} to {to} are left out' },
    gapLink: '; go to page {page}',
    openGap: 'More pages follow, from {from} on',
    rows: '{first}–{last}',
    of: { one: '{rows} of {total} record', other: '{rows} of {total} records' },
    atLeast: { one: '{rows} of at least {total} record', other: '{rows} of at least {total} records' },
    none: 'No records',
    noneOf: { one: 'None of {total} record', other: 'None of {total} records' },
    some: { one: '{count} record', other: '{count} records' },
    plural: one,
    numbers: latin,
  },
  {
    tag: 'de',
    pages: 'Seiten',
    page: 'Seite {page}',
    previous: 'Zurück',
    next: 'Weiter',
    first: 'Erste',
    last: 'Letzte',
    gap: { other: 'Seiten {from} bis {to} sind ausgelassen' },
    gapLink: '; zu Seite {page}',
    openGap: 'Weitere Seiten folgen ab {from}',
    rows: '{first}–{last}',
    of: { one: '{rows} von {total} Eintrag', other: '{rows} von {total} Einträgen' },
    atLeast: { one: '{rows} von mindestens {total} Eintrag', other: '{rows} von mindestens {total} Einträgen' },
    none: 'Keine Einträge',
    noneOf: { one: 'Keiner von {total} Eintrag', other: 'Keiner von {total} Einträgen' },
    some: { one: '{count} Eintrag', other: '{count} Einträge' },
    plural: one,
    numbers: { ...latin, separator: '.' },
  },
  {
    tag: 'fr',
    pages: 'Pages',
    page: 'Page {page}',
    previous: 'Précédente',
    next: 'Suivante',
    first: 'Première',
    last: 'Dernière',
    gap: { other: 'Les pages {from} à {to} sont omises' },
    gapLink: ' ; aller à la page {page}',
    openGap: 'D’autres pages suivent à partir de la page {from}',
    rows: '{first}–{last}',
    of: {
      one: '{rows} sur {total} enregistrement',
      many: '{rows} sur {total} d’enregistrements',
      other: '{rows} sur {total} enregistrements',
    },
    atLeast: {
      one: '{rows} sur au moins {total} enregistrement',
      many: '{rows} sur au moins {total} d’enregistrements',
      other: '{rows} sur au moins {total} enregistrements',
    },
    none: 'Aucun enregistrement',
    noneOf: {
      one: 'Aucun de {total} enregistrement',
      many: 'Aucun des {total} d’enregistrements',
      other: 'Aucun des {total} enregistrements',
    },
    some: { one: '{count} enregistrement', many: '{count} d’enregistrements', other: '{count} enregistrements' },
    plural: (n) => (n === 0 || n === 1 ? 'one' : million(n)),
    numbers: { ...latin, separator: '\u202f' },
  },
  {
    tag: 'es',
    pages: 'Páginas',
    page: 'Página {page}',
    previous: 'Anterior',
    next: 'Siguiente',
    first: 'Primera',
    last: 'Última',
    gap: { other: 'Se omiten las páginas {from} a {to}' },
    gapLink: '; ir a la página {page}',
    openGap: 'Siguen más páginas desde la {from}',
    rows: '{first}–{last}',
    of: { one: '{rows} de {total} registro', many: '{rows} de {total} de registros', other: '{rows} de {total} registros' },
    atLeast: {
      one: '{rows} de al menos {total} registro',
      many: '{rows} de al menos {total} de registros',
      other: '{rows} de al menos {total} registros',
    },
    none: 'Ningún registro',
    noneOf: { one: 'Ninguno de {total} registro', many: 'Ninguno de {total} de registros', other: 'Ninguno de {total} registros' },
    some: { one: '{count} registro', many: '{count} de registros', other: '{count} registros' },
    plural: (n) => (n === 1 ? 'one' : million(n)),
    numbers: { ...latin, separator: '.', least: 5 },
  },
  {
    tag: 'ar',
    rightToLeft: true,
    pages: 'الصفحات',
    page: 'الصفحة {page}',
    previous: 'السابق',
    next: 'التالي',
    first: 'الأولى',
    last: 'الأخيرة',
    gap: { other: 'حُذفت الصفحات من {from} إلى {to}' },
    gapLink: '؛ انتقل إلى الصفحة {page}',
    openGap: 'تتبعها صفحات أخرى ابتداءً من {from}',
    rows: '{first}–{last}',
    of: {
      one: '{rows} من سجل واحد',
      two: '{rows} من سجلين',
      few: '{rows} من {total} سجلات',
      many: '{rows} من {total} سجلًا',
      other: '{rows} من {total} سجل',
    },
    atLeast: {
      one: '{rows} من سجل واحد على الأقل',
      two: '{rows} من سجلين على الأقل',
      few: '{rows} من {total} سجلات على الأقل',
      many: '{rows} من {total} سجلًا على الأقل',
      other: '{rows} من {total} سجل على الأقل',
    },
    none: 'لا توجد سجلات',
    noneOf: {
      one: 'لا شيء من سجل واحد',
      two: 'لا شيء من سجلين',
      few: 'لا شيء من {total} سجلات',
      many: 'لا شيء من {total} سجلًا',
      other: 'لا شيء من {total} سجل',
    },
    some: { one: 'سجل واحد', two: 'سجلان', few: '{count} سجلات', many: '{count} سجلًا', other: '{count} سجل' },
    plural: arabic,
    numbers: { zero: '٠', separator: '٬', least: 4 },
  },
  {
    tag: 'ja',
    pages: 'ページ',
    page: '{page} ページ',
    previous: '前へ',
    next: '次へ',
    first: '最初',
    last: '最後',
    gap: { other: '{from}～{to} ページは省略' },
    gapLink: '、{page} ページへ',
    openGap: '{from} ページ以降が続きます',
    rows: '{first}～{last}',
    of: { other: '{total} 件中 {rows} 件目' },
    atLeast: { other: '{total} 件以上中 {rows} 件目' },
    none: 'データがありません',
    noneOf: { other: '{total} 件中 0 件' },
    some: { other: '{count} 件' },
    plural: () => 'other',
    numbers: latin,
  },
]

/** The language that fits a reader's preferences best: BCP 47 tags or values of Accept-Language, the most preferred first. English if none does. */
export function languageFor(...preferences: string[]): Language {
  for (const preference of preferences) {
    const ranges = preference.split(',').map((range) => {
      const [tag, ...params] = range.split(';').map((piece) => piece.trim().toLowerCase())
      const q = params.find((param) => param.startsWith('q='))
      return { base: tag!.split('-')[0]!, q: q ? Number(q.slice(2)) || 0 : 1 }
    })
    for (const { base, q } of ranges.sort((a, b) => b.q - a.q)) {
      const found = q > 0 && languages.find((l) => l.tag === base)
      if (found) return found
    }
  }
  return languages[0]!
}

/** A whole number with the language's digits and groups. */
function number(l: Language, n: number | bigint): string {
  const digits = String(n)
  const zero = l.numbers.zero.charCodeAt(0)
  return digits.replace(/\d/g, (d, at: number) => {
    const left = digits.length - at
    return (at > 0 && left % 3 === 0 && digits.length >= l.numbers.least ? l.numbers.separator : '') + String.fromCharCode(zero + Number(d))
  })
}

/** The form of a phrase for a count. Only the last digits of a large one matter to any language. */
function form(l: Language, phrase: Plural, n: number | bigint): string {
  const whole = BigInt(n)
  const small = whole >= 10_000_000n ? (whole % 1_000_000n) + 1_000_000n : whole
  return phrase[l.plural(Number(small))] ?? phrase.other
}

/** What is said of a page, in a language. */
export const words = {
  /** Which rows are on a page: "41–60 of 168 records". */
  summary(m: Metadata, l: Language): string {
    const total = m.total_items
    if (total !== null && BigInt(total) === 0n) return l.none
    if (m.first_row === null || m.last_row === null) {
      if (m.rows_here > 0 && total !== null) return fill(l, form(l, l.of, total), { rows: number(l, m.rows_here), total })
      if (m.rows_here > 0) return fill(l, form(l, l.some, m.rows_here), { count: m.rows_here })
      return total === null ? l.none : fill(l, form(l, l.noneOf, total), { total })
    }
    const rows = m.first_row === m.last_row ? number(l, m.first_row) : fill(l, l.rows, { first: m.first_row, last: m.last_row })
    if (total !== null) return fill(l, form(l, l.of, total), { rows, total })
    return m.total_is === 'at_least' ? fill(l, form(l, l.atLeast, m.total_at_least ?? 0), { rows, total: m.total_at_least ?? 0 }) : rows
  },
  /** The accessible name of a rung: "Page 3", "Pages 8 to 17 are left out". */
  rung(r: Rung, l: Language): string {
    if (r.rung !== 'gap') return fill(l, l.page, { page: r.page ?? 0 })
    if (r.to === undefined) return fill(l, l.openGap, { from: r.from ?? 0 })
    const from = r.from ?? 0
    const count = BigInt(r.to) - BigInt(from) + 1n
    const gap = fill(l, form(l, l.gap, count), { from, to: r.to, count })
    return r.href === undefined ? gap : gap + fill(l, l.gapLink, { page: r.page ?? 0 })
  },
}

const fill = (l: Language, phrase: string, blanks: Record<string, number | bigint | string>): string =>
  phrase.replace(/\{(\w+)\}/g, (whole, name: string) => {
    const value = blanks[name]
    return value === undefined ? whole : typeof value === 'string' ? value : number(l, value)
  })

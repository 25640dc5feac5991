// An answer of an API in the element's own form, whatever its envelope, and the words for it.

interface Fault {
  param?: string
  says: string
}

export interface Input {
  param: string
  label: string
  field?: string
  operator?: string
  type?: string
  values: string[]
  choices?: string[]
  names?: string[]
  fault?: string
}

export interface Answer {
  records: Record<string, unknown>[]
  paging: { page?: number; total_pages?: number; total_items?: number; first_row?: number; last_row?: number; summary?: string }
  links: { prev?: string; next?: string }
  adjusted: { why?: string; says: string }[]
  ladder: { rung: string; page?: number; href?: string }[]
  sizes: { size: number; all?: boolean; href: string; current?: boolean }[]
  sorts: { key: string; href: string; direction?: string }[]
  words?: Partial<Words>
  form?: { search?: Input; params: Input[]; keep: { name: string; value: string }[]; in_force: { label: string; href: string }[] }
  /** What is wrong with the question, of one that was refused. */
  faults?: Fault[]
}

/** What a JSON Pointer (RFC 6901) leads to. */
const at = (pointer: string, value: any): any =>
  pointer
    .split('/')
    .slice(1)
    .reduce((found, step) => found?.[step.replaceAll('~1', '/').replaceAll('~0', '~')], value)

/** Reads an answer, or what was refused (RFC 9457). An envelope says where our names are; what it does not map is not there. */
export function read(body: any, envelope: { [name: string]: string } | null, refused: boolean): Answer {
  const all: any = {}
  for (const name of 'records adjusted ladder sizes sorts words form paging links page total_pages total_items first_row last_row summary prev next'.split(
    ' ',
  )) {
    const found = envelope && !refused ? envelope[name] && at(envelope[name], body) : body[name]
    if (found != null) all[name] = found
  }
  if (refused) all.faults = body.faults ?? [{ says: body.detail }]
  else if (!Array.isArray(all.records)) throw Error('no records')
  const none: [] = []
  return { records: none, adjusted: none, ladder: none, sizes: none, sorts: none, paging: all, links: all, ...all }
}

/** The words of a list. */
export interface Words {
  lang: string
  right_to_left: boolean
  pages: string
  previous: string
  next: string
  size: string
  all: string
  show: string
  search: string
  show_all: string
  remove: string
  yes: string
  no: string
  summary: string
  rungs: string[]
  fields: { [field: string]: string }
  failed: string
}

/** The element's own: of the ladder, the steps, and of a list that cannot be read. */
const own: { [lang: string]: string } = {
  en: 'Pages|Previous|Next|No answer',
  de: 'Seiten|Zurück|Weiter|Keine Antwort',
  fr: 'Pages|Précédente|Suivante|Pas de réponse',
  es: 'Páginas|Anterior|Siguiente|Sin respuesta',
  ar: 'الصفحات|السابق|التالي|لا جواب',
  ja: 'ページ|前へ|次へ|応答なし',
}

/** The words of an answer and, beside them, the element's own in the same language or that of the page. */
export function wordsOf(page: string, given: Partial<Words> = {}): Words {
  const spoken = (given.lang ?? page).split('-')[0]!
  const lang = own[spoken] ? spoken : 'en'
  const [pages, previous, next, failed] = own[lang]!.split('|') as [string, string, string, string]
  const english = {
    all: 'All',
    show: 'Show',
    search: 'Search',
    show_all: 'Show all',
    remove: 'Remove',
    yes: 'yes',
    no: 'no',
    size: 'Records to a page',
    summary: '',
  }
  return { ...english, lang, right_to_left: lang === 'ar', pages, previous, next, failed, rungs: [], fields: {}, ...given }
}

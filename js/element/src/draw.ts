// Draws an answer: its records by the page's template, and all that stands round them.
import type { Answer, Input, Words } from './answer.js'
import { h } from './dom.js'

/** How an answer is drawn. */
export interface Drawing {
  element: HTMLElement
  answer: Answer
  words: Words
  /** The list's name, which sets its landmarks apart from those of other lists on the page. */
  label: string
  /** The address of this page for an address in the answer. */
  to: (href: string) => string
}

/** The locale in which numbers are as in the words of the service. */
const locale = (lang: string) => (lang === 'ar' ? 'ar-u-nu-arab' : lang)
const number = (lang: string, value: number) => value.toLocaleString(locale(lang))

/** A line of links. One that is in force has a mark. */
const row = (label: string, links: [text: string, href: string, mark?: unknown, name?: string][]) =>
  h(
    'div',
    { part: 'row' },
    label,
    h(
      'ul',
      { part: 'list', 'aria-label': label },
      ...links.map(([text, href, mark, name]) =>
        h('li', { part: 'item' }, h('a', { part: mark ? 'chosen' : 'link', href, 'aria-current': !!mark, 'aria-label': name }, text)),
      ),
    ),
  )

const box = (part: string, role: string, lines: string[]) =>
  lines[0] && h('div', { part, role }, ...lines.map((line) => h('div', {}, line)))

/** Draws what stands before the records: form, conditions in force, what is wrong, notes. */
export function before({ element, answer, words, label, to }: Drawing, says: string[]) {
  const { faults, form } = answer
  const inputs = form ? drawn(form.params, element.getAttribute('filters')) : []
  if (form?.search) inputs.unshift(form.search)
  const shown = (param?: string) => inputs.some((input) => input.param === param)
  const inForce = form?.in_force.length
  const hidden = [
    ...(form?.keep ?? []),
    ...(form?.params ?? []).flatMap((p) => p.values.map((value) => ({ name: p.param, value }))),
  ].filter((p) => !shown(p.name))
  return [
    inputs[0] &&
      h(
        'details',
        { part: 'ask', open: inForce || faults },
        h('summary', {}, words.search),
        h(
          'form',
          { part: 'form', role: 'search', 'aria-label': label && label + words.search },
          ...hidden.map(({ name, value }) => h('input', { type: 'hidden', name, value })),
          ...inputs.map(field),
          h('button', { part: 'button' }, words.show),
          (inForce || faults) && h('a', { part: 'link', href: to('?') }, words.show_all),
        ),
      ),
    inForce &&
      row(
        '',
        form.in_force.map((c) => [`${c.label} ×`, to(c.href), 0, `${words.remove} ${c.label}`]),
      ),
    box(
      'alert',
      'alert',
      (faults ?? []).filter((f) => !shown(f.param)).map((f) => (f.param ? `${f.param}: ` : '') + f.says),
    ),
    box('notes', '', says),
  ]
}

const current = { 'aria-current': 'page' }

/** Draws what stands behind the records: summary, ladder, sizes. */
export function behind({ answer, words, label, to }: Drawing, summary: string) {
  const { ladder, links, paging, sizes } = answer
  const figure = (n: number) => number(words.lang, n)
  const rung = (part: string, text: string, href?: string, more?: object) =>
    h('li', { part: 'item' }, h('a', { part: href ? 'rung' : part, href: href && to(href), ...more }, text))
  const step = (rel: string, word: string, href?: string) =>
    rung('dead', word, href, href ? { rel } : { role: 'link', 'aria-disabled': true })
  const rungs = ladder.map((r, i) => {
    const text = r.rung === 'gap' ? '…' : figure(r.page!)
    return rung(r.rung, text, r.href, r.rung === 'current' ? current : { 'aria-label': words.rungs[i] ?? text, role: r.href ? '' : 'img' })
  })
  if (!rungs.length && paging.page) rungs.push(rung('current', figure(paging.page), '', current))
  const nav = h(
    'nav',
    { part: 'ladder', 'aria-label': label + words.pages },
    h('ul', { part: 'list' }, step('prev', words.previous, links.prev), ...rungs, step('next', words.next, links.next)),
  )
  nav.style.setProperty('--digits', `${Math.max(1, ...ladder.map((rung) => figure(rung.page ?? 0).length))}`)
  return h(
    'div',
    { part: 'foot' },
    summary && h('p', { part: 'summary' }, summary),
    (ladder[0] || links.prev || links.next) && nav,
    sizes[1] &&
      row(
        words.size,
        sizes.map((s) => [s.all ? words.all : figure(s.size), to(s.href), s.current]),
      ),
  )
}

/** What a list is called at which rows. */
export function summaryOf({ paging }: Answer, words: Words): string {
  const { first_row: first, last_row: last, total_items: total } = paging
  const rows = [first, last].map((n) => number(words.lang, n ?? 0)).join('–')
  return words.summary || (first ? rows + (total ? ` / ${number(words.lang, total)}` : '') : (paging.summary ?? ''))
}

/** The inputs that are drawn: of numbers and times the bounds, of other fields one for the value. Several values of one stay as they are. */
function drawn(params: Input[], wanted: string | null): Input[] {
  return params.filter(
    ({ field, operator, type, values }) =>
      (/integer|decimal|date|time/.test(type!) ? /^(min|max)$/.test(operator!) : operator === 'equals' && values.length < 2) &&
      (!wanted || wanted.split(',').includes(field!)),
  )
}

function field({ param: name, label, values, choices, names, fault }: Input) {
  const value = values.at(-1) ?? ''
  const id = fault && `fault-${name}`
  const attributes = { part: 'input', name, 'aria-invalid': fault && 'true', 'aria-describedby': id }
  const options = choices && new Map([['', ''], [value, value], ...choices.map((c, i) => [c, names?.[i] ?? c] as const)]) // nothing that was typed is lost
  const input = options
    ? h(
        'select',
        attributes,
        ...[...options].map(([value, name]) => h('option', { value, selected: value === (values.at(-1) ?? '') }, name)),
      )
    : h('input', { ...attributes, value, autocomplete: 'off' })
  return h('label', { part: 'field' }, label, input, fault && h('strong', { part: 'fault', id }, fault))
}

const plain = (value: any) => (value == null ? '' : typeof value === 'object' ? JSON.stringify(value) : String(value))

/** Draws a record by a template: {vessel} stands for a value, in texts and in attributes. A name that the record does not have stays as it is. */
export function drawRecord(template: HTMLTemplateElement, record: { [field: string]: unknown }, words: Words): ChildNode[] {
  const root = document.importNode(template.content, true)
  const put = (text: string, write: (value: any) => string) =>
    text.replace(/\{([^{}\s]+)\}/g, (all, name) => (Object.hasOwn(record, name) ? write(record[name]) : all))
  const walker = document.createTreeWalker(root, 5) // elements and texts
  const nodes: Node[] = [] // what is filled in is not filled again
  while (walker.nextNode()) nodes.push(walker.currentNode)
  for (const node of nodes) {
    const element = node as HTMLElement
    for (const { name, value } of element.attributes ?? []) {
      const address = /^(href|src)$/.test(name) // values are a part of it, and nothing more
      if (address || /^(title|alt|value|id|class|lang|dir|(aria|data)-.*)$/.test(name))
        element.setAttribute(name, put(value, address ? (v) => encodeURIComponent(plain(v)) : plain))
    }
    if (node instanceof Text) node.data = put(node.data, (v) => (v === true ? words.yes : v === false ? words.no : plain(v)))
    else if (element.localName === 'time' && !element.firstElementChild) {
      const value = put(element.textContent.trim(), plain)
      element.setAttribute('datetime', value)
      element.textContent = moment(value, words.lang)
    }
  }
  return [...root.childNodes]
}

/** A date, or a time in UTC, as people of a language write it. */
function moment(value: string, lang: string): string {
  const at = new Date(value)
  const clock = value.includes('T')
  return isNaN(+at)
    ? value
    : at.toLocaleString(locale(lang), { dateStyle: 'long', timeStyle: clock ? 'short' : undefined, hourCycle: 'h23', timeZone: 'UTC' }) +
        (clock ? ' UTC' : '')
}

/** Makes links of what sorts, such as the heads of columns: it has data-sort, with a key. */
export function drawSorts({ element, answer, to }: Drawing) {
  for (const { key, href, direction } of answer.sorts)
    for (const head of element.querySelectorAll(`[data-sort="${CSS.escape(key)}"]`)) {
      const link = head.querySelector('a') ?? h('a', {}, ...head.childNodes)
      link.setAttribute('href', to(href))
      if (!link.parentNode) head.append(link) // moving it would take its focus
      if (head.localName === 'th') head.ariaSort = direction ? direction + 'ending' : null
    }
}

// What becomes of a case in this core, as docs/vectors.md describes it.

import {
  atLeast,
  BaseError,
  check,
  exact,
  jumpForm,
  sizeForm,
  here,
  languageFor,
  notCounted,
  outside,
  parseTemplate,
  Refusal,
  remembered,
  Rules,
  RulesError,
  words,
  type RulesOptions,
} from '@pageladder/core'

/** A text, or bytes that are no UTF-8. */
export type Text = string | { base64: string }

export interface Case {
  name?: string
  rules: RulesOptions
  list?: string
  aside?: string
  query: Text
  total?: { is?: 'exact' | 'at_least' | 'none' | 'remembered'; records?: number | string; age?: number }
  received?: number
  ends?: { first: (string | null)[] | null; last: (string | null)[] | null; behind?: boolean }
  base?: string
  outside?: boolean
  with?: { param: string; values: string[] }
  language?: string
}

export type Vector = Case & { result: unknown }

const bytesOf = (text: Text): string =>
  (typeof text === 'string' ? Buffer.from(text, 'utf8') : Buffer.from(text.base64, 'base64')).toString('latin1')

/** The text of bytes as this core gives it: each run of bytes that are no UTF-8 is one U+FFFD. */
function shown(bytes: Buffer): string {
  let text = ''
  for (let at = 0; at < bytes.length;) {
    const size = [1, 2, 3, 4].find((n) =>
      Buffer.from(bytes.subarray(at, at + n).toString('utf8'), 'utf8').equals(bytes.subarray(at, at + n)),
    )
    if (size === undefined && !text.endsWith('\ufffd')) text += '\ufffd'
    if (size !== undefined) text += bytes.subarray(at, at + size).toString('utf8')
    at += size ?? 1
  }
  return text
}

/** A result as it stands in a vector, with bytes as this core gives them. */
export function wanted(tree: unknown): unknown {
  if (Array.isArray(tree)) return tree.map(wanted)
  if (typeof tree !== 'object' || tree === null) return tree
  const names = Object.keys(tree)
  if (names.length === 1 && names[0] === 'base64') return shown(Buffer.from((tree as { base64: string }).base64, 'base64'))
  return Object.fromEntries(Object.entries(tree).map(([name, value]) => [name, wanted(value)]))
}

/** A result with its numbers as vectors write them, and without what is missing. */
function written(tree: unknown): unknown {
  if (typeof tree === 'bigint') return String(tree)
  if (Array.isArray(tree)) return tree.map(written)
  if (typeof tree !== 'object' || tree === null) return tree
  return Object.fromEntries(
    Object.entries(tree)
      .filter(([, value]) => value !== undefined)
      .map(([name, value]) => [name, written(value)]),
  )
}

export function resultOf(c: Case): unknown {
  const rules = new Rules(c.rules, { list: c.list, aside: c.aside })
  let base = here
  try {
    if (c.base) base = parseTemplate(c.base, ...(c.rules.origins ?? []))
  } catch (err) {
    if (err instanceof BaseError) return { base: err.message }
    throw err
  }
  if (c.outside) base = outside(base)
  let step = 'read'
  try {
    check(rules)
    const ask = rules.read(bytesOf(c.query))
    step = 'settle'
    const records = BigInt(c.total?.records ?? 0)
    const is = c.total?.is ?? 'exact'
    let page = ask.settle(
      is === 'exact'
        ? exact(records)
        : is === 'at_least'
          ? atLeast(records)
          : is === 'none'
            ? notCounted()
            : remembered(records, c.total?.age ?? 0),
    )
    const fetch = page.fetch
    step = 'received'
    if (c.received !== undefined) page = page.received(c.received)
    if (c.ends) page = page.withEnds(c.ends.first, c.ends.last, c.ends.behind)
    const links = page.on(base)
    const cursor = page.ask.cursor()
    const order = page.ask.order()
    const metadata = page.metadata()
    const ladder = links.ladder()
    const language = c.language === undefined ? undefined : languageFor(c.language)
    return {
      answer: written({
        metadata,
        adjusted: page.ask.adjusted(),
        order: order.length > 0 ? order : null,
        fields: page.ask.fields,
        fetch,
        cursor: cursor && { values: cursor.at.values, behind: cursor.at.behind || undefined, backward: cursor.backward || undefined },
        cursors: page.cursors(),
        steps: links.steps(),
        ends_drawn: links.endsDrawn || undefined,
        ladder,
        sizes: links.sizes(),
        sorts: links.sorts(),
        with: c.with && links.with(c.with.param, ...c.with.values),
        size_form: sizeForm(links),
        jump_form: jumpForm(links),
        words: language && { summary: words.summary(metadata, language), rungs: ladder.map((rung) => words.rung(rung, language)) },
      }),
    }
  } catch (err) {
    if (err instanceof RulesError) return { rules: err.mistakes }
    if (err instanceof Refusal) return { refusal: { step, faults: err.faults } }
    throw err
  }
}

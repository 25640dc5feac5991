// What is wrong with a query: mended, with a note, or refused.

import type { Ask } from './ask.js'
import type { Code } from './code.js'
import { fromBytes, shown } from './text.js'

/** One thing that was changed between the query and the page. */
export interface Adjustment {
  param: string
  /** What the query held; at most 200 bytes of it. */
  given: string
  /** What was used in its place; null: nothing. */
  used: string | null
  why: Code
  /** One sentence in English. */
  says: string
}

/** One fault that the rules do not mend. */
export interface Fault {
  param: string
  given: string
  why: Code
  says: string
}

/** The error for a query that the rules do not mend. */
export class Refusal extends Error {
  override readonly name = 'Refusal'
  constructor(readonly faults: Fault[]) {
    const more = faults.length - 1
    super(`the query is refused: ${faults[0]!.param}: ${faults[0]!.says.replace(/\.$/, '')}${more > 0 ? ` (and ${more} more)` : ''}`)
  }
  /** Whether the only fault is a page past the last one: its status is 404, that of every other refusal 400. */
  get pastLast(): boolean {
    return this.faults.length === 1 && this.faults[0]!.why === 'page.past_last'
  }
}

/** An adjustment with what is needed to change it. Its parameter and what was used are bytes. */
export interface Note {
  param: string
  given: string
  used: string
  why: Code
  reason: string
}

export const sentence = (text: string): string => text.replace(/^[a-z]/, (c) => c.toUpperCase())

export const adjustment = (ask: Ask, note: Note): Adjustment => ({
  param: fromBytes(note.param),
  given: note.given,
  used: note.used === '' ? null : fromBytes(note.used),
  why: note.why,
  says: sentence(outcome(ask, note)),
})

export const faultOf = (param: string, given: string, why: Code, reason: string): Fault => ({
  param: fromBytes(param),
  given: shown(given),
  why,
  says: sentence(reason) + '.',
})

/** An adjustment's reason with its outcome. */
function outcome(ask: Ask, { param, used, why, reason }: Note): string {
  const r = ask.rules
  const n = r.names
  const shownUsed = fromBytes(used)
  const unknown = why === 'param.unknown'
  let result = ''
  if (
    (unknown && r.options.unknown === 'drop') ||
    why === 'filter.bad_value' ||
    why === 'filter.unknown_operator' ||
    why === 'fields.unknown'
  )
    result = 'it is left out'
  else if (why.startsWith('cursor.')) result = 'the first page is shown'
  else if (param === n.direction && param !== '') result = `${shownUsed || 'the usual direction'} is used`
  else if (unknown) result = 'it has no effect'
  else if (param === n.size) result = `${shownUsed} records to a page are used`
  else if (param === n.sort) result = used === '' ? 'the list keeps its own order' : `sorted by ${shownUsed}`
  else if (param === n.page || param === n.row) {
    if (r.byOffset) result = `offset ${shownUsed} is used`
    else result = r.byCursor ? `the list is shown from row ${shownUsed} on` : `page ${shownUsed} is shown`
  }
  return reason + (result && '; ' + result) + '.'
}

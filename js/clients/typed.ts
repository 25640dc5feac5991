// Does what walk.ts does, and more, by the client of our own: node build/typed.js ADDRESS TOKEN. Nothing in it is a cast.
import { Problem, Service, type One } from '@pageladder/client'

import type { Arrivals } from './build/types/arrivals.js'
import type { Odd } from './build/types/odd.js'

declare const process: { argv: string[] }
const [, , address = '', token = ''] = process.argv
const say = (...what: unknown[]) => console.log(what.join(' '))
const service = new Service(address, { token })
const arrivals = service.set<Arrivals>('arrivals')

let records = 0
let pages = 0
for await (const page of arrivals.pages({ size: 50 }, { hold: true })) {
  records += page.records.length
  pages++
}
say('walked', pages, 'pages of', records, 'records')

const { records: heavy, paging } = await arrivals.page({
  berth: ['N4', 'E4'],
  'tonnage.min': 500,
  sort: ['-tonnage', 'id'],
  size: 5,
  'pl.parts': ['records', 'paging'],
})
say('found', paging.total_items, 'sorted', paging.sort, 'of filters', paging.filters.map((f) => f.param + ' ' + f.op).join())
const line = (r: Arrivals['record']) => `${r.id} ${r.vessel ?? '–'} ${(r.tonnage ?? 0) + 1}`
for (const record of heavy) say(line(record))

const { ladder } = await arrivals.page('page=9')
const rungs = ladder.map((rung) =>
  rung.rung === 'page' ? rung.page.toFixed() : rung.rung === 'current' ? `(${rung.page})` : `${rung.from}…${rung.to}`,
)
say('ladder', ...rungs)

const had = await arrivals.read(138)
const changed = await arrivals.change(had, { note: null, cleared: had.record?.cleared !== true })
say('changed', changed.record?.note, changed.record?.cleared !== had.record?.cleared)
const failed = async (doing: Promise<unknown>) => {
  const err: unknown = await doing.then(
    () => 'done',
    (err: unknown) => err,
  )
  if (!(err instanceof Problem)) throw err
  return err
}
const late = await failed(arrivals.change(had, { note: 'late' }))
say('late', late.status, late.kind === 'stale', late.sent.status)
for (const fault of (await failed(arrivals.page('tonnage=heavy'))).faults) say('refused', fault.param, fault.why === 'filter.bad_value')

// Whole lists, by cursor and in one answer.
const count = async (list: AsyncIterable<Arrivals['record']>) => {
  const keys = new Set<number>()
  for await (const record of list) keys.add(record.id)
  return keys.size
}
say('walk', await count(arrivals.walk({ sort: 'tonnage', size: 100 })), 'all', await count(arrivals.all({ 'berth.not': 'N4' })))
for await (const record of arrivals.walk()) {
  say('first', record.id) // whoever leaves early reads no more
  break
}

// Writes over a line on which answers get lost: each is done once.
let sent = 0
const lossy = new Service(address, {
  token,
  fetch: async (at, options) => {
    const response = await fetch(at, options)
    if (options?.method !== undefined && sent++ % 2 === 0) throw new TypeError('the line was cut')
    return response
  },
})
const list = lossy.set<Arrivals>('arrivals')
const added: One<Arrivals['record']> = await list.add({ id: 5000, vessel: 'Late Tern', berth: 'N4' })
const place = await arrivals.place(5000, { sort: ['-id'] })
await list.withdraw(added)
const back = await list.restore(5000)
await list.delete(back)
say('added', added.record?.vessel, 'in row', place.row, 'sent', sent, 'then', (await failed(arrivals.read(5000))).kind)
const impatient = new Service(address, { token, patience: 0, fetch: () => Promise.reject(new TypeError('no line')) })
say(
  'away',
  (await failed(impatient.set('arrivals').restore(1))).passing,
  (await impatient.sets().catch((err: Error) => err.message)) !== '',
)
say('sets', (await service.sets()).map((set) => set.name).join())

// Names and labels that are hard to write, and types that have no number.
const odd = service.set<Odd>('odd')
for await (const record of odd.all()) say('odd', record['a "b"'], record.sum?.length, record['x*/y'], JSON.stringify(record.more))

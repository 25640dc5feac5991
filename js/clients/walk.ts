// Uses the service through clients whose types are generated from its descriptions, and writes what it has found:
// node build/walk.js ADDRESS TOKEN. Nothing here is a cast: what does not fit the descriptions does not compile.
import createClient from 'openapi-fetch'

import type { components, paths as ofArrivals } from './build/arrivals.js'
import type { paths } from './build/service.js'

declare const process: { argv: string[] }
const [, , address = '', token = ''] = process.argv
const options = { baseUrl: address, headers: { Authorization: `Bearer ${token}` } }
const service = createClient<paths>(options)
const arrivals = createClient<ofArrivals>(options)
const say = (...what: unknown[]) => console.log(what.join(' '))

/** What a call has answered; a refusal is an error with the service's own words. */
function answered<T>({ data, error }: { data?: T; error?: { detail: string } | string }): T {
  if (data === undefined) throw new Error(typeof error === 'object' ? error.detail : error)
  return data
}

// A walk of any set, along links.next.
const path = { set: 'arrivals' }
let records = 0
let pages = 0
for (let query: string | undefined = 'size=50'; query !== undefined; pages++) {
  const asked: string = query
  const page = answered(await service.GET('/api/sets/{set}/records', { params: { path }, querySerializer: () => asked }))
  records += page.records.length
  query = page.links.next && new URL(page.links.next, address).search.slice(1)
}
say('walked', pages, 'pages of', records, 'records')

// A filter, a sort and fewer members, of one set whose records have types.
const { records: heavy, paging } = answered(
  await arrivals.GET('/api/sets/arrivals/records', {
    params: {
      query: { berth: ['N4', 'E4'], 'tonnage.min': 500, sort: ['-tonnage', 'id'], size: 5, 'pl.parts': ['records', 'paging'] },
    },
  }),
)
const line = (r: components['schemas']['SetRecord']) => `${r.id} ${r.vessel ?? '–'} ${(r.tonnage ?? 0) + 1}`
say('found', paging.total_items, 'sorted', paging.sort, 'of filters', paging.filters.map((f) => f.param + ' ' + f.op).join())
for (const record of heavy) say(line(record))

// Rungs are one of three kinds.
const { ladder } = answered(await arrivals.GET('/api/sets/arrivals/ladder', { params: { query: { page: 9 } } }))
const rungs = ladder.map((rung) => {
  switch (rung.rung) {
    case 'page':
      return rung.page.toFixed()
    case 'current':
      return `(${rung.page})`
    case 'gap':
      return `${rung.from}…${rung.to}`
  }
})
say('ladder', ...rungs)

// An edit that empties a field, and one that comes too late.
const record = { params: { path: { key: '138' } } }
const read = await arrivals.GET('/api/sets/arrivals/records/{key}', record)
const had = answered(read).record
const edit = { ...record, params: { ...record.params, header: { 'If-Match': read.response.headers.get('ETag') ?? '' } } }
const changed = answered(
  await arrivals.PATCH('/api/sets/arrivals/records/{key}', { ...edit, body: { note: null, cleared: had?.cleared !== true } }),
)
say('changed', changed.record?.note, changed.record?.cleared !== had?.cleared)
const late = await arrivals.PATCH('/api/sets/arrivals/records/{key}', { ...edit, body: { note: 'late' } })
say('late', late.error?.status, late.error?.type === '/problems/stale', late.response.status)

// What is refused says which parameter and why.
const { error } = await service.GET('/api/sets/{set}/records', { params: { path }, querySerializer: () => 'tonnage=heavy' })
for (const fault of error?.faults ?? []) say('refused', fault.param, fault.why === 'filter.bad_value')

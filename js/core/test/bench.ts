// How long a query takes to links, beside a loop that makes the same strings and does nothing else, in paired rounds: node js/core/build/bench.js.
// Go's figures for the same: go test ./paging -run '^$' -bench 'QueryToLinks|BareLoop'.

import { about, exact, parseBase, Rules } from '@pageladder/core'

const rules = new Rules({
  key: ['id'],
  sorts: [{ key: 'vessel' }, { key: 'tonnage', first: 'desc' }, { key: 'call', fields: ['berth', 'arrived_at'] }],
  default_sort: '-call',
  filters: [{ field: 'berth' }, { field: 'cargo' }, { field: 'tonnage', type: 'integer' }, { field: 'arrived_at', type: 'time' }],
  search: ['vessel'],
})
const base = parseBase('/arrivals')
const kept = 'berth=N4&cargo=grain&tonnage.min=500&sort=-tonnage'

const linked = (query: string) => {
  const links = rules.read(query).settle(exact(20_000)).on(base)
  return [...Object.values(links.steps()), ...links.ladder().map((rung) => rung.href)]
}

const ways: Record<string, () => unknown[]> = {
  'query to links': () => linked(kept + '&page=500'),
  'with no parameter but the page': () => linked('page=500'),
  'bare loop': () => [500, 1, 499, 501, 1000, 1, 498, 499, 501, 502, 1000].map((page) => `/arrivals?${kept}&page=${page}`),
  'everything that an answer has, as JSON': () => {
    const page = rules.read(kept + '&page=500').settle(exact(20_000))
    return [JSON.stringify(about(page, page.on(base)))]
  },
}

const rounds = 40
const calls = 1000
const taken = Object.fromEntries(Object.keys(ways).map((name) => [name, [] as number[]]))
let made = 0
for (let round = 0; round < rounds; round++)
  for (const [name, way] of Object.entries(ways)) {
    const before = process.cpuUsage()
    for (let i = 0; i < calls; i++) made += way().join('\n').length // which makes each string whole
    const { user, system } = process.cpuUsage(before)
    if (round >= 5) taken[name]!.push((user + system) / calls) // the first ones warm up
  }
for (const [name, all] of Object.entries(taken)) {
  const sorted = all.sort((a, b) => a - b)
  const at = (share: number) => sorted[Math.floor(share * (sorted.length - 1))]!.toFixed(1)
  console.log(`${name}: ${at(0.5)} µs of CPU (${at(0.1)} to ${at(0.9)})`)
}
if (made === 0) throw new Error('nothing was made')

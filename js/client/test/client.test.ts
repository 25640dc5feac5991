import assert from 'node:assert/strict'
import { test } from 'node:test'
import { encode, keyPath, Service } from '@pageladder/client'

test('queries and keys are written as the service reads them', () => {
  assert.equal(
    encode({
      berth: ['N4', 'E&1'],
      'tonnage.min': 500,
      sort: ['-tonnage', 'id'],
      cleared: false,
      q: 'grey gull',
      note: null,
      size: undefined,
    }),
    'berth=N4&berth=E%261&tonnage.min=500&sort=-tonnage,id&cleared=false&q=grey%20gull',
  )
  assert.equal(encode('?page=2&x=%'), 'page=2&x=%')
  assert.equal(encode(), '')
  for (const [key, path] of [
    [138, '138'],
    ['N4/1', 'N4%2F1'],
    [['a,b', 2], 'a%2Cb,2'],
    ['', ','],
    ['..', '..,'],
    ['all', 'all,'],
  ] as const)
    assert.equal(keyPath(key), path)
})

test('what has been seen of a set is sent back, the latest of it', async () => {
  const answers = ['', '7', '5', 't1.a', 't1.b~3.4', 't1.9', 't2.1', '-', '']
  const sent: string[] = []
  const service = new Service('http://saltmere.example', {
    fetch: (_, init) => {
      sent.push(new Headers(init?.headers).get('Min-Version') ?? '')
      const floor = answers.shift()!
      return Promise.resolve(
        floor === '-'
          ? Response.json({ type: 'https://saltmere.example/problems/not-shown' }, { status: 412 })
          : Response.json({}, { headers: floor ? { 'Min-Version': floor } : {} }),
      )
    },
  })
  while (answers.length) await service.call('/api/sets/arrivals/records?page=2').catch(() => undefined)
  assert.deepEqual(sent, ['', '', '7', '7', 't1.a', 't1.b~3.4', 't1.b~3.4', 't2.1', ''])
})

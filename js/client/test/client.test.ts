import assert from 'node:assert/strict'
import { test } from 'node:test'
import { encode, keyPath } from '@pageladder/client'

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

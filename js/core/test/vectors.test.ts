import assert from 'node:assert/strict'
import { readFileSync } from 'node:fs'
import { test } from 'node:test'
import { gunzipSync } from 'node:zlib'
import { resultOf, wanted, type Vector } from './result.js'

test('the core agrees with each vector', () => {
  const lines = gunzipSync(readFileSync(new URL('../../../paging/vectors/core.ndjson.gz', import.meta.url)))
    .toString()
    .trimEnd()
    .split('\n')
  assert.ok(lines.length >= 6000)
  lines.forEach((line, i) => {
    const vector = JSON.parse(line) as Vector
    assert.deepEqual(
      resultOf(vector),
      wanted(vector.result),
      `line ${i + 1}, ${vector.name ?? 'drawn'}: ${JSON.stringify(vector.query)} under ${JSON.stringify(vector.rules)}`,
    )
  })
})

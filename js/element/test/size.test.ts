import assert from 'node:assert/strict'
import { readFileSync } from 'node:fs'
import { test } from 'node:test'
import { gzipSync } from 'node:zlib'

const built = (name: string) => readFileSync(new URL(`../dist/${name}`, import.meta.url))

test('the element is small, and so is its style', (t) => {
  const element = gzipSync(built('element.js'), { level: 9 }).length
  t.diagnostic(`the element ${element} bytes packed (gzip), the style ${built('ladder.css').length}`)
  assert.ok(element <= 6_000, `${element} bytes`)
  assert.ok(built('ladder.css').length <= 2_048)
  assert.ok(!/import ?[{('"]/.test(String(built('element.js'))), 'it is one file, and needs no other')
})

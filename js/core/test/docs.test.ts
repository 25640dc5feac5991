import assert from 'node:assert/strict'
import { execFileSync } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { test } from 'node:test'
import { fileURLToPath } from 'node:url'

test('each block of the guide runs, and prints what is said', () => {
  const guide = readFileSync(new URL('../../../docs/typescript.md', import.meta.url), 'utf8')
  const blocks = [...guide.matchAll(/```js\n(.*?)```\n\nIt prints `(.*?)`/gs)]
  assert.equal(blocks.length, guide.split('```js').length - 1)
  assert.ok(blocks.length > 0)
  blocks.forEach(([, block, prints], i) => {
    const file = new URL(`./block${i}.js`, import.meta.url) // beside the tests, which find the package
    writeFileSync(file, block!)
    assert.equal(execFileSync(process.execPath, [fileURLToPath(file)], { encoding: 'utf8' }), prints + '\n')
  })
})

import assert from 'node:assert/strict'
import { execFileSync, spawn } from 'node:child_process'
import { once } from 'node:events'
import { readFileSync, writeFileSync } from 'node:fs'
import { test } from 'node:test'
import { fileURLToPath } from 'node:url'

const guide = readFileSync(new URL('../../../docs/typescript.md', import.meta.url), 'utf8')

/** A file beside the tests, which find the packages. */
function program(name: string, code: string): string {
  const file = fileURLToPath(new URL(`./${name}.js`, import.meta.url))
  writeFileSync(file, code)
  return file
}

test('each block of the guide runs, and prints what is said', () => {
  const blocks = [...guide.matchAll(/```js\n(.*?)```\n\nIt prints `(.*?)`/gs)]
  assert.equal(blocks.length, guide.split('```js\n').length - 1)
  assert.ok(blocks.length > 1)
  blocks.forEach(([, block, prints], i) =>
    assert.equal(execFileSync(process.execPath, [program(`block${i}`, block!)], { encoding: 'utf8' }), prints + '\n'),
  )
})

test('the server of the guide answers', async (t) => {
  const table = /```js\n(.*?)```/s.exec(guide)![1]!
  const server = /```js server\n(.*?)```/s.exec(guide)![1]!
  assert.ok(server.includes('.listen(8480'))
  const code = table + server.replace('.listen(8480,', ".on('listening', function () { console.log(this.address().port) }).listen(0,")
  const node = spawn(process.execPath, [program('server', code)], { stdio: ['ignore', 'pipe', 'inherit'] })
  t.after(() => node.kill())
  let said = ''
  while (!/ Gull\n\d+\n/.test(said)) said += String((await once(node.stdout, 'data'))[0])
  const at = `http://127.0.0.1:${said.trim().split('\n').at(-1)}/boats`
  const good = await fetch(at + '?berth=N4&size=1&page=99')
  const answer = (await good.json()) as { paging: { page: number }; adjusted: unknown[]; links: { prev: string } }
  assert.equal(answer.paging.page, 2)
  assert.equal(answer.adjusted.length, 1)
  assert.equal(answer.links.prev, '/boats?berth=N4&size=1&page=1')
  const bad = await fetch(at + '?tonnage=many')
  assert.equal(bad.status, 400)
  assert.equal(bad.headers.get('content-type'), 'application/problem+json')
})

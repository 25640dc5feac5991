import assert from 'node:assert/strict'
import { test } from 'node:test'
import { gzipSync } from 'node:zlib'
import { rolldown } from 'rolldown'

/** The bytes of what a program needs that imports some names, minified and packed. */
async function packed(names: string): Promise<number> {
  const bundle = await rolldown({
    input: 'program',
    plugins: [
      {
        name: 'program',
        resolveId: (id) => (id === 'program' ? id : null),
        load: (id) => (id === 'program' ? `export ${names} from '@pageladder/core'` : null),
      },
    ],
  })
  const { output } = await bundle.generate({ minify: true })
  return gzipSync(output[0].code, { level: 9 }).length
}

test('what a page needs is small, and nothing else comes with it', async (t) => {
  const all = await packed('*')
  const page = await packed('{ Rules, exact, here }')
  t.diagnostic(`all ${all} bytes, a page with its links ${page}, with parseBase ${await packed('{ Rules, exact, parseBase }')}`)
  assert.ok(page <= 12_000, `${page} bytes`)
  assert.ok((await packed('{ canonical }')) < 2_500)
})

// Makes the files that browsers load: dist/element.js, one module, and dist/ladder.css.
import { readFileSync, writeFileSync } from 'node:fs'
import { rolldown } from 'rolldown'

const at = (path) => new URL(path, import.meta.url)
const bundle = await rolldown({ input: at('src/index.ts').pathname })
await bundle.write({ file: at('dist/element.js').pathname, minify: true })

const style = readFileSync(at('src/ladder.css'), 'utf8')
const squeezed = style
  .replace(/\/\*[^]*?\*\//g, '')
  .replace(/\s+/g, ' ')
  .replace(/ ?([{};,>]) ?/g, '$1')
  .replace(/: /g, ':')
  .replace(/\b0\./g, '.')
  .replace(/;}/g, '}')
writeFileSync(at('dist/ladder.css'), squeezed.trim() + '\n')

// The glossary of the docs, so that a word is explained in the same words everywhere.
import source from '../../docs/glossary.md?raw'

// The words of the code, in the second part, stand nowhere in the console.
const rows = [...source.split('\n## ')[0]!.matchAll(/^\| (?!word|---)(.+?) \| (.+?) \|$/gm)]

export const glossary = new Map(rows.map(([, word, says]) => [word!, says!.replace(/[`*]/g, '')]))

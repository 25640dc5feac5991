// The glossary of the docs, so that a word is explained in the same words everywhere.
import source from '../../docs/glossary.md?raw'

const rows = [...source.matchAll(/^\| (?!word|---)(.+?) \| (.+?) \|$/gm)]

export const glossary = new Map(rows.map(([, word, says]) => [word!, says!.replace(/[`*]/g, '')]))

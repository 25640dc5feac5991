// A typed client of a service. docs/frontends.md is the guide.

export { Problem } from './problem.js'
export { keyPath, type Key } from './key.js'
export { encode, type Query, type Value } from './query.js'
export { Service, type Call, type Options, type Reply } from './service.js'
export { RecordSet, type AnySet, type One, type Page, type PagesOptions, type SetTypes } from './set.js'
export type * from './wire.js'

// <page-ladder>: a list in any page. docs/frontends.md is the guide.
import { PageLadder } from './element.js'

export { PageLadder, type LadderEvents } from './element.js'
export type { Answer } from './answer.js'

if (!customElements.get('page-ladder')) customElements.define('page-ladder', PageLadder)

// The element. Round a list that a server has drawn it takes the clicks, asks for the same addresses, and swaps what has changed. With the address of
// records it draws the list itself. In both the state is in the page's address.
import { read, wordsOf, type Answer } from './answer.js'
import { get, h, nameOf, parts, type Got } from './dom.js'
import { before, behind, drawSorts, drawRecord, summaryOf } from './draw.js'
import { keeping } from './focus.js'

/** What the element says. Each but the last can be cancelled. */
export interface LadderEvents {
  /** It is about to ask for an address; ahead: before anybody wants to see it. Headers can be added. Cancelled: nothing happens. */
  ladderask: CustomEvent<{ address: string; headers: Headers; ahead: boolean }>
  /** An answer is there, and the page's address has moved. Cancelled: it is not drawn. */
  ladderdraw: CustomEvent<{ answer: Answer | Document }>
  /** There is no answer. Cancelled: the plain link is not followed, and nothing is said. */
  ladderfail: CustomEvent<{ error: unknown }>
  /** The list is drawn. */
  laddershown: CustomEvent<object>
}

/** How long an answer that was fetched ahead is used, in milliseconds. */
const fresh = 10_000
/** How long a pointer rests on a link before its page is fetched, in milliseconds. */
const rest = 80
/** How long nothing is done before the next page is fetched, in milliseconds. */
const idle = 400

/** All lists that a server has drawn are of one document: one answer is awaited for them together. */
const together: { running?: AbortController; by?: PageLadder } = {}
const elements = new Set<PageLadder>()
const here = () => location.pathname + location.search
/** The address that the lists of the server are of. */
let drawnAt = here()

const sheet = new CSSStyleSheet()
sheet.replaceSync(':host{display:block}:host([aria-busy=true]){opacity:.6}[part=said]{position:absolute;clip-path:inset(50%)}')

/** A link that an event is about. */
const linkOf = (event: Event) => event.composedPath().find((node): node is HTMLAnchorElement => node instanceof HTMLAnchorElement)
/** The lists of a document that a server has drawn. */
const served = (from: Document) => [...from.querySelectorAll('page-ladder:not([src])')]

export class PageLadder extends HTMLElement {
  static observedAttributes = ['src']

  /** The last answer, of a list that the element draws. */
  answer?: Answer

  #own: typeof together = {}
  #ahead?: { address: string; at: number; got: Promise<Got> } // the last one
  #timer = 0
  #shown?: string // the list's part of the query
  #path = ''
  #records: ChildNode[] = []
  #before = h('div', {})
  #behind = h('div', {})
  #said = h('div', { part: 'said', role: 'status' })

  constructor() {
    super()
    const root = this.attachShadow({ mode: 'open' })
    root.adoptedStyleSheets = [sheet]
    root.append(this.#before, h('slot', { name: 'notice' }), h('slot', {}), this.#behind, this.#said)
    for (const target of [this, root]) target.addEventListener('submit', (e) => this.#submitted(e as SubmitEvent))
    this.addEventListener('click', (e) => this.#clicked(e))
    for (const type of ['pointerover', 'pointerout']) this.addEventListener(type, (e) => this.#rested(e))
  }

  connectedCallback() {
    elements.add(this)
    this.#path = location.pathname
    if (this.src) this.reload()
    else this.#look()
  }

  disconnectedCallback() {
    elements.delete(this)
    this.#own.running?.abort()
  }

  attributeChangedCallback() {
    if (elements.has(this)) this.reload()
  }

  /** The address of the records, of a list that the element draws. */
  get src() {
    return this.getAttribute('src') ?? ''
  }
  set src(address: string) {
    this.setAttribute('src', address)
  }

  /** Asks again for what the page's address says. */
  reload(): Promise<void> {
    return this.#go(location.href)
  }

  /** Goes to an address of the list, as a click on a link does. */
  go(href: string): Promise<void> {
    return this.#go(new URL(href, location.href).href, true)
  }

  /** @internal The page's address has moved, and perhaps what a server has drawn with it. */
  moved(drawn?: boolean) {
    if (!this.src) {
      if (drawn || drawnAt === here()) return
      drawnAt = here() // the others need not ask too
      this.#go(location.href, false)
    } else if (location.pathname === this.#path) {
      if (this.#query(location.search) !== this.#shown) this.#go(location.href, false)
      else
        for (const root of [this, this.shadowRoot!])
          for (const a of root.querySelectorAll<HTMLAnchorElement>('a[href]')) if (this.#takes(a)) a.href = this.#at(this.#query(a.search))
    }
  }

  get #prefix() {
    return this.getAttribute('prefix') ?? ''
  }
  get #lang() {
    return this.closest('[lang]')?.getAttribute('lang') || navigator.language
  }
  get #source() {
    return new URL(this.src, document.baseURI)
  }

  /** The list's part of the page's query, as its server knows it. */
  #query(search: string) {
    const prefix = this.#prefix
    return parts(search, (part) => part.startsWith(prefix))
      .map((part) => part.slice(prefix.length))
      .filter((part) => !this.#fixes(part))
      .join('&')
  }

  /** Whether a parameter stands in the source: it is sent with each question as it is there, and is on no link. */
  #fixes(part: string) {
    return parts(this.#source.search, (fixed) => nameOf(fixed) === nameOf(part)).length > 0
  }

  /** The page's address with another query of the list. What is not the list's stays. */
  #at(query: string) {
    const prefix = this.#prefix
    const all = parts(location.search, (part) => prefix && !part.startsWith(prefix))
    all.push(...parts(query, (part) => part).map((part) => prefix + part))
    return location.pathname + (all[0] ? '?' : '') + all.join('&')
  }

  /** The page's address for an address in an answer. */
  #to(href: string) {
    return this.#at(parts(new URL(href, this.#source).search, (part) => !part.startsWith('pl.') && !this.#fixes(part)).join('&'))
  }

  /** Where to ask for an address of the page. */
  #asks(href: string) {
    const at = this.#source
    if (!this.src) return href.replace(/#.*/, '')
    const all = [at.search.slice(1), this.#query(new URL(href).search)]
    const facets = this.getAttribute('facets')
    if (!this.hasAttribute('envelope'))
      all.push('pl.base=/&pl.parts=records,paging,adjusted,links,sizes,sorts,ladder,form,words' + (facets ? '&pl.facets=' + facets : ''))
    at.search = all.filter(Boolean).join('&')
    return at.href
  }

  #tell<K extends keyof LadderEvents>(type: K, detail: LadderEvents[K]['detail']) {
    return this.dispatchEvent(new CustomEvent(type, { bubbles: true, cancelable: true, detail }))
  }

  /** Asks, or takes what was fetched ahead. Undefined: a listener does not want it. */
  #fetch(href: string, signal?: AbortSignal) {
    const address = this.#asks(href)
    const headers = new Headers(this.src ? { Accept: 'application/json', 'Accept-Language': this.#lang } : { Accept: 'text/html' })
    if (!this.#tell('ladderask', { address, headers, ahead: !signal })) return
    const ahead = this.#ahead
    if (ahead?.address === address && Date.now() - ahead.at < fresh) return ahead.got
    const got = get(address, headers, this.src ? 'json' : 'document', signal)
    if (!signal) {
      this.#ahead = { address, at: Date.now(), got }
      got.catch(() => (this.#ahead = undefined))
    }
    return got
  }

  /** Shows what stands at an address. With push it is a new one; false: an old one, where it was left. */
  async #go(href: string, push?: boolean, form?: HTMLFormElement) {
    const turn = this.src ? this.#own : together
    turn.running?.abort()
    if (turn.by) turn.by.ariaBusy = null
    turn.by = this
    const running = (turn.running = new AbortController())
    const late = () => turn.running !== running || !this.isConnected
    try {
      const asked = this.#fetch(href, running.signal)
      if (!asked) return
      this.ariaBusy = 'true'
      const got = await asked
      if (late()) return
      const query = this.#query(new URL(href).search)
      const draw = this.src ? this.#drawing(got) : swapping(got)
      if (push) {
        history.replaceState({ ...history.state, ladderTop: scrollY }, '')
        history.pushState({}, '', this.src ? this.#at(query) : got.address)
      }
      this.#shown = query
      this.#ahead = undefined
      if (!this.src) drawnAt = here()
      if (this.#tell('ladderdraw', { answer: this.answer ?? got.body })) {
        keeping(this, form, draw)
        this.#said.textContent =
          this.#behind.dataset.says ??
          [...this.querySelectorAll('p:has(+ nav), [data-summary], [role=status]')].map((e) => e.textContent.trim()).join(' ')
      }
      const top = history.state?.ladderTop
      if (push === false && top >= 0) scrollTo({ top, behavior: 'instant' })
      for (const other of elements) if (other !== this) other.moved(!this.src)
      this.#tell('laddershown', {})
      this.#look()
    } catch (error) {
      if (late() || !this.#tell('ladderfail', { error })) return
      if (push) location.assign(href)
      else if (this.src) this.#lost()
      else location.reload()
    } finally {
      if (turn.running === running) this.ariaBusy = null
    }
  }

  /** Readies what draws an answer. */
  #drawing({ status, body, address }: Got) {
    if (status > 499 || (status > 399 && !body.detail)) throw new Error(`${address} answered ${status}.`)
    const envelope = this.getAttribute('envelope')
    const answer = (this.answer = read(body, envelope ? JSON.parse(envelope) : null, status > 399))
    return () => {
      const prefix = this.#prefix
      const words = wordsOf(this.#lang, answer.words)
      const label = this.getAttribute('label') ?? prefix.slice(0, -1)
      const drawing = { element: this, answer, words, label: label && `${label}: `, to: (href: string) => this.#to(href) }
      const notes = answer.adjusted.filter((note) => note.why !== 'param.unknown').map((note) => note.says) // the page may have parameters of its own
      const summary = summaryOf(answer, words)
      const template = this.querySelector('template')
      this.#clear(words)
      if (template) this.#records = answer.records.flatMap((record) => drawRecord(template, record, words))
      template?.before(...this.#records)
      drawSorts(drawing)
      this.#before.append(...before(drawing, notes).filter((node) => !!node))
      this.#behind.append(behind(drawing, summary))
      this.#behind.dataset.says = [summary, ...notes].join(' ')
    }
  }

  #clear({ lang, right_to_left: rightToLeft }: ReturnType<typeof wordsOf>) {
    for (const old of this.#records) old.remove()
    for (const part of [this.#before, this.#behind]) {
      part.replaceChildren()
      part.lang = lang
      part.dir = rightToLeft ? 'rtl' : 'ltr'
    }
  }

  /** Says that the list could not be read, with a way to try again. */
  #lost() {
    const words = wordsOf(this.#lang)
    this.#clear(words)
    this.#before.append(h('div', { part: 'alert', role: 'alert' }, h('a', { part: 'link', href: here() }, words.failed + ' ↻')))
  }

  /** Whether a link is the list's, and is to be followed by the element. */
  #takes(a: HTMLAnchorElement) {
    if (!a.hasAttribute('href') || a.target || a.download || a.hash || a.origin !== location.origin || a.closest('[data-plain]'))
      return false
    if (this.src) return a.getRootNode() !== document || a.closest('[data-sort]')
    return a.pathname === location.pathname || a.closest('nav, th, form, [role=search] + ul')
  }

  #clicked(event: MouseEvent) {
    const a = linkOf(event)
    if (event.defaultPrevented || event.button || event.ctrlKey || event.metaKey || event.shiftKey || event.altKey || !a || !this.#takes(a))
      return
    event.preventDefault()
    this.#go(a.href, true)
  }

  #submitted(event: SubmitEvent) {
    const form = event.target as HTMLFormElement
    const to = new URL(form.getAttribute('action') ?? '', location.href)
    if (
      event.defaultPrevented ||
      form.method !== 'get' ||
      form.target ||
      (this.src ? form.getRootNode() === document : form.closest('td, li, article, [data-plain]')) ||
      to.origin !== location.origin
    )
      return
    event.preventDefault()
    const values = [...new FormData(form, event.submitter)].map(([name, value]) => [name, String(value)])
    to.search = String(new URLSearchParams(this.src ? values.filter(([, value]) => value) : values))
    this.#go(this.src ? new URL(this.#to(to.search), location.href).href : to.href, true, form)
  }

  /** Fetches the page of a link on which a pointer rests. */
  #rested(event: Event) {
    const a = linkOf(event)
    clearTimeout(this.#timer)
    if (event.type === 'pointerover' && a && this.#takes(a)) this.#timer = setTimeout(() => this.#early(a), rest)
  }

  /** Fetches the next page once nothing else has been done for a moment. */
  #look() {
    this.#timer = setTimeout(() => {
      const next = (this.src ? this.shadowRoot! : this).querySelector<HTMLAnchorElement>('a[rel=next][href]')
      if (next && this.#takes(next)) this.#early(next)
    }, idle)
  }

  #early(a: HTMLAnchorElement) {
    if (this.isConnected && !document.hidden && this.getAttribute('ahead') !== 'none' && !(navigator as any).connection?.saveData)
      this.#fetch(a.href)
  }
}

/** Readies what swaps the lists of the page for those of another document of the same. */
function swapping({ body, address }: Got) {
  const lists = served(document)
  const others = lists.map((list, i) => (list.id ? body.getElementById(list.id) : served(body)[i]))
  if (new URL(address).origin !== location.origin || others.includes(undefined) || others.includes(null))
    throw new Error(`${address} has not the lists of this page.`)
  return () => {
    lists.forEach((list, i) => list.replaceChildren(...others[i].childNodes))
    document.title = body.title || document.title
  }
}

addEventListener('popstate', () => {
  for (const element of elements) element.moved()
})

declare global {
  interface HTMLElementTagNameMap {
    'page-ladder': PageLadder
  }
  interface HTMLElementEventMap extends LadderEvents {}
}

// Keeps focus, place on the screen, and what is unfolded, while a list is drawn anew.

type Control = HTMLElement & { name?: string; rel?: string; value?: string; form?: HTMLFormElement | null }

/** What is known of a control, and may be the same afterwards. */
const marks = (e: Control) => [e.id, e.name, e.rel, e.ariaLabel, e.textContent.trim()]
const kind = (e: Element) => e.closest('nav, thead, form, ul, table')?.localName

/**
 * Draws. What had the focus within the list has it again, or what has taken its place; the list itself if there is nothing alike. What is being typed
 * stays, unless it was sent.
 */
export function keeping(host: HTMLElement, sent: HTMLFormElement | undefined, draw: () => void) {
  const all = (selector: string) => [host, host.shadowRoot!].flatMap((root) => [...root.querySelectorAll<HTMLElement>(selector)])
  const active = document.activeElement as Control | null
  const had = active === host ? ((host.shadowRoot!.activeElement ?? host) as Control) : active
  const [was, where, top] = had ? [marks(had), kind(had), had.getBoundingClientRect().top] : []
  const unfolded = all('details[open] > summary').map((summary) => summary.textContent)
  draw()
  for (const summary of all('details > summary'))
    if (unfolded.includes(summary.textContent) && !summary.closest('tbody, li')) (summary.parentElement as HTMLDetailsElement).open = true
  if (!had || had.isConnected) return
  const next: Control =
    all('a, button, input, select, summary, [aria-current]').find(
      (e) => kind(e) === where && marks(e).some((mark, i) => mark && mark === was![i]),
    ) ?? host
  if (!next.matches('[href], button, input, select, summary')) next.tabIndex = -1
  if (had.value && next.value !== undefined && had.form !== sent) next.value = had.value
  next.focus({ preventScroll: true })
  if (next !== host) scrollBy({ top: next.getBoundingClientRect().top - top!, behavior: 'instant' })
}

// The row of page links.

import { add, largest, least, most, whole, type Whole } from './number.js'
import type { Page } from './page.js'

/** One entry of a ladder: a page, the current page, or a gap that stands for pages left out. */
export interface Rung {
  rung: 'page' | 'current' | 'gap'
  /** The page's number; of a gap, the page that it links to. */
  page?: Whole
  /** The pages that a gap stands for, inclusive; without to nobody knows how many follow. */
  from?: Whole
  to?: Whole
  /** Where it leads; the current page and a gap without a link have none. */
  href?: string
}

/**
 * The ladder of a page. With a reach of r, t tips and w = 2r+2t+3: one of at most w pages shows them all. A longer one has a gap on each
 * side of the current page on which that would hide two pages or more; on the other sides all pages are shown and, if it is steady, as many as make w rungs.
 */
export function rungs(p: Page, href: (page: bigint) => string): Rung[] {
  const r = p.ask.rules
  if (p.seeks || r.byCursor) return []
  if (p.pages <= 1n && p.number <= 1n && !p.open && !r.options.ladder?.lone) return []
  const reach = BigInt(r.reach)
  const tips = BigInt(r.tips)
  const wide = 2n * reach + 2n * tips + 3n
  const count = p.pageCount
  const ladder: Rung[] = []
  const room = p.open ? wide : least(wide, count)
  const current = p.past ? 0n : p.current
  const put = (rung: Rung): boolean => BigInt(ladder.length) < room && ladder.push(rung) > 0
  const pages = (from: bigint, to: bigint) => {
    if (from < 1n) return
    for (let n = from; n <= to; n++)
      if (!put(n === current ? { rung: 'current', page: whole(n) } : { rung: 'page', page: whole(n), href: href(n) })) return
  }
  const gap = (from: bigint, to: bigint) => {
    const page = from + (to - from) / 2n
    put({
      rung: 'gap',
      ...(r.options.ladder?.gap_links && page > 0n && { page: whole(page), href: href(page) }),
      ...(from !== 0n && { from: whole(from) }),
      ...(to !== 0n && { to: whole(to) }),
    })
  }
  if (p.open) {
    const at = p.current
    const known = most(count, at)
    let lo = at - reach
    let hi = least(add(at, reach), known)
    if (lo - tips - 1n < 2n) {
      lo = 1n
      hi = least(most(hi, r.steady ? 2n * reach + tips + 2n : tips), known)
    }
    if (lo > 1n) {
      pages(1n, tips)
      gap(tips + 1n, lo - 1n)
    }
    pages(lo, hi)
    put({ rung: 'gap', from: whole(add(hi, 1n)) })
    return ladder
  }
  if (count <= wide) {
    pages(1n, count)
    return ladder
  }
  const at = least(p.current, count) // of a page past the last one the window stands at the end
  let lo = at - reach
  let hi = least(at + reach, largest)
  if (lo - tips - 1n < 2n) {
    lo = 1n
    hi = r.steady ? wide - tips - 1n : most(hi, tips)
  }
  if (count - tips - hi < 2n) {
    lo = r.steady ? count - (wide - tips - 2n) : least(lo, count - tips + 1n)
    hi = count
  }
  if (lo > 1n) {
    pages(1n, tips)
    gap(tips + 1n, lo - 1n)
  }
  pages(lo, least(hi, count))
  if (hi < count) {
    gap(hi + 1n, count - tips)
    pages(count - (tips - 1n), count)
  }
  return ladder
}

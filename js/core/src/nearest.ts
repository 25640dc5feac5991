// Finds the name that was probably meant.

/** The known name that was probably meant; "": none is near. A slip for every three bytes, and at most two. */
export function nearest(name: string, known: string[]): string {
  let best = ''
  let least = 3
  for (const candidate of known) {
    const limit = Math.min(least, Math.floor(Math.max(name.length, candidate.length) / 3) + 1)
    const found = slips(name, candidate, limit)
    if (found < limit) {
      best = candidate
      least = found
    }
  }
  return best
}

/** The slips between two names: a byte more, fewer or another, or two neighbours that changed places; the limit if there are no fewer. */
function slips(a: string, b: string, limit: number): number {
  if (Math.abs(a.length - b.length) >= limit) return limit
  let before = new Array<number>(b.length + 1).fill(0)
  let row = Array.from({ length: b.length + 1 }, (_, j) => j)
  for (let i = 0; i < a.length; i++) {
    const next = [i + 1]
    for (let j = 0; j < b.length; j++) {
      const change = row[j]! + (a[i] === b[j] ? 0 : 1)
      let n = Math.min(change, next[j]! + 1, row[j + 1]! + 1)
      if (i > 0 && j > 0 && a[i] === b[j - 1] && a[i - 1] === b[j]) n = Math.min(n, before[j - 1]! + 1)
      next.push(n)
    }
    before = row
    row = next
  }
  return Math.min(row[b.length]!, limit)
}

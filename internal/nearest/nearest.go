// Package nearest finds the name that was probably meant.
package nearest

// Name is the known name that was probably meant by one that is not known; ""
// where none is near: a slip for every three letters, and at most two. A slip is
// a letter that was added, lost or changed, or two neighbours that changed places.
func Name(name string, known []string) string {
	best, least := "", 3
	for _, candidate := range known {
		limit := min(least, max(len(name), len(candidate))/3+1)
		if d := slips(name, candidate, limit); d < limit {
			best, least = candidate, d
		}
	}
	return best
}

// slips counts the slips between two names, or gives the limit where there are no
// fewer than that.
func slips(a, b string, limit int) int {
	if len(a)-len(b) >= limit || len(b)-len(a) >= limit {
		return limit
	}
	before, row := make([]int, len(b)+1), make([]int, len(b)+1)
	for j := range row {
		row[j] = j
	}
	for i := range len(a) {
		next := make([]int, len(b)+1)
		next[0] = i + 1
		for j := range len(b) {
			change := row[j]
			if a[i] != b[j] {
				change++
			}
			next[j+1] = min(change, next[j]+1, row[j+1]+1)
			if i > 0 && j > 0 && a[i] == b[j-1] && a[i-1] == b[j] {
				next[j+1] = min(next[j+1], before[j-1]+1)
			}
		}
		before, row = row, next
	}
	return min(row[len(b)], limit)
}

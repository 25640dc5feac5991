package paging

// Cut takes the page's records out of a list that is held in memory. The result
// shares the list's memory; nothing is allocated. A list that is shorter than
// the total says gives what it has. Of a page that was asked for by a cursor, the list is
// what was read from there on; choose.Page finds the place in a whole one.
func Cut[T any](list []T, p Page) []T {
	in := p.in()
	if in.past || in.ask.rules == nil || in.offset >= int64(len(list)) {
		return list[:0:0]
	}
	from := int(in.offset)
	to := from + min(in.size(), len(list)-from)
	return list[from:to:to]
}

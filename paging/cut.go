package paging

// Cut takes the page's records out of a list in memory. The result shares the list's
// memory; nothing is allocated. If the list is shorter than the total, the page has fewer
// records. For a page that was asked for by a cursor, the list holds the records from the
// cursor on; choose.Page finds them in the whole list.
func Cut[T any](list []T, p Page) []T {
	in := p.in()
	if in.past || in.ask.rules == nil || in.offset >= int64(len(list)) {
		return list[:0:0]
	}
	from := int(in.offset)
	to := from + min(in.size(), len(list)-from)
	return list[from:to:to]
}

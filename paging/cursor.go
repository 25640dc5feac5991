package paging

import (
	"slices"

	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
)

// Cursor is the place that the caller reads on from, and whether the records before it were asked
// for instead of those behind it; nil if the query has no cursor.
func (a Ask) Cursor() (at *cursor.Place, backward bool) { return a.in().place, a.in().backward }

// Misplaced is the same ask for the first page, without its cursor, and with an adjustment that gives the
// reason. It is for code that finds a value in the cursor which is not of its field's type: the rules may not
// know the type. The error is a *Refusal, if the rules refuse such cursors.
func (a Ask) Misplaced(reason string) (Ask, error) {
	without := *a.in()
	without.misplace(without.cursorParam(), without.token, code.CursorDamaged, reason)
	if len(without.faults) > 0 {
		return Ask{}, &Refusal{Faults: without.faults}
	}
	return Ask{&without}, nil
}

// misplace ignores a cursor.
func (a *ask) misplace(param, token string, why code.Code, reason string) {
	a.place, a.token, a.backward = nil, "", false
	a.row, a.pos = 0, 1
	if a.ruled().byOffset() {
		a.pos = 0
	}
	a.fault(param, token, "", why, reason)
}

// cursorParam is the parameter that holds the ask's cursor.
func (a *ask) cursorParam() string {
	if a.backward {
		return a.ruled().beforeParam()
	}
	return a.ruled().afterParam()
}

// cursors reports whether callers may read on from a cursor, which needs a total order.
func (r *Rules) cursors() bool {
	return len(r.Key) > 0 && (r.byCursor() || r.Params.After != "" || r.Params.Before != "")
}

// readCursor reads the cursor. The order must be known by then.
func (a *ask) readCursor(after, before, row occurrence) {
	r := a.ruled()
	var token [2]string
	for i, given := range []occurrence{after, before} {
		if given.last > 0 {
			param := [2]string{r.afterParam(), r.beforeParam()}[i]
			token[i] = a.value(given, param)
		}
	}
	a.token, a.backward = token[0], token[0] == "" && token[1] != ""
	if a.backward {
		a.token = token[1]
	}
	if a.token == "" { // plain forms send empty ones
		return
	}
	param, beside := a.cursorParam(), ""
	switch {
	case token[0] != "" && token[1] != "":
		beside = r.beforeParam()
	case a.pageGiven.last > 0:
		beside = r.pageParam()
	case row.last > 0:
		beside = r.rowParam()
	}
	if beside != "" {
		a.misplace(param, a.token, code.CursorNotAlone, param+" and "+beside+" stand together, and each says where the page begins")
		return
	}
	list, ok := a.cursorList()
	place, why := cursor.Place{}, code.CursorDamaged
	if ok {
		place, why = cursor.Read(a.token, list, len(a.order))
	}
	if why != "" {
		a.misplace(param, a.token, why, map[code.Code]string{
			code.CursorDamaged:    "the cursor cannot be read",
			code.CursorTooLong:    "the cursor is longer than " + grouped(cursor.MaxBytes) + " bytes",
			code.CursorForeign:    "the cursor is of another list",
			code.CursorOtherOrder: "the cursor was written under another order than " + list.Order,
			code.CursorNotSealed:  "the list is sorted by a field that is not shown, and the cursor is not sealed",
		}[why])
		return
	}
	a.place = &place
}

// cursorList identifies the list that tokens of an order belong to. ok is false if they can be
// neither read nor written: they must be sealed, and there is no sealer.
func (a *ask) cursorList() (l cursor.List, ok bool) {
	r := a.ruled()
	l = cursor.List{Name: r.List, Order: a.sorted}
	hidden := len(r.Show) > 0 && slices.ContainsFunc(a.order, func(o Order) bool { return !slices.Contains(r.Show, o.Field) })
	if hidden {
		l.Sealer = r.Sealer
	}
	return l, !hidden || r.Sealer != nil
}

// Ends is the same page after reading, with the values of its first and last record in the fields
// of the ask's Order (as in cursor.Place; nil if the page has no records). For a page that was
// asked for by a cursor, behind says whether there are records on the cursor's other side.
func (p Page) Ends(first, last []*string, behind bool) Page {
	page := *p.in()
	page.behind = behind
	r := page.ask.ruled()
	if !r.cursors() {
		return Page{&page}
	}
	list, ok := page.ask.cursorList()
	switch {
	case !ok:
		page.ends = cursor.Pair{Why: "the list is sorted by a field that is not shown, and no key seals its cursors"}
	case first == nil || last == nil:
		page.ends = cursor.Pair{After: page.ask.token, Before: page.ask.token} // where the records would be
	default:
		page.ends = cursor.Pair{
			After:  cursor.Write(list, cursor.Place{Values: last, Behind: true}),
			Before: cursor.Write(list, cursor.Place{Values: first}),
		}
		if page.ends.After == "" || page.ends.Before == "" {
			page.ends.Why = "a record's values make a cursor longer than " + grouped(cursor.MaxBytes) + " bytes"
		}
	}
	if r.afterParam() == "" {
		page.ends.After = ""
	}
	if r.beforeParam() == "" {
		page.ends.Before = ""
	}
	return Page{&page}
}

// Cursors are the tokens of the page's ends, after Ends; nil if the rules name no parameters for
// them.
func (p Page) Cursors() *cursor.Pair {
	ends := p.in().ends
	if ends == (cursor.Pair{}) {
		return nil
	}
	return &ends
}

// seeks reports whether the page was asked for by a cursor, so that its position is not known.
func (p *page) seeks() bool { return p.ask.place != nil }

// hasPrev reports whether records precede the page.
func (p *page) hasPrev() bool {
	switch {
	case !p.seeks():
		return p.offset > 0
	case p.ask.backward:
		return p.more
	}
	return p.behind
}

// stepBy is the link to the next or the previous page by its cursor; "" if it has none.
func (l *Links) stepBy(param, token string) string {
	if token == "" || param == "" {
		return ""
	}
	return l.of().link(l.base, []change{{param, []string{token}}}, "")
}

// inView is the change of a link that keeps the first record in view, on a page that was asked for
// by a cursor. A link has at most one cursor.
func (p *page) inView() change {
	if p.ends.Before != "" && p.ask.ruled().afterParam() != "" {
		return change{p.ask.ruled().afterParam(), []string{p.ends.Before}}
	}
	return change{p.ask.cursorParam(), []string{p.ask.token}}
}

// summaryBy is the summary of a page whose position is not known: "20 of 168", "20 records".
func (p *page) summaryBy() string {
	count := grouped(int64(p.rows))
	switch {
	case p.rows == 0 && (!p.total.Known() || p.total.n == 0):
		return "no records"
	case p.rows == 0:
		count = "none"
	case !p.total.Known() && p.rows == 1:
		return "1 record"
	case !p.total.Known():
		return count + " records"
	}
	return count + " of " + grouped(p.total.n)
}

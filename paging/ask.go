package paging

import (
	"slices"
	"strconv"
	"strings"

	"pageladder.example/internal/nearest"
	"pageladder.example/paging/code"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/value"
)

// Ask is what the caller asked for, read from the query and not yet settled on a
// total. It is a value that never changes. The zero Ask asks for nothing, under
// the zero Rules: their first page.
type Ask struct{ read *ask }

// in is what is in an Ask.
func (a Ask) in() *ask {
	if a.read == nil {
		return new(ask)
	}
	return a.read
}

// String is short, for logs: "page 3, size 20, sort -tonnage,-id, 2 filters".
func (a Ask) String() string {
	in := a.in()
	var text string
	switch {
	case in.place != nil:
		text = "by cursor"
	case in.row > 0:
		text = "the page of row " + strconv.FormatInt(in.row, 10)
	case in.ruled().byOffset():
		text = "offset " + strconv.FormatInt(in.pos, 10)
	default:
		text = "page " + strconv.FormatInt(max(in.pos, 1), 10)
	}
	text += ", size " + strconv.Itoa(in.limit())
	if in.sorted != "" {
		text += ", sort " + in.sorted
	}
	switch n := len(in.conditions); n {
	case 0:
	case 1:
		text += ", 1 filter"
	default:
		text += ", " + strconv.Itoa(n) + " filters"
	}
	if in.search != "" {
		text += ", search " + quote(in.search)
	}
	return text
}

// ask is what is read from a query. Once Read has returned it, it does not change.
type ask struct {
	rules *Rules
	parts []part

	pos int64 // page number from 1 or, under offset addressing, offset from 0
	row int64 // the row whose page is asked for; 0: none

	place    *cursor.Place // to read on from; nil: none
	backward bool          // what precedes it is asked for
	token    string        // that names it

	size int
	all  bool // size=all was asked for
	sort []sortBy

	order  []Order
	sorted string // the order, as it stands in the metadata

	conditions []Condition
	values     []string // what the conditions' values are cut from
	search     string
	fields     []string

	pageGiven, sizeGiven, sortGiven, directionGiven, fieldsGiven occurrence
	adjusted                                                     []Adjustment
	faults                                                       []Fault

	reading bool // no copy of the ask is out yet
	notes   notes
}

// Read reads a raw query string, without its leading "?", as in url.URL.RawQuery.
// The error is a *Refusal of the query or, where the rules are wrong, that of Check.
func (r *Rules) Read(raw string) (Ask, error) {
	if err := r.right(); err != nil {
		return Ask{}, err
	}
	return r.read(raw)
}

func (r *Rules) read(raw string) (Ask, error) {
	a := &ask{rules: r, parts: split(raw), pos: 1, reading: true}
	if r.byOffset() {
		a.pos = 0
	}
	pageParam, sizeParam, sortParam, rowParam := r.pageParam(), r.sizeParam(), r.sortParam(), r.rowParam()
	afterParam, beforeParam := r.afterParam(), r.beforeParam()
	var rowGiven, searchGiven, afterGiven, beforeGiven occurrence
	for i := range a.parts {
		name := a.parts[i].Name()
		switch {
		case name == pageParam && pageParam != "":
			a.pageGiven.see(a.parts, i, rolePage)
		case name == sizeParam:
			a.sizeGiven.see(a.parts, i, roleSize)
		case name == sortParam:
			a.sortGiven.see(a.parts, i, roleSort)
		case name == rowParam:
			rowGiven.see(a.parts, i, roleDropped)
		case len(r.Search) > 0 && name == r.searchParam():
			searchGiven.see(a.parts, i, roleRides)
		case len(r.Show) > 0 && name == r.fieldsParam():
			a.fieldsGiven.see(a.parts, i, roleFields)
		case r.Params.Direction != "" && name == r.directionParam():
			a.directionGiven.see(a.parts, i, roleDirection)
		case r.aside(name):
			a.parts[i].role = roleAside
		case afterParam != "" && name == afterParam:
			afterGiven.see(a.parts, i, roleCursor)
		case beforeParam != "" && name == beforeParam:
			beforeGiven.see(a.parts, i, roleCursor)
		case !strings.HasPrefix(name, r.Prefix): // another list's
		default:
			if f, op := r.filter(name); f != nil {
				a.readFilter(i, name, f, op)
			} else {
				a.readUnknown(i, name)
			}
		}
	}
	a.readPage(rowGiven)
	a.readSize()
	a.readSort()
	a.order = a.total()
	a.sorted = orderText(a.order)
	a.readCursor(afterGiven, beforeGiven, rowGiven)
	a.readSearch(searchGiven)
	a.readFields()
	a.reading, a.notes = false, notes{}
	if len(a.faults) > 0 {
		return Ask{}, &Refusal{Faults: a.faults}
	}
	return Ask{a}, nil
}

// value is what the counting occurrence of a parameter holds. A repeated one is
// noted first, so that the adjustment has the first given value.
func (a *ask) value(o occurrence, param string) string {
	v := a.parts[o.last-1].Value()
	if o.repeated() {
		a.fault(param, a.parts[o.first-1].Value(), v, code.ParamRepeated, param+" is given more than once and the last one counts")
	}
	return v
}

// repeatList makes one list of what a sort, or fields, hold that are given more than once.
const repeatList = "list"

// list is what a parameter holds that may have several values, a comma between.
func (a *ask) list(o occurrence, param string) string {
	if !a.joined(o) {
		return a.value(o, param)
	}
	var values []string
	for i := o.first - 1; i < o.last; i++ {
		if a.parts[i].Name() == param {
			values = append(values, a.parts[i].Value())
		}
	}
	return strings.Join(values, ",")
}

// joined reports whether several values of a parameter are one list.
func (a *ask) joined(o occurrence) bool { return a.ruled().Repeat == repeatList && o.repeated() }

func (a *ask) readPage(rowGiven occurrence) {
	r := a.ruled()
	switch {
	case a.pageGiven.last > 0:
		param := r.pageParam()
		given := a.value(a.pageGiven, param)
		n, ok := readNumber(given)
		switch {
		case !ok && r.byOffset():
			a.fault(param, given, "0", code.OffsetNotANumber, quote(given)+" is not a whole number")
		case !ok:
			a.fault(param, given, "1", code.PageNotANumber, quote(given)+" is not a whole number")
		case r.byOffset() && n < 0:
			a.fault(param, given, "0", code.OffsetBelowZero, "an offset is never below 0")
		case !r.byOffset() && n < 1:
			a.fault(param, given, "1", code.PageBelowFirst, "page numbers start at 1")
		default:
			a.pos = n
		}
	case rowGiven.last > 0:
		param := r.rowParam()
		given := a.value(rowGiven, param)
		n, ok := readNumber(given)
		switch {
		case !ok:
			a.fault(param, given, strconv.FormatInt(a.pos, 10), code.RowNotANumber, quote(given)+" is not a whole number")
		case n < 1:
			a.fault(param, given, strconv.FormatInt(a.pos, 10), code.RowBelowFirst, "row numbers start at 1")
		default:
			a.row = n
		}
	}
}

// allSize asks for every record on one page, where the rules offer that.
const allSize = "all"

func (a *ask) readSize() {
	r := a.ruled()
	a.size = r.defaultSize()
	if a.sizeGiven.last == 0 {
		return
	}
	param := r.sizeParam()
	given := a.value(a.sizeGiven, param)
	n, ok := readNumber(given)
	mend := func(size int, why code.Code, reason string) {
		a.size = size
		a.fault(param, given, strconv.Itoa(size), why, reason)
	}
	limit := r.sizeCap()
	switch {
	case r.Size.All > 0 && strings.Trim(given, " \t") == allSize:
		a.size, a.all = r.Size.All, true
	case ok && r.Size.All > 0 && n == int64(r.Size.All): // what "all" of a longer list becomes, on its links
		a.size = r.Size.All
	case !ok:
		mend(a.size, code.SizeNotANumber, quote(given)+" is not a whole number")
	case n < 1:
		mend(a.size, code.SizeBelowOne, "a page holds at least 1 record")
	case r.Size.Closed && !slices.Contains(r.offeredSizes(), int(min(n, int64(limit)+1))):
		mend(nearestSize(r.offeredSizes(), n), code.SizeNotOffered, quote(given)+" is none of the sizes offered here")
	case n > int64(limit):
		mend(limit, code.SizeOverCap, "at most "+strconv.Itoa(limit)+" records fit on a page here")
	default:
		a.size = int(n)
	}
}

// nearestSize is the offered size nearest to n; of two equally near, the smaller.
func nearestSize(offered []int, n int64) int {
	best := offered[0]
	for _, s := range offered[1:] {
		near, d := distance(int64(best), n), distance(int64(s), n)
		if d < near || d == near && s < best {
			best = s
		}
	}
	return best
}

func distance(a, b int64) uint64 {
	if a > b {
		a, b = b, a
	}
	return uint64(b) - uint64(a)
}

// readSearch reads the words to look for; an empty search is none.
func (a *ask) readSearch(given occurrence) {
	if given.last == 0 {
		return
	}
	param := a.ruled().searchParam()
	text := a.value(given, param)
	if _, want := value.Text.Canonical(text); want != "" {
		if a.ruled().refuses(code.FilterBadValue) {
			a.refuse(param, text, code.FilterBadValue, quote(text)+" is not "+want)
			return
		}
		a.parts[given.last-1].role = roleDropped
		a.adjust(param, text, "", code.FilterBadValue, quote(text)+" is not "+want)
		return
	}
	a.search = strings.Join(strings.Fields(text), " ")
}

// readFields reads which of the shown fields are asked for.
func (a *ask) readFields() {
	r := a.ruled()
	a.fields = r.Show
	if a.fieldsGiven.last == 0 {
		return
	}
	text := a.list(a.fieldsGiven, r.fieldsParam())
	var fields, unknown []string
	for name := range strings.SplitSeq(text, ",") {
		switch name = strings.Trim(name, " \t"); {
		case name == "" || slices.Contains(fields, name):
		case slices.Contains(r.Show, name):
			fields = append(fields, name)
		default:
			unknown = append(unknown, quote(name))
		}
	}
	if len(fields) > 0 {
		a.fields = fields
	}
	if len(unknown) > 0 {
		a.fault(r.fieldsParam(), text, strings.Join(fields, ","), code.FieldsUnknown,
			strings.Join(unknown, ", ")+" is no field here (shown: "+strings.Join(r.Show, ", ")+")")
	}
}

func (a *ask) readUnknown(i int, name string) {
	r := a.ruled()
	bare := name[len(r.Prefix):]
	if r.Keep.What == KeepDeclared || r.Keep.What == KeepListed && !slices.Contains(r.Keep.Names, bare) {
		a.parts[i].role = roleDropped
	}
	if r.Unknown == "" || r.Unknown == UnknownRides || slices.Contains(r.RideAlong, bare) {
		return
	}
	reason := quote(name) + " is no parameter of this list" + a.nearestParam(name)
	given := a.parts[i].Value()
	switch r.Unknown {
	case UnknownRefuse:
		a.refuse(quoted(name), given, code.ParamUnknown, reason)
	case UnknownDrops:
		a.parts[i].role = roleDropped
		a.adjust(quoted(name), given, "", code.ParamUnknown, reason)
	default:
		a.adjust(quoted(name), given, "", code.ParamUnknown, reason)
	}
}

const suggestions = 100 // in one query

// nearestParam suggests the declared parameter that was probably meant.
func (a *ask) nearestParam(name string) string {
	if len(a.adjusted)+len(a.faults) >= suggestions {
		return ""
	}
	if a.notes.params == nil {
		r := a.ruled()
		a.notes.params = r.paramNames()
		for i := range r.Filters {
			for _, op := range r.Filters[i].operators() {
				a.notes.params = append(a.notes.params, r.operatorParam(&r.Filters[i], op))
			}
		}
	}
	if best := nearest.Name(name, a.notes.params); best != "" {
		return " (did you mean " + quote(best) + "?)"
	}
	return ""
}

// AtRow is the same ask for the page that holds a row, from 1, in place of the
// page that was asked for.
func (a Ask) AtRow(row int64) Ask {
	at := *a.in()
	at.row = max(row, 1)
	at.place, at.token, at.backward = nil, "", false
	return Ask{&at}
}

// Rules are the rules that the ask was read by, resolved.
func (a Ask) Rules() Rules { return a.in().ruled().Resolved() }

// ruled are the rules of the ask; those of the zero Ask are the zero Rules.
func (a *ask) ruled() *Rules {
	if a.rules == nil {
		return new(Rules)
	}
	return a.rules
}

// limit is how many records a page is to hold.
func (a *ask) limit() int {
	if a.size < 1 {
		return a.ruled().defaultSize()
	}
	return a.size
}

// Conditions are the filters in force.
func (a Ask) Conditions() []Condition {
	conditions, n := slices.Clone(a.in().conditions), 0
	for i := range conditions {
		n += len(conditions[i].Values)
	}
	values := make([]string, 0, n) // one piece of memory for all
	for i := range conditions {
		from := len(values)
		values = append(values, conditions[i].Values...)
		conditions[i].Values = values[from:len(values):len(values)]
	}
	return conditions
}

// Search is the words to look for, one space between; "" where none are.
func (a Ask) Search() string { return a.in().search }

// Fields are the fields asked for, of those that the rules show; nil where the
// rules name none.
func (a Ask) Fields() []string { return slices.Clone(a.in().fields) }

// Adjusted lists what has been changed: by Read and, in the ask of a page, by Settle. It is never nil, so that
// JSON has an empty list.
func (a Ask) Adjusted() []Adjustment { return append([]Adjustment{}, a.in().adjusted...) }

// Order is the total order to read records in: the fields of each sort key and,
// as the tie-break, those of the record's own key that do not stand there
// already, in the direction of the last field before them.
func (a Ask) Order() []Order { return slices.Clone(a.in().order) }

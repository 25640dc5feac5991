package paging

import (
	"slices"
	"strconv"
	"strings"
)

// Ask is what the caller asked for, read from the query but not yet held against
// the total.
type Ask struct {
	rules *Rules
	parts []part

	pos  int64 // page number from 1 or, under offset addressing, offset from 0
	row  int64 // the row whose page is asked for; 0: none
	size int
	sort []SortBy

	pageGiven, sizeGiven, sortGiven occurrence
	adjusted                        []Adjustment
	faults                          []Fault
}

// SortBy is one sort key in force and its direction.
type SortBy struct {
	Key  string
	Desc bool
}

// Order is one field of the total order that records are read in.
type Order struct {
	Field      string
	Desc       bool
	NullsFirst bool
}

// occurrence is where a parameter stands in the query.
type occurrence struct {
	first, last int // index into parts, plus one; 0: not given
}

func (o *occurrence) see(parts []part, i int, r role) {
	if o.first == 0 {
		o.first = i + 1
	} else {
		parts[o.last-1].role = roleDropped // the last one counts
	}
	o.last = i + 1
	parts[i].role = r
}

func (o occurrence) repeated() bool { return o.first != o.last }

// Read reads a raw query string, without its leading "?", as in url.URL.RawQuery.
// The error is nil or a *Refusal.
func (r *Rules) Read(query string) (Ask, error) {
	a := Ask{rules: r, parts: split(query), pos: 1}
	if r.byOffset() {
		a.pos = 0
	}
	pageParam, sizeParam, sortParam, rowParam := r.PageParam(), r.SizeParam(), r.SortParam(), r.RowParam()
	var rowGiven occurrence
	for i := range a.parts {
		switch name := a.parts[i].name(); name {
		case pageParam:
			a.pageGiven.see(a.parts, i, rolePage)
		case sizeParam:
			a.sizeGiven.see(a.parts, i, roleSize)
		case sortParam:
			a.sortGiven.see(a.parts, i, roleSort)
		case rowParam:
			rowGiven.see(a.parts, i, roleDropped)
		default:
			a.readUnknown(i, name)
		}
	}
	a.readPage(rowGiven)
	a.readSize()
	a.readSort()
	if len(a.faults) > 0 {
		return Ask{}, &Refusal{Faults: a.faults}
	}
	return a, nil
}

// value is what the counting occurrence of a parameter holds. A repeated one is
// noted first, so that the adjustment tells the first given value.
func (a *Ask) value(o occurrence, param string) string {
	v := a.parts[o.last-1].value()
	if o.repeated() {
		a.fault(param, a.parts[o.first-1].value(), v, ParamRepeated, param+" is given more than once and the last one counts")
	}
	return v
}

func (a *Ask) readPage(rowGiven occurrence) {
	r := a.rules
	switch {
	case a.pageGiven.last > 0:
		param := r.PageParam()
		given := a.value(a.pageGiven, param)
		n, ok := readNumber(given)
		switch {
		case !ok:
			a.fault(param, given, strconv.FormatInt(a.pos, 10), PageNotANumber, quote(given)+" is not a whole number")
		case r.byOffset() && n < 0:
			a.fault(param, given, "0", OffsetBelowZero, "an offset is never below 0")
		case !r.byOffset() && n < 1:
			a.fault(param, given, "1", PageBelowFirst, "page numbers start at 1")
		default:
			a.pos = n
		}
	case rowGiven.last > 0:
		param := r.RowParam()
		given := a.value(rowGiven, param)
		n, ok := readNumber(given)
		switch {
		case !ok:
			a.fault(param, given, strconv.FormatInt(a.pos, 10), RowNotANumber, quote(given)+" is not a whole number")
		case n < 1:
			a.fault(param, given, strconv.FormatInt(a.pos, 10), RowBelowFirst, "row numbers start at 1")
		default:
			a.row = n
		}
	}
}

func (a *Ask) readSize() {
	r := a.rules
	a.size = r.defaultSize()
	if a.sizeGiven.last == 0 {
		return
	}
	param := r.SizeParam()
	given := a.value(a.sizeGiven, param)
	n, ok := readNumber(given)
	mend := func(size int, why Code, reason string) {
		a.size = size
		a.fault(param, given, strconv.Itoa(size), why, reason)
	}
	limit := r.sizeCap()
	switch {
	case !ok:
		mend(a.size, SizeNotANumber, quote(given)+" is not a whole number")
	case n < 1:
		mend(a.size, SizeBelowOne, "a page holds at least 1 record")
	case r.Size.Closed && !slices.Contains(r.OfferedSizes(), int(min(n, int64(limit)+1))):
		mend(nearest(r.OfferedSizes(), n), SizeNotOffered, quote(given)+" is none of the sizes offered here")
	case n > int64(limit):
		mend(limit, SizeOverCap, "at most "+strconv.Itoa(limit)+" records fit on a page here")
	default:
		a.size = int(n)
	}
}

// nearest is the offered size nearest to n; of two equally near, the smaller.
func nearest(offered []int, n int64) int {
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

func (a *Ask) readSort() {
	r := a.rules
	if a.sortGiven.last == 0 {
		a.sort, _ = r.parseSort(r.DefaultSort)
		return
	}
	param := r.SortParam()
	given := a.value(a.sortGiven, param)
	keys, bad := r.parseSort(given)
	if len(keys) == 0 {
		keys, _ = r.parseSort(r.DefaultSort)
	}
	a.sort = keys
	for _, b := range bad {
		a.fault(param, given, sortText(keys), b.why, b.reason)
	}
}

// badKey is one entry of a sort that is not used.
type badKey struct {
	why    Code
	reason string
}

// parseSort reads "-tonnage,vessel". Entries that are empty say nothing and are
// no fault: plain forms send them.
func (r *Rules) parseSort(text string) (keys []SortBy, bad []badKey) {
	for entry := range strings.SplitSeq(text, ",") {
		entry = strings.Trim(entry, " \t")
		name, desc := strings.CutPrefix(entry, "-")
		switch {
		case name == "":
		case r.sortKey(name) == nil:
			bad = append(bad, badKey{SortUnknownKey, quote(name) + " is no sort key here" + r.offeredKeys()})
		case slices.ContainsFunc(keys, func(k SortBy) bool { return k.Key == name }):
			bad = append(bad, badKey{SortRepeatedKey, quote(name) + " is named twice and the first counts"})
		case len(keys) == r.maxSortKeys():
			bad = append(bad, badKey{SortTooManyKeys, "a list is sorted by at most " + strconv.Itoa(r.maxSortKeys()) + " keys here"})
		default:
			if keys == nil {
				keys = make([]SortBy, 0, min(strings.Count(text, ",")+1, r.maxSortKeys()))
			}
			keys = append(keys, SortBy{Key: name, Desc: desc})
		}
	}
	return keys, bad
}

func (r *Rules) offeredKeys() string {
	if len(r.Sorts) == 0 {
		return " (none is offered)"
	}
	names := make([]string, 0, len(r.Sorts))
	for i := range r.Sorts {
		names = append(names, r.Sorts[i].Key)
	}
	return " (offered: " + strings.Join(names, ", ") + ")"
}

func sortText(keys []SortBy) string {
	var b strings.Builder
	for i, k := range keys {
		if i > 0 {
			b.WriteByte(',')
		}
		if k.Desc {
			b.WriteByte('-')
		}
		b.WriteString(k.Key)
	}
	return b.String()
}

func (a *Ask) readUnknown(i int, name string) {
	r := a.rules
	if r.Unknown == "" || r.Unknown == UnknownRides || slices.Contains(r.RideAlong, name) {
		return
	}
	reason := quote(name) + " is no parameter of this list" + r.nearestParam(name)
	given := a.parts[i].value()
	switch r.Unknown {
	case UnknownRefuse:
		a.refuse(quoted(name), given, ParamUnknown, reason)
	case UnknownDrops:
		a.parts[i].role = roleDropped
		a.adjust(quoted(name), given, "", ParamUnknown, reason)
	default:
		a.adjust(quoted(name), given, quoted(given), ParamUnknown, reason)
	}
}

// nearestParam suggests the declared parameter that was probably meant.
func (r *Rules) nearestParam(name string) string {
	best, least := "", 3 // two slips at the most
	for _, known := range []string{r.PageParam(), r.SizeParam(), r.SortParam()} {
		if d := slips(name, known, least); d < least {
			best, least = known, d
		}
	}
	if best == "" {
		return ""
	}
	return " (did you mean " + quote(best) + "?)"
}

// slips is the edit distance of two names (a letter added, lost or changed is
// one), or limit where it is no less than that.
func slips(a, b string, limit int) int {
	if len(a)-len(b) >= limit || len(b)-len(a) >= limit {
		return limit
	}
	row := make([]int, len(b)+1)
	for j := range row {
		row[j] = j
	}
	for i := range len(a) {
		diagonal := row[0]
		row[0] = i + 1
		for j := range len(b) {
			change := diagonal
			if a[i] != b[j] {
				change++
			}
			diagonal = row[j+1]
			row[j+1] = min(change, diagonal+1, row[j]+1)
		}
	}
	return min(row[len(b)], limit)
}

// Rules are the rules that the ask was read by.
func (a *Ask) Rules() *Rules { return a.rules }

// Size is how many records a page is to hold.
func (a *Ask) Size() int { return a.size }

// Sort is the sort in force, by key, without the tie-break.
func (a *Ask) Sort() []SortBy { return a.sort }

// Adjusted lists what has been changed so far; empty where nothing was.
func (a *Ask) Adjusted() []Adjustment { return a.adjusted }

// Order is the total order to read records in: the fields of each sort key and,
// as the tie-break, those of the record's own key that do not stand there
// already, in the direction of the last field before them.
func (a *Ask) Order() []Order {
	var order []Order
	has := func(field string) bool {
		return slices.ContainsFunc(order, func(o Order) bool { return o.Field == field })
	}
	desc := false
	for _, by := range a.sort {
		k := a.rules.sortKey(by.Key)
		desc = by.Desc
		for _, field := range k.fields() {
			if !has(field) {
				order = append(order, Order{Field: field, Desc: desc, NullsFirst: k.NullsFirst})
			}
		}
	}
	for _, field := range a.rules.Key {
		if !has(field) {
			order = append(order, Order{Field: field, Desc: desc})
		}
	}
	return order
}

func (k *SortKey) fields() []string {
	if len(k.Fields) == 0 {
		return []string{k.Key}
	}
	return k.Fields
}

// OrderText writes an order as it stands in the metadata: "-tonnage,-id".
func OrderText(order []Order) string {
	keys := make([]SortBy, len(order))
	for i, o := range order {
		keys[i] = SortBy{Key: o.Field, Desc: o.Desc}
	}
	return sortText(keys)
}

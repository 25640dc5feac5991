// Package code holds the codes of faults: what can be wrong with a query, and how it is
// mended.
package code

// Code names one kind of fault. Codes are stable: programs may compare them.
type Code string

// The codes. What each means, and what is used instead, is in All.
const (
	PageNotANumber        Code = "page.not_a_number"
	PageBelowFirst        Code = "page.below_first"
	PagePastLast          Code = "page.past_last"
	OffsetNotANumber      Code = "offset.not_a_number"
	OffsetBelowZero       Code = "offset.below_zero"
	OffsetRounded         Code = "offset.rounded"
	OffsetOverMax         Code = "offset.over_max"
	RowNotANumber         Code = "row.not_a_number"
	RowBelowFirst         Code = "row.below_first"
	SizeNotANumber        Code = "size.not_a_number"
	SizeBelowOne          Code = "size.below_one"
	SizeOverCap           Code = "size.over_cap"
	SizeNotOffered        Code = "size.not_offered"
	SortUnknownKey        Code = "sort.unknown_key"
	SortRepeatedKey       Code = "sort.repeated_key"
	SortTooManyKeys       Code = "sort.too_many_keys"
	SortBadDirection      Code = "sort.bad_direction"
	FieldsUnknown         Code = "fields.unknown"
	FilterBadValue        Code = "filter.bad_value"
	FilterUnknownOperator Code = "filter.unknown_operator"
	ParamRepeated         Code = "param.repeated"
	ParamUnknown          Code = "param.unknown"
	CursorDamaged         Code = "cursor.damaged"
	CursorTooLong         Code = "cursor.too_long"
	CursorForeign         Code = "cursor.foreign"
	CursorOtherOrder      Code = "cursor.other_order"
	CursorNotSealed       Code = "cursor.not_sealed"
	CursorNotAlone        Code = "cursor.not_alone"
	BackDamaged           Code = "back.damaged"
	BackForeign           Code = "back.foreign"
	BackTooLong           Code = "back.too_long"
)

// Info describes one code.
type Info struct {
	Code Code
	When string // what was found
	Used string // the default answer
}

// All lists every code, in the order of the docs.
func All() []Info {
	return []Info{
		{PageNotANumber, "a page that is not ASCII digits with an optional sign", "page 1"},
		{PageBelowFirst, "a page below 1", "page 1"},
		{PagePastLast, "a page past the last one", "the last page; by offset, an empty page (`past_last` chooses: last, first, empty, refuse)"},
		{OffsetNotANumber, "an offset that is not ASCII digits with an optional sign", "offset 0"},
		{OffsetBelowZero, "an offset below 0", "offset 0"},
		{OffsetRounded, "an offset inside a page, unless `offset_as_is`", "the start of that page"},
		{OffsetOverMax, "more than `max_offset` records to skip where the total is not known", "refused always"},
		{RowNotANumber, "a row that is not ASCII digits with an optional sign", "page 1"},
		{RowBelowFirst, "a row below 1", "page 1"},
		{SizeNotANumber, "a size that is not ASCII digits with an optional sign", "the default size"},
		{SizeBelowOne, "a size below 1", "the default size"},
		{SizeOverCap, "a size over the cap, or `all` of more records than that allows", "the cap; for `all`, its limit"},
		{SizeNotOffered, "a size that is not offered, where only offered ones are served", "the nearest offered size, of two the smaller"},
		{SortUnknownKey, "a sort key that is not offered", "the other keys, or the default sort"},
		{SortRepeatedKey, "a sort key named twice", "the first of them"},
		{SortTooManyKeys, "more sort keys than `max_sort_keys`", "the first ones"},
		{SortBadDirection, "a direction that is neither asc nor desc", "the key's first direction"},
		{FieldsUnknown, "a field that is not shown", "the other fields, or all"},
		{FilterBadValue, "a filter or search value that is not of its type", "refused; where mended, the filter is left out"},
		{FilterUnknownOperator, "a known field with an unknown operator", "refused; where mended, the filter is left out"},
		{ParamRepeated, "a parameter that has one value, given more than once; a sort or fields, unless `repeat` makes one list of them", "the last one"},
		{ParamUnknown, "a parameter that the rules do not know", "as `unknown` says: it rides along, is noted, dropped or refused"},
		{CursorDamaged, "a cursor that cannot be read, or holds a value that is not of its field's type", "the first page"},
		{CursorTooLong, "a cursor longer than 1,024 bytes", "the first page"},
		{CursorForeign, "a cursor of another list", "the first page"},
		{CursorOtherOrder, "a cursor that was written under another sort or other rules", "the first page"},
		{CursorNotSealed, "a readable cursor where the list is sorted by a field that is not shown", "the first page"},
		{CursorNotAlone, "a cursor together with another one, a page, an offset or a row", "the first page"},
		{BackDamaged, "a way back that cannot be read", "the list's first page"},
		{BackForeign, "a way back to another list", "the list's first page"},
		{BackTooLong, "a way back longer than 2,048 bytes", "the list's first page"},
	}
}

package cursor

import "slices"

// Found is the result of Seek.
type Found struct {
	Rows   int  // records on the side of the place that was asked for, at most as many as asked for
	Behind bool // there are records on its other side
}

// Seek reads what follows a place or, backward, what precedes it, the nearest first. The function
// read reads so many records from the place on or, with after, behind it, and returns how many it received and
// the place of the first; it is called again where what it read is of no use, and the records of
// the last time count. Where the place's own record comes first, it is left out: then skip is
// true. The function there reports whether there is a record the other way, from the place on or
// behind it. The function same reports whether two places may belong to the same record.
//
// As a rule the record of the place is still there, and one read is enough.
func Seek(at *Place, backward bool, limit int, same func(a, b []*string) bool, read func(after bool, limit int) (received int, first []*string, err error), there func(after bool) (bool, error)) (found Found, skip bool, err error) {
	without := at.Behind != backward // the record itself is on the other side
	if !without {
		if found.Rows, _, err = read(false, limit); err != nil {
			return found, false, err
		}
	} else {
		received, first, err := read(false, limit+1)
		switch {
		case err != nil:
			return found, false, err
		case received > 0 && slices.EqualFunc(first, at.Values, sameText):
			return Found{received - 1, true}, true, nil
		case received > 0 && same(first, at.Values): // it has moved on, or is written otherwise now
			if received, _, err = read(true, limit); err != nil {
				return found, false, err
			}
		}
		found.Rows = min(received, limit)
	}
	found.Behind, err = there(!without)
	return found, false, err
}

func sameText(a, b *string) bool { return a == b || a != nil && b != nil && *a == *b }

// SameIn reports whether two places have the same values in some fields of the order, those of a
// key: they may then belong to the same record.
func SameIn(fields []int, a, b []*string) bool {
	return !slices.ContainsFunc(fields, func(i int) bool { return !sameText(a[i], b[i]) })
}

package statement

import (
	"fmt"

	"pageladder.example/paging"
)

// Error is a mistake of the program: in a Table, in a Where, in a place or key that it hands in, or in rules
// that the table does not fit. What callers do wrong is a *paging.Refusal instead.
type Error struct {
	At   string // what is wrong: "ByKey", "Where", `field "berth"`
	Says string // what was found there, and what would be right
}

func (e *Error) Error() string { return "statement: " + e.At + ": " + e.Says }

func mistake(at, format string, args ...any) error { return &Error{at, fmt.Sprintf(format, args...)} }

func fieldAt(name string) string { return fmt.Sprintf("field %.100q", name) }

var (
	noKey   = mistake("rules", "they name no key, so that no order is total")
	noWords = mistake("search", "SQLite cannot take texts apart into words; the table needs Words or Search")
)

func approximate(c *column) error {
	return mistake(fieldAt(c.name), "it is approximate: a list that is sorted by it has no places")
}

// serves is no error if a list has everything that rules offer.
func (l *List) serves(r *paging.Rules) error {
	if err := r.Check(); err != nil {
		return err
	}
	all := r.Resolved()
	if len(all.Key) == 0 {
		return noKey
	}
	sorted := all.Key
	for i := range all.Sorts {
		sorted = append(sorted, all.Sorts[i].Fields...)
	}
	for _, name := range sorted {
		if _, err := l.sortable(name); err != nil {
			return err
		}
	}
	for i := range all.Filters {
		if _, err := l.filtered(all.Filters[i].Field, all.Filters[i].Type); err != nil {
			return err
		}
	}
	for _, name := range all.Show {
		if _, err := l.field(name); err != nil {
			return err
		}
	}
	if len(all.Search) == 0 {
		return nil
	}
	return (&writer{dialect: l.dialect}).search(l, all.Search, "word")
}

package catalog

import (
	"errors"
	"fmt"
	"slices"

	"pageladder.example/internal/intake"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Errors about a set's settings.
var (
	ErrFields      = errors.New("the rules do not fit the set's fields")
	ErrKey         = errors.New("the rules' key is not the one that the set was created with; import or attach it again to change that")
	ErrNotAttached = errors.New("this is a kept set: all its changes are known, so there is nothing to follow or to remember")
)

// Fits checks that every field which rules name is there and has the right type.
func Fits(r *rulesfile.Rules, fields []intake.Field) error {
	for i := range r.Filters {
		rule := &r.Filters[i]
		want := rule.Type
		if want == "" {
			want = value.Text
		}
		if f := fieldOf(fields, rule.Field); f != nil && f.Type != want {
			return fmt.Errorf("%w: they filter by %q as %s, and it is %s", ErrFields, f.Name, want, f.Type)
		}
	}
	for _, name := range NamedBy(r) {
		if fieldOf(fields, name) == nil {
			return fmt.Errorf("%w: there is no field %q", ErrFields, name)
		}
	}
	if len(r.Key) == 0 {
		return fmt.Errorf("%w: they name no key", ErrFields)
	}
	return nil
}

// NamedBy are the fields that rules name.
func NamedBy(r *rulesfile.Rules) []string {
	return append(RequestedBy(r), slices.Concat(r.Show, slices.Concat(r.Indexes...))...)
}

// RequestedBy are the fields that callers may sort, filter and search by, and the key.
func RequestedBy(r *rulesfile.Rules) []string {
	names := slices.Concat(r.Key, r.Search)
	for i := range r.Sorts {
		if len(r.Sorts[i].Fields) == 0 {
			names = append(names, r.Sorts[i].Key)
		}
		names = append(names, r.Sorts[i].Fields...)
	}
	for i := range r.Filters {
		names = append(names, r.Filters[i].Field)
	}
	return names
}

// ValueError is the error for a value that does not fit its field.
type ValueError struct{ Field, Found, Want string }

func (e *ValueError) Error() string { return e.Field + ": " + e.Says() }

// Unfit is the error for a value of a field: what was found, and what would be right.
func Unfit(field, found, want string) *ValueError { return &ValueError{field, found, want} }

// Says is the error without the field.
func (e *ValueError) Says() string { return "found " + e.Found + "; right would be " + e.Want }

// Package view shows record sets as lists at one state, whatever they are kept in.
//
// A Source opens views of its sets. A View is a set's list at one Mark; some views own a
// transaction, so that they are closed. A Question is built from a view, for the filters, the search
// and the order of an ask; whatever is known of a list is found by questions. A list that is held
// still is a view At an earlier mark.
//
// Whoever uses a view does not know which kind of source it is of: what differs is a method.
package view

import (
	"context"
	"errors"
	"fmt"
	"slices"

	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/paging"
)

// Source is where records are, and how they are read there.
type Source interface {
	// Open opens a view of a set that the source has.
	Open(ctx context.Context, set Found, how How) (View, error)
}

// Found is a set as the catalogue knows it.
type Found struct {
	*catalog.Set
	Current bool  // it is known to be as it is now
	Turn    int64 // see catalog.Catalog
}

// How says how a view is opened.
type How int

// The ways.
const (
	// Latest is the latest state that the source knows of. Statements see states of their own, and say
	// which: Question.Read and One return the view that their answer is of.
	Latest How = iota
	// Still is one snapshot, of a state that is known by its mark where the source has marks.
	Still
	// Plain is one snapshot, read without anything that is remembered.
	Plain
)

// View is a set's list at one state. It never changes, except that it can be closed.
type View interface {
	// Set is the set, with the version and the number of records that it has in this view.
	Set() *catalog.Set
	// Mark is the state.
	Mark() Mark
	// Version is the number by which the list can be held as it is in this view; 0: it cannot be.
	Version() int64
	// Steady reports whether everything is read in one snapshot.
	Steady() bool
	// Ask makes a question.
	Ask(selection Selection) (Question, error)
	// Confirm is the view of the state that the source is at now; this one if that is known to be the same
	// state. The error is a *Moved if the set is another one by now.
	Confirm(ctx context.Context) (View, error)
	// At is the same list held at an earlier state; the error is a *GoneError if that is not possible.
	At(ctx context.Context, number int64) (View, error)
	// Failed is what an error of reading means for a reader, and whether it may help to read again.
	Failed(ctx context.Context, err error) (explained error, again bool)
	// From says where the view is read.
	From() From
	// Within is a context that also ends, with the cause servers.ErrSilent, when the server that the view is read from falls silent.
	Within(ctx context.Context) (context.Context, context.CancelFunc)
	// Floor is the floor of a caller who has seen what was read by the view.
	Floor(ctx context.Context) (Floor, error)
	// Again opens one snapshot of the set, on the same server.
	Again(ctx context.Context) (View, error)
	// Close lets go what the view owns. Views that were derived from it end with it.
	Close()
}

// Selection is what a question is built from.
type Selection struct {
	Ask  paging.Ask
	Sees catalog.Visibility
	// Except is a field whose conditions in the ask do not count; "": none.
	Except  string
	Explain *Explain // notes the statements; may be nil
	// Through are the changes that a list that is held still is read by, as Change.Place names them; nil:
	// all since its mark.
	Through []string
}

// Conditions are the ask's conditions that count.
func (a *Selection) Conditions() []paging.Condition {
	return slices.DeleteFunc(a.Ask.Conditions(), func(c paging.Condition) bool { return c.Field == a.Except })
}

// Question is what a request wants of a view's list, besides which page: filters, search, order.
type Question interface {
	View() View
	Selection() *Selection
	// Name is equal for questions of the same list: the same records, filters and search, in any order.
	Name() string
	// Mark is the state at which what the question finds may be remembered: the view's, or none for a list
	// that is held still for a caller who is bound by a fixed filter, since it changes with that.
	Mark() Mark
	// Filtered reports whether the list is a part of the set's records.
	Filtered() bool
	// Records is the number of records of the list, if the view has it.
	Records() (n int64, ok bool)
	// Order is how places of the list compare, as far as that is known outside the source.
	Order() order.Order

	// Place is the place of a record with some values in the fields of the order, as Row has them. The error
	// is that the list has no places.
	Place(order [][]byte) ([]*string, error)

	// Read calls a function with the records of a window, one after the other. It returns the view that
	// they are of: another one if the set has moved on.
	Read(ctx context.Context, w Window, each func(*Row) error) (Seen, error)
	// One reads fields of the record with a key. The error is ErrNoRecord if the list does not have it.
	One(ctx context.Context, key, fields []string) (*Single, error)
	// Count counts the list: to its end or, with limit above 0, as far as that. Whole means that the end was
	// reached: a source may give up before, where counting takes too long.
	Count(ctx context.Context, limit int64) (n int64, whole bool, err error)
	// UpTo is the number of records up to a place, that of the place included. The view must be steady.
	UpTo(ctx context.Context, place []*string) (int64, error)
	// Values counts a field's values under all conditions but those of the ask on the field itself: the
	// most frequent first, at most so many; ranked: with their ranks. The view must be steady.
	Values(ctx context.Context, field string, limit int, ranked bool) ([]Value, error)
	// Every walks through the list and calls a function with the order's values of the first record of each
	// step and with its position; it may do so for others. The view must be steady.
	Every(ctx context.Context, step func() int64, each func(order [][]byte, at int64) error) (records int64, err error)
	// Compare compares pairs of places as the source sorts them. A result is the number of the field of
	// the order that decides, from 1, with the sign of the comparison; 0 if all are equal.
	Compare(ctx context.Context, pairs [][2][]*string) ([]int, error)
	// Since is what has changed in the list after a mark and until the view's. The error is a *LostError if
	// the source does not know them.
	Since(ctx context.Context, after Mark, want Want) (*Changes, error)
	// Snapshot calls a function with the same question of a steady view, perhaps of a later state.
	Snapshot(ctx context.Context, do func(Question) error) error
}

// Window says which records are read. A place is the values of a record in the fields of the order,
// in canonical form.
type Window struct {
	Fields   []string
	Order    bool      // also the values of the order's fields
	From     []*string // the place to begin at; nil: the begin of the list
	After    bool      // begin after that place
	Backward bool      // in the opposite order, from the end of the list
	Upto     bool      // from the begin of the list up to the place, or before it with After; Backward is not looked at
	Skip     int64
	Limit    int // 0: all
}

// Row is a record that was read. Values are texts as PostgreSQL writes them; a missing one is nil.
// They are valid until the function that gets the row returns.
type Row struct {
	Values [][]byte
	Order  [][]byte
	Fate   Fate
}

// Seen says what was read.
type Seen struct {
	View   View  // that the answer is of
	Looked int64 // of a list held still: the changes that it was read by
}

// Single is one record.
type Single struct {
	Values   [][]byte
	Revision int64 // the number of its changes; 0: not known
	View     View
}

// Value is one value of a field. Rank is its place in the order of the field's values.
type Value struct {
	Text  *string // as rows have it; nil: it is missing
	Count int64
	Rank  int
}

// Want says what is read of changes.
type Want struct {
	Fields []string // with their values each record is given as it was before or after; else only numbers
	Places bool     // with Change.Place
	Limit  int64    // of changes; more is a *LostError
	Far    bool     // the mark is one that a caller has chosen: much may have to be read
}

// Change is a record before it was changed or after, or a number of them.
type Change struct {
	Origin
	By     int64    // how much the list grew: 1, -1, or a sum
	Values [][]byte // of the fields that were wanted
	Place  string   // names the change, for Selection.Through
}

// Changes are changes of a list, by rising number of their origin.
type Changes struct {
	All    []Change
	Looked int64 // changes of all records of the set, in the list or not
	// Until is the state up to which they were read: as a rule the view's. A source without a record of
	// changes gives none, and leaves the state as it is for as long as it may be used.
	Until Mark
}

// LostError is the error for changes that a source no longer has.
type LostError struct {
	Why string
	// Fields are the wanted fields of which a value is missing; empty: it is not for those.
	Fields []string
}

func (e *LostError) Error() string { return "view: the changes are not known: " + e.Why }

// Fate is what has become of a record since the mark that its list is held at.
type Fate string

// The fates.
const (
	Same    Fate = ""
	Altered Fate = "changed"
	Gone    Fate = "gone"
)

// ErrNoRecord is the error for a record that is not there.
var ErrNoRecord = errors.New("there is no such record")

// Moved is the error for an answer that is of no state: the set has changed while it was read.
type Moved struct{ Why string }

func (e *Moved) Error() string { return "view: the set has changed while it was read: " + e.Why }

// GoneError is the error for a mark at which a list cannot be held, or no longer.
type GoneError struct {
	Mark int64
	Why  string
}

func (e *GoneError) Error() string {
	return fmt.Sprintf("the list cannot be read as it was at version %d: %s", e.Mark, e.Why)
}

// PlaceError is the error of a place with a value that its field cannot have.
type PlaceError struct{ Says string }

func (e *PlaceError) Error() string { return e.Says }

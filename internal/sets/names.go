package sets

import (
	"context"
	"errors"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/fence"
	"pageladder.example/internal/once"
	"pageladder.example/internal/peers"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/editing"
	"pageladder.example/internal/sets/loading"
	"pageladder.example/internal/sets/reading"
	"pageladder.example/internal/sets/source"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
)

// The names that others use, of what is on the floors below.
type (
	Set        = catalog.Set
	Definition = catalog.Definition
	Settings   = catalog.Settings
	Visibility = catalog.Visibility
	FixedError = catalog.FixedError
	ValueError = catalog.ValueError

	FollowState = source.FollowState
	GoneError   = view.GoneError
	BehindError = view.BehindError
	TableError  = source.TableError
	Behind      = fence.Behind
	Lacking     = peers.Lacking
	Explain     = view.Explain
	Known       = view.Known
	Times       = view.Times
	Caller      = view.Caller
	Floor       = view.Floor
	Sighting    = view.Sighting
	Fate        = view.Fate

	Request    = reading.Request
	Page       = reading.Page
	Held       = reading.Held
	Facet      = reading.Facet
	Record     = reading.Record
	Objects    = reading.Objects
	CountError = reading.CountError
	CostError  = reading.CostError

	Values   = editing.Values
	Revision = editing.Revision
	Once     = once.Write
	Done     = once.Done

	Attach     = loading.Attach
	Draft      = loading.Draft
	Import     = loading.Import
	IndexState = loading.IndexState
	FileError  = loading.FileError
	DataError  = tables.DataError
)

// Constants of the floors below.
const (
	Filtered = catalog.Filtered
	All      = catalog.All

	Same    = view.Same
	Changed = view.Altered
	Gone    = view.Gone

	FacetsLimit        = reading.FacetsLimit
	DefaultImportBytes = loading.DefaultImportBytes
)

// Errors of the floors below.
var (
	ErrNoSet       = catalog.ErrNoSet
	ErrFields      = catalog.ErrFields
	ErrKey         = catalog.ErrKey
	ErrNotAttached = catalog.ErrNotAttached
	ErrSetTaken    = catalog.ErrSetTaken
	ErrNoSource    = source.ErrNoSource
	ErrSuperuser   = source.ErrSuperuser
	ErrSourceAway  = source.ErrSourceAway
	ErrNoRecord    = view.ErrNoRecord
	ErrNotFollowed = changes.ErrNotFollowed
	ErrTable       = loading.ErrTable
	ErrTooLarge    = loading.ErrTooLarge
	ErrCutOff      = loading.ErrCutOff
	ErrStale       = editing.ErrStale
	ErrKeyTaken    = editing.ErrKeyTaken
	ErrWriting     = once.ErrWriting
	ErrNoTurn      = postgres.ErrNoTurn
	ErrUnconfirmed = postgres.ErrUnconfirmed
	ErrKeyUsed     = once.ErrKeyUsed
	ErrReadOnly    = editing.ErrReadOnly
)

// Functions of the floors below.
var (
	ObjectsOf = reading.ObjectsOf
	AppendCSV = reading.AppendCSV
	Text      = reading.Text
	CheckCost = reading.CheckCost
	TooSlow   = postgres.TooSlow
)

// Unavailable reports whether an error means that the database cannot be reached at the moment, so
// that trying again later may help.
func Unavailable(err error) bool {
	var file *FileError // that ended early is no trouble of the database
	return !errors.As(err, &file) && postgres.Unavailable(err)
}

// AsFault turns a database error that is the data's fault into a *DataError; others stay as they
// are.
func AsFault(err error) error { return tables.Fault(nil, err) }

// OnceOf is the write that a context names; nil if it names none.
func OnceOf(ctx context.Context) *Once { return once.Of(ctx) }

// ParseFloor reads a floor, as Floor.String writes it.
func ParseFloor(text string) (Floor, bool) { return view.ParseFloor(text) }

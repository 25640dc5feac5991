package loading

import (
	"cmp"
	"context"
	"errors"
	"fmt"
	"hash"
	"io"
	"maps"
	"os"
	"slices"
	"strings"

	"golang.org/x/sys/unix"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/once"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Import is a file that becomes the records of a kept set.
type Import struct {
	Name    string // of the set
	Label   string // empty: the name
	Source  io.Reader
	Options intake.Options
	// Rules are the set's rules; nil: the rules that the set has or, for a new set, rules that
	// offer every field.
	Rules *rulesfile.Rules
	// New requires that there is no set of the name.
	New bool
	// Fixed is the set's fixed filter; empty: the one that it has.
	Fixed string
	// Aside receives the rows that could not be read, so that they can be corrected; nil: such rows
	// refuse the import.
	Aside io.Writer
	// Check only examines the file: nothing is stored, and no set is returned.
	Check bool
	// Hash has taken in what was sent beside the file, to compare imports of one name with; nil: none names itself.
	Hash hash.Hash
	// BytesLimit is the largest file; 0: DefaultImportBytes.
	BytesLimit int64
}

// DefaultImportBytes is the largest file that is imported unless configured otherwise.
const DefaultImportBytes = 4 << 30

// ErrTooLarge is the error for a file over the limit.
var ErrTooLarge = errors.New("the file is larger than imports may be")

// ErrCutOff is the error for a file that ended before its end.
var ErrCutOff = errors.New("the file was cut off")

// FileError is the error for a file that holds no records.
type FileError struct{ Cause error }

func (e *FileError) Error() string { return e.Cause.Error() }
func (e *FileError) Unwrap() error { return e.Cause }

// nameless makes a temporary file without a name, so that a process that is killed leaves none
// behind.
func nameless() (*os.File, error) {
	if file, err := os.OpenFile(os.TempDir(), unix.O_TMPFILE|os.O_RDWR, 0o600); err == nil {
		return file, nil
	}
	file, err := os.CreateTemp("", "pageladder-import-") // for file systems that have no files without names
	if err == nil {
		err = os.Remove(file.Name())
	}
	return file, err
}

// Import makes or replaces a set from a file. The file is copied to disk first, since types are
// found from all of its values; it is never held in memory. The import is all or nothing. Errors
// are ErrTooLarge, catalog.ErrSetTaken, *FileError, *intake.BadRows if rows could not be read and nobody takes them
// aside, other faults of the file, or the database's. An import whose context names it (once.Write) is done once: again it
// is answered with the set as it is by now, nil if that has been removed.
func (l *Loader) Import(ctx context.Context, in Import) (*catalog.Set, *intake.Plan, error) {
	file, err := nameless()
	if err != nil {
		return nil, nil, err
	}
	defer file.Close()
	limit := in.BytesLimit
	if limit == 0 {
		limit = DefaultImportBytes
	}
	named := once.Of(ctx)
	if in.Check || in.Hash == nil {
		named = nil
	}
	to := io.Writer(file)
	if named != nil {
		to = io.MultiWriter(file, in.Hash)
	}
	if n, err := io.Copy(to, io.LimitReader(in.Source, limit+1)); err != nil {
		return nil, nil, fmt.Errorf("%w: %w", ErrCutOff, err)
	} else if n > limit {
		return nil, nil, ErrTooLarge
	}
	if err := ctx.Err(); err != nil {
		return nil, nil, err
	}
	if named != nil {
		named.Digest = [32]byte(in.Hash.Sum(nil))
	}
	set, plan, err := l.importOnce(ctx, named, &in, file)
	if errors.As(err, new(*once.Done)) { // perhaps only just now
		return l.again(ctx, &in, file)
	}
	return set, plan, err
}

func (l *Loader) importOnce(ctx context.Context, named *once.Write, in *Import, file io.ReadSeeker) (*catalog.Set, *intake.Plan, error) {
	old, err := catalog.Get(ctx, l.pool, in.Name)
	if err != nil && !errors.Is(err, catalog.ErrNoSet) {
		return nil, nil, err
	}
	if err := named.Look(ctx, l.pool); err != nil { // after the set, which may be of this very import
		return nil, nil, err
	}
	var was *catalog.Definition
	if old != nil {
		was = old.Definition
	}
	if in.New && old != nil {
		return nil, nil, catalog.ErrSetTaken
	}
	in.follow(was)
	plan, bad, err := intake.NewPlan(ctx, file, in.Options)
	if cause := ctx.Err(); cause != nil {
		return nil, nil, cause
	}
	if err != nil {
		return nil, nil, &FileError{err}
	}
	if in.Check {
		if bad != nil {
			return nil, plan, bad
		}
		return nil, plan, nil
	}
	if bad != nil && in.Aside == nil {
		return nil, plan, bad
	}
	draft, err := draftOf(in, was, plan)
	if err != nil {
		return nil, plan, err
	}
	set, err := l.load(ctx, named, draft, "", func(to io.Writer) error { return plan.WriteRecords(ctx, file, to, in.Aside) })
	return set, plan, err
}

// again answers an import that has been done: with the set as it is by now, nil if it is not there any more, and with what is found in the
// file anew.
func (l *Loader) again(ctx context.Context, in *Import, file io.ReadSeeker) (*catalog.Set, *intake.Plan, error) {
	set, err := catalog.Get(ctx, l.pool, in.Name)
	if err != nil && !errors.Is(err, catalog.ErrNoSet) {
		return nil, nil, err
	}
	if set != nil {
		in.follow(set.Definition)
	}
	plan, _, err := intake.NewPlan(ctx, file, in.Options)
	if err == nil && in.Aside != nil {
		err = plan.WriteRecords(ctx, file, io.Discard, in.Aside)
	}
	return set, plan, err
}

// follow declares what the rules of the existing set rely on, unless the import says otherwise:
// its key, and the types of the fields that they name. A file that does not fit is then reported
// line by line.
func (in *Import) follow(old *catalog.Definition) {
	if old == nil || in.Rules != nil || old.Attached() {
		return
	}
	if len(in.Options.Key) == 0 {
		in.Options.MakeKey = strings.HasPrefix(old.Rules.Key[0], intake.RowNumber)
		if !in.Options.MakeKey {
			in.Options.Key = old.Rules.Key
		}
	}
	types := maps.Clone(in.Options.Types)
	if types == nil {
		types = map[string]value.Type{}
	}
	for _, name := range catalog.NamedBy(old.Rules) {
		if f := old.Field(name); types[name] == "" && !(in.Options.MakeKey && name == old.Rules.Key[0]) {
			types[name] = f.Type
		}
	}
	in.Options.Types = types
}

// draftOf is the set that an import will make.
func draftOf(in *Import, old *catalog.Definition, plan *intake.Plan) (Draft, error) {
	draft := Draft{Name: in.Name, Label: in.Label, Fields: slices.Clone(plan.Fields), Rules: in.Rules, Fixed: in.Fixed, isNew: in.New, keepRules: in.Rules == nil && old != nil, offered: in.Rules == nil && old == nil}
	if old == nil {
		old = &catalog.Definition{Label: in.Name, Rules: rulesFor(plan)}
	}
	if draft.Rules == nil {
		draft.Rules = old.Rules
	}
	draft.Label = cmp.Or(draft.Label, old.Label)
	if err := catalog.CheckSaid(old, draft.Label, draft.Fixed); err != nil {
		return Draft{}, err
	}
	for i := range draft.Fields { // the labels of fields stay when a new file is imported
		if f := old.Field(draft.Fields[i].Name); f != nil {
			draft.Fields[i].Label = f.Label
		}
	}
	if err := catalog.Fits(draft.Rules, plan.Fields); err != nil {
		return Draft{}, err
	}
	return draft, draft.Rules.Check()
}

// offering is rules that offer fields to sort and filter by, under names that are easy to write in
// a query.
func offering(fields []intake.Field, key []string) *rulesfile.Rules {
	r := rulesfile.Of(paging.Rules{Key: key, Unknown: paging.UnknownNoted, Repeat: "list"})
	names := make([]string, len(fields))
	for i, f := range fields {
		names[i] = f.Name
	}
	for i, name := range intake.SafeNames(names) {
		f := fields[i]
		if f.Type != value.JSON && f.Type != catalog.UnknownType {
			sort := paging.SortKey{Key: name}
			if name != f.Name {
				sort.Fields = []string{f.Name}
			}
			r.Sorts = append(r.Sorts, sort)
			r.Filters = append(r.Filters, paging.FilterRule{Field: f.Name, Type: f.Type})
		}
	}
	if !slices.Contains(names, "after") && !slices.Contains(names, "before") {
		r.Params.After, r.Params.Before = "after", "before"
	}
	return r
}

// rulesFor is rules that offer every field of a file to sort and filter by, and its text fields to
// search. Text has no filter for a part of it: the search finds words, with a single index.
func rulesFor(plan *intake.Plan) *rulesfile.Rules {
	r := offering(plan.Fields, plan.Key)
	for i := range r.Filters {
		if f := &r.Filters[i]; f.Type == value.Text {
			r.Search = append(r.Search, f.Field)
			f.Operators = []paging.Operator{paging.Equals, paging.Not, paging.None}
		}
	}
	return r
}

package source

import (
	"context"
	"strconv"
	"strings"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// Followed is the source of attached sets whose owners let us keep a log of their changes, in their
// own database. What is known of one is known at states, each of which is what one snapshot of its
// database saw. While the log is not there, or not what it was, it is read like any attached set.
type Followed struct {
	*Attached
	following *Following
	keeps     bool // the log is kept by this one: on a replica it cannot be
}

// followedForm is the form of a followed table. Neither the table nor its partitions are foreign.
var followedForm = relation.Form{
	Revision: relation.NoRevision,
	Places:   statement.Compared,
	Stamp:    func(t *relation.Table, first int) string { return "select " + t.Log.Stamp(first) },
	Stamped:  changes.StampArgs,
	Search:   func(*catalog.Definition) string { return "" },
	Typed: func(t *relation.Table, f *intake.Field) (base, collation string) {
		base, collation, collated := strings.Cut(t.Log.Type(f.Name), " collate ")
		if collated {
			collation = "collate " + collation
		}
		return base, collation
	},
}

// Open opens a view.
func (f *Followed) Open(ctx context.Context, found view.Found, how view.How) (view.View, error) {
	latest := (*relation.View)(nil)
	if how != view.Plain {
		latest = f.following.latest(f, found.Set)
	}
	switch {
	case latest == nil:
		v, err := f.open(ctx, found.Set, how)
		if err != nil {
			return nil, f.db.unopened(ctx, found.Set.Definition, err)
		}
		v.Unheld = f.following.notFollowed(found.Set)
		return v, nil
	case how == view.Latest:
		current := *latest
		current.AsOf = asOf(f.server)
		return &current, nil
	}
	v, err := f.still(ctx, latest)
	if err != nil {
		return nil, f.db.unopened(ctx, found.Set.Definition, err)
	}
	return v, nil
}

// still opens a view in a snapshot of its own.
func (f *Followed) still(ctx context.Context, latest *relation.View) (*relation.View, error) {
	since := asOf(f.server)
	tx, end, err := relation.Begin(ctx, f.db.Pools().Main, elsewhere)
	if err != nil {
		return nil, err
	}
	var v *relation.View
	mark, err := latest.Table.Log.MarkIn(ctx, tx)
	if err == nil {
		v, err = f.following.markedAt(latest, mark)
	}
	if err != nil {
		end()
		return nil, err
	}
	current := *v
	current.Tx, current.End, current.AsOf = tx, end, since
	return &current, nil
}

func (f *Followed) ListName(v *relation.View) string {
	// The number of a state is only unique since the set was defined.
	return listsOf(f.server) + strconv.Quote(v.On.Source+"."+v.On.Schema+"."+v.On.Table) + " " + v.On.Name + " " + strconv.FormatInt(v.On.Defined(), 10)
}

func (f *Followed) Against(v *relation.View, own statement.Where) statement.Where {
	named, args := changes.AgainstMark(v.State.Saw, len(own.Args)+1)
	return relation.And(own, statement.Where{SQL: named, Args: args})
}

func (f *Followed) Knows(field *intake.Field) bool { return !field.Own && field.Type != value.Text }

// Unstamped leaves out the SQL of the stamp, which is long.
func (f *Followed) Unstamped(v *relation.View, sql string) string {
	for _, first := range []int{1, len(v.Table.Own.Args) + 1} {
		sql = strings.Replace(sql, v.Table.Log.Stamp(first), "'…'", 1)
	}
	return sql
}

func (f *Followed) Seen(v *relation.View, stamp []byte) (*relation.View, error) {
	seen, err := changes.ReadStamp(string(stamp), v.State.Saw)
	switch {
	case err != nil:
		return nil, err
	case seen == nil: // the snapshot is the state's own
		return v, nil
	case seen.Log != v.State.Log && seen.Log != "":
		return nil, f.following.forsake(v, tableChanged)
	case seen.Gap != "":
		return nil, f.following.forsake(v, seen.Gap)
	case !seen.New:
		f.following.same(v, seen.Saw)
		return v, nil
	}
	return f.following.reaches(v, seen.Saw)
}

// Confirm reads the current state. In a snapshot it checks whether the table has the partitions
// that it had when the transaction began: those that come and go meanwhile do so for its later
// statements, whatever its snapshot is.
func (f *Followed) Confirm(ctx context.Context, v *relation.View) (*relation.View, error) {
	if v.Tx != nil {
		mark, err := v.Table.Log.MarkIn(ctx, v.Tx)
		if err == nil && mark.Log != v.State.Log {
			err = f.following.forsake(v, tableChanged)
		}
		return v, err
	}
	stamp, err := v.AskStamp(ctx, f.db.Pools().Plain)
	if err != nil {
		return nil, err
	}
	return f.Seen(v, stamp)
}

func (f *Followed) Snapshot(ctx context.Context, v *relation.View) (*relation.View, error) {
	return f.still(ctx, v)
}

func (f *Followed) MarkOf(ctx context.Context, v *relation.View, number int64) (changes.Mark, error) {
	if f.Version(v) == 0 {
		return changes.Mark{}, &view.GoneError{Mark: number, Why: relation.NotHeld}
	}
	mark, err := f.following.numbers.of(ctx, v.On.Name, v.State.Log, number)
	if err == nil && !v.State.Covers(mark) {
		err = &view.Moved{Why: "the database that is read is behind, or the order of the two states is not known"}
	}
	return mark, err
}

func (f *Followed) Version(v *relation.View) int64 {
	if !v.Table.Holds || f.following.numbers.readOnly { // else the number means other states elsewhere
		return 0
	}
	return v.State.Version
}

func (f *Followed) LogReader(ctx context.Context, v *relation.View, far bool) (postgres.Querier, func(), error) {
	return logReader(ctx, f.db.Pools(), f.db.making, far && v.Tx == nil)
}

func (f *Followed) Origin(v *relation.View, number int64) view.Origin {
	return view.Origin{Number: v.State.Version, ID: uint64(number)}
}

func (f *Followed) Lost(v *relation.View, why string) {
	if why == relation.AnotherLog || why == relation.NoLog || why == relation.NoMoreLog {
		f.following.forsake(v, why)
	}
}

// Failed has a page read the plain way if its log cannot be read. A question that took too long, or that
// has a value of another type, says nothing of the log.
func (f *Followed) Failed(ctx context.Context, v *relation.View, err error) (error, bool) {
	if f.server != nil && f.server.Elsewhere(err) {
		return f.db.explained(v.Table.SQL, err), true
	}
	code := postgres.Code(err)
	if ctx.Err() == nil && !postgres.IsDataException(code) && code != postgres.Canceled && (code != "" || postgres.Unavailable(err)) {
		f.following.forsake(v, "its log could not be read: "+err.Error())
		f.db.askAgain(ctx, err)
		return f.db.explained(v.Table.SQL, err), true
	}
	return f.db.explained(v.Table.SQL, err), false
}

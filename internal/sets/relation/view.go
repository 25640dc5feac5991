// Package relation shows a table of PostgreSQL as a list: it writes the statements, reads the table's change
// log, and holds the list still. Which table that is, and over which connections, its Kind says: see package
// source.
package relation

import (
	"context"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// View is a view of a table of PostgreSQL. Sources make views, and change none that they have given out.
type View struct {
	Kind   Kind
	Table  *Table
	On     *catalog.Set // as it is in this view
	State  changes.Mark // zero: the kind has none
	Shown  view.Mark    // the same, for others
	Found  view.Found   // of a kept set: what the catalogue knew
	Unheld string       // why the list cannot be held; "": the usual reason

	Tx      pgx.Tx // of a steady view
	End     func() // lets it go
	Plainly bool   // nothing that is remembered is used

	AsOf time.Time // of a replica, see view.From

	held *changes.Mark
}

// Kind is what differs between the views of one kind of source and those of another.
type Kind interface {
	// ListName names the records of a view's set, without a filter.
	ListName(v *View) string
	// Against adds to a condition what stamps are compared with.
	Against(v *View, own statement.Where) statement.Where
	// Knows reports whether values of a field have an order that we know as the database does.
	Knows(f *intake.Field) bool
	// Pools are the connections to the database.
	Pools(v *View) postgres.Pools
	// Server is the server that they lead to; nil if there is but one.
	Server() *servers.Server
	// Records is the number of all records, if the view has it.
	Records(v *View) (int64, bool)
	// Unstamped is a statement without the SQL of its stamp, if that is long.
	Unstamped(v *View, sql string) string
	// CountTime is the time limit of a count.
	CountTime() time.Duration

	// Seen is the view of the state that a stamp names; the view itself if it is the same.
	Seen(v *View, stamp []byte) (*View, error)
	// Confirm is the view of the state of now.
	Confirm(ctx context.Context, v *View) (*View, error)
	// Snapshot opens one snapshot of a view's set.
	Snapshot(ctx context.Context, v *View) (*View, error)
	// MarkOf is the state with a number, at which the list can be held.
	MarkOf(ctx context.Context, v *View, number int64) (changes.Mark, error)
	// Version is the number by which the list can be held as the view shows it; 0: it cannot be.
	Version(v *View) int64
	// Floor is the floor of a caller who has seen what was read by a view.
	Floor(ctx context.Context, v *View) (view.Floor, error)

	// LogReader gives connections for reading a log, until done is called; far: much of it.
	LogReader(ctx context.Context, v *View, far bool) (db postgres.Querier, done func(), err error)
	// Origin is the origin of a change in a log.
	Origin(v *View, number int64) view.Origin
	// Lost notes that a log no longer has what has changed.
	Lost(v *View, why string)
	// Failed is what an error of reading means for a reader, and whether it may help to read again.
	Failed(ctx context.Context, v *View, err error) (explained error, again bool)
}

func (v *View) Set() *catalog.Set { return v.On }
func (v *View) Steady() bool      { return v.Tx != nil }

func (v *View) Mark() view.Mark {
	switch {
	case v.held != nil:
		return MarkOf(*v.held)
	case v.Plainly:
		return view.Mark{}
	}
	return v.Shown
}

func (v *View) Version() int64 {
	if v.held != nil {
		return v.held.Version
	}
	return v.Kind.Version(v)
}

func (v *View) Confirm(ctx context.Context) (view.View, error) {
	now, err := v.Kind.Confirm(ctx, v)
	if err != nil {
		return nil, err
	}
	return now, nil
}

func (v *View) Failed(ctx context.Context, err error) (explained error, again bool) {
	return v.Kind.Failed(ctx, v, err)
}

func (v *View) Floor(ctx context.Context) (view.Floor, error) { return v.Kind.Floor(ctx, v) }

func (v *View) From() view.From {
	s := v.Kind.Server()
	if s == nil {
		return view.From{}
	}
	return view.From{Server: s.Name, Replica: s.Replica, AsOf: v.AsOf, Stale: s.Replica && s.Stale(v.AsOf)}
}

func (v *View) Within(ctx context.Context) (context.Context, context.CancelFunc) {
	if s := v.Kind.Server(); s != nil {
		return s.Within(ctx)
	}
	return ctx, func() {}
}

func (v *View) Again(ctx context.Context) (view.View, error) {
	now, err := v.Kind.Snapshot(ctx, v)
	if err != nil {
		return nil, err
	}
	return now, nil
}

func (v *View) Close() {
	if v.End != nil {
		v.End()
	}
}

// stamped reports whether statements on the table say which state they saw.
func (v *View) stamped() bool { return v.State.Version > 0 }

// AskStamp asks for a stamp alone.
func (v *View) AskStamp(ctx context.Context, db postgres.Querier) (stamp []byte, err error) {
	against := v.Kind.Against(v, statement.Where{})
	sql := "select (" + v.Table.Stamp(v.Table, 1) + ")"
	if against.SQL != "" {
		sql += " where " + against.SQL
	}
	rows, err := db.Query(ctx, sql, postgres.Texts(against.Args)...)
	if err != nil {
		return nil, err
	}
	return pgx.CollectExactlyOneRow(rows, func(row pgx.CollectableRow) ([]byte, error) { return append([]byte{}, row.RawValues()[0]...), nil })
}

// heldMemory is enough for a hash of the keys of all records that were added since a mark.
// Comparing 30,000 keys with each record one by one would cost more than everything else.
const heldMemory = "32MB"

// At is the same list held at an earlier state. In a steady view it is sure that the log reaches back
// to that.
func (v *View) At(ctx context.Context, number int64) (view.View, error) {
	mark, err := v.Kind.MarkOf(ctx, v, number)
	if err != nil {
		return nil, err
	}
	held := *v
	held.held, held.End = &mark, nil
	if v.Tx == nil {
		return &held, nil
	}
	if _, err := v.Tx.Exec(ctx, "set local work_mem = '"+heldMemory+"'"); err != nil {
		return nil, err
	}
	window := changes.Window{After: mark, Until: v.State}
	_, args := window.Condition("l", 1)
	var proof string
	var one *int
	err = v.Tx.QueryRow(ctx, v.Table.Log.Proved(&window, 1, nil, "select 1", "one"), args...).Scan(&proof, &one)
	switch code := postgres.Code(err); {
	case code == postgres.NoTable, code == postgres.NoColumn:
		v.Kind.Lost(v, NoMoreLog)
		return nil, &view.GoneError{Mark: number, Why: NoMoreLog}
	case err != nil:
		return nil, err
	}
	switch p := changes.ReadProof(proof); {
	case p.Log != "" && p.Log != mark.Log:
		return nil, &view.GoneError{Mark: number, Why: AnotherLog}
	case p.Gap != "":
		return nil, &view.GoneError{Mark: number, Why: p.Gap}
	}
	return &held, nil
}

// Covers reports whether a log has everything between two states, or they are the same one.
func (m LogState) Covers(other view.State) bool {
	o, ok := other.(LogState)
	return ok && (m.Mark.Covers(o.Mark) || m.Log == "" && o.Log == "" && m.Saw == nil && o.Saw == nil && m.Version == o.Version)
}

func (m LogState) Sees(id uint64) bool { return m.Saw != nil && m.Saw.Sees(id) }

func (m LogState) Total(n int64) paging.Total { return paging.Exact(n) }

// Begin begins a transaction that sees one state and only reads.
func Begin(ctx context.Context, pool *pgxpool.Pool, options pgx.TxOptions) (tx pgx.Tx, end func(), err error) {
	if tx, err = (postgres.Fresh{Pool: pool}).BeginTx(ctx, options); err != nil {
		return nil, nil, err
	}
	return tx, func() { // nothing was written
		ctx, cancel := context.WithTimeout(context.WithoutCancel(ctx), endTime)
		defer cancel()
		tx.Rollback(ctx)
	}, nil
}

// endTime is the longest wait for the end of a transaction; then its connection is closed.
const endTime = 500 * time.Millisecond

// InSnapshot runs a transaction of our own database that sees one state.
func InSnapshot(ctx context.Context, pool *pgxpool.Pool, do func(tx pgx.Tx) error) error {
	return pgx.BeginTxFunc(ctx, postgres.Fresh{Pool: pool}, Ours, do)
}

// Ours are the options of a snapshot of our own database.
var Ours = pgx.TxOptions{IsoLevel: pgx.RepeatableRead, AccessMode: pgx.ReadOnly}

// MarkOf is the mark of a state, for others.
func MarkOf(at changes.Mark) view.Mark { return view.Mark{Number: at.Version, State: LogState{at}} }

// SnapshotOf is what a state of a followed table has seen; nil for other states.
func SnapshotOf(m view.Mark) *changes.Snapshot {
	if state, ok := m.State.(LogState); ok {
		return state.Saw
	}
	return nil
}

// StateAt is the same view at another state.
func (v *View) StateAt(at changes.Mark) *View {
	current := *v
	current.State, current.Shown = at, MarkOf(at)
	return &current
}

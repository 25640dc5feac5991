package source

import (
	"context"
	"fmt"
	"strconv"
	"strings"
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
	"golang.org/x/sync/singleflight"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// Kept is the source of the sets in our own database. A state of one is its version: each change of
// its records raises that, in the same transaction.
type Kept struct {
	settings *Settings
	catalog  sightings
	epochs   *catalog.Catalog // of the primary; nil: nothing is created or changed
	server   *servers.Server  // nil: there is but one
	to       postgres.Pools
	making   view.Turns // of those who read much of a log
	running  context.Context
	later    func(func()) // runs something in the background

	looking singleflight.Group
	mu      sync.Mutex
	tables  *lru.Cache[string, *keptTable] // by set
	turns   int64                          // rises when a table is forgotten
	tried   map[string]time.Time           // by table: the last attempt to make its log
}

// sightings note which sets were seen in our own database, and how they were.
type sightings interface {
	// Saw notes that a set was seen.
	Saw(set *catalog.Set)
	// Confirm notes that a set that was known at a turn is still so.
	Confirm(set *catalog.Set, turn int64)
	// Stale notes that a set may have changed.
	Stale(name string)
}

// keptTable is a table, and when its log was looked for.
type keptTable struct {
	*relation.Table
	looked time.Time
}

const (
	tablesKept = 10_000
	lookAgain  = time.Second // until a log that was not there is looked for again

	logWait     = 2 * time.Second // longest wait for changes in progress before a log is created
	logAttempts = 3               // then the next question for the set tries again
)

// Settings are what may be set before the first request, for all sources.
type Settings struct {
	CountTime time.Duration // see CountTime
	LogAgain  time.Duration // between attempts to make the log of a kept set
	Follow    time.Duration // between attempts to find the log of a followed table
}

// keptForm is the form of a kept set's table.
var keptForm = relation.Form{
	Revision: relation.Alias + "." + tables.Revision,
	Places:   statement.Compared,
	Stamp: func(t *relation.Table, _ int) string {
		return "select " + catalog.StampSQL + " from pageladder.record_set v where v.name = '" + strings.ReplaceAll(t.Definition.Name, "'", "''") + "'"
	},
	Search: func(d *catalog.Definition) string {
		if len(d.Rules.Search) == 0 {
			return ""
		}
		return tables.SearchVector(d.Rules.Search, relation.Column) + " @@ pageladder.search_query({words}::text)"
	},
	Typed: func(_ *relation.Table, f *intake.Field) (base, collation string) {
		c := tables.ColumnOf(f.Type)
		return c.SQL, c.Collation
	},
}

// Open opens a view of a kept set.
func (k *Kept) Open(ctx context.Context, found view.Found, how view.How) (view.View, error) {
	if how != view.Latest {
		v, err := k.still(ctx, found.Set)
		if err != nil {
			return nil, err
		}
		v.Plainly = how == view.Plain
		return v, nil
	}
	t, err := k.tableOf(ctx, nil, found.Set.Definition, false)
	if err != nil {
		return nil, err
	}
	v := k.view(found.Set, t)
	v.Found = found
	return v, nil
}

func (k *Kept) view(set *catalog.Set, t *relation.Table) *relation.View {
	mark := changes.Mark{Log: t.LogName, Version: set.Version}
	return &relation.View{Kind: k, On: set, Table: t, State: mark, Shown: relation.MarkOf(mark), AsOf: asOf(k.server)}
}

// still opens a view in a snapshot of its own.
func (k *Kept) still(ctx context.Context, known *catalog.Set) (*relation.View, error) {
	tx, end, err := relation.Begin(ctx, k.to.Main, relation.Ours)
	if err != nil {
		return nil, err
	}
	set, err := catalog.Reread(ctx, tx, known)
	switch {
	case err != nil:
	case k.server != nil && k.server.Replica && !set.Same(known.Definition):
		err = errBehind
	case set.Attached():
		k.catalog.Stale(set.Name) // it has become one of a source since it was last seen
		err = &view.Moved{Why: "its records are elsewhere by now"}
	}
	var v *relation.View
	if err == nil {
		k.catalog.Saw(set)
		v, err = k.in(ctx, tx, set)
	}
	if err != nil {
		end()
		return nil, err
	}
	v.End = end
	return v, nil
}

func (k *Kept) in(ctx context.Context, tx pgx.Tx, set *catalog.Set) (*relation.View, error) {
	t, err := k.tableOf(ctx, tx, set.Definition, false)
	if err != nil {
		return nil, err
	}
	v := k.view(set, t)
	v.Tx = tx
	return v, nil
}

// In is a steady view of a set as a transaction has it. It ends with the transaction.
func (k *Kept) In(ctx context.Context, tx pgx.Tx, set *catalog.Set) (view.View, error) {
	return k.in(ctx, tx, set)
}

// tableOf is the table of a set. Its log is looked for if it was not yet, within a transaction if one is
// given; again: even so. If it has none that holds the list, one is created in the background.
func (k *Kept) tableOf(ctx context.Context, tx pgx.Tx, d *catalog.Definition, again bool) (*relation.Table, error) {
	k.mu.Lock()
	known, _ := k.tables.Get(d.Name)
	turn := k.turns
	k.mu.Unlock()
	if known != nil && !again && known.Definition.Same(d) && (known.Holds || time.Since(known.looked) < lookAgain) {
		return known.Table, nil
	}
	look := func(ctx context.Context, tx pgx.Tx) (*relation.Table, error) {
		log, name, err := logOf(ctx, tx, d)
		if err != nil {
			return nil, err
		}
		t, err := relation.New(d, keptForm, log, name)
		if err != nil {
			return nil, err
		}
		k.mu.Lock()
		if k.turns == turn {
			k.tables.Add(d.Name, &keptTable{t, time.Now()})
		}
		k.mu.Unlock()
		if !t.Holds {
			k.MakeLog(d)
		}
		return t, nil
	}
	if tx != nil {
		return look(ctx, tx)
	}
	looked := k.looking.DoChan(fmt.Sprintf("%d %d %d %s", turn, d.Defined(), d.Catalogue(), d.Name), func() (found any, err error) {
		ctx, cancel := context.WithTimeout(k.running, logTime) // others may wait for it
		defer cancel()
		err = relation.InSnapshot(ctx, k.to.Main, func(tx pgx.Tx) (err error) { found, err = look(ctx, tx); return err })
		return found, err
	})
	select {
	case <-ctx.Done():
		return nil, ctx.Err()
	case result := <-looked:
		if result.Err != nil {
			return nil, result.Err
		}
		return result.Val.(*relation.Table), nil
	}
}

// logTime is the time limit for looking for a log.
const logTime = 10 * time.Second

// logOf is the log that a set's table has, and its name; nil if it has none by which what is
// remembered can be kept current.
func logOf(ctx context.Context, tx pgx.Tx, d *catalog.Definition) (*changes.Log, string, error) {
	log, err := changes.Of(ctx, tx, d.Table)
	if err != nil || log == nil || !log.Has(relation.LoggedFields(d)) {
		return nil, "", err
	}
	state, err := changes.StateOf(ctx, tx, d.Name, log)
	if err != nil || state.Log == "" {
		return nil, "", err
	}
	return log, state.Log, nil
}

// forget has the log of a set looked for again.
func (k *Kept) forget(name string) {
	k.mu.Lock()
	defer k.mu.Unlock()
	k.turns++
	k.tables.Remove(name)
}

// MakeLog makes a set's log in the background: for tables of earlier versions, or an older
// service next to this one, and if the rules name other fields by now. Until the log is there
// nothing is updated by it: pages are read as from a set that never changes, or the plain way.
func (k *Kept) MakeLog(d *catalog.Definition) {
	if k.epochs == nil {
		return
	}
	k.mu.Lock()
	defer k.mu.Unlock()
	again := k.settings.LogAgain
	if time.Since(k.tried[d.Table]) < again {
		return
	}
	k.tried[d.Table] = time.Now()
	attempt := func() error {
		return postgres.WriteLong(k.running, k.to.Main, func(tx pgx.Tx) error {
			if _, err := tx.Exec(k.running, "set local lock_timeout = "+strconv.FormatInt(logWait.Milliseconds(), 10)); err != nil {
				return err
			}
			set, err := catalog.Get(k.running, tx, d.Name) // as it is by now
			if err != nil || set.Attached() {
				return err
			}
			_, err = changes.Make(k.running, tx, relation.LogTable(set.Definition))
			return err
		})
	}
	k.later(func() {
		for range logAttempts { // a lock may be held for longer than the wait, for example while an index is built
			if attempt() == nil {
				k.forget(d.Name)
				return
			}
			select {
			case <-k.running.Done():
				return
			case <-time.After(again):
			}
		}
	})
}

// Prune prunes the logs of kept sets, and forgets old attempts.
func (k *Kept) Prune(ctx context.Context, all []*catalog.Set) error {
	k.mu.Lock()
	for table, at := range k.tried {
		if time.Since(at) >= k.settings.LogAgain {
			delete(k.tried, table)
		}
	}
	k.mu.Unlock()
	for _, set := range all {
		if set.Attached() {
			continue
		}
		err := postgres.WriteLong(ctx, k.to.Main, func(tx pgx.Tx) error {
			log, err := changes.Of(ctx, tx, set.Table)
			if err == nil && log != nil {
				err = changes.Prune(ctx, tx, set.Name, set.Table, log)
			}
			return err
		})
		if err != nil {
			return err
		}
	}
	return nil
}

// Tried is how many tables' logs are noted as tried lately.
func (k *Kept) Tried() int { k.mu.Lock(); defer k.mu.Unlock(); return len(k.tried) }

func (k *Kept) ListName(v *relation.View) string {
	return listsOf(k.server) + v.On.Table + " " + strconv.FormatUint(uint64(v.On.Catalogue()), 10)
}

func (k *Kept) Against(_ *relation.View, own statement.Where) statement.Where { return own }

func (k *Kept) Knows(f *intake.Field) bool { return f.Type != value.Text }

func (k *Kept) Pools(*relation.View) postgres.Pools { return k.to }

func (k *Kept) Server() *servers.Server { return k.server }

func (k *Kept) Floor(_ context.Context, v *relation.View) (view.Floor, error) {
	return view.Floor{Version: v.On.Version}, nil
}

func (k *Kept) Records(v *relation.View) (int64, bool) { return v.On.Records, true }

func (k *Kept) Unstamped(_ *relation.View, sql string) string { return sql }

func (k *Kept) CountTime() time.Duration { return k.settings.CountTime }

func (k *Kept) Seen(v *relation.View, stamp []byte) (*relation.View, error) {
	by, err := catalog.ReadStamp(stamp)
	switch {
	case err != nil, !v.On.Stamped(by), by.Version < v.On.Version:
		k.catalog.Stale(v.On.Name)
		return nil, &view.Moved{Why: "it was defined anew"}
	case by.Version == v.On.Version:
		if !v.Found.Current && v.Found.Set != nil {
			k.catalog.Confirm(v.On, v.Found.Turn)
		}
		return v, nil
	}
	later := k.view(v.On.SeenAt(by), v.Table)
	later.AsOf = v.AsOf
	k.catalog.Saw(later.On)
	if later.Found = v.Found; v.Found.Set != nil {
		k.catalog.Confirm(later.On, v.Found.Turn)
	}
	return later, nil
}

func (k *Kept) Confirm(ctx context.Context, v *relation.View) (*relation.View, error) {
	if v.Tx != nil || v.Found.Current {
		return v, nil
	}
	stamp, err := v.AskStamp(ctx, k.to.Main)
	if err != nil {
		return nil, err
	}
	return k.Seen(v, stamp)
}

func (k *Kept) Snapshot(ctx context.Context, v *relation.View) (*relation.View, error) {
	there, err := k.still(ctx, v.On)
	if err == nil && !there.On.Same(v.On.Definition) {
		there.Close()
		return nil, &view.Moved{Why: "it was defined anew"}
	}
	return there, err
}

func (k *Kept) Version(v *relation.View) int64 { return v.On.Version }

func (k *Kept) MarkOf(ctx context.Context, v *relation.View, number int64) (changes.Mark, error) {
	none := changes.Mark{}
	if !v.Table.Holds { // it may by now
		if t, err := k.tableOf(ctx, v.Tx, v.On.Definition, true); err != nil {
			return none, err
		} else if t.Holds {
			return none, &view.Moved{Why: "it has a change log by now"}
		}
		return none, &view.GoneError{Mark: number, Why: relation.NotHeld}
	}
	switch {
	case k.epochs != nil && !k.epochs.InEpoch(v.On.Definition): // a backup was restored while the service ran
		conn, err := k.to.Main.Acquire(ctx)
		if err != nil {
			return none, err
		}
		defer conn.Release()
		if err := k.epochs.BeginEpoch(ctx, conn.Conn()); err != nil {
			return none, err
		}
		return none, &view.Moved{Why: "its versions are those of another life of the database"}
	case number > v.On.Version && v.Tx == nil: // another service may have given it just now
		k.catalog.Stale(v.On.Name)
		return none, &view.Moved{Why: "a later version is asked for than is known here"}
	case number > v.On.Version:
		return none, &view.GoneError{Mark: number, Why: relation.NeverGiven}
	}
	return changes.Mark{Log: v.State.Log, Version: number}, nil
}

func (k *Kept) LogReader(ctx context.Context, v *relation.View, far bool) (postgres.Querier, func(), error) {
	return logReader(ctx, k.to, k.making, far && v.Tx == nil)
}

// logReader gives the connections for updates or, if much is to be read, others, of which few may
// be taken for that: by nobody who holds one in a transaction.
func logReader(ctx context.Context, to postgres.Pools, making view.Turns, far bool) (*pgxpool.Pool, func(), error) {
	if !far {
		return to.Folds, func() {}, nil
	}
	if err := making.Take(ctx); err != nil {
		return nil, nil, err
	}
	return to.Main, making.Give, nil
}

func (k *Kept) Origin(_ *relation.View, number int64) view.Origin { return view.Origin{Number: number} }

func (k *Kept) Lost(v *relation.View, why string) {
	if why == relation.AnotherLog || why == relation.NoMoreLog {
		k.forget(v.On.Name)
	}
}

// Failed has a page read again whose table was replaced meanwhile.
func (k *Kept) Failed(_ context.Context, v *relation.View, err error) (error, bool) {
	if postgres.Code(err) == postgres.NoTable {
		k.catalog.Stale(v.On.Name)
		return err, true
	}
	return err, k.server != nil && k.server.Elsewhere(err)
}

// Text is a value of a field that PostgreSQL wrote, as a query writes it; nil if it is none.
func Text(d *catalog.Definition, field, text string) (*string, error) {
	t, err := relation.New(d, keptForm, nil, "")
	if err != nil {
		return nil, err
	}
	return t.Text(field, text)
}

package source

import (
	"context"
	"strings"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/statement"
)

// Attached is the source of sets whose tables are in somebody else's database. Nothing reports when they
// change: each page is read in one snapshot, and totals and footholds are remembered for as long as
// the owner allows.
type Attached struct {
	settings *Settings
	db       *Database
	server   *servers.Server                     // nil: there is but one
	tables   *lru.Cache[string, *relation.Table] // by set
}

func newAttached(settings *Settings, db *Database, server *servers.Server) *Attached {
	a := &Attached{settings: settings, db: db, server: server}
	a.tables, _ = lru.New[string, *relation.Table](tablesKept) // the size is valid
	return a
}

// attachedForm is the form of an attached table. The table or its partitions may be foreign, so rows
// are not compared as a whole: the service would compare them. Ties are read apart, since very many
// records may have the same value.
var attachedForm = relation.Form{
	Revision: relation.NoRevision,
	Places:   statement.Tied,
	Stamp:    func(*relation.Table, int) string { return "''" },
	Search:   func(*catalog.Definition) string { return "" },
	Typed: func(_ *relation.Table, f *intake.Field) (base, collation string) {
		c := tables.ColumnOf(f.Type)
		return c.SQL, c.Collation
	},
}

// Open opens a view.
func (a *Attached) Open(ctx context.Context, found view.Found, how view.How) (view.View, error) {
	v, err := a.open(ctx, found.Set, how)
	if err != nil {
		return nil, a.db.unopened(ctx, found.Set.Definition, err)
	}
	return v, nil
}

func (a *Attached) open(ctx context.Context, set *catalog.Set, how view.How) (*relation.View, error) {
	t, ok := a.tables.Get(set.Name)
	if !ok || !t.Definition.Same(set.Definition) {
		var err error
		if t, err = relation.New(set.Definition, attachedForm, nil, ""); err != nil {
			return nil, err
		}
		a.tables.Add(set.Name, t)
	}
	v := &relation.View{Kind: a, Table: t, On: set, Plainly: how == view.Plain, AsOf: asOf(a.server)}
	if set.Remember > 0 {
		v.Shown.State = view.Aging{At: time.Now(), Keep: set.Remember}
	}
	pool, err := a.db.Connect(ctx)
	if err == nil {
		v.Tx, v.End, err = relation.Begin(ctx, pool, elsewhere)
	}
	return v, err
}

func (a *Attached) ListName(v *relation.View) string {
	return listsOf(a.server) + strings.Join([]string{v.On.Name, v.On.ChangedAt.String()}, "\x00")
}

func (a *Attached) Against(_ *relation.View, own statement.Where) statement.Where { return own }

func (a *Attached) Knows(*intake.Field) bool { return false }

func (a *Attached) Pools(*relation.View) postgres.Pools { return a.db.Pools() }

func (a *Attached) Server() *servers.Server { return a.server }

// Floor asks how far the server has got by now, which is not before the snapshot that was read.
func (a *Attached) Floor(ctx context.Context, v *relation.View) (f view.Floor, err error) {
	if a.server == nil {
		return f, nil
	}
	var xmin uint64
	if f.Place, xmin, err = a.server.Place(ctx, a.db.Pools().Plain); err == nil && a.server.Replica {
		f.Saw = changes.Seen(xmin, relation.SnapshotOf(v.Mark()))
	}
	return f, err
}

func (a *Attached) Records(*relation.View) (int64, bool) { return 0, false }

func (a *Attached) Unstamped(_ *relation.View, sql string) string { return sql }

func (a *Attached) CountTime() time.Duration { return a.settings.CountTime }

func (a *Attached) Seen(v *relation.View, _ []byte) (*relation.View, error) { return v, nil }

func (a *Attached) Confirm(_ context.Context, v *relation.View) (*relation.View, error) {
	return v, nil
}

func (a *Attached) Snapshot(ctx context.Context, v *relation.View) (*relation.View, error) {
	return a.open(ctx, v.On, view.Still)
}

func (a *Attached) MarkOf(_ context.Context, v *relation.View, number int64) (changes.Mark, error) {
	why := relation.NotHeld
	if v.Unheld != "" {
		why = v.Unheld
	}
	return changes.Mark{}, &view.GoneError{Mark: number, Why: why}
}

func (a *Attached) Version(*relation.View) int64 { return 0 }

func (a *Attached) LogReader(context.Context, *relation.View, bool) (postgres.Querier, func(), error) {
	return nil, nil, &view.LostError{Why: relation.NoLog}
}

func (a *Attached) Origin(*relation.View, int64) view.Origin { return view.Origin{} }

func (a *Attached) Lost(*relation.View, string) {}

func (a *Attached) Failed(ctx context.Context, v *relation.View, err error) (error, bool) {
	return a.db.explained(v.Table.SQL, err), a.db.askAgain(ctx, err) || a.server != nil && a.server.Elsewhere(err)
}

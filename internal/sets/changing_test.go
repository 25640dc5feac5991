package sets_test

import (
	"context"
	"errors"
	"flag"
	"fmt"
	"math/rand/v2"
	"slices"
	"strconv"
	"strings"
	"sync"
	"sync/atomic"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// The model of a set that changes: writers of every kind, and readers who ask anything of
// two services. At each commit PostgreSQL itself copies the set's records into an archive, under the
// version that the commit makes. Every answer names its version; what it should have
// been is read from the archive, in SQL written by hand.

var (
	modelTime      = flag.Duration("changing.time", soak.Or(5*time.Second, 10*time.Minute), "how long the model of a set that changes runs")
	modelPause     = flag.Duration("changing.pause", 10*time.Millisecond, "how long its writers pause: longer pauses leave more time for questions")
	modelQuestions = flag.Int64("changing.questions", 1<<62, "how many questions end it before")
)

const modelSetUp = `
create table archived (version bigint primary key);
create table archive (version bigint, id bigint, name text collate "und-x-icu", amount bigint, at timestamptz, price numeric, ok boolean);
create index on archive (version);
create function archive_set() returns trigger language plpgsql as $$
begin
  if new.name <> 'changing' then return null; end if;
  execute format('insert into archive select $1, id, name, amount, at, price, ok from pageladder.%I', new.record_table) using new.version;
  insert into archived values (new.version);
  delete from archive where version < new.version - 2000 and new.version % 100 = 0;
  return null;
exception when unique_violation then
  return null; -- a set that is defined twice in one transaction
end $$;
create constraint trigger archive after insert or update on pageladder.record_set deferrable initially deferred for each row execute function archive_set();
`

// touchTrigger changes the row that is being changed once more, after the fact.
const touchTrigger = `
create or replace function touch() returns trigger language plpgsql as $$
begin
  if pg_trigger_depth() < 2 and new.id % 7 = 0 then
    execute format('update %I.%I set amount = coalesce(amount, 0) + 1 where id = $1', tg_table_schema, tg_table_name) using new.id;
  end if;
  return null;
end $$;
create or replace trigger touch after update on TABLE for each row execute function touch();
`

var modelFields = []intake.Field{
	{Name: "id", Type: value.Integer}, {Name: "name", Type: value.Text}, {Name: "amount", Type: value.Integer},
	{Name: "at", Type: value.Time}, {Name: "price", Type: value.Decimal}, {Name: "ok", Type: value.Boolean},
}

var modelNames = []string{"", "a", "A", "á", "ab", "Ab", "b", "Z", "z", "Øst Gull", "ost gull", "Grey Gull", "grey tern", "a_b", "Żuraw", "müde", "mude", "ﬁsh", "İstanbul", "a b", "a-b", "æ", "o\u0308re", "zz top"}

func modelRules() *rulesfile.Rules {
	r := rulesfile.Of(paging.Rules{Key: []string{"id"}, Size: paging.SizeRules{Default: 3, Offered: []int{2, 3, 5}}, Search: []string{"name"}, MaxSortKeys: 3, Params: paging.Params{After: "after", Before: "before"}})
	for i, f := range modelFields {
		r.Sorts = append(r.Sorts, paging.SortKey{Key: f.Name, NullsFirst: i%2 == 0 && i > 0})
		r.Filters = append(r.Filters, paging.FilterRule{Field: f.Name, Type: f.Type})
	}
	return r
}

type model struct {
	t        *testing.T
	pool     *pgxpool.Pool
	services []*sets.Store
	records  int
	enough   <-chan struct{} // closed when the model may end; nil: after its time
	other    string          // a followed table in place of a kept set's
	script   string          // which has it followed
	// holds compares an answer with what it should have been.
	holds func(context.Context, *sets.Page, string, asking, int) error

	requests, folded, kept, late, aways atomic.Int64
	held, gone                          atomic.Int64 // pages of lists that were held, and refusals of that
	byCursor                            atomic.Int64
	servers                             map[string]*atomic.Int64 // how often each was read from; nil: there is but one
	marks                               given
	ways                                sync.Map
}

func newModel(t *testing.T, records int) *model { return modelIn(t, testkit.DatabaseURL(t), records) }

func modelIn(t *testing.T, address string, records int) *model {
	m := &model{t: t, records: records}
	m.holds = m.hold
	for range 2 {
		store, err := sets.Open(t.Context(), address)
		require.NoError(t, err)
		t.Cleanup(store.Close)
		testkit.Listens(t, store)
		store.SetDeep(0)
		store.SetBuildAgain(0)
		m.services = append(m.services, store)
	}
	config, err := pgxpool.ParseConfig(address)
	require.NoError(t, err)
	config.MaxConns = 12
	config.ConnConfig.RuntimeParams["timezone"] = "UTC"
	m.pool, err = pgxpool.NewWithConfig(t.Context(), config)
	require.NoError(t, err)
	t.Cleanup(m.pool.Close)
	_, err = m.pool.Exec(t.Context(), modelSetUp)
	require.NoError(t, err)
	require.NoError(t, m.load())
	return m
}

// load imports the set, in place of the one that is there.
func (m *model) load() error {
	var csv strings.Builder
	csv.WriteString("id,name,amount,at,price,ok\n")
	for id := range m.records {
		v := m.values(rand.IntN)
		fmt.Fprintf(&csv, "%d", 10*id)
		for _, f := range modelFields[1:] {
			csv.WriteByte(',')
			if text := v[f.Name]; text != nil {
				csv.WriteString(`"` + *text + `"`)
			}
		}
		csv.WriteByte('\n')
	}
	draft := sets.Draft{Name: "changing", Label: "Changing", Fields: modelFields, Rules: modelRules()}
	return m.services[0].LoadCSV(m.t.Context(), draft, strings.NewReader(csv.String()))
}

// values are random values of a record, without its key.
func (m *model) values(intn func(int) int) sets.Values {
	text := func(s string) *string { return &s }
	v := sets.Values{"name": text(modelNames[intn(len(modelNames))]), "amount": text(strconv.Itoa(intn(30) - 9)),
		"at":    text(time.Date(2026, 3, 1+intn(20), intn(24), 0, 0, intn(3)*1000, time.UTC).Format(time.RFC3339Nano)),
		"price": text(strconv.FormatFloat(float64(intn(90)-40)/8, 'f', -1, 64)), "ok": text(strconv.FormatBool(intn(2) > 0))}
	for _, f := range modelFields[1:] {
		if intn(6) == 0 {
			v[f.Name] = nil
		}
	}
	return v
}

// table is the name of the table that the set has now.
func (m *model) table(ctx context.Context, db interface {
	QueryRow(context.Context, string, ...any) pgx.Row
}) (name string, err error) {
	if m.other != "" {
		return m.other, nil
	}
	err = db.QueryRow(ctx, "select 'pageladder.' || record_table from pageladder.record_set where name = 'changing'").Scan(&name)
	return name, err
}

// byService changes one record through a service.
func (m *model) byService(ctx context.Context) error {
	store := m.services[rand.IntN(len(m.services))]
	id := strconv.Itoa(rand.IntN(10 * m.records))
	if rand.IntN(3) == 0 {
		v := m.values(rand.IntN)
		v["id"] = &id
		_, err := store.Add(ctx, "changing", v)
		return err
	}
	var found int64
	table, err := m.table(ctx, m.pool)
	if err == nil {
		err = m.pool.QueryRow(ctx, "select coalesce((select id from "+table+" where id >= $1 order by id limit 1), 0)", id).Scan(&found)
	}
	if err != nil {
		return err
	}
	key := []string{strconv.FormatInt(found, 10)}
	_, _, revision, err := store.Record(ctx, sets.Request{Set: "changing", Visibility: sets.All}, key)
	if err != nil {
		return err
	}
	if rand.IntN(2) == 0 {
		_, err = store.Delete(ctx, "changing", key, revision)
	} else {
		_, err = store.Change(ctx, "changing", key, revision, m.values(rand.IntN))
	}
	return err
}

// changesInSQL are changes as somebody makes them in SQL, $1 being a number.
var changesInSQL = []string{
	"update TABLE set amount = amount + 1 where id between $1 and $1 + 60",
	"update TABLE set amount = null where id between $1 and $1 + 20",
	"update TABLE set name = (select name from TABLE order by random() limit 1) where id between $1 and $1 + 50",
	"update TABLE set at = at + interval '1 day', price = -price where id % 50 = $1 % 50",
	"update TABLE set id = id + 1 where id = (select max(id) from TABLE where id <= $1) and not exists (select from TABLE x where x.id = TABLE.id + 1)",
	"with two as (select id, row_number() over () n from (select id from TABLE where id >= $1 order by id limit 2) t) update TABLE r set name = o.name, amount = o.amount from TABLE o, two a, two b where r.id = a.id and o.id = b.id and a.n <> b.n",
	"delete from TABLE where id between $1 and $1 + 15",
	"delete from TABLE where amount is null and id between $1 and $1 + 100",
	"insert into TABLE (id, name, amount, at, price, ok) select n, (array['a', 'Øst', 'zz', null])[1 + n % 4], n % 20, timestamptz '2026-03-05' + n % 40 * interval '1 hour', n % 13 / 4.0, n % 2 = 0 from generate_series($1::bigint, $1 + 12) n where not exists (select from TABLE x where x.id = n) on conflict do nothing",
	"insert into TABLE (id, name, amount) values ($1, 'b', 5) on conflict (id) do update set amount = TABLE.amount - 1",
	"delete from TABLE where id = (select min(id) from TABLE)",
	"delete from TABLE where id = (select max(id) from TABLE)",
}

// inSQL changes records in a transaction of its own: with the version moved first, as
// services do, or by someone who knows nothing of versions; with savepoints, some of which
// are rolled back; some held open; some rolled back.
func (m *model) inSQL(ctx context.Context) error {
	isolation := []pgx.TxIsoLevel{pgx.ReadCommitted, pgx.ReadCommitted, pgx.RepeatableRead, pgx.Serializable}[rand.IntN(4)]
	tx, err := m.pool.BeginTx(ctx, pgx.TxOptions{IsoLevel: isolation})
	if err != nil {
		return err
	}
	defer tx.Rollback(context.WithoutCancel(ctx))
	knows := m.other == "" && rand.IntN(3) > 0
	if knows {
		if _, err := tx.Exec(ctx, "update pageladder.record_set set version = version + 1 where name = 'changing'"); err != nil {
			return err
		}
	}
	table, err := m.table(ctx, tx)
	if err != nil {
		return err
	}
	before := int64(0)
	count := func() (n int64, err error) {
		err = tx.QueryRow(ctx, "select count(*) from "+table).Scan(&n)
		return n, err
	}
	if before, err = count(); err != nil {
		return err
	}
	change := func(in pgx.Tx) error {
		sql := strings.ReplaceAll(changesInSQL[rand.IntN(len(changesInSQL))], "TABLE", table)
		var args []any
		if strings.Contains(sql, "$1") {
			args = append(args, rand.IntN(10*m.records))
		}
		if _, err := in.Exec(ctx, sql, args...); err != nil {
			return fmt.Errorf("%s: %w", sql, err)
		}
		return nil
	}
	done := !knows || rand.IntN(50) == 0 // a version that nothing was changed in is rare: no list is held across it
	for i := 1 + rand.IntN(3); i > 0; i-- {
		if rand.IntN(2) == 0 || i == 1 && !done {
			if err := change(tx); err != nil {
				return err
			}
			done = true
			continue
		}
		savepoint, err := tx.Begin(ctx)
		if err != nil {
			return err
		}
		err = change(savepoint)
		if err == nil && rand.IntN(2) == 0 {
			err = savepoint.Commit(ctx)
		} else {
			err = savepoint.Rollback(ctx)
		}
		if err != nil {
			return err
		}
	}
	if knows {
		after, err := count()
		if err == nil && after != before {
			_, err = tx.Exec(ctx, "update pageladder.record_set set records = records + $1 where name = 'changing'", after-before)
		}
		if err != nil {
			return err
		}
	}
	if rand.IntN(4) == 0 { // commits late
		if _, err := tx.Exec(ctx, "select pg_sleep($1)", rand.Float64()/20); err != nil {
			return err
		}
	}
	if rand.IntN(5) == 0 {
		return tx.Rollback(ctx)
	}
	return tx.Commit(ctx)
}

// anew defines the set anew, or imports it once more.
func (m *model) anew(ctx context.Context) error {
	if rand.IntN(3) == 0 {
		return m.load()
	}
	_, err := m.services[rand.IntN(2)].Configure(ctx, "changing", func(s *sets.Settings) error {
		s.Label = "Changing " + strconv.Itoa(rand.IntN(1000))
		if rand.IntN(2) == 0 {
			s.Fixed = []string{"", "ok=true", "amount.min=0&name.not=a"}[rand.IntN(3)]
		}
		return nil
	})
	return err
}

// noPartition is the code for a record whose partition is not there.
const noPartition = "23514"

// allowed reports whether an error is one that a writer may meet: others write too.
func allowed(err error) bool {
	var pg *pgconn.PgError
	if errors.As(err, &pg) {
		return slices.Contains([]string{"40001", "40P01", "23505", "42P01", "55P03", noPartition}, pg.Code)
	}
	return err == nil || errors.Is(err, sets.ErrNoRecord) || errors.Is(err, sets.ErrStale) || errors.Is(err, sets.ErrKeyTaken) || errors.Is(err, pgx.ErrTxClosed)
}

// Writers pause longer by turns: what is done in the background after a change is then done before the next one.
const (
	quiet   = 2500 * time.Millisecond // length of a turn
	quieter = 8                       // times as long
)

// paused reports, and counts, that a server was away: in a long run the machine may stop for seconds.
func (m *model) paused(err error) bool {
	if *modelTime < time.Minute || !postgres.Unavailable(err) {
		return false
	}
	m.aways.Add(1)
	return true
}

// write writes until the end.
func (m *model) write(ctx context.Context, pause time.Duration) error {
	for began := time.Now(); ctx.Err() == nil; {
		var err error
		switch n := rand.IntN(200); {
		case m.other != "":
			err = m.inSQL(ctx)
		case n == 0:
			err = m.anew(ctx)
		case n < 100:
			err = m.byService(ctx)
		default:
			err = m.inSQL(ctx)
		}
		if !allowed(err) && !m.paused(err) && ctx.Err() == nil {
			return fmt.Errorf("a writer: %w", err)
		}
		// Now and then the records change by triggers too. A followed table's log is then another one.
		if n := rand.IntN(1000); n < 5 && m.other == "" || n == 0 {
			if table, err := m.table(ctx, m.pool); err == nil {
				m.pool.Exec(ctx, strings.ReplaceAll(touchTrigger, "TABLE", table))
			}
		}
		wait := pause
		if time.Since(began)/quiet%2 == 1 {
			wait *= quieter
		}
		select {
		case <-ctx.Done():
		case <-time.After(time.Duration(rand.Int64N(int64(2*wait) + 1))):
		}
	}
	return nil
}

// seen reports whether each kind of answer has come, of which a model has to see some: by what was
// known, by images that were added, by cursor, and of lists that were held.
func (m *model) seen() bool {
	return m.requests.Load()-m.late.Load() >= 150 && m.kept.Load() >= 60 && m.folded.Load() >= 60 && m.byCursor.Load() >= 25 && m.held.Load() >= 25
}

// modelLonger is how much longer a model may run on a slow machine, until it has seen enough.
const modelLonger = 5 * time.Minute

// run runs writers and readers for so long, and until enough was seen, and returns what was.
func (m *model) run(stores []*sets.Store, length time.Duration) {
	ctx, end := context.WithTimeout(m.t.Context(), length+modelLonger)
	defer end()
	go func(ctx context.Context) {
		if m.enough != nil {
			<-m.enough
			end()
			return
		}
		for began := time.Now(); ctx.Err() == nil; {
			select {
			case <-ctx.Done():
			case <-time.After(20 * time.Millisecond):
				if time.Since(began) >= length && m.seen() {
					end()
				}
			}
		}
	}(ctx)
	group, ctx := errgroup.WithContext(ctx)
	writing, stop := context.WithCancel(ctx)
	for i := range 3 {
		group.Go(func() error { return m.write(writing, time.Duration(i+1)**modelPause) })
	}
	var reading errgroup.Group
	for i := range 3 {
		reading.Go(func() error { return m.ask(ctx, stores, uint64(time.Now().UnixNano())+uint64(i)) })
	}
	group.Go(func() error { defer stop(); return reading.Wait() })
	require.NoError(m.t, group.Wait())
	m.t.Logf("%d questions, %d answered by what was known, %d images added; %d of lists that were held, and %d refusals; %d by cursor; %d times a server was away", m.requests.Load(), m.kept.Load(), m.folded.Load(), m.held.Load(), m.gone.Load(), m.byCursor.Load(), m.aways.Load())
	m.ways.Range(func(way, n any) bool { m.t.Logf("%7d %s", n.(*atomic.Int64).Load(), way); return true })
}

// Total, rows, positions and facets of an answer are of one snapshot, whatever goes on.
func TestAnswersAreOfOneSnapshotWhileRecordsChange(t *testing.T) {
	m := newModel(t, 200)
	m.run(m.services, *modelTime)
	assert.True(t, m.seen())
	for _, store := range m.services {
		assert.Zero(t, store.Unlike(), "a track that was kept current did not fit")
	}
}

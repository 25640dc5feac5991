package sets_test

import (
	"context"
	"net/url"
	"strings"
	"testing"
	"time"

	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// The model of a followed table. A trigger of the test's own, of each row, writes what changes
// into a history. Every answer names its snapshot; what it should have been is read from
// the history in that snapshot, in SQL written by hand.

const followedModel = `
create table yard.changing (id bigint primary key, name text COLLATION, amount bigint, at timestamptz, price numeric, ok boolean) PARTED;
create table yard.base (side int, like yard.changing);
create table yard.settled (until xid8); -- transactions before it are in the base
create table yard.history (xid xid8 default pg_current_xact_id(), side int, like yard.changing);
create function yard.tell() returns trigger language plpgsql as $$
begin
  if tg_op <> 'INSERT' then insert into yard.history values (default, -1, old.*); end if;
  if tg_op <> 'DELETE' then insert into yard.history values (default, 1, new.*); end if;
  return null;
end $$;
create trigger tell after insert or update or delete on yard.changing for each row execute function yard.tell();
insert into yard.changing select 10 * n, (array['a', 'A', 'á', 'ab', 'b', 'Z', 'Øst Gull', 'Grey Gull', 'z', 'müde', null, 'a b'])[1 + n % 12], n % 30 - 9,
  case when n % 6 > 0 then timestamptz '2026-03-01' + n % 20 * interval '1 day' end, n % 90 / 8.0, nullif(n % 3, 2) = 0 from generate_series(0, 199) n;
insert into yard.base select 1, * from yard.changing;
truncate yard.history;
`

// holdHistory compares an answer of a followed table with the history, in the snapshot that it is of.
func (m *model) holdHistory(ctx context.Context, page *sets.Page, where string, a asking, size int) error {
	at := mark{saw: sets.Saw(page, "xid")}
	switch {
	case page.Held != nil:
		if at = m.marks.of(page.Held.Version); at.saw == "" { // so long ago that it is not known any more
			m.late.Add(1)
			return nil
		}
	case at.saw == "": // the plain way, in one transaction
		return nil
	default:
		at.sawUpTo = sets.SawAll(page)
	}
	err := m.holdIn(ctx, `(select id, name, amount, at, price, ok from (select * from yard.base
		union all select side, id, name, amount, at, price, ok from yard.history where `+at.saw+`) i
		group by id, name, amount, at, price, ok having sum(side) = 1) r`, page, where, a, size)
	if err != nil { // was more settled meanwhile than the snapshot saw?
		var later bool
		if err := m.pool.QueryRow(ctx, "select exists (select from yard.settled where until > $1::text::xid8)", at.sawUpTo).Scan(&later); err != nil {
			return err
		}
		if later {
			m.late.Add(1)
			return nil
		}
	}
	return err
}

// settledAfter is after how many seconds the history is settled: lists are held at states of since then.
const settledAfter = 5

// settleHistory moves what all snapshots see by now from the history to the base. A transaction may
// have removed what a later one, by its number, had added: the base then has the record as less than
// none until that one is settled too.
func (m *model) settleHistory(ctx context.Context) {
	for seen := []string{}; ctx.Err() == nil; {
		var now string
		if err := m.pool.QueryRow(ctx, "select pg_snapshot_xmin(pg_current_snapshot())::text").Scan(&now); err != nil {
			return
		}
		if seen = append(seen, now); len(seen) > settledAfter {
			before := seen[0]
			seen = seen[1:]
			if _, err := m.pool.Exec(ctx, `with noted as (insert into yard.settled values ($1::text::xid8)), old as (delete from yard.history where xid < $1::text::xid8 returning *), was as (delete from yard.base returning *)
				insert into yard.base select sum(side), id, name, amount, at, price, ok from (select * from was union all select side, id, name, amount, at, price, ok from old) i
				group by id, name, amount, at, price, ok having sum(side) <> 0`, before); err != nil {
				return
			}
		}
		select {
		case <-ctx.Done():
		case <-time.After(time.Second):
		}
	}
}

// newFollowedModel makes a table that is followed, and two services that read it over an address.
func newFollowedModel(t *testing.T, collation, parted string, over func(*url.URL) string) *model {
	admin := testkit.DatabaseURL(t)
	u, err := url.Parse(admin)
	require.NoError(t, err)
	role := "reader_" + u.Path[1:]
	config, err := pgxpool.ParseConfig(admin)
	require.NoError(t, err)
	config.MaxConns = 14
	config.ConnConfig.RuntimeParams["timezone"] = "UTC"
	m := &model{t: t, records: 200, other: "yard.changing"}
	m.holds = m.holdHistory
	m.pool, err = pgxpool.NewWithConfig(t.Context(), config)
	require.NoError(t, err)
	t.Cleanup(m.pool.Close)
	_, err = m.pool.Exec(t.Context(), "create schema yard;"+strings.NewReplacer("COLLATION", collation, "PARTED", parted).Replace(followedModel)+
		"create role "+role+" login password '"+testkit.Quick("x")+"'; grant usage on schema yard to "+role+"; grant select on yard.changing to "+role)
	require.NoError(t, err)
	u.User = url.UserPassword(role, "x")
	address := over(u)
	catalogue := testkit.DatabaseURL(t)
	for i := range 2 {
		store, err := sets.Open(t.Context(), catalogue)
		require.NoError(t, err)
		t.Cleanup(store.Close)
		store.SetDeep(0)
		store.SetBuildAgain(0)
		store.SetFollowAgain(0)
		require.NoError(t, store.AddSource("yard", address))
		m.services = append(m.services, store)
		if i > 0 {
			break
		}
		rules := modelRules()
		rules.Search = nil // attached sets are searched otherwise
		for i := range rules.Filters {
			switch f := &rules.Filters[i]; f.Type {
			case value.Integer:
				f.Type = value.BigInteger
			case value.Decimal:
				f.Type = value.BigDecimal
			}
		}
		rules.Unknown = paging.UnknownNoted
		set, err := store.Attach(t.Context(), sets.Attach{Name: "changing", Source: "yard", Schema: "yard", Table: "changing", Rules: rules, Follow: true})
		require.NoError(t, err)
		follower, err := store.Follower(t.Context(), set)
		require.NoError(t, err)
		m.script = follower.Script()
		_, err = m.pool.Exec(t.Context(), m.script)
		require.NoError(t, err)
		testkit.Eventually(t, func() bool {
			state, err := store.FollowState(t.Context(), "changing")
			return err == nil && state.Exact
		}, "it is followed")
	}
	return m
}

// followed runs the model of a followed table.
func (m *model) followed(t *testing.T, length time.Duration) {
	ctx, end := context.WithCancel(t.Context())
	defer end()
	go m.settleHistory(ctx)
	m.run(m.services, length)
	assert.True(t, m.seen())
	for _, store := range m.services {
		assert.Zero(t, store.Unlike(), "a track that was kept current did not fit")
	}
}

// Answers of a followed table are of one snapshot, under each kind of collation.
func TestAnswersOfAFollowedTableAreOfOneSnapshot(t *testing.T) {
	for _, collation := range []string{`collate "und-x-icu"`, `collate "C"`, ""} {
		t.Run("name text "+collation, func(t *testing.T) {
			newFollowedModel(t, collation, "", func(u *url.URL) string { return u.String() }).followed(t, *modelTime/3)
		})
	}
}

// The same where the source is a standby of the owner's database, or is reached through a pooler.
func TestAnswersOfAFollowedTableReadFromElsewhere(t *testing.T) {
	t.Run("a standby", func(t *testing.T) {
		newFollowedModel(t, `collate "und-x-icu"`, "", func(u *url.URL) string {
			standby, err := url.Parse(testkit.In(t, testkit.Standby(t), u.Path[1:]))
			require.NoError(t, err)
			standby.User = u.User
			standby.Host += "," + u.Host // which has the log pruned
			return standby.String()
		}).followed(t, *modelTime/6)
	})
	t.Run("a pooler", func(t *testing.T) {
		newFollowedModel(t, `collate "und-x-icu"`, "", func(u *url.URL) string { return testkit.Pooler(t, u) }).followed(t, *modelTime/6)
	})
}

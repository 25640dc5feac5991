package sets_test

import (
	"context"
	"fmt"
	"strings"
	"testing"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/testkit"
)

// Whatever the owner does to the table succeeds, and every page before and after is right: it is
// read by the log, or the plain way, and the owner is informed.
func TestWhatOwnersDoToAFollowedTable(t *testing.T) {
	change := "update yard.boats set tons = tons + 1, crew = crew + 1 where id % 10 = 3; delete from yard.boats where id % 100 = 7; insert into yard.boats (id, name) values (3001, 'boat 9')"
	for _, c := range []struct {
		name, table   string // of the table; "": boats
		shown         []string
		before        string   // the log is in place
		does          []string // each on its own
		text, mending string   // what the owner sees afterwards, where pages then come the plain way; what mends that
	}{
		{name: "savepoints", does: []string{"begin; savepoint a; " + change + "; rollback to a; update yard.boats set crew = 9 where id < 5; savepoint b; delete from yard.boats where id = 6; release b; commit"}},
		{name: "a rollback", does: []string{"begin; " + change + "; rollback"}},
		{name: "repeatable read", does: []string{"begin isolation level repeatable read; select count(*) from yard.boats; " + change + "; commit"}},
		{name: "serializable", does: []string{"begin isolation level serializable; select count(*) from yard.boats; " + change + "; commit"}},
		{name: "two phases", does: []string{"begin; " + change + "; prepare transaction 'boats'", "commit prepared 'boats'"}},
		{name: "upserts", does: []string{"insert into yard.boats (id, name, crew) select n, 'up', n % 5 from generate_series(990, 1010) n on conflict (id) do update set name = excluded.name, crew = 4"}},
		{name: "copies", does: []string{"copy yard.boats (id, name, crew) from stdin\n4001\tboat 9\t3\n4002\t\\N\t5\n4003\tboat 30\t\\N\n"}},
		{name: "merge", does: []string{"merge into yard.boats b using generate_series(1, 30) n on b.id = n when matched and n % 2 = 0 then delete when matched then update set crew = n when not matched then insert (id) values (n)"}},
		{name: "keys that change places", does: []string{"update yard.boats set id = -id where id < 60; update yard.boats set id = 60 + id where id < 0"}},
		{name: "truncate", does: []string{"truncate yard.boats", "insert into yard.boats (id, name) select n, 'boat ' || n % 9 from generate_series(1, 700) n"}},
		{name: "a table that is written anew", does: []string{"vacuum full yard.boats", change, "cluster yard.boats using boats_pkey", "update yard.boats set crew = 1 where id < 9"}},
		{name: "triggers off and on", does: []string{"alter table yard.boats disable trigger all", change, "alter table yard.boats enable always trigger pageladder_log_insert; alter table yard.boats enable always trigger pageladder_log_update; alter table yard.boats enable always trigger pageladder_log_delete; alter table yard.boats enable always trigger pageladder_log_truncate"}},
		{name: "triggers off", does: []string{"alter table yard.boats disable trigger all", change}, text: "after update is not always on"},
		{name: "a session as a replica", does: []string{"set session_replication_role = replica; " + change + "; reset session_replication_role"}},
		{name: "another trigger", does: []string{"create function yard.again() returns trigger language plpgsql as $$ begin if pg_trigger_depth() < 2 then update yard.boats set crew = crew + 1 where id = new.id; end if; return null; end $$; create trigger again after update on yard.boats for each row execute function yard.again(); create trigger aagain after update on yard.boats for each row execute function yard.again()", change}},
		{name: "a trigger that refuses rows", does: []string{"create function yard.no() returns trigger language plpgsql as $$ begin if new.id % 20 = 3 then return null; end if; return new; end $$; create trigger no before update on yard.boats for each row execute function yard.no()", change}},
		{name: "a cascade", table: "create table yard.fleets (id int primary key); insert into yard.fleets select generate_series(0, 9);" + boats + "; alter table yard.boats add fleet int references yard.fleets on delete cascade on update cascade; update yard.boats set fleet = id % 10",
			does: []string{"delete from yard.fleets where id = 4", "update yard.fleets set id = 44 where id = 5"}},
		{name: "deferred constraints", table: boats + "; alter table yard.boats add constraint tons_once unique (id, tons) deferrable initially deferred", does: []string{"begin; " + change + "; set constraints all immediate; commit"}},
		{name: "generated columns", table: strings.Replace(boats, "note text)", "note text, double numeric generated always as (tons * 2) stored)", 1), does: []string{change}},
		{name: "a column more", does: []string{"alter table yard.boats add extra int default 7", change}},
		{name: "a column that is not shown", table: boats + "; alter table yard.boats add extra text default 'x'", shown: []string{"name", "tons", "at", "crew"}, does: []string{"alter table yard.boats drop column extra", change}},
		{name: "another type", does: []string{"alter table yard.boats alter tons type numeric(12,3)", change}, text: `column "tons" is numeric(8,2) in the log, and numeric(12,3) in the table`, mending: "script"},
		{name: "another collation", does: []string{`alter table yard.boats alter name type text collate "de-x-icu"`, change}, text: `column "name" is text in the log, and text collate pg_catalog."de-x-icu" in the table`, mending: "script"},
		{name: "a default and a check", does: []string{"alter table yard.boats alter crew set default 5, add check (id > 0)", change}},
		{name: "an index", does: []string{"create index concurrently on yard.boats (crew)", change, "reindex table yard.boats", "drop index yard.boats_crew_idx"}},
		{name: "no log any more", does: []string{`drop table pageladder_log."yard.boats"`, change}, text: "is not there", mending: "script"},
		{name: "no schema of logs", does: []string{"drop schema pageladder_log cascade", change}, text: "is not there", mending: "script"},
		{name: "an empty log", does: []string{"update yard.boats set crew = 2 where id = 5", `truncate pageladder_log."yard.boats"`, change}},
		{name: "a log that takes nothing", before: `alter table pageladder_log."yard.boats" add check (false) not valid`, does: []string{change}},
		{name: "a log that takes nothing, once", before: `alter table pageladder_log."yard.boats" add check (false) not valid`, does: []string{"delete from yard.boats where id < 9"}},
		{name: "a log that loses a column", does: []string{`alter table pageladder_log."yard.boats" drop column crew`, change}, text: `has no column "crew"`, mending: "script"},
		{name: "rights taken away", does: []string{`revoke all on pageladder_log."yard.boats" from READER`, change}, text: "may not: select on", mending: `grant select on pageladder_log."yard.boats" to READER`},
		{name: "row-level security", does: []string{"alter table yard.boats enable row level security; create policy all_rows on yard.boats using (true)", change}, text: "row-level security"},
		{name: "another table in its place", does: []string{"alter table yard.boats rename to old_boats; create table yard.boats (like yard.old_boats including all); insert into yard.boats select * from yard.old_boats where id % 3 > 0; grant select on yard.boats to READER", change}, text: "has no trigger after", mending: "script"},
		{name: "a bulk", does: []string{"update yard.boats set crew = crew + 1, tons = tons / 2"}},
		{name: "many transactions", does: []string{"do $$ begin for n in 1..600 loop update yard.boats set crew = n where id = n; commit; end loop; end $$"}},
		{name: "a temporary table of the same name", does: []string{"create temporary table boats (id int); set search_path = pg_temp, yard; insert into boats values (1); update yard.boats set crew = 8 where id < 10; reset search_path; drop table pg_temp.boats"}},
		{name: "analyze", does: []string{"analyze yard.boats", "vacuum yard.boats", change}},
	} {
		t.Run(c.name, func(t *testing.T) {
			table := c.table
			if table == "" {
				table = boats
			}
			f := newFleet(t, table, c.shown...)
			f.follow(t)
			for range 2 {
				f.agrees(t)
			}
			named := strings.NewReplacer("READER", f.role)
			if c.before != "" {
				f.does(t, c.before)
			}
			for _, sql := range c.does {
				f.does(t, named.Replace(sql))
				f.agrees(t)
				f.agrees(t)
			}
			state, err := f.store.FollowState(t.Context(), "boats")
			require.NoError(t, err)
			if c.text != "" {
				assert.False(t, state.Exact)
				assert.Contains(t, strings.Join(state.Missing, "; "), c.text)
				switch c.mending {
				case "":
					return
				case "script":
					f.does(t, f.script(t, false))
				default:
					f.does(t, named.Replace(c.mending))
				}
			}
			testkit.Eventually(t, func() bool {
				state, err := f.store.FollowState(t.Context(), "boats")
				return err == nil && state.Exact
			}, "it goes by the log again")
			f.agrees(t)
			f.does(t, "update yard.boats set name = 'boat 30', crew = 1 where id % 50 = 1")
			f.agrees(t)
			assert.Zero(t, f.store.Unlike())
		})
	}
}

const parts = `create table yard.boats (id int not null, name text, tons numeric(8,2), at timestamptz, crew int default 3, note text) partition by range (id);
	create table yard.low partition of yard.boats for values from (minvalue) to (400);
	create table yard.high partition of yard.boats for values from (400) to (maxvalue) partition by hash (id);
	create table yard.high_0 partition of yard.high for values with (modulus 2, remainder 0);
	create table yard.high_1 partition of yard.high for values with (modulus 2, remainder 1);
	alter table yard.boats add primary key (id);
	insert into yard.boats select n, case when n % 7 > 0 then 'boat ' || n % 50 end, n % 90 / 4.0, '2026-03-01T00:00:00Z'::timestamptz + n % 200 * interval '1 hour' from generate_series(1, 1000) n`

// Partitions are written through their parents, and each by itself; they come and go.
func TestFollowedTableWithPartitions(t *testing.T) {
	f := newFleet(t, parts)
	f.follow(t)
	f.agrees(t)
	for _, sql := range []string{
		"update yard.boats set tons = tons + 1 where id % 5 = 1",
		"insert into yard.low (id, name) values (-1, 'low'); delete from yard.high_1 where id % 3 = 0; update yard.high set crew = 9 where id % 4 = 0",
		"update yard.boats set id = id + 5000 where id < 20",
		"update yard.boats set id = id - 5000 where id > 5000 and id % 2 = 0",
		"begin; update yard.high_0 set name = 'h'; rollback",
	} {
		f.does(t, sql)
		explained := f.agrees(t)
		assert.Empty(t, explained.Anew, "%s: by the log", sql)
	}
	f.exact(t)
	for _, sql := range []string{
		"truncate yard.high_0",
		"alter table yard.boats detach partition yard.low",
		"delete from yard.low where id % 2 = 0; alter table yard.boats attach partition yard.low for values from (minvalue) to (400)",
		"vacuum full yard.high_1",
	} {
		f.does(t, sql)
		f.agrees(t)
		f.agrees(t)
	}
	testkit.Eventually(t, func() bool {
		state, err := f.store.FollowState(t.Context(), "boats")
		return err == nil && state.Exact
	}, "it goes by the log again")
	f.does(t, "create table yard.new (like yard.low); insert into yard.new (id, name) select -n, 'new' from generate_series(10, 90) n; alter table yard.new alter id set not null; alter table yard.boats detach partition yard.low; alter table yard.boats attach partition yard.new for values from (minvalue) to (0)")
	f.agrees(t)
	f.does(t, "update yard.new set crew = 1") // which no trigger sees
	f.agrees(t)
	state, err := f.store.FollowState(t.Context(), "boats")
	require.NoError(t, err)
	assert.Contains(t, strings.Join(state.Missing, "; "), "yard.new has no trigger after delete")
	f.does(t, f.script(t, false))
	f.exact(t)
	f.does(t, f.script(t, true))
	f.agrees(t)
}

// Rows that logical replication writes fire no statement triggers. So a table that begins to
// receive its rows that way is read the plain way, and its owner is informed.
func TestFollowedTableThatReceivesItsRows(t *testing.T) {
	f := newFleet(t, boats)
	f.follow(t)
	f.agrees(t)
	from, to := testkit.DatabaseURL(t), f.admin
	connect := func(address string) *pgx.Conn {
		conn, err := pgx.Connect(t.Context(), address)
		require.NoError(t, err)
		t.Cleanup(func() { conn.Close(context.Background()) })
		return conn
	}
	publisher, subscriber := connect(from), connect(to)
	does := func(conn *pgx.Conn, sql string) {
		t.Helper()
		_, err := conn.Exec(t.Context(), sql)
		require.NoError(t, err, sql)
	}
	does(publisher, "create schema yard;"+strings.ReplaceAll(boats, "generate_series(1, 1000)", "generate_series(5001, 5200)")+"; create publication boats for table yard.boats")
	does(publisher, "select pg_create_logical_replication_slot('"+f.role+"', 'pgoutput')") // in one cluster it has to be there first
	does(subscriber, fmt.Sprintf("create subscription boats connection '%s' publication boats with (create_slot = false, slot_name = '%s')", from, f.role))
	defer func() {
		does(subscriber, "alter subscription boats disable; alter subscription boats set (slot_name = none)")
		does(subscriber, "drop subscription boats")
		testkit.Eventually(t, func() bool {
			_, err := publisher.Exec(t.Context(), "select pg_drop_replication_slot('"+f.role+"')")
			return err == nil
		}, "the slot is let go")
	}()
	arrived := func(where string) {
		t.Helper()
		testkit.Eventually(t, func() bool {
			var there bool
			err := f.owner.QueryRow(t.Context(), "select exists (select from yard.boats where "+where+")").Scan(&there)
			return err == nil && there
		}, where)
	}
	arrived("id = 5200")
	epoch := func() (n int64) {
		require.NoError(t, subscriber.QueryRow(t.Context(), "select epoch from pageladder_log.followed").Scan(&n))
		return n
	}
	before := epoch()
	require.NoError(t, f.store.Prune(t.Context()))
	assert.Greater(t, epoch(), before, "the log begins anew, though nobody reads until the subscription has ended")
	f.agrees(t)
	state, err := f.store.FollowState(t.Context(), "boats")
	require.NoError(t, err)
	assert.Contains(t, strings.Join(state.Missing, ""), "logical replication")
	does(publisher, "delete from yard.boats where id = 5100; update yard.boats set tons = 0.25, name = 'boat 9' where id > 5150; insert into yard.boats (id) values (6000)")
	arrived("id = 6000")
	f.agrees(t)
}

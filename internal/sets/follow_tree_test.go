package sets_test

import (
	"context"
	"errors"
	"flag"
	"fmt"
	"math/rand/v2"
	"net/url"
	"strings"
	"testing"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"golang.org/x/sync/errgroup"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/soak"
	"pageladder.example/internal/testkit"
	"pageladder.example/paging"
)

// treeParts are the partitions of the model's table. Its history gets what they add and remove, in the same
// transaction.
const treeParts = `partition by range (id);
create table yard.p0 partition of yard.changing for values from (minvalue) to (500);
create table yard.p1 partition of yard.changing for values from (500) to (1000) partition by hash (id);
create table yard.p1a partition of yard.p1 for values with (modulus 2, remainder 0);
create table yard.p1b partition of yard.p1 for values with (modulus 2, remainder 1);
create table yard.p2 partition of yard.changing for values from (1000) to (1500);
create table yard.p3 partition of yard.changing for values from (1500) to (maxvalue)`

var treeBounds = []string{"for values from (minvalue) to (500)", "for values from (500) to (1000)", "for values from (1000) to (1500)", "for values from (1500) to (maxvalue)"}

// inTree is what an owner does to one partition, PART, whose bounds are BOUNDS.
var inTree = map[string]string{
	"detaches":         "alter table yard.changing detach partition yard.PART; insert into yard.history select pg_current_xact_id(), -1, p.* from yard.PART p",
	"attaches":         "alter table yard.changing attach partition yard.PART BOUNDS; insert into yard.history select pg_current_xact_id(), 1, p.* from yard.PART p",
	"writes to it":     "update yard.PART set amount = 7 where id % 3 = 0; delete from yard.PART where id % 20 = 10; insert into yard.PART (id, name) select min(id) + 1, 'in' from yard.PART where id < 5000 having min(id) is not null on conflict do nothing",
	"moves off and on": "alter table yard.changing detach partition yard.PART; insert into yard.history select pg_current_xact_id(), -1, p.* from yard.PART p; update yard.PART set amount = coalesce(amount, 0) + 1, name = 'b'; alter table yard.changing attach partition yard.PART BOUNDS; insert into yard.history select pg_current_xact_id(), 1, p.* from yard.PART p",
	"writes anew":      "cluster yard.PART using PART_pkey",
	"switches off":     "alter table yard.PART disable trigger pageladder_log_update",
	"switches on":      "alter table yard.PART enable always trigger pageladder_log_update",
	"renames":          "alter table yard.PART rename to renamed; alter table yard.renamed rename to PART",
	"drops a trigger":  "drop trigger if exists pageladder_log_insert on yard.PART",
	"adds a column":    "alter table yard.changing add extra int; alter table yard.changing drop extra",
	"runs the script":  "SCRIPT",
}

// Whatever an owner does to the partitions of a table while others write to it and read it, each
// answer is of one snapshot of the table as it is then. A table that has left may still be written.
func TestAnswersOfATableWhosePartitionsComeAndGo(t *testing.T) {
	m := newFollowedModel(t, `collate "und-x-icu"`, treeParts, func(u *url.URL) string { return u.String() })
	ctx, end := context.WithCancel(t.Context())
	defer end()
	go m.settleHistory(ctx)
	enough := make(chan struct{})
	m.enough = enough
	did, began := map[string]int{}, time.Now()
	var acting errgroup.Group
	acting.Go(func() error {
		defer close(enough)
		does := func(what string, n int) {
			sql := strings.NewReplacer("PART", fmt.Sprint("p", n), "BOUNDS", treeBounds[n], "SCRIPT", m.script).Replace(inTree[what])
			sql = strings.TrimSuffix(strings.Replace(sql, "begin;", "", 1), "commit;\n")
			if pgx.BeginFunc(ctx, m.pool, func(tx pgx.Tx) error { _, err := tx.Exec(ctx, "set local lock_timeout = '1s'; "+sql); return err }) == nil {
				did[what]++
			}
		}
		pause := func(limit int) {
			select {
			case <-ctx.Done():
			case <-time.After(time.Duration(rand.IntN(limit)) * time.Millisecond):
			}
		}
		for ctx.Err() == nil && (len(did) < len(inTree) || time.Since(began) < *modelTime/6) {
			for what := range inTree {
				if did[what] > 0 && time.Since(began) > *modelTime/6 {
					continue
				}
				does(what, rand.IntN(len(treeBounds)))
				pause(100)
				if rand.IntN(3) > 0 { // the owner has it followed again
					for n := range treeBounds {
						does("attaches", n)
					}
					does("runs the script", 0)
					pause(400)
				} else {
					does("writes to it", rand.IntN(len(treeBounds)))
				}
			}
		}
		return nil
	})
	m.run(m.services, 3*time.Minute)
	end()
	require.NoError(t, acting.Wait())
	t.Log(did)
	assert.Len(t, did, len(inTree), "all of it was done")
	for _, store := range m.services {
		assert.Zero(t, store.Unlike())
	}
}

var treeRounds = flag.Int("tree.rounds", soak.Or(2, 40), "how many trees of partitions are changed")

// onTree is what an owner does to the whole tree of partitions of boats.
var onTree = []string{
	"alter table yard.boats detach partition yard.low", "alter table yard.boats detach partition yard.low concurrently", "alter table yard.boats attach partition yard.low for values from (-900) to (400)",
	"alter table yard.boats detach partition yard.high", "alter table yard.boats attach partition yard.high for values from (400) to (maxvalue)",
	"alter table yard.high detach partition yard.high_0", "alter table yard.high attach partition yard.high_0 for values with (modulus 2, remainder 0)",
	"alter table yard.boats attach partition yard.past for values from (-2000) to (-900)", "alter table yard.boats detach partition yard.past",
	"update yard.low set crew = 9 where id % 4 = 0", "delete from yard.low where id % 50 = 3", "insert into yard.low (id, name) values (-5, 'boat 9') on conflict do nothing",
	"update yard.high_0 set tons = tons + 1 where id % 3 = 0", "delete from yard.high where id % 40 = 1", "update yard.past set name = 'boat 30' where id % 2 = 0", "update yard.boats set crew = crew + 1 where id % 9 = 0",
	"truncate yard.high_1", "truncate yard.low", "truncate yard.boats; insert into yard.boats (id, name) select n, 'boat 9' from generate_series(401, 700) n",
	"vacuum full yard.high_1", "alter table yard.low rename to lower; alter table yard.lower rename to low", "drop table yard.low",
	"create table yard.low partition of yard.boats for values from (-900) to (400)", "alter table yard.boats rename to ships; alter table yard.ships rename to boats",
	"alter table yard.boats rename to older; create table yard.boats (like yard.older including all); insert into yard.boats select * from yard.older where id % 2 = 0; grant select on yard.boats to READER",
	"alter table yard.low disable trigger all", "alter table yard.low enable trigger all", "drop trigger pageladder_log_update on yard.high_0", "SCRIPT",
}

// Between changes of every kind, in any order, pages are those of the table as it is. What an owner
// does is drawn, with time enough after each change for the log to be looked for again.
func TestTreesOfAFollowedTable(t *testing.T) {
	for range *treeRounds {
		seed := rand.Uint64()
		t.Run(fmt.Sprint("seed ", seed), func(t *testing.T) {
			r := rand.New(rand.NewPCG(seed, 0))
			f := newFleet(t, parts)
			f.follow(t)
			f.does(t, "create table yard.past (like yard.boats); alter table yard.past add primary key (id); insert into yard.past (id, name) select -n, 'boat 9' from generate_series(1000, 1200) n")
			done := ""
			for range 25 {
				sql := strings.ReplaceAll(onTree[r.IntN(len(onTree))], "READER", f.role)
				if r.IntN(4) == 0 {
					sql = "SCRIPT"
				}
				if sql == "SCRIPT" {
					f.runs(t)
				} else if _, err := f.owner.Exec(t.Context(), sql); err != nil { // it does not fit the tree as it is
					continue
				}
				done += sql + "; "
				t.Log(sql)
				_, err := f.store.FollowState(t.Context(), "boats")
				require.NoError(t, err)
				f.agrees(t)
			}
			f.runs(t)
			testkit.Eventually(t, func() bool {
				state, err := f.store.FollowState(t.Context(), "boats")
				return err == nil && state.Exact
			}, "it goes by the log again")
			f.agrees(t)
			f.does(t, "update yard.boats set crew = 1 where id % 5 = 1")
			f.agrees(t)
			assert.Zero(t, f.store.Unlike())
		})
	}
}

// runs runs the script, again where a reader was in its way and nothing was done.
func (f *fleet) runs(t *testing.T) {
	testkit.Eventually(t, func() bool {
		_, err := f.owner.Exec(t.Context(), f.script(t, false))
		if err != nil {
			f.does(t, "rollback")
		}
		return err == nil
	}, "the script is run")
}

// Whatever the owner does, readers get pages, or one of a few errors that say why not: none is an
// error of the service. Each connection has prepared the questions for the table as it was.
func TestReadersOfATableThatItsOwnerChanges(t *testing.T) {
	for _, followed := range []bool{true, false} {
		t.Run(fmt.Sprint("followed ", followed), func(t *testing.T) {
			f := newFleet(t, "create type yard.mood as enum ('low', 'high'); "+boats+"; alter table yard.boats add mood yard.mood default 'low'")
			if followed {
				f.follow(t)
			} else {
				_, err := f.store.Configure(t.Context(), "boats", func(s *sets.Settings) error { s.Followed = false; return nil })
				require.NoError(t, err)
			}
			page, err := f.store.Page(t.Context(), sets.Request{Set: "boats"})
			require.NoError(t, err)
			version := page.Version()
			require.Equal(t, followed, version > 0)
			read := func(t *testing.T) (fell []error) {
				var readers errgroup.Group
				fell = make([]error, 24)
				for n := range fell {
					readers.Go(func() error {
						req := sets.Request{Set: "boats", Query: []string{"sort=-tons", "sort=name&crew.min=3", "sort=id&page=60&size=10", "note.has=x"}[n%4]}
						var err error
						switch {
						case n%6 == 5:
							err = f.store.Stream(t.Context(), req, func(*sets.Set, int64, []intake.Field, paging.Ask) error { return nil }, func(sets.Record) error { return nil })
						case n%6 == 4:
							_, _, _, err = f.store.Record(t.Context(), req, []string{"5"})
						case n%6 == 3 && followed:
							req.At = version
							fallthrough
						default:
							_, err = f.store.Page(t.Context(), req)
						}
						fell[n] = err
						var table *sets.TableError
						var gone *sets.GoneError
						if err == nil || errors.As(err, &table) || errors.As(err, &gone) || errors.Is(err, sets.ErrSourceAway) {
							return nil
						}
						return err
					})
				}
				require.NoError(t, readers.Wait())
				return fell
			}
			for range 3 {
				read(t)
			}
			for _, c := range []struct{ does, text string }{ // what the owner and a reader see; "": there are pages
				{"alter table yard.boats alter tons type numeric(14,4)", ""},
				{"alter table yard.boats alter crew type bigint", ""},
				{"alter table yard.boats alter note type varchar(50)", ""},
				{"alter table yard.boats alter mood drop default, alter mood type text using mood::text; drop type yard.mood", ""},
				{"alter table yard.boats rename tons to weight", `"yard"."boats" is not as it was when it was attached: column tons does not exist`},
				{"alter table yard.boats rename weight to tons", ""},
				{"alter table yard.boats alter note type int using 1", ""},
				{"alter table yard.boats alter note type text", ""},
				{"revoke select on yard.boats from READER", `the source's role may not read "yard"."boats" (permission denied for table boats); this would help, run by its owner: grant usage on schema "yard" to "READER"; grant select on "yard"."boats" to "READER";`},
				{"grant select on yard.boats to READER", ""},
				{"revoke usage on schema yard from READER", "permission denied for schema yard"},
				{"grant usage on schema yard to READER", ""},
				{"alter table yard.boats rename to was; create view yard.boats as select *, 1 / (id - id) as broken from yard.was; grant select on yard.boats to READER", ""},
				{"drop view yard.boats; create view yard.boats as select id, name, tons / (id - id) as tons, at, crew, note, mood, 1 as broken from yard.was; grant select on yard.boats to READER", "division by zero"},
				{"drop view yard.boats; alter table yard.was rename to boats", ""},
				{"alter table yard.boats drop column name", "column name does not exist"},
				{"drop table yard.boats", "does not exist"},
			} {
				f.does(t, strings.ReplaceAll(c.does, "READER", f.role))
				fell := read(t)[0]
				if c.text == "" {
					require.NoError(t, fell, c.does)
				} else {
					require.ErrorContains(t, fell, strings.ReplaceAll(c.text, "READER", f.role), c.does)
				}
			}
		})
	}
}

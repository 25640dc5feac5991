package main

import (
	"context"
	"fmt"
	"net/url"
	"path/filepath"
	"slices"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// writes measures what a change log costs its writers, on a server that writes to the disk:
// the same changes of two equal sets, of which one has its log's triggers switched off.
func writes(ctx context.Context, dir string, records, rounds int) error {
	server, err := postgres.Start(ctx, postgres.Options{Dir: filepath.Join(dir, "writes"), Settings: []string{"shared_buffers=1GB", "max_wal_size=20GB", "checkpoint_timeout=1h"}})
	if err != nil {
		return err
	}
	defer server.Stop()
	for _, c := range []struct {
		name    string
		beside  int // bytes of a text beside
		records int
	}{{"12 columns, 200 bytes", 0, records}, {"a text of 256 kB beside", 256_000, 1_000}} {
		var tables [2]string
		for i := range tables {
			store, err := sets.Open(ctx, server.URL())
			if err != nil {
				return err
			}
			name := fmt.Sprintf("set_%d_%d", c.beside, i)
			err = wide(ctx, store, name, c.records)
			store.Indexed()
			store.Close()
			if err != nil {
				return err
			}
			conn, err := pgx.Connect(ctx, server.URL())
			if err != nil {
				return err
			}
			defer conn.Close(ctx)
			if err := conn.QueryRow(ctx, "select 'pageladder.' || record_table from pageladder.record_set where name = $1", name).Scan(&tables[i]); err != nil {
				return err
			}
			if c.beside > 0 {
				if _, err := conn.Exec(ctx, "update "+tables[i]+" set beside = (select string_agg(md5(n::text || random()::text), '') from generate_series(1, "+strconv.Itoa(c.beside/32)+") n)"); err != nil {
					return err
				}
			}
			if i == 1 {
				for _, event := range []string{"insert", "update", "delete", "truncate"} {
					if _, err := conn.Exec(ctx, "alter table "+tables[i]+" disable trigger pageladder_log_"+event); err != nil {
						return err
					}
				}
			}
			if _, err := conn.Exec(ctx, "vacuum analyze "+tables[i]); err != nil {
				return err
			}
		}
		conn, err := pgx.Connect(ctx, server.URL())
		if err != nil {
			return err
		}
		defer conn.Close(ctx)
		// As a service does it: the version, the records, the notice.
		change := func(i int, where string) (time.Duration, error) {
			name := fmt.Sprintf("set_%d_%d", c.beside, i)
			return timed(func() error {
				return pgx.BeginFunc(ctx, conn, func(tx pgx.Tx) error {
					_, err := tx.Exec(ctx, "with moved as (update pageladder.record_set set version = version + 1, changed_at = now() where name = $1 returning version) select moved.* from moved, pg_notify('pageladder_set_changed', $1)", name)
					if err == nil {
						_, err = tx.Exec(ctx, "update "+tables[i]+" set n1 = n1 + 1 where "+where)
					}
					return err
				})
			})
		}
		if err := paired(c.name, c.records, rounds, change); err != nil {
			return err
		}
		// The same tables, as their owner's own: one is followed.
		if err := own(ctx, server, conn, tables, "set_"+strconv.Itoa(c.beside)+"_0"); err != nil {
			return err
		}
		for _, logged := range []struct{ name, table string }{{"of a followed table", "table_0"}, {"of a table with the barest log", "table_2"}} {
			err = paired(c.name+", "+logged.name, c.records, rounds, func(i int, where string) (time.Duration, error) {
				return timed(func() error {
					_, err := conn.Exec(ctx, "update own."+[]string{logged.table, "table_1"}[i]+" set n1 = n1 + 1 where "+where)
					return err
				})
			})
			if err != nil {
				return err
			}
		}
		if _, err := conn.Exec(ctx, "drop schema own, pageladder_log cascade; drop owned by own_reader; drop role own_reader"); err != nil {
			return err
		}
	}
	return nil
}

// barestLog is the least that a log can be which brings both images of bulk changes quickly and never
// fails its writers: a trigger for each statement, rows put into an indexed table, in a savepoint. It has no
// bound, keeps long texts, and runs with the writer's rights and search path.
const barestLog = `
create table own.log (xid xid8 not null default pg_current_xact_id(), side smallint not null, like own.table_2);
create index on own.log (xid);
create function own.log() returns trigger language plpgsql as $log$
begin
  begin
    insert into own.log select pg_current_xact_id(), i.* from (select -1, b.* from before_rows b union all select 1, a.* from after_rows a) i;
  exception when others then null;
  end;
  return null;
end $log$;
create trigger log after update on own.table_2 referencing old table as before_rows new table as after_rows for each statement execute function own.log();`

// own copies tables of sets to an owner's: the first is then followed, by the rules of a set, the
// second has no log, and the third the barest one.
func own(ctx context.Context, server *postgres.Server, conn *pgx.Conn, tables [2]string, set string) error {
	sql := "create schema own; create role own_reader login password 'x'; grant usage on schema own to own_reader;"
	for i, table := range append(tables[:], tables[1]) {
		sql += fmt.Sprintf("create table own.table_%d as select * from %s; alter table own.table_%[1]d add primary key (id); grant select on own.table_%[1]d to own_reader;", i, table)
	}
	if _, err := conn.Exec(ctx, sql+barestLog); err != nil {
		return err
	}
	if _, err := conn.Exec(ctx, "vacuum analyze own.table_0, own.table_1, own.table_2"); err != nil {
		return err
	}
	store, err := sets.Open(ctx, server.URL())
	if err != nil {
		return err
	}
	defer store.Close()
	u, err := url.Parse(server.URL())
	if err != nil {
		return err
	}
	u.User = url.UserPassword("own_reader", "x")
	if err := store.AddSource("own", u.String()); err != nil {
		return err
	}
	like, err := store.Get(ctx, set)
	if err != nil {
		return err
	}
	types := map[string]value.Type{}
	for _, f := range like.Fields {
		if f.Type == value.Integer {
			types[f.Name] = f.Type
		}
	}
	attached, err := store.Attach(ctx, sets.Attach{Name: "own", Source: "own", Schema: "own", Table: "table_0", Rules: like.Rules, Types: types, Follow: true})
	if err != nil {
		return err
	}
	follower, err := store.Follower(ctx, attached)
	if err != nil {
		return err
	}
	_, err = conn.Exec(ctx, follower.Script())
	return err
}

// paired makes changes of two tables in turn, and reports how long they took of the first against the
// second, which has no log.
func paired(name string, records, rounds int, change func(i int, where string) (time.Duration, error)) error {
	ratio := func(where string) (float64, error) { // one after the other
		with, err := change(0, where)
		if err != nil {
			return 0, err
		}
		without, err := change(1, where)
		return with.Seconds() / without.Seconds(), err
	}
	var single, bulk []float64
	for round := range rounds {
		for n := range 20 {
			one, err := ratio("id = " + strconv.Itoa(1+(round*20+n)*37%records))
			if err != nil {
				return err
			}
			single = append(single, one)
		}
		one, err := ratio(fmt.Sprintf("id %% 10 = %d", round%10))
		if err != nil {
			return err
		}
		bulk = append(bulk, one)
	}
	fmt.Printf("%s, %d records, with fsync: one change with its log takes %.2f × (the middle half %.2f to %.2f) the time of one without; a tenth of the records at once %.2f × (%.2f to %.2f)\n",
		name, records, middle(single), part(single, 0.25), part(single, 0.75), middle(bulk), slices.Min(bulk), slices.Max(bulk))
	return nil
}

// wide makes a set of twelve columns, about 200 bytes a record, all of which but "beside" its
// rules offer.
func wide(ctx context.Context, store *sets.Store, name string, records int) error {
	rules := rulesfile.Of(paging.Rules{Key: []string{"id"}})
	fields := []intake.Field{{Name: "id", Type: value.Integer}}
	header := "id"
	for i := 1; i <= 5; i++ {
		fields = append(fields, intake.Field{Name: fmt.Sprintf("n%d", i), Type: value.Integer}, intake.Field{Name: fmt.Sprintf("t%d", i), Type: value.Text})
		header += fmt.Sprintf(",n%d,t%d", i, i)
	}
	fields = append(fields, intake.Field{Name: "beside", Type: value.Text})
	for _, f := range fields[:11] {
		rules.Filters = append(rules.Filters, paging.FilterRule{Field: f.Name, Type: f.Type, Operators: []paging.Operator{paging.Equals}})
	}
	var csv strings.Builder
	csv.WriteString(header + ",beside\n")
	for id := 1; id <= records; id++ {
		fmt.Fprintf(&csv, "%d", id)
		for i := range 5 {
			fmt.Fprintf(&csv, ",%d,text of the record %d %d", id*7919%1000003, id%97, i)
		}
		csv.WriteString(",\n")
	}
	return store.LoadCSV(ctx, sets.Draft{Name: name, Label: name, Fields: fields, Rules: rules}, strings.NewReader(csv.String()))
}

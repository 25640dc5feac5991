package loading

import (
	"context"
	"maps"
	"slices"
	"strings"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/tables"
)

// Index makes the indexes that a set's rules want, in the background, while the set is read and
// changed. Indexes that are no longer wanted, or that were not finished, are dropped. A failure
// makes the set slower and nothing worse; it is tried again at the next start.
func (l *Loader) Index(set string) {
	l.indexing.Add(1)
	l.later(func() {
		defer l.indexing.Done()
		l.indexTurn.Lock()
		defer l.indexTurn.Unlock()
		l.makeIndexes(l.running, set)
	})
}

// Indexed waits for index builds in progress.
func (l *Loader) Indexed() { l.indexing.Wait() }

func (l *Loader) makeIndexes(ctx context.Context, name string) error {
	set, err := catalog.Get(ctx, l.pool, name) // as it is by now
	if err != nil || set.Attached() {
		return err
	}
	wanted := tables.Indexes(set.Definition)
	rows, err := l.pool.Query(ctx, `select c.relname, i.indisvalid from pg_index i join pg_class c on c.oid = i.indexrelid
		where i.indrelid = to_regclass($1) and not i.indisprimary`, tables.Name(set.Definition))
	if err != nil {
		return err
	}
	var valid bool
	var drop []string
	_, err = pgx.ForEachRow(rows, []any{&name, &valid}, func() error {
		if _, ok := wanted[name]; ok && valid {
			delete(wanted, name)
		} else {
			drop = append(drop, name)
		}
		return nil
	})
	if err != nil {
		return err
	}
	for _, name := range drop {
		if _, err := l.pool.Exec(ctx, "drop index concurrently if exists "+tables.Quote(postgres.Schema)+"."+tables.Quote(name)); err != nil {
			return err
		}
	}
	// An index that cannot be built is reported, and the others are built all the same.
	for _, name := range slices.Sorted(maps.Keys(wanted)) {
		_, err := l.pool.Exec(ctx, "create index concurrently "+tables.Quote(name)+" on "+tables.Name(set.Definition)+" "+wanted[name])
		if err == nil {
			_, err = l.pool.Exec(ctx, "delete from pageladder.index_failure where index_name = $1", name)
		} else if fault := tables.Fault(set.Definition, err); fault != err {
			_, err = l.pool.Exec(ctx, `insert into pageladder.index_failure (index_name, says) values ($1, $2)
				on conflict (index_name) do update set says = excluded.says, at = now()`, name, fault.Error())
		}
		if err != nil {
			return err
		}
	}
	_, err = l.pool.Exec(ctx, "analyze "+tables.Name(set.Definition)) // for the indexes on expressions
	return err
}

// IndexState is one index of a set.
type IndexState struct {
	Definition string
	Ready      bool
	Failed     string  // why it cannot be built: the sorts and filters that need it are slow
	Phase      string  // of the index in progress, in PostgreSQL's words
	Part       float64 // of the phase, 0 to 1
}

// Indexes lists the indexes that a set's rules want, which of them are ready, and the progress of
// the one that is being built.
func (l *Loader) Indexes(ctx context.Context, name string) (states []IndexState, err error) {
	_, err = l.catalog.Read(ctx, func(ctx context.Context, db *pgxpool.Pool) (err error) {
		states, err = indexes(ctx, db, name)
		return err
	})
	return states, err
}

func indexes(ctx context.Context, db *pgxpool.Pool, name string) ([]IndexState, error) {
	set, err := catalog.Get(ctx, db, name)
	if err != nil {
		return nil, err
	}
	definitions := map[string]string{}
	for name, definition := range tables.Indexes(set.Definition) {
		definitions[tables.Quote(postgres.Schema)+"."+tables.Quote(name)] = definition
	}
	rows, err := db.Query(ctx, `select wanted, coalesce(i.indisvalid, false), coalesce(p.phase, ''),
		coalesce(case when p.tuples_total > 0 then p.tuples_done::float8 / p.tuples_total
		              when p.blocks_total > 0 then p.blocks_done::float8 / p.blocks_total end, 0), coalesce(f.says, '')
		from unnest($1::text[]) wanted left join pg_index i on i.indexrelid = to_regclass(wanted)
		left join pg_stat_progress_create_index p on p.index_relid = i.indexrelid
		left join pageladder.index_failure f on not coalesce(i.indisvalid, false) and wanted = $2 || '"' || f.index_name || '"'`, slices.Collect(maps.Keys(definitions)), tables.Quote(postgres.Schema)+".")
	if err != nil {
		return nil, err
	}
	var wanted string
	var state IndexState
	var states []IndexState
	if _, err := pgx.ForEachRow(rows, []any{&wanted, &state.Ready, &state.Phase, &state.Part, &state.Failed}, func() error {
		state.Definition = definitions[wanted]
		states = append(states, state)
		return nil
	}); err != nil {
		return nil, err
	}
	slices.SortFunc(states, func(a, b IndexState) int { return strings.Compare(a.Definition, b.Definition) })
	return states, nil
}

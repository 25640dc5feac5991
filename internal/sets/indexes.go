package sets

import (
	"context"
	"fmt"
	"hash/fnv"
	"maps"
	"slices"
	"strings"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/postgres"
	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// index makes the indexes that a set's rules want, in the background, while the set is read and
// changed. Indexes that are no longer wanted, or that were not finished, are dropped. A failure
// makes the set slower and nothing worse; it is tried again at the next start.
func (s *Store) index(set *Set) {
	s.indexing.Add(1)
	s.background.Go(func() {
		defer s.indexing.Done()
		s.indexTurn.Lock()
		defer s.indexTurn.Unlock()
		s.makeIndexes(s.running, set.Name)
	})
}

func (s *Store) makeIndexes(ctx context.Context, name string) error {
	set, err := s.Get(ctx, name) // as it is by now
	if err != nil || set.Attached() {
		return err
	}
	wanted := indexes(set)
	rows, err := s.pool.Query(ctx, `select c.relname, i.indisvalid from pg_index i join pg_class c on c.oid = i.indexrelid
		where i.indrelid = to_regclass($1) and not i.indisprimary`, tableName(set))
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
		if _, err := s.pool.Exec(ctx, "drop index concurrently if exists "+quote(postgres.Schema)+"."+quote(name)); err != nil {
			return err
		}
	}
	// An index that cannot be made is reported, and the others are made all the same.
	for _, name := range slices.Sorted(maps.Keys(wanted)) {
		_, err := s.pool.Exec(ctx, "create index concurrently "+quote(name)+" on "+tableName(set)+" "+wanted[name])
		if err == nil {
			_, err = s.pool.Exec(ctx, "delete from pageladder.index_failure where index_name = $1", name)
		} else if fault := dataFault(set, err); fault != err {
			_, err = s.pool.Exec(ctx, `insert into pageladder.index_failure (index_name, says) values ($1, $2)
				on conflict (index_name) do update set says = excluded.says, at = now()`, name, fault.Error())
		}
		if err != nil {
			return err
		}
	}
	_, err = s.pool.Exec(ctx, "analyze "+tableName(set)) // for the indexes on expressions
	return err
}

// IndexState is one index of a set.
type IndexState struct {
	Definition string
	Ready      bool
	Failed     string  // why it cannot be made: the sorts and filters that need it are slow
	Phase      string  // of the index in progress, in PostgreSQL's words
	Part       float64 // of the phase, 0 to 1
}

// Indexes lists the indexes that a set's rules want, which of them are ready, and the progress of
// the one that is being made.
func (s *Store) Indexes(ctx context.Context, name string) ([]IndexState, error) {
	set, err := s.Get(ctx, name)
	if err != nil {
		return nil, err
	}
	definitions := map[string]string{}
	for name, definition := range indexes(set) {
		definitions[quote(postgres.Schema)+"."+quote(name)] = definition
	}
	rows, err := s.pool.Query(ctx, `select wanted, coalesce(i.indisvalid, false), coalesce(p.phase, ''),
		coalesce(case when p.tuples_total > 0 then p.tuples_done::float8 / p.tuples_total
		              when p.blocks_total > 0 then p.blocks_done::float8 / p.blocks_total end, 0), coalesce(f.says, '')
		from unnest($1::text[]) wanted left join pg_index i on i.indexrelid = to_regclass(wanted)
		left join pg_stat_progress_create_index p on p.index_relid = i.indexrelid
		left join pageladder.index_failure f on not coalesce(i.indisvalid, false) and wanted = $2 || '"' || f.index_name || '"'`, slices.Collect(maps.Keys(definitions)), quote(postgres.Schema)+".")
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

// searchVector is the expression that the search index is made on.
func searchVector(fields []string, column func(string) string) string {
	parts := make([]string, len(fields))
	for i, f := range fields {
		parts[i] = "coalesce(" + column(f) + "::text, '')"
	}
	return "array_to_tsvector(pageladder.words(" + strings.Join(parts, " || ' ' || ") + "))"
}

// indexes are a set's indexes besides the one of its key, by name: one for each offered sort, the
// default sort, each filter field and each list of fields under the rules' "indexes", with the key
// at its end; a trigram index for each text field with the operators "has" or "starts"; one for
// the search. An index is read in both directions, so that one serves both directions of a sort.
func indexes(set *Set) map[string]string {
	var made [][]string
	add := func(fields []string) {
		for _, k := range set.Rules.Key {
			if !slices.Contains(fields, k) {
				fields = append(slices.Clip(fields), k)
			}
		}
		for _, m := range append(made, set.Rules.Key) {
			if slices.Equal(m, fields) {
				return
			}
		}
		made = append(made, fields)
	}
	for i := range set.Rules.Sorts {
		k := &set.Rules.Sorts[i]
		if len(k.Fields) > 0 {
			add(k.Fields)
		} else {
			add([]string{k.Key})
		}
	}
	if ask, err := set.Rules.Read(""); err == nil {
		var fields []string
		for _, o := range ask.Order() { // an index can only serve one direction, with missing values at one end
			fields = append(fields, o.Field)
		}
		add(fields)
	}
	for _, fields := range set.Rules.Indexes {
		add(fields)
	}
	for i := range set.fixed {
		add([]string{set.fixed[i].Field})
	}
	definitions := []string{}
	for i := range set.Rules.Filters {
		f := &set.Rules.Filters[i]
		add([]string{f.Field})
		if f.Type == value.Text || f.Type == "" {
			if len(f.Operators) == 0 || slices.Contains(f.Operators, paging.Has) || slices.Contains(f.Operators, paging.Starts) {
				definitions = append(definitions, "using gin ("+quote(f.Field)+" pageladder.gin_trgm_ops)")
			}
		}
	}
	if len(set.Rules.Search) > 0 {
		definitions = append(definitions, "using gin (("+searchVector(set.Rules.Search, quote)+"))")
	}
	for _, fields := range made {
		definitions = append(definitions, "("+list(fields, quote)+")")
	}
	named := map[string]string{}
	for _, d := range definitions {
		h := fnv.New64a()
		h.Write([]byte(d))
		named[fmt.Sprintf("%s_%x", set.table, h.Sum64())] = d
	}
	return named
}

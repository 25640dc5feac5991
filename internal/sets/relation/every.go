package relation

import (
	"context"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/statement"
)

// This file walks through a list, region by region. Rows between steps are skipped within the server.

const fetchesAtOnce = 256 // cursor moves in one round trip

// Every finds where each step of the list begins, and where each region does.
func (q *question) Every(ctx context.Context, step func() int64, each func(order [][]byte, at int64) error) (records int64, err error) {
	// The cursor will be read to its end.
	if _, err := q.in.Tx.Exec(ctx, "set local cursor_tuple_fraction = 1"); err != nil {
		return 0, err
	}
	total, known := q.Records()
	if !known {
		if total, err = q.size(ctx, statement.Region{}, 1<<62); err != nil {
			return 0, err
		}
	}
	regions := q.Regions()
	start := int64(0) // of the region
	for i, g := range regions {
		size := total - start
		if i < len(regions)-1 {
			// Count the smaller-looking side: the records without a value.
			if size, err = q.size(ctx, g, total); err != nil {
				return 0, err
			}
		}
		if size > 0 {
			walk := q.walkByCursor
			if known {
				walk = q.walkInside
			}
			if err := walk(ctx, g, size, step, func(order [][]byte, at int64) error { return each(order, start+at) }); err != nil {
				return 0, err
			}
		}
		start += size
	}
	return start, nil
}

// walkInside walks through a region by a function of our own database. It takes no values of
// filters.
func (q *question) walkInside(ctx context.Context, g statement.Region, _ int64, step func() int64, each func([][]byte, int64) error) error {
	sorted := q.Question.Order()
	types := make([]string, len(sorted))
	for i, o := range sorted {
		types[i] = tables.Quote(o.Field) + " " + tables.ColumnOf(q.in.On.Field(o.Field).Type).Declared()
	}
	all, err := q.Rows(q.sorted(), g, 0, 0)
	if err != nil {
		return err
	}
	by := step()
	rows, err := q.in.Tx.Query(ctx, "select * from pageladder.every($1, $2, $3) as walked ("+strings.Join(types, ", ")+")",
		pgx.QueryResultFormats{pgx.TextFormatCode}, all.SQL, 1, by)
	if err != nil {
		return err
	}
	defer rows.Close()
	for at := int64(0); rows.Next(); at += by {
		if err := each(rows.RawValues(), at); err != nil {
			return err
		}
	}
	return rows.Err()
}

// walkByCursor walks through a region by moving a cursor.
func (q *question) walkByCursor(ctx context.Context, g statement.Region, size int64, step func() int64, each func([][]byte, int64) error) error {
	tx := q.in.Tx
	all, err := q.Rows(q.sorted(), g, 0, 0)
	if err != nil {
		return err
	}
	if _, err := tx.Exec(ctx, "declare footholds no scroll cursor for "+all.SQL, append([]any{pgx.QueryExecModeExec}, all.Args...)...); err != nil {
		return err
	}
	for at := int64(-1); ; { // where the cursor stands
		var moves strings.Builder
		var to []int64
		for by := step(); len(to) < fetchesAtOnce; {
			next := int64(0)
			if at >= 0 {
				next = at + by
			}
			if next >= size {
				break
			}
			moves.WriteString("fetch relative " + strconv.FormatInt(next-at, 10) + " from footholds;")
			to = append(to, next)
			at = next
		}
		if len(to) == 0 {
			break
		}
		if err := fetch(ctx, tx, moves.String(), to, each); err != nil {
			return err
		}
	}
	_, err = tx.Exec(ctx, "close footholds")
	return err
}

// fetch makes many cursor moves in one round trip, and returns the row that each stops at.
func fetch(ctx context.Context, tx pgx.Tx, moves string, to []int64, each func([][]byte, int64) error) error {
	results := tx.Conn().PgConn().Exec(ctx, moves)
	for n := 0; results.NextResult(); n++ {
		row := results.ResultReader()
		if !row.NextRow() {
			results.Close()
			return &view.Moved{Why: "fewer records than were counted"}
		}
		if err := each(row.Values(), to[n]); err != nil {
			results.Close()
			return err
		}
		row.Close()
	}
	return results.Close()
}

// pairsAtOnce limits the pairs of places that are compared in one statement.
const pairsAtOnce = 20_000

// Compare asks the database how places compare where only the database knows: text under its
// collation.
func (q *question) Compare(ctx context.Context, pairs [][2][]*string) ([]int, error) {
	db := postgres.Querier(q.in.Kind.Pools(q.in).Folds)
	sql, by := q.compareSQL(), q.Question.Order()
	var all []int
	for len(pairs) > 0 {
		some := pairs[:min(len(pairs), pairsAtOnce)]
		pairs = pairs[len(some):]
		columns := make([][]*string, 2*len(by))
		for _, p := range some {
			for i := range by {
				columns[2*i], columns[2*i+1] = append(columns[2*i], p[0][i]), append(columns[2*i+1], p[1][i])
			}
		}
		args := make([]any, len(columns))
		for i := range columns {
			args[i] = columns[i]
		}
		rows, err := db.Query(ctx, sql, args...)
		if err != nil {
			return nil, err
		}
		decided, err := pgx.CollectRows(rows, pgx.RowTo[int])
		if err != nil {
			return nil, err
		}
		all = append(all, decided...)
	}
	return all, nil
}

// compareSQL is the statement that compares pairs. Each field is given as two arrays of texts, one
// for each side.
func (q *question) compareSQL() string {
	var arrays, names, signs []string
	for i, o := range q.Question.Order() {
		base, collation := q.in.Table.compared(o.Field)
		n := strconv.Itoa(i)
		a, b := "a"+n+"::"+base, "b"+n+"::"+base+" "+collation
		arrays = append(arrays, "$"+strconv.Itoa(2*i+1)+"::text[], $"+strconv.Itoa(2*i+2)+"::text[]")
		names = append(names, "a"+n+", b"+n)
		less, missing := -1, 1
		if o.Desc {
			less = 1
		}
		if o.NullsFirst {
			missing = -1
		}
		signs = append(signs, strings.NewReplacer("A?", "a"+n, "B?", "b"+n, "MISSING", strconv.Itoa(missing), "PRESENT", strconv.Itoa(-missing), "LESS", strconv.Itoa(less), "MORE", strconv.Itoa(-less), "A!", a, "B!", b, "FIELD", strconv.Itoa(i+1)).
			Replace("nullif(case when A? is null and B? is null then 0 when A? is null then MISSING when B? is null then PRESENT when A! = B! then 0 when A! < B! then LESS else MORE end, 0) * FIELD"))
	}
	return "select coalesce(" + strings.Join(signs, ", ") + ", 0) from unnest(" + strings.Join(arrays, ", ") + ") with ordinality as pairs (" + strings.Join(names, ", ") + ", n) order by n"
}

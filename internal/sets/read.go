package sets

import (
	"context"
	"errors"
	"slices"
	"strings"
	"sync"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/paging/statement"
)

// reader reads windows of a question's records, and notices if the set changes meanwhile.
type reader struct {
	db     querier
	q      *question
	copied *copier // that holds the records
	keep   bool    // Again may be called for the page
	places bool    // also read the values that make up the records' places
	placed []int   // where these stand among the shown fields; nil: some are not shown

	asked  int   // number of statements
	seen   stamp // of the last statement that returned a record
	unsure bool  // the last statement returned no record, and so no stamp

	orders [][][]byte // of each record, the values in the fields of the order
	fates  []Fate     // of the records of a list at a mark
	found  int64      // images of the log that the last statement has looked at
}

// records reads limit records from an offset on, over several regions.
func (r *reader) records(ctx context.Context, regions []statement.Region, offset int64, limit int) ([]Record, error) {
	var records []Record
	err := statement.Walk(regions, offset, limit, func(g statement.Region, offset int64, limit int) (int, error) {
		more, err := r.region(ctx, g, offset, limit)
		if len(records) == 0 {
			records = more // without copying: most pages lie in one region
		} else {
			records = append(records, more...)
		}
		return len(more), err
	}, func(g statement.Region, most int64) (int64, error) { return r.size(ctx, g, most) })
	return records, err
}

// recordsFrom reads limit records from an offset after a place on.
func (r *reader) recordsFrom(ctx context.Context, place []*string, offset int64, limit int) ([]Record, error) {
	regions, err := r.q.From(place)
	if err != nil {
		return nil, err
	}
	return r.records(ctx, regions, offset, limit)
}

// region reads records of one region. Every statement returns the stamp of its own snapshot.
func (r *reader) region(ctx context.Context, g statement.Region, offset int64, limit int) ([]Record, error) {
	q := r.q
	before := []string{stampField}
	rows := q.Rows
	if q.at != nil {
		before, rows = []string{stampField, foundField, q.set.fateField()}, q.at.rows
	}
	told := len(before)
	if r.places {
		before = append(before, q.sorted()...)
	}
	page, err := rows(q.shown(before...), g, offset, limit)
	if err != nil {
		return nil, err
	}
	if q.explain != nil {
		q.explain.sql(q.set.unstamped(page.SQL))
	}
	r.asked++
	came, err := r.db.Query(ctx, page.SQL, textRows(page.Args)...)
	if err != nil {
		return nil, err
	}
	defer came.Close()
	if r.copied == nil {
		r.copied = new(copier)
	}
	first := len(r.copied.records)
	for came.Next() {
		raw := came.RawValues()
		if q.at != nil {
			var fate Fate
			if r.found, fate, err = q.at.whole(raw[1], raw[2]); err != nil {
				return nil, err
			}
			r.fates = append(r.fates, fate)
		}
		if len(r.copied.records) == first && (q.set.hasStamps() || q.at != nil) {
			if r.seen, err = q.set.readStamp(raw[0]); err != nil {
				return nil, err
			}
		}
		r.copied.copy(raw[told:])
	}
	if places := len(before) - told; places > 0 && len(r.copied.records) > first {
		for i := first; i < len(r.copied.records); i++ {
			r.orders = append(r.orders, r.copied.records[i][:places])
			r.copied.records[i] = r.copied.records[i][places:]
		}
	}
	records := slices.Clip(r.copied.records[first:])
	r.unsure = len(records) == 0
	return records, came.Err()
}

// copier copies rows, whose memory belongs to the connection, into few pieces of memory. It can be
// used again when nobody reads its records any more.
type copier struct {
	records []Record
	values  [][]byte
	text    []byte
}

const (
	copiedAtOnce = 4 << 10 // bytes of text, at first
	copierKept   = 1 << 20 // most bytes that a copier keeps to be used again
)

var copiers = sync.Pool{New: func() any { return new(copier) }}

// release prepares a copier for other rows.
func (c *copier) release() {
	if c == nil || cap(c.text)+24*(cap(c.values)+cap(c.records)) > copierKept {
		return
	}
	c.records, c.values, c.text = c.records[:0], c.values[:0], c.text[:0]
	copiers.Put(c)
}

func (c *copier) copy(raw [][]byte) {
	first := len(c.values)
	for _, v := range raw {
		if v == nil {
			c.values = append(c.values, nil)
			continue
		}
		if c.text == nil || len(c.text)+len(v) > cap(c.text) { // an empty text is a text, so it must not be nil
			c.text = make([]byte, 0, max(len(v), 2*cap(c.text), copiedAtOnce))
		}
		from := len(c.text)
		c.text = append(c.text, v...)
		c.values = append(c.values, c.text[from:len(c.text):len(c.text)])
	}
	c.records = append(c.records, c.values[first:len(c.values):len(c.values)])
}

// size counts a region's records, up to a bound.
func (r *reader) size(ctx context.Context, g statement.Region, most int64) (n int64, err error) {
	r.asked++
	counted := r.q.Count(g, most)
	if r.q.at != nil {
		counted = r.q.at.count(g, most)
	}
	return queryInt(ctx, r.db, counted.SQL, counted.Args...)
}

// stamp is the stamp of the last statement. Versions only rise, and every change of a record
// raises the version in its own transaction: if the last statement saw the expected version, so
// did all statements before it.
func (r *reader) stamp(ctx context.Context) (stamp, error) {
	if !r.unsure {
		return r.seen, nil
	}
	r.asked++
	sql, args := stampOf(r.q.set)
	rows, err := r.db.Query(ctx, sql, textRows(args)...)
	if err != nil {
		return stamp{}, err
	}
	seen, err := pgx.CollectExactlyOneRow(rows, func(row pgx.CollectableRow) (stamp, error) {
		return r.q.set.readStamp(row.RawValues()[0])
	})
	if errors.Is(err, pgx.ErrNoRows) {
		return stamp{}, errMoved
	}
	return seen, err
}

// unstamped is a statement without the SQL of its stamp, which is long.
func (s *Set) unstamped(sql string) string {
	if s.saw != nil {
		for _, first := range []int{1, len(s.own.Args) + 1} {
			sql = strings.Replace(sql, s.log.Stamp(first), "'…'", 1)
		}
	}
	return sql
}

// stampOf is a statement that returns a set's stamp and nothing else.
func stampOf(set *Set) (sql string, args []any) {
	if set.saw != nil {
		_, args := changes.AgainstMark(set.saw, 1)
		return "select " + set.log.Stamp(1), args
	}
	return "select " + stampSQL + " from pageladder.record_set v where name = $1", []any{set.Name}
}

// textRows are the arguments of a statement whose rows come in PostgreSQL's text format.
func textRows(args []any) []any {
	return append([]any{pgx.QueryResultFormats{pgx.TextFormatCode}}, args...)
}

func queryInt(ctx context.Context, db querier, sql string, args ...any) (int64, error) {
	rows, err := db.Query(ctx, sql, args...)
	if err != nil {
		return 0, err
	}
	return pgx.CollectExactlyOneRow(rows, pgx.RowTo[int64])
}

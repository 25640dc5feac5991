package sets

import (
	"context"
	"slices"
	"strconv"
	"sync"

	"github.com/jackc/pgx/v5"

	"pageladder.example/paging/statement"
)

// reader reads stretches of a question's records and watches that the set does
// not change meanwhile.
type reader struct {
	db     querier
	q      *question
	copied *copier // that the records are kept in

	version int64 // of the set at the last statement that gave a record
	unsure  bool  // the last statement gave none, so that it told no version
}

// records reads limit records from the offset-th of the regions on.
func (r *reader) records(ctx context.Context, regions []statement.Region, offset int64, limit int) ([]Record, error) {
	var records []Record
	err := statement.Walk(regions, offset, limit, func(g statement.Region, offset int64, limit int) (int, error) {
		more, err := r.region(ctx, g, offset, limit)
		if len(records) == 0 {
			records = more // as it is: most pages lie in one region
		} else {
			records = append(records, more...)
		}
		return len(more), err
	}, func(g statement.Region, most int64) (int64, error) { return r.size(ctx, g, most) })
	return records, err
}

// recordsFrom reads limit records from the offset-th after a place on.
func (r *reader) recordsFrom(ctx context.Context, place []*string, offset int64, limit int) ([]Record, error) {
	regions, err := r.q.From(place)
	if err != nil {
		return nil, err
	}
	return r.records(ctx, regions, offset, limit)
}

// region reads records of one region. Every statement brings the set's version of its own
// snapshot.
func (r *reader) region(ctx context.Context, g statement.Region, offset int64, limit int) ([]Record, error) {
	q := r.q
	page, err := q.Rows(q.shown(versionField), g, offset, limit)
	if err != nil {
		return nil, err
	}
	q.explain.sql(page.SQL)
	rows, err := r.db.Query(ctx, page.SQL, append([]any{pgx.QueryResultFormats{pgx.TextFormatCode}}, page.Args...)...)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	if r.copied == nil {
		r.copied = new(copier)
	}
	first := len(r.copied.records)
	for rows.Next() {
		raw := rows.RawValues()
		if len(r.copied.records) == first {
			if r.version, err = strconv.ParseInt(string(raw[0]), 10, 64); err != nil {
				return nil, err
			}
		}
		r.copied.copy(raw[1:])
	}
	records := slices.Clip(r.copied.records[first:])
	r.unsure = len(records) == 0
	return records, rows.Err()
}

// copier copies rows, whose memory is the connection's, in few pieces. It can be
// used again when nobody reads its records any more.
type copier struct {
	records []Record
	values  [][]byte
	text    []byte
}

const (
	copiedAtOnce = 4 << 10 // bytes of text, at first
	copierKept   = 1 << 20 // bytes of a copier that is used again, at most
)

var copiers = sync.Pool{New: func() any { return new(copier) }}

// release readies a copier for other rows.
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
		if c.text == nil || len(c.text)+len(v) > cap(c.text) { // empty text is text too, and never nil
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
	counted := r.q.Count(g, most)
	return queryInt(ctx, r.db, counted.SQL, counted.Args...)
}

// current tells whether everything that was read was of the set's version.
// Versions only rise, and every change of a record moves the version in its own
// transaction: if the last statement saw this version, so did all before it.
func (r *reader) current(ctx context.Context) (bool, error) {
	if r.unsure {
		var err error
		r.version, err = queryInt(ctx, r.db, "select coalesce((select version from pageladder.record_set where name = $1), 0)", r.q.set.Name)
		if err != nil {
			return false, err
		}
	}
	return r.version == r.q.set.Version, nil
}

func queryInt(ctx context.Context, db querier, sql string, args ...any) (int64, error) {
	rows, err := db.Query(ctx, sql, args...)
	if err != nil {
		return 0, err
	}
	return pgx.CollectExactlyOneRow(rows, pgx.RowTo[int64])
}

package sets

import (
	"context"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/order"
	"pageladder.example/paging/statement"
)

const (
	deep          = 2_000           // records from either end beyond which footholds are used
	buildTime     = 5 * time.Minute // longest time that a build may take
	fetchesAtOnce = 256             // cursor moves sent in one round trip
)

// trackKey names the footholds of a question at the version of its set.
func trackKey(q *question) order.Key {
	text := append(make([]byte, 0, 128), q.filterKey...)
	for _, o := range q.order {
		text = strconv.AppendQuote(append(text, ' '), o.Field)
		text = strconv.AppendBool(strconv.AppendBool(text, o.Desc), o.NullsFirst)
	}
	return order.Key{Set: q.set.Name, Version: q.set.Version, Order: string(text)}
}

// longest is how old footholds of a question may be; 0: any age, since a kept set's
// version tells when they are stale.
func (q *question) longest() time.Duration {
	if q.set.Attached() {
		return q.set.Remember
	}
	return 0
}

// build builds the footholds of a question in the background.
func (s *Store) build(q *question, total int64) {
	key := trackKey(q)
	if !s.footholds.Begin(key, q.longest()) {
		return
	}
	s.background.Go(func() {
		defer s.footholds.End(key)
		ctx, cancel := context.WithTimeout(s.running, buildTime)
		defer cancel()
		if t, err := s.buildTrack(ctx, q, total); err == nil {
			s.footholds.Keep(key, t)
		}
		// An error is no harm: pages come by the plain way, and the next deep one
		// tries again.
	})
}

// trackBuilder builds one track, region by region.
type trackBuilder struct {
	*order.Track
	q     *question
	total int64
}

// buildTrack walks the question's order once, in one snapshot, passing over the
// rows between footholds within the server.
func (s *Store) buildTrack(ctx context.Context, q *question, total int64) (*order.Track, error) {
	step := int64(q.set.Rules.Resolved().Size.Default) // a page of the default size then begins at a foothold
	ours := !q.set.Attached() && q.filterKey == ""
	if !ours {
		step *= 2 // or ends right before one: moving a cursor from outside costs more
	}
	b := &trackBuilder{order.NewTrack(len(q.order), step), q, total}
	walk := b.walk
	if ours {
		walk = b.every
	}
	err := s.within(ctx, q.set.Name, func(tx pgx.Tx, set *Set) (err error) {
		if set.Version != q.set.Version {
			return errMoved
		}
		// The cursor will be read to its end.
		if _, err := tx.Exec(ctx, "set local cursor_tuple_fraction = 1"); err != nil {
			return err
		}
		regions := q.Regions()
		start := int64(0) // of the region
		r := reader{db: tx, q: q}
		for i, g := range regions {
			size := total - start
			if i < len(regions)-1 {
				// Count the smaller-looking side: the records without a value.
				if size, err = r.size(ctx, g, total); err != nil {
					return err
				}
			}
			if err := walk(ctx, tx, g, start, size); err != nil {
				return err
			}
			start += size
		}
		return nil
	})
	b.Finish()
	return b.Track, err
}

// every adds the footholds that lie in one region, by a function of our own
// database. It takes no values of filters.
func (b *trackBuilder) every(ctx context.Context, tx pgx.Tx, g statement.Region, start, size int64) error {
	q, step := b.q, b.Step()
	at := (start + step - 1) / step * step
	if at >= start+size {
		return nil
	}
	types := make([]string, len(q.order))
	for i, o := range q.order {
		types[i] = quote(o.Field) + " " + columnTypes[q.set.field(o.Field).Type]
	}
	all, err := q.Rows(q.sorted(), g, 0, 0)
	if err != nil {
		return err
	}
	rows, err := tx.Query(ctx, "select * from pageladder.every($1, $2, $3) as walked ("+strings.Join(types, ", ")+")",
		pgx.QueryResultFormats{pgx.TextFormatCode}, all.SQL, at-start+1, step)
	if err != nil {
		return err
	}
	defer rows.Close()
	for ; rows.Next(); at += step {
		if at%b.Step() != 0 { // the step has been doubled meanwhile
			continue
		}
		b.Add(rows.RawValues())
		if b.Len()%fetchesAtOnce == 0 {
			b.Widen(b.total)
		}
	}
	if err := rows.Err(); err != nil {
		return err
	}
	if at < start+size {
		return errMoved
	}
	b.Widen(b.total)
	return nil
}

// walk adds the footholds that lie in one region, by moving a cursor.
func (b *trackBuilder) walk(ctx context.Context, tx pgx.Tx, g statement.Region, start, size int64) error {
	q := b.q
	all, err := q.Rows(q.sorted(), g, 0, 0)
	if err != nil {
		return err
	}
	if _, err := tx.Exec(ctx, "declare footholds no scroll cursor for "+all.SQL, append([]any{pgx.QueryExecModeExec}, all.Args...)...); err != nil {
		return err
	}
	for at := start - 1; ; { // where the cursor stands
		var moves strings.Builder
		for range fetchesAtOnce {
			next := int64(0)
			if at >= 0 {
				next = (at/b.Step() + 1) * b.Step()
			}
			if next >= start+size {
				break
			}
			moves.WriteString("fetch relative " + strconv.FormatInt(next-at, 10) + " from footholds;")
			at = next
		}
		if moves.Len() == 0 {
			break
		}
		if err := b.fetch(ctx, tx, moves.String()); err != nil {
			return err
		}
		b.Widen(b.total)
	}
	_, err = tx.Exec(ctx, "close footholds")
	return err
}

// fetch makes many cursor moves in one round trip and keeps the row that each
// stops at.
func (b *trackBuilder) fetch(ctx context.Context, tx pgx.Tx, moves string) error {
	results := tx.Conn().PgConn().Exec(ctx, moves)
	for results.NextResult() {
		row := results.ResultReader()
		if !row.NextRow() {
			results.Close()
			return errMoved
		}
		b.Add(row.Values())
		row.Close()
	}
	return results.Close()
}

// FootholdBytes is the memory of all footholds.
func (s *Store) FootholdBytes() int { return s.footholds.Bytes() }

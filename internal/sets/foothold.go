package sets

import (
	"context"
	"fmt"
	"strconv"
	"strings"
	"sync"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
)

const (
	deep           = 2_000            // records from either end beyond which footholds are used
	footholdMemory = 64 << 20         // bytes for all footholds of a store
	bytesAMillion  = 2 << 20          // bytes for the footholds of a sort, for each million records
	buildAgain     = 10 * time.Second // least time between two builds for one set
	buildTime      = 5 * time.Minute  // longest time that a build may take
	fetchesAtOnce  = 256              // cursor moves sent in one round trip
)

// footholds remembers tracks, the least used going first when there are too many
// bytes of them.
type footholds struct {
	deep     int64 // records from either end beyond which footholds are used
	mu       sync.Mutex
	tracks   *lru.Cache[string, *track]
	bytes    int
	building map[string]bool      // by track
	built    map[string]time.Time // by set: the last build
}

func newFootholds() *footholds {
	f := &footholds{deep: 2_000, building: map[string]bool{}, built: map[string]time.Time{}}
	f.tracks, _ = lru.NewWithEvict(1<<20, func(_ string, t *track) { f.bytes -= t.bytes() }) // the size is right
	return f
}

// trackKey names the track of a question at the version of its set.
func trackKey(q *question) string {
	key := append(make([]byte, 0, 128), q.set.Name...)
	key = strconv.AppendInt(append(key, ' '), q.set.Version, 10)
	key = append(append(key, ' '), q.asked...)
	for _, o := range q.order {
		key = strconv.AppendQuote(append(key, ' '), o.Field)
		key = strconv.AppendBool(strconv.AppendBool(key, o.Desc), o.NullsFirst)
	}
	return string(key)
}

// nearest gives the foothold nearest to a page, and how many records to skip from
// there: onward from the one before it, or backward from the one after it, with the
// question reversed. ok is false where there are no footholds for the question.
func (f *footholds) nearest(q *question, offset int64, rows int) (values []*string, skip int64, backward, ok bool) {
	f.mu.Lock()
	defer f.mu.Unlock()
	t, ok := f.tracks.Get(trackKey(q))
	if !ok || t.n == 0 || q.set.Attached() && time.Since(t.made) > q.set.Remember {
		return nil, 0, false, false
	}
	before := min(offset/t.step, t.n-1)
	skip = offset - before*t.step
	if after := before + 1; after < t.n {
		if back := after*t.step - (offset + int64(rows) - 1); back >= 0 && back < skip {
			return t.at(after), back, true, true
		}
	}
	return t.at(before), skip, false, true
}

// keep puts a track in and makes room for it. Tracks of older versions of the set
// go first: nobody asks for them any more.
func (f *footholds) keep(q *question, t *track) {
	f.mu.Lock()
	defer f.mu.Unlock()
	current := fmt.Sprintf("%s %d ", q.set.Name, q.set.Version)
	for _, key := range f.tracks.Keys() {
		if strings.HasPrefix(key, q.set.Name+" ") && !strings.HasPrefix(key, current) {
			f.tracks.Remove(key)
		}
	}
	if old, ok := f.tracks.Peek(trackKey(q)); ok { // is replaced, which evicts nothing
		f.bytes -= old.bytes()
	}
	f.tracks.Add(trackKey(q), t)
	f.bytes += t.bytes()
	for f.bytes > footholdMemory && f.tracks.Len() > 0 {
		f.tracks.RemoveOldest()
	}
}

// drop drops the tracks of a set.
func (f *footholds) drop(name string) {
	f.mu.Lock()
	defer f.mu.Unlock()
	for _, key := range f.tracks.Keys() {
		if strings.HasPrefix(key, name+" ") {
			f.tracks.Remove(key)
		}
	}
}

// mayBuild tells whether a track is to be built now, and if so marks it.
func (f *footholds) mayBuild(q *question) bool {
	f.mu.Lock()
	defer f.mu.Unlock()
	key := trackKey(q)
	t, kept := f.tracks.Peek(key)
	kept = kept && !(q.set.Attached() && time.Since(t.made) > q.set.Remember)
	if f.building[key] || kept || time.Since(f.built[q.set.Name]) < buildAgain {
		return false
	}
	f.building[key] = true
	f.built[q.set.Name] = time.Now()
	return true
}

func (f *footholds) buildEnded(q *question) {
	f.mu.Lock()
	defer f.mu.Unlock()
	delete(f.building, trackKey(q))
}

// build builds the footholds of a question in the background.
func (s *Store) build(q *question, total int64) {
	if !s.footholds.mayBuild(q) {
		return
	}
	s.background.Go(func() {
		defer s.footholds.buildEnded(q)
		ctx, cancel := context.WithTimeout(s.running, buildTime)
		defer cancel()
		if t, err := s.buildTrack(ctx, q, total); err == nil {
			s.footholds.keep(q, t)
		}
		// An error is no harm: pages come by the plain way, and the next deep one
		// tries again.
	})
}

// buildTrack walks the question's order once, in one snapshot, passing over the
// rows between footholds within the server.
func (s *Store) buildTrack(ctx context.Context, q *question, total int64) (*track, error) {
	// A page of the default size then begins at a foothold.
	t := &track{made: time.Now(), step: int64(q.set.Rules.Resolved().Size.Default), fields: len(q.order)}
	walk := t.every
	if q.set.Attached() || len(q.args) > 0 {
		// Or ends right before one: moving a cursor from outside costs more.
		t.step *= 2
		walk = t.walk
	}
	err := s.within(ctx, q.set.Name, func(tx pgx.Tx, set *Set) (err error) {
		if set.Version != q.set.Version {
			return errMoved
		}
		// The cursor will be read to its end.
		if _, err := tx.Exec(ctx, "set local cursor_tuple_fraction = 1"); err != nil {
			return err
		}
		regions := q.regions()
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
			if err := walk(ctx, tx, q, g, start, size, total); err != nil {
				return err
			}
			start += size
		}
		return nil
	})
	t.finish()
	return t, err
}

// every adds the footholds that lie in one region, by a function of our own
// database. It takes no values of filters.
func (t *track) every(ctx context.Context, tx pgx.Tx, q *question, g region, start, size, total int64) error {
	step := t.step
	at := (start + step - 1) / step * step
	if at >= start+size {
		return nil
	}
	types := make([]string, len(q.order))
	for i, o := range q.order {
		types[i] = quote(o.Field) + " " + columnTypes[q.set.field(o.Field).Type]
	}
	rows, err := tx.Query(ctx, "select * from pageladder.every($1, $2, $3) as walked ("+strings.Join(types, ", ")+")",
		pgx.QueryResultFormats{pgx.TextFormatCode}, q.walked(g), at-start+1, step)
	if err != nil {
		return err
	}
	defer rows.Close()
	for ; rows.Next(); at += step {
		if at%t.step != 0 { // the step has been doubled meanwhile
			continue
		}
		t.add(rows.RawValues())
		if t.n%fetchesAtOnce == 0 {
			t.widen(total)
		}
	}
	if err := rows.Err(); err != nil {
		return err
	}
	if at < start+size {
		return errMoved
	}
	t.widen(total)
	return nil
}

// walked is the query of a region's records, in order, with what a foothold keeps.
func (q *question) walked(g region) string {
	fields := make([]string, len(q.order))
	for i, o := range q.order {
		fields[i] = o.Field
	}
	return "select " + list(fields, col) + q.from(g) + q.orderBy(g)
}

// walk adds the footholds that lie in one region, by moving a cursor.
func (t *track) walk(ctx context.Context, tx pgx.Tx, q *question, g region, start, size, total int64) error {
	if _, err := tx.Exec(ctx, "declare footholds no scroll cursor for "+q.walked(g), append([]any{pgx.QueryExecModeExec}, q.args...)...); err != nil {
		return err
	}
	for at := start - 1; ; { // where the cursor stands
		var moves strings.Builder
		for range fetchesAtOnce {
			next := int64(0)
			if at >= 0 {
				next = (at/t.step + 1) * t.step
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
		if err := t.fetch(ctx, tx, moves.String()); err != nil {
			return err
		}
		t.widen(total)
	}
	_, err := tx.Exec(ctx, "close footholds")
	return err
}

// fetch makes many cursor moves in one round trip and keeps the row that each
// stops at.
func (t *track) fetch(ctx context.Context, tx pgx.Tx, moves string) error {
	results := tx.Conn().PgConn().Exec(ctx, moves)
	for results.NextResult() {
		row := results.ResultReader()
		if !row.NextRow() {
			results.Close()
			return errMoved
		}
		t.add(row.Values())
		row.Close()
	}
	return results.Close()
}

// FootholdBytes is the memory of all footholds.
func (s *Store) FootholdBytes() int {
	s.footholds.mu.Lock()
	defer s.footholds.mu.Unlock()
	return s.footholds.bytes
}

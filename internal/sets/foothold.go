package sets

import (
	"context"
	"strconv"
	"strings"
	"sync"
	"sync/atomic"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/order"
	"pageladder.example/paging/statement"
)

const (
	deep          = 500             // records from either end beyond which footholds are built
	nearby        = 60              // beyond which footholds that exist are used
	buildTime     = 5 * time.Minute // time limit of a build
	fetchesAtOnce = 256             // cursor moves in one round trip
)

// trackKey names the order and the filters of a question, for the table that its set has.
func trackKey(q *question) string {
	text := append(make([]byte, 0, 160), q.set.Name...)
	if !q.set.hasStamps() {
		text = strconv.AppendInt(append(text, ' '), q.set.Version, 10)
	}
	text = append(append(text, ' '), q.listKey()...)
	for _, o := range q.order {
		text = strconv.AppendQuote(append(text, ' '), o.Field)
		text = strconv.AppendBool(strconv.AppendBool(text, o.Desc), o.NullsFirst)
	}
	return string(text)
}

// longest is the greatest age of footholds that a question may use; 0: any age, since the change
// log of a kept set keeps them current.
func (q *question) longest() time.Duration {
	if !q.set.hasStamps() {
		return q.set.Remember
	}
	return 0
}

// blocks are the footholds of a question at the version of its set, and their track; nil if there
// are none. They are then built in the background, if wanted.
func (s *Store) blocks(ctx context.Context, q *question, total int64, wanted bool) (*track, *order.Blocks, error) {
	key := trackKey(q)
	t := s.tracks.get(key)
	if t == nil || !t.hasBlocks() || q.longest() > 0 && time.Since(t.made) > q.longest() {
		if wanted {
			s.build(q, key)
		}
		return nil, nil, nil
	}
	if !q.set.hasStamps() {
		return t, t.at(changes.Mark{}), nil
	}
	t.used.Store(time.Now().UnixNano())
	why, err := t.update(ctx, s.folds(q.set), q)
	if err != nil {
		return nil, nil, err
	}
	if why == "" {
		blocks := t.at(q.set.mark())
		if blocks == nil { // known at later versions only: this page is read the plain way
			q.explain.anew("the footholds are of a later version")
			return nil, nil, nil
		}
		if blocks.Records() == total {
			s.tracks.keep(key, t) // its size may have grown
			s.lately.note(t, q)
			q.explain.base("footholds", t.base)
			if blocks.Records() > 3*int64(blocks.Len())*blocks.Step() {
				s.build(q, key) // few blocks have become large
			}
			return t, blocks, nil
		}
		s.unlike.Add(1)
		why = "the footholds do not fit the total"
	}
	q.explain.anew(why)
	s.tracks.drop(key, t)
	s.distrust(q.set, why)
	s.build(q, key)
	return nil, nil, nil
}

// lately remembers, for each kept set, the track by which a page was last read. That track is
// updated as soon as a change of the set is noticed, so that the next pages need not wait for it.
type lately struct {
	mu   sync.Mutex
	used map[string]use
	busy atomic.Bool
}

type use struct {
	*track
	q  question
	at time.Time
}

const (
	useNoted = 50 * time.Millisecond // least time between two notes of one set
	useLasts = 5 * time.Second
)

func (l *lately) forget() {
	l.mu.Lock()
	defer l.mu.Unlock()
	clear(l.used)
}

func (l *lately) note(t *track, q *question) {
	if q.set.Attached() {
		return
	}
	l.mu.Lock()
	defer l.mu.Unlock()
	if u := l.used[q.set.Name]; u.track == t && time.Since(u.at) < useNoted {
		return
	}
	if len(l.used) >= tracksMost || l.used == nil {
		l.used = map[string]use{}
	}
	u := use{t, *q, time.Now()}
	u.q.explain = nil
	l.used[q.set.Name] = u
}

// ahead updates the track by which a set was lately read, once the set has moved on.
func (s *Store) ahead(set *Set) {
	s.lately.mu.Lock()
	u := s.lately.used[set.Name]
	s.lately.mu.Unlock()
	if u.track == nil || time.Since(u.at) > useLasts || !s.lately.busy.CompareAndSwap(false, true) {
		return
	}
	s.background.Go(func() {
		defer s.lately.busy.Store(false)
		ctx, cancel := context.WithTimeout(s.running, useLasts)
		defer cancel()
		u.q.set = set
		u.update(ctx, s.folds(set), &u.q) // a failure is reported to whoever needs the track
	})
}

func (t *track) hasBlocks() bool {
	t.mu.Lock()
	defer t.mu.Unlock()
	return len(t.blocks) > 0
}

// build builds the footholds of a question in the background.
func (s *Store) build(q *question, key string) {
	if s.readOnly && q.set.logged == nil || !s.tracks.begin(q.set.Name, key) {
		return
	}
	s.background.Go(func() {
		defer s.tracks.end(q.set.Name)
		ctx, cancel := context.WithTimeout(s.running, buildTime)
		defer cancel()
		if t, err := s.buildTrack(ctx, q); err == nil {
			s.tracks.keep(key, t)
		}
		// An error does no harm: pages are read the plain way, and the next deep page tries again.
	})
}

// trackBuilder builds one track, region by region.
type trackBuilder struct {
	*order.Builder
	q    *question
	keys order.Order

	key []byte // where the current block begins
	at  int64  // its position within the region
}

// mostBytes is the memory limit of footholds by number of records: 1 MB a million, 3 MB if the
// order has text, and at least leastBytes.
func mostBytes(keys order.Order) func(records int64) int {
	each := int64(1) // byte per record
	if !keys.Exact() {
		each = 3
	}
	return func(records int64) int { return int(max(each*records, leastBytes)) }
}

const leastBytes = 100_000

// buildTrack walks through the question's order once, in one snapshot. Rows between footholds are
// skipped within the server.
func (s *Store) buildTrack(ctx context.Context, q *question) (*track, error) {
	// A page of the default size then begins at a foothold or, once records have been added and
	// removed, near one.
	step := (int64(q.set.Rules.Resolved().Size.Default) + 1) / 2
	ours := !q.set.Attached() && q.filterKey == ""
	if !q.set.hasStamps() || q.filterKey != "" {
		step *= 4 // or ends right before one: moving a cursor in another database costs more
	}
	keys := q.keys()
	b := &trackBuilder{Builder: order.Build(step, mostBytes(keys)), q: q, keys: keys}
	walk := b.walk
	if ours {
		walk = b.every
	}
	t := &track{keys: keys}
	err := s.within(ctx, q.set.Name, func(tx pgx.Tx, set *Set) (err error) {
		mark, total := changes.Mark{}, int64(-1)
		if !q.set.hasStamps() {
			if set.Version != q.set.Version {
				return errMoved
			}
		} else if mark, total, err = s.markIn(ctx, tx, q.set); err != nil {
			return err
		}
		t.base, t.from, t.until = baseAt(mark), mark.Version, mark
		// The cursor will be read to its end.
		if _, err := tx.Exec(ctx, "set local cursor_tuple_fraction = 1"); err != nil {
			return err
		}
		r := reader{db: tx, q: q}
		if q.filterKey != "" || q.set.Attached() {
			if total, err = r.size(ctx, statement.Region{}, 1<<62); err != nil {
				return err
			}
		}
		regions := q.Regions()
		start := int64(0) // of the region
		for i, g := range regions {
			size := total - start
			if i < len(regions)-1 {
				// Count the smaller-looking side: the records without a value.
				if size, err = r.size(ctx, g, total); err != nil {
					return err
				}
			}
			if size > 0 {
				if err := walk(ctx, tx, g, size); err != nil {
					return err
				}
			}
			start += size
		}
		return nil
	})
	if err != nil {
		return nil, err
	}
	t.blocks = []blocksAt{{t.Mark, b.Blocks()}}
	return t, nil
}

// passed notes the first record of a block, at its position within a region.
func (b *trackBuilder) passed(raw [][]byte, position int64) error {
	if position > 0 {
		b.Add(b.key, position-b.at)
	}
	key, err := b.keys.Key(raw)
	b.key, b.at = key, position
	return err
}

// ended adds the last block of a region of a size.
func (b *trackBuilder) ended(size int64) error {
	if b.key == nil || size <= b.at {
		return errMoved
	}
	b.Add(b.key, size-b.at)
	b.key = nil
	return nil
}

// every adds the footholds that lie in one region, by a function of our own
// database. It takes no values of filters.
func (b *trackBuilder) every(ctx context.Context, tx pgx.Tx, g statement.Region, size int64) error {
	q, step := b.q, b.Step()
	types := make([]string, len(q.order))
	for i, o := range q.order {
		types[i] = quote(o.Field) + " " + columnTypes[q.set.field(o.Field).Type]
	}
	all, err := q.Rows(q.sorted(), g, 0, 0)
	if err != nil {
		return err
	}
	rows, err := tx.Query(ctx, "select * from pageladder.every($1, $2, $3) as walked ("+strings.Join(types, ", ")+")",
		pgx.QueryResultFormats{pgx.TextFormatCode}, all.SQL, 1, step)
	if err != nil {
		return err
	}
	defer rows.Close()
	at := int64(0)
	for ; rows.Next(); at += step {
		if err := b.passed(rows.RawValues(), at); err != nil {
			return err
		}
	}
	if err := rows.Err(); err != nil {
		return err
	}
	return b.ended(size)
}

// walk adds the footholds that lie in one region, by moving a cursor.
func (b *trackBuilder) walk(ctx context.Context, tx pgx.Tx, g statement.Region, size int64) error {
	q := b.q
	all, err := q.Rows(q.sorted(), g, 0, 0)
	if err != nil {
		return err
	}
	if _, err := tx.Exec(ctx, "declare footholds no scroll cursor for "+all.SQL, append([]any{pgx.QueryExecModeExec}, all.Args...)...); err != nil {
		return err
	}
	at := int64(-1) // where the cursor stands
	for {
		var moves strings.Builder
		var to []int64
		for step := b.Step(); len(to) < fetchesAtOnce; {
			next := int64(0)
			if at >= 0 {
				next = at + step
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
		if err := b.fetch(ctx, tx, moves.String(), to); err != nil {
			return err
		}
	}
	if _, err := tx.Exec(ctx, "close footholds"); err != nil {
		return err
	}
	return b.ended(size)
}

// fetch makes many cursor moves in one round trip and keeps the row that each
// stops at.
func (b *trackBuilder) fetch(ctx context.Context, tx pgx.Tx, moves string, to []int64) error {
	results := tx.Conn().PgConn().Exec(ctx, moves)
	for n := 0; results.NextResult(); n++ {
		row := results.ResultReader()
		if !row.NextRow() {
			results.Close()
			return errMoved
		}
		if err := b.passed(row.Values(), to[n]); err != nil {
			results.Close()
			return err
		}
		row.Close()
	}
	return results.Close()
}

// FootholdBytes is the memory of all footholds.
func (s *Store) FootholdBytes() int {
	_, bytes := s.tracks.count()
	_, held := s.held.count()
	return bytes + held
}

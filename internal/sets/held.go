package sets

import (
	"context"
	"errors"
	"fmt"
	"strings"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/changes"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// This file reads pages of lists that are held still.

// Held is the mark that a page is held at, and what has changed since.
type Held struct {
	Version int64
	Changes int64 // of records of the list, each time that one was added, changed or removed; 0: it is the list as it is
	// Lasts is how long the page surely can be read, as it is; 0: it may change, or nobody knows.
	Lasts time.Duration
}

// Reasons why a list cannot be held at a mark.
const (
	neverGiven = "no page has been of that version"
	notHeld    = "its records have no change log that tells how they were"
	textLost   = "a text that is too long for the change log has changed since"
)

// pinMemory is for a hash of the keys of all records that have come since a mark: held against each record one by
// one, 30,000 of them would cost more than the rest.
const pinMemory = "32MB"

// pinnedAt is the set held at a version, in a transaction that sees the set so, having proved that its log
// reaches back.
func (s *Store) pinnedAt(ctx context.Context, tx pgx.Tx, set *Set, version int64) (_ *Set, err error) {
	switch {
	case set.Attached():
		if set, err = s.followedIn(ctx, tx, set); err != nil {
			return nil, err
		}
	case !set.holds():
		here := *set
		if err := here.readLog(ctx, tx); err != nil {
			return nil, err
		}
		set = &here
	}
	mark, err := s.markAt(ctx, set, version)
	if err != nil {
		return nil, err
	}
	if _, err := tx.Exec(ctx, "set local work_mem = '"+pinMemory+"'"); err != nil {
		return nil, err
	}
	stretch := changes.Stretch{After: mark, Until: set.mark()}
	_, args := stretch.Condition("l", 1)
	var proof string
	var one *int
	if err := tx.QueryRow(ctx, set.log.Proved(&stretch, 1, nil, "select 1", "one"), args...).Scan(&proof, &one); err != nil {
		why, err := logGone(err)
		if why != "" {
			err = s.gone(set, version, why)
		}
		return nil, err
	}
	if why := (&base{Mark: mark}).refuted(proof); why != "" {
		return nil, &GoneError{version, why}
	}
	here := *set
	here.pin = &mark
	return &here, nil
}

// gone is the error of a list whose log does not tell how it was. That it does not reach back says nothing against
// the log: whoever asks chooses how far.
func (s *Store) gone(set *Set, version int64, why string) error {
	if set.saw == nil && (why == noMoreLog || why == anotherLog) { // there may be another one by now
		s.catalogue.distrust(set.Name)
		return errMoved
	}
	return &GoneError{version, why}
}

// notFollowed tells why a set that is to be followed is read by the plain way.
func (s *Store) notFollowed(set *Set) string {
	if why := s.FollowKnown(set).Missing; len(why) > 0 {
		return "its table is not followed: " + strings.Join(why, "; ")
	}
	return notHeld
}

// followedIn is a followed set at the state that a transaction sees.
func (s *Store) followedIn(ctx context.Context, tx pgx.Tx, set *Set) (*Set, error) {
	if !set.Followed {
		return set, nil
	}
	latest := s.followedAt(set)
	if latest == nil {
		return set, nil
	}
	mark, err := latest.log.MarkIn(ctx, tx)
	if err != nil {
		return nil, err
	}
	if mark.Log != latest.logName {
		s.forsake(latest, tableChanged)
		return set, nil
	}
	return s.reaches(latest, mark.Saw)
}

// markAt is the mark of a version of a set.
func (s *Store) markAt(ctx context.Context, set *Set, version int64) (changes.Mark, error) {
	switch {
	case !set.holds():
		return changes.Mark{}, &GoneError{version, notHeld}
	case set.saw != nil:
		mark, err := s.markOf(ctx, set, version)
		if err == nil && !set.mark().Covers(mark) {
			err = errMoved // a standby that is behind, or nobody can know
		}
		return mark, err
	case version > set.Version:
		return changes.Mark{}, &GoneError{version, neverGiven}
	}
	return changes.Mark{Log: set.logName, Version: version}, nil
}

// pinnedQuestion is a question of the list at the mark that the set is held at, to be asked as any table is.
func (s *Set) pinnedQuestion(ask *paging.Ask, sees Visibility) (*question, error) {
	p, err := s.pinned(ask, sees, nil)
	if err != nil {
		return nil, err
	}
	asked, err := p.ask(ask)
	if err != nil {
		return nil, err
	}
	return s.questionOf(p, asked, ask, sees), nil
}

func (s *Set) questionOf(p *pinned, asked *statement.Question, ask *paging.Ask, sees Visibility) *question {
	return &question{Question: asked, at: p, set: s, ask: ask, sees: sees, own: p.where, order: asked.Order(), filterKey: filterKey(ask, s.fixedFor(sees)), countLimit: -1, fields: s.named(ask.Fields())}
}

// withinAt is within, of the set held at the version that a request asks for, if any.
func (s *Store) withinAt(ctx context.Context, req Request, do func(tx pgx.Tx, set *Set) error) error {
	for attempt := range attempts {
		err := s.within(ctx, req.Set, func(tx pgx.Tx, set *Set) (err error) {
			if req.At > 0 {
				if set, err = s.pinnedAt(ctx, tx, set, req.At); err != nil {
					return err
				}
			}
			return do(tx, set)
		})
		if req.At == 0 || !errors.Is(err, errMoved) || attempt == attempts-1 {
			return behind(req.At, err)
		}
	}
	return nil
}

// behind is the error of a list that is held at a state which is not to be seen here yet.
func behind(version int64, err error) error {
	if version > 0 && errors.Is(err, errMoved) {
		return &GoneError{version, "its log has been made anew just now, or the database that is read is behind; ask again"}
	}
	return err
}

// since is what has changed in a list since a mark, kept current.
type since struct {
	base
	turn turn // of whoever brings it on

	mu      sync.Mutex
	until   changes.Mark
	by      int64  // records more
	changes int64  // see Held
	images  int64  // of the log, of all of the set's records
	total   *int64 // of the list at the mark, once it is known

	seen time.Time // the set had the mark's version then, or an earlier one; zero: nobody knows
}

// lasts is how long a list can surely be held at the mark, as it is to whoever is not bound by a fixed filter,
// which goes by the records of now.
func (d *since) lasts(q *question) time.Duration {
	if d.seen.IsZero() || q.bound() {
		return 0
	}
	return max(changes.Longest-time.Since(d.seen), 0).Truncate(time.Second)
}

// sinceKept is how many are kept, the least used going first.
const sinceKept = 1_000

// sinceMark is what has changed in a question's list since a mark, at the version of its set or a later one.
// The error is a *GoneError where the log does not tell.
func (s *Store) sinceMark(ctx context.Context, q *question, mark changes.Mark) (*since, error) {
	key := fmt.Sprintf("%s @%d", q.listKey(), mark.Version)
	d, ok := s.since.Get(key)
	if !ok || d.Log != q.set.logName {
		d = &since{base: baseAt(mark), turn: newTurn(), until: begun(mark)}
		if d.seen = time.Now(); mark.Saw == nil && mark.Version < q.set.Version {
			var seen *time.Time
			if err := s.pool.QueryRow(ctx, "select max(at) from pageladder.change_seen where record_table = $1 and version <= $2", q.set.table, mark.Version).Scan(&seen); err != nil {
				return nil, err
			}
			if d.seen = (time.Time{}); seen != nil {
				d.seen = *seen
			}
		}
		s.since.Add(key, d)
	}
	db := querier(s.folds(q.set))
	if until, late := d.late(q.set.Version); late && until.Version == begun(mark).Version { // all since the mark is read
		if err := s.making.take(ctx); err != nil {
			return nil, err
		}
		defer s.making.give()
		db = s.poolOf(q.set)
	}
	why, err := d.bring(ctx, db, q)
	if err != nil {
		return nil, err
	}
	if why != "" {
		s.since.Remove(key)
		return nil, s.gone(q.set, mark.Version, why)
	}
	return d, nil
}

// begun is a mark from which what is known is brought on: the number of a state that another service gave tells nothing
// of what came before.
func begun(mark changes.Mark) changes.Mark {
	if mark.Saw != nil {
		mark.Version = 0
	}
	return mark
}

func (d *since) late(version int64) (until changes.Mark, late bool) {
	d.mu.Lock()
	defer d.mu.Unlock()
	return d.until, d.until.Version < version
}

func (d *since) bring(ctx context.Context, db querier, q *question) (why string, err error) {
	if _, late := d.late(q.set.Version); !late {
		return d.alike(q.set), nil
	}
	began := time.Now()
	if err := d.turn.take(ctx); err != nil {
		return "", err
	}
	defer d.turn.give()
	from, late := d.late(q.set.Version)
	if !late {
		return d.alike(q.set), nil
	}
	if why := d.usable(q.set); why != "" {
		return why, nil
	}
	asked, err := q.onLog(from, eitherSide)
	if err != nil {
		return "", err
	}
	images, err := asked.Unordered(append([]string{versionField, sideField}, q.set.Rules.Key...), statement.Region{})
	if err != nil {
		return "", err
	}
	stretch := changes.Stretch{After: from, Until: q.set.mark()}
	within, _ := stretch.Condition("c", len(q.own.Args)+1)
	keys := make([]string, len(q.set.Rules.Key))
	for i := range keys {
		keys[i] = fmt.Sprintf("k%d", i)
	}
	names := list(append([]string{"version"}, keys...), func(name string) string { return name })
	summed := fmt.Sprintf("select coalesce(sum(side), 0)::bigint, count(distinct (%[1]s)), (select count(*) from %[2]s c where %[3]s and c.%[4]s in (-1, 1)) from (%[5]s) as changed (version, side, %[6]s)",
		names, q.set.log.Table(), within, changes.Side, images.SQL, list(keys, func(name string) string { return name }))
	rows, err := db.Query(ctx, q.proved(from, summed, "more, changed, images"), images.Args...)
	if err != nil {
		return logGone(err)
	}
	var more, changed, found *int64 // none where the log does not have all
	proof := ""
	if _, err := pgx.ForEachRow(rows, []any{&proof, &more, &changed, &found}, func() error { return nil }); err != nil {
		return logGone(err)
	}
	if why := d.refuted(proof); why != "" {
		return why, nil
	}
	d.mu.Lock()
	defer d.mu.Unlock()
	d.by, d.changes, d.images, d.until = d.by+*more, d.changes+*changed, d.images+*found, q.set.mark()
	q.explain.folded(*found, began)
	return "", nil
}

// at tells what has changed until a version; false where it is known at later ones only.
func (d *since) at(version int64) (by, changed, images int64, ok bool) {
	d.mu.Lock()
	defer d.mu.Unlock()
	return d.by, d.changes, d.images, d.until.Version == version
}

// heldPage reads a page of a list that is held at a version.
func (s *Store) heldPage(ctx context.Context, req Request) (*Page, error) {
	for attempt := range attempts {
		set, current, turn := s.catalogue.get(req.Set)
		if attempt > 0 || set == nil || !current || req.At > set.Version {
			var err error
			if set, err = s.Latest(ctx, req.Set); err != nil {
				return nil, err
			}
		}
		defined := set.Version
		if set.Attached() && !set.Followed {
			return nil, &GoneError{req.At, notHeld}
		}
		if set.Attached() {
			here, err := s.followedNow(ctx, set)
			if err != nil {
				return nil, err
			}
			if here == nil {
				return nil, &GoneError{req.At, s.notFollowed(set)}
			}
			set = here
		}
		page, err := s.readHeld(ctx, set, req)
		switch {
		case err == errPlain:
			return s.heldWithin(ctx, req)
		case !retried(err):
			if page != nil {
				page.as(defined)
			}
			return page, err
		}
		s.reread.Add(1)
		var to *movedTo
		switch {
		case set.Attached():
		case errors.As(err, &to):
			s.catalogue.confirm(to.set, turn)
		default:
			s.catalogue.stale(req.Set)
		}
	}
	return s.heldWithin(ctx, req)
}

// heldWithin reads a page of a list that is held at a version in a snapshot, by plain means.
func (s *Store) heldWithin(ctx context.Context, req Request) (page *Page, err error) {
	err = s.withinAt(ctx, req, func(tx pgx.Tx, set *Set) error {
		if page, err = s.readPage(ctx, tx, set, req); err != nil {
			return err
		}
		now := *set
		now.pin = nil
		q, err := newQuestion(&now, page.Settled.Ask(), req.Visibility)
		if err != nil {
			return err
		}
		d, err := s.sinceMark(ctx, q, *set.pin)
		if err == nil {
			_, changed, _, _ := d.at(now.Version) // or what is known by now
			page.Held = &Held{req.At, changed, d.lasts(q)}
		}
		return err
	})
	return page, err
}

// readHeld reads a page of a list that is held at a version of a set, by what is known.
func (s *Store) readHeld(ctx context.Context, set *Set, req Request) (*Page, error) {
	mark, err := s.markAt(ctx, set, req.At)
	if err != nil {
		return nil, err
	}
	req.Explain.begin()
	ask, err := set.Rules.Read(req.Query)
	if err != nil {
		return nil, err
	}
	q, err := newQuestion(set, &ask, req.Visibility)
	if err != nil {
		return nil, err
	}
	if q.countLimit, err = req.countLimit(set); err != nil {
		return nil, err
	}
	q.explain = req.Explain
	q.explain.step(func(t *Times) *time.Duration { return &t.Read })
	d, err := s.sinceMark(ctx, q, mark)
	if err != nil {
		return nil, err
	}
	_, changed, logged, exact := d.at(set.Version)
	if !exact {
		return nil, errMoved
	}
	if changed == 0 { // it is the list as it is
		return s.heldUnchanged(ctx, q, req, d)
	}
	total, err := s.totalAt(ctx, q, d)
	if err != nil {
		return nil, err
	}
	q.explain.step(func(t *Times) *time.Duration { return &t.Count })
	settled, err := ask.Settle(total)
	if err != nil {
		return nil, err
	}
	q.explain.step(func(t *Times) *time.Duration { return &t.Settle })
	page := &Page{Set: set, Settled: settled, Fields: q.fields, Held: &Held{req.At, changed, d.lasts(q)}}
	rows := settled.Fetch()
	if rows == 0 || len(req.Facets) > 0 && q.bound() {
		return nil, errPlain
	}
	way, images, err := s.heldWay(ctx, q, mark, settled.Offset(), rows, total, logged)
	if err != nil {
		return nil, err
	}
	here := *set
	here.pin = &mark
	p, err := here.pinned(&ask, req.Visibility, images)
	if err != nil {
		return nil, err
	}
	then := here.questionOf(p, p.now, &ask, req.Visibility) // its pages are read apart
	then.explain = q.explain
	page.copied = copiers.Get().(*copier)
	r := reader{db: s.connection(s.poolOf(set), q), q: then, copied: page.copied}
	if page.Records, err = way.read(ctx, &r, rows); err != nil {
		return nil, err
	}
	page.Fates = r.fates
	if err = s.heldStill(ctx, q, page, d, way, &r, images); err != nil {
		return nil, err
	}
	q.explain.step(func(t *Times) *time.Duration { return &t.Cut })
	if total.Known() && len(page.Records) != rows {
		return nil, errMoved
	}
	if page.Settled, err = settled.Seen(len(page.Records)); err != nil {
		return nil, err
	}
	page.Records = page.Records[:page.Settled.Rows()]
	if len(req.Facets) > 0 { // of the mark, whenever they are counted
		err = s.withinAt(ctx, req, func(tx pgx.Tx, set *Set) (err error) {
			page.Facets, err = s.facetsOf(ctx, tx, set, req, req.Facets)
			return err
		})
	}
	return page, err
}

// errPlain is the error within this package for what is best read in one snapshot, by plain means.
var errPlain = errors.New("to be read by the plain way")

// retried tells whether an error means that the set has changed while it was read.
func retried(err error) bool {
	var pg *pgconn.PgError
	return errors.Is(err, errMoved) || errors.As(err, &pg) && pg.Code == undefinedTable
}

// heldUnchanged reads a page of a list of which nothing has changed since the mark: it is the list as it is.
func (s *Store) heldUnchanged(ctx context.Context, q *question, req Request, d *since) (*Page, error) {
	page, err := s.readPage(ctx, s.poolOf(q.set), q.set, req)
	if err != nil {
		return nil, err
	}
	later := *q
	later.set = page.Set
	if why, err := d.bring(ctx, s.folds(page.Set), &later); err != nil || why != "" {
		return nil, errors.Join(err, errMoved)
	}
	if _, changed, _, exact := d.at(page.Set.Version); changed > 0 || !exact {
		return nil, errMoved
	}
	page.Held = &Held{Version: req.At, Lasts: d.lasts(q)}
	return page, nil
}

// totalAt is how many records a list had at the mark since which d tells the changes, as well as the set's
// rules want to know it.
func (s *Store) totalAt(ctx context.Context, q *question, d *since) (paging.Total, error) {
	if q.countLimit == 0 {
		q.explain.counted("not counted")
		return paging.NotCounted(), nil
	}
	d.mu.Lock()
	known := d.total
	d.mu.Unlock()
	if known != nil {
		q.explain.counted("known since the list was held")
		return limited(*known, q.countLimit), nil
	}
	if q.bound() { // a record is in the list if it is let through at the mark and now
		return paging.Total{}, errPlain
	}
	total, err := s.total(ctx, s.poolOf(q.set), q)
	if err != nil {
		return total, err
	}
	by, _, _, exact := d.at(q.set.Version)
	switch {
	case !exact:
		return total, errMoved
	case total.Is() != paging.TotalExact:
		return total, errPlain
	}
	n := total.Records() - by
	d.mu.Lock()
	defer d.mu.Unlock()
	d.total = &n
	return limited(n, q.countLimit), nil
}

// heldWay is the way to the records of a page of a list at a mark and, where that goes by footholds, the
// images of the change log that lie on it.
func (s *Store) heldWay(ctx context.Context, q *question, mark changes.Mark, offset int64, rows int, total paging.Total, logged int64) (*way, []string, error) {
	exact := total.Is() == paging.TotalExact
	near := offset
	if exact {
		near = min(offset, total.Records()-offset-int64(rows))
	}
	if exact && q.set.remembers() && !q.bound() {
		h, err := s.heldBlocks(ctx, q, mark, total.Records(), near >= s.deep || logged > heldPlainly)
		if err != nil {
			return nil, nil, err
		}
		if h != nil {
			blocks := h.blocks[0].Blocks
			w := h.way(blocks, offset, rows)
			w.track, w.first, w.last = h, blocks.At(offset).I, blocks.At(offset+int64(rows)-1).I
			return w, h.on(w), nil
		}
	}
	if exact && total.Records()-offset-int64(rows) < offset {
		return &way{skip: total.Records() - offset - int64(rows), backward: true, end: true}, nil, nil
	}
	return &way{skip: offset, end: true}, nil, nil
}

// heldStill brings a page on to the state of the set that its records were read at. The error is errMoved
// where something has changed until then that they were read without.
func (s *Store) heldStill(ctx context.Context, q *question, page *Page, d *since, w *way, r *reader, images []string) error {
	seen, err := r.stamp(ctx)
	if err != nil {
		return err
	}
	later := *q
	switch {
	case q.set.saw != nil && seen.table == nil: // its snapshot is the one of the state
	case q.set.saw != nil:
		if later.set, err = s.told(q.set, seen.table); err != nil {
			return err
		}
		if r.asked > 1 && later.set != q.set {
			return errMoved
		}
	case r.asked > 1 && !q.set.isAt(seen), !q.set.stamped(seen), seen.version < q.set.Version:
		return errMoved
	default:
		later.set = q.set.seenAt(seen)
	}
	if why, err := d.bring(ctx, s.folds(q.set), &later); err != nil || why != "" {
		return errors.Join(err, errMoved)
	}
	_, changed, logged, exact := d.at(later.set.Version)
	if images != nil { // else the statement has looked at all of the log since the mark
		logged = int64(len(images))
	}
	switch {
	case !exact:
		return &movedTo{later.set}
	case r.found != logged: // the log has been pruned, or cut
		return errMoved
	}
	if images != nil {
		if why, err := w.track.bringHeld(ctx, s.folds(q.set), &later); err != nil || why != "" {
			return errors.Join(err, errMoved)
		}
		if len(w.track.on(w)) != len(images) {
			return &movedTo{later.set}
		}
	}
	page.Set, page.Held.Changes = later.set, changed
	return nil
}

// logged is where an image of a change stands in a log.
type logged struct {
	version int64
	at      string
}

// on are the images that lie on a way through blocks.
func (t *track) on(w *way) []string {
	t.mu.Lock()
	defer t.mu.Unlock()
	found := []string{}
	for i := w.first; i <= w.last; i++ {
		for _, im := range t.held[i] {
			found = append(found, im.at)
		}
	}
	return found
}

// bringHeld brings what is known of a list at a mark on to the version of a question's set: which blocks
// the images of what has changed since fall into. The blocks stay as they are.
func (t *track) bringHeld(ctx context.Context, db querier, q *question) (why string, err error) {
	if t.upTo().Version >= q.set.Version {
		return t.alike(q.set), nil
	}
	began := time.Now()
	if err := t.turn.take(ctx); err != nil {
		return "", err
	}
	defer t.turn.give()
	from := t.upTo()
	if from.Version >= q.set.Version {
		return t.alike(q.set), nil
	}
	if why := t.usable(q.set); why != "" {
		return why, nil
	}
	images, why, err := t.read(ctx, db, q, from, heldMost)
	if err != nil || why != "" {
		return why, err
	}
	if err := t.hold(ctx, db, q, images); err != nil {
		return "", err
	}
	q.explain.folded(int64(len(images)), began)
	return "", nil
}

// heldPlainly is how many images of the log are looked at for each page, where there are no footholds: more
// take longer than a page.
const heldPlainly = 1_000

// holdTime is what it may take to make the footholds of a list at a mark of those of now.
const holdTime = 20 * time.Second

// heldAtOnce is how many read all of a log since a mark at the same time.
const heldAtOnce = 2

// heldMost is how many images a list at a mark is read by: all that a log may have.
const heldMost = 2 * changes.Most

// hold notes which blocks images fall into.
func (t *track) hold(ctx context.Context, db querier, q *question, images []image) error {
	found, err := t.found(ctx, db, q, t.blocks[0].Blocks, images)
	if err != nil {
		return err
	}
	t.mu.Lock()
	defer t.mu.Unlock()
	for i, im := range images {
		t.held[found[i]] = append(t.held[found[i]], logged{im.version, im.at})
	}
	t.heldImages += len(images)
	t.until = q.set.mark()
	return nil
}

// heldBlocks are the footholds of a question's list at a mark; nil where there are none of the list as it is,
// which are built then, if wanted. They are those of now with the difference taken off, and stay as they are.
func (s *Store) heldBlocks(ctx context.Context, q *question, mark changes.Mark, total int64, wanted bool) (*track, error) {
	key := fmt.Sprintf("%s @%d", trackKey(q), mark.Version)
	h := s.held.get(key)
	if h == nil || h.Log != q.set.logName {
		// One of those who ask makes it, in a time of its own, since others wait for it.
		making := s.holding.DoChan(key, func() (any, error) {
			ctx, cancel := context.WithTimeout(s.running, holdTime)
			defer cancel()
			return s.makeHeld(ctx, q, mark, total, wanted)
		})
		select {
		case <-ctx.Done():
			return nil, ctx.Err()
		case made := <-making:
			if h, _ = made.Val.(*track); errors.Is(made.Err, context.DeadlineExceeded) {
				return nil, nil // by the plain way
			}
			if h == nil || made.Err != nil {
				return nil, made.Err
			}
		}
		s.held.keep(key, h)
	}
	why, err := h.bringHeld(ctx, s.folds(q.set), q)
	if err != nil {
		return nil, err
	}
	if why != "" {
		s.held.drop(key, h)
		return nil, errMoved
	}
	s.held.keep(key, h) // it may have grown
	q.explain.base("footholds", h.base)
	return h, nil
}

func (s *Store) makeHeld(ctx context.Context, q *question, mark changes.Mark, total int64, wanted bool) (*track, error) {
	all, err := s.total(ctx, s.poolOf(q.set), q)
	if err != nil || all.Is() != paging.TotalExact {
		return nil, err
	}
	now, blocks, err := s.blocks(ctx, q, all.Records(), wanted)
	if err != nil || blocks == nil {
		return nil, err
	}
	if err := s.making.take(ctx); err != nil {
		return nil, err
	}
	defer s.making.give()
	db := s.poolOf(q.set) // not over the connections that all pages may wait for
	h := &track{base: baseAt(mark), keys: now.keys, turn: newTurn(), from: mark.Version, until: begun(mark), held: map[int][]logged{}}
	images, why, err := h.read(ctx, db, q, mark, heldMost)
	if err != nil || why != "" {
		return nil, err
	}
	found, err := h.found(ctx, db, q, blocks, images)
	if err != nil {
		return nil, err
	}
	for i := range images {
		images[i].block = found[i]
	}
	undone := edits(images, func(im *image) int { return im.block })
	for i := range undone {
		undone[i].By = -undone[i].By
	}
	then, err := blocks.Edited(undone)
	if err != nil || then.Records() != total {
		s.unlike.Add(1)
		return nil, nil
	}
	h.blocks = []blocksAt{{mark, then}}
	return h, h.hold(ctx, db, q, images)
}

package sets

import (
	"context"
	"fmt"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// This file counts what has changed in a list since a mark.

// since is what has changed in a list since a mark, kept current.
type since struct {
	base

	mu      sync.Mutex
	until   changes.Mark
	by      int64  // growth of the list
	changes int64  // see Held
	images  int64  // of the log, for all of the set's records
	total   *int64 // of the list at the mark, once it is known
}

// sinceKept is how many are remembered; the least recently used go first.
const sinceKept = 1_000

// sinceMark is what has changed in a question's list since a mark, at the version of its set or a
// later one. The error is a *GoneError if the log does not reach back.
func (s *Store) sinceMark(ctx context.Context, q *question, mark changes.Mark) (*since, error) {
	key := fmt.Sprintf("%s @%d", q.listKey(), mark.Version)
	d, ok := s.since.Get(key)
	if !ok || d.Log != q.set.logName {
		d = &since{base: baseAt(mark), until: begun(mark)}
		s.since.Add(key, d)
	}
	db := querier(s.folds(q.set))
	if until := d.upTo(); until.Version < q.set.Version && until.Version == begun(mark).Version { // everything since the mark has to be read
		making := s.makingOf(q.set)
		if err := making.take(ctx); err != nil {
			return nil, err
		}
		defer making.give()
		db = s.poolOf(q.set)
	}
	why, err := d.update(ctx, db, q)
	if err != nil {
		return nil, err
	}
	if why != "" {
		s.since.Remove(key)
		return nil, s.gone(q.set, mark.Version, why)
	}
	return d, nil
}

// begun is the mark that an update begins at. The number of a state that another service gave out
// says nothing of what came before.
func begun(mark changes.Mark) changes.Mark {
	if mark.Saw != nil {
		mark.Version = 0
	}
	return mark
}

func (d *since) upTo() changes.Mark {
	d.mu.Lock()
	defer d.mu.Unlock()
	return d.until
}

// update updates what is known to the version of a question's set. The reason says why that is not
// possible.
func (d *since) update(ctx context.Context, db querier, q *question) (why string, err error) {
	began := time.Now()
	from, end, why, err := d.next(ctx, q.set, d.upTo)
	if end == nil {
		return why, err
	}
	defer end()
	asked, err := q.onLog(from, eitherSide)
	if err != nil {
		return "", err
	}
	images, err := asked.Unordered(append([]string{sideField, versionField}, q.set.Rules.Key...), statement.Region{})
	if err != nil {
		return "", err
	}
	window := changes.Window{After: from, Until: q.set.mark()}
	within, _ := window.Condition("c", len(q.own.Args)+1)
	each := "version" // change of a record
	for i := range q.set.Rules.Key {
		each += fmt.Sprintf(", k%d", i)
	}
	summed := fmt.Sprintf("select coalesce(sum(by), 0)::bigint, count(*), (select count(*) from %s c where %s and c.%s in (%d, %d)) from (select sum(side) as by from (%s) as changed (side, %[7]s) group by %[7]s) each",
		q.set.log.Table(), within, changes.Side, changes.Before, changes.After, images.SQL, each)
	rows, err := db.Query(ctx, q.proved(from, summed, "more, changed, images"), images.Args...)
	if err != nil {
		return logGone(err)
	}
	var more, changed, found *int64 // nil if the log does not have everything
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

// at is what has changed until a version; false if that is known at later versions only.
func (d *since) at(version int64) (by, changed, images int64, ok bool) {
	d.mu.Lock()
	defer d.mu.Unlock()
	return d.by, d.changes, d.images, d.until.Version == version
}

// totalAt is the number of records that a list had at the mark, as exactly as the set's rules ask
// for.
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
	if q.bound() { // a record is in the list if the filter lets it through both at the mark and now
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
	q.explain.counted("those of now, less what has changed since")
	n := total.Records() - by
	d.mu.Lock()
	defer d.mu.Unlock()
	d.total = &n
	return limited(n, q.countLimit), nil
}

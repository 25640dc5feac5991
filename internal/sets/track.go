package sets

import (
	"bytes"
	"cmp"
	"context"
	"slices"
	"sort"
	"strconv"
	"sync"
	"sync/atomic"
	"time"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/order"
	"pageladder.example/paging/statement"
)

// track is what is remembered of one order of a list under one filter: the images of the latest
// changes, and the footholds as counted blocks. A caller who needs it updates it to the version
// that is read.
type track struct {
	base
	keys  order.Order
	texts texts

	mu     sync.Mutex
	from   int64        // the images are all changes after this version
	until  changes.Mark // and until this mark
	images []image      // by rising version
	blocks []blocksAt

	used atomic.Int64 // when it was last used for a page, in Unix nanoseconds

	held       map[int][]logged // of a list at a mark, instead of images: those that fall into each block
	heldImages int
}

// image is a record before or after a change.
type image struct {
	origin
	side   int
	at     string // its place in the log; only for a list at a mark
	key    []byte
	blocks *order.Blocks // the blocks that it was added to, and its block there; nil: no longer known
	block  int
}

// blocksAt are blocks at a state, valid until the next image.
type blocksAt struct {
	changes.Mark
	*order.Blocks
}

const (
	imagesKept = 1_000
	blocksKept = 8    // states of the blocks that are kept; they share most of their memory
	cutsAtOnce = 8    // blocks that are split in one update
	askedMost  = 5000 // images whose places the database is asked for
	imageBytes = 100
)

// maxImages is the most images that an update of a track with so many records takes: a twentieth.
func (t *track) maxImages(records int64) int64 {
	most := min(max(records/20, 1_000), changes.Most)
	if !t.keys.Exact() {
		most = min(most, askedMost)
	}
	return most
}

// size is the track's memory, in bytes.
func (t *track) size() int {
	t.mu.Lock()
	defer t.mu.Unlock()
	size := 500 + imageBytes*(len(t.images)+t.heldImages) + t.texts.size()
	if n := len(t.blocks); n > 0 {
		size += t.blocks[n-1].Bytes()
	}
	return size
}

// upTo is the last state that the track is known at.
func (t *track) upTo() changes.Mark {
	t.mu.Lock()
	defer t.mu.Unlock()
	return t.until
}

// at are the blocks at a state; nil if they are not known there.
func (t *track) at(mark changes.Mark) *order.Blocks {
	t.mu.Lock()
	defer t.mu.Unlock()
	for i := len(t.blocks) - 1; i >= 0; i-- {
		b := t.blocks[i]
		if b.Version > mark.Version {
			continue
		}
		images, known := t.between(b.Mark, mark)
		switch {
		case !known:
			return nil
		case len(images) == 0:
			return b.Blocks
		case slices.ContainsFunc(images, func(im image) bool { return im.blocks != b.Blocks }):
			return nil // the state lies within one update
		}
		blocks, err := b.Edited(edits(images, func(im *image) int { return im.block }))
		if err != nil {
			return nil
		}
		return blocks
	}
	return nil
}

// between are the images after one state and until another. The caller holds the lock.
func (t *track) between(after, until changes.Mark) (images []image, known bool) {
	if after.Version < t.from || until.Version > t.until.Version {
		return nil, false
	}
	first := sort.Search(len(t.images), func(i int) bool { return t.images[i].version > after.Version })
	end := sort.Search(len(t.images), func(i int) bool { return t.images[i].version > until.Version })
	if until.Saw == nil {
		return t.images[first:max(first, end)], true
	}
	if end < len(t.images) { // the state has some of those that were added in the next update
		next := t.images[end].version
		end = sort.Search(len(t.images), func(i int) bool { return t.images[i].version > next })
	}
	for _, im := range t.images[first:max(first, end)] {
		if im.in(until) && !im.in(after) {
			images = append(images, im)
		}
	}
	return images, true
}

// edits are the changes of blocks that images make.
func edits(images []image, find func(*image) int) []order.Edit {
	by := map[int]int64{}
	for i := range images {
		by[find(&images[i])] += int64(images[i].side)
	}
	edits := make([]order.Edit, 0, len(by))
	for i, n := range by {
		edits = append(edits, order.Edit{I: i, By: n})
	}
	slices.SortFunc(edits, func(a, b order.Edit) int { return cmp.Compare(a.I, b.I) })
	return edits
}

// update updates a track to the version of a question's set, by the set's log. The reason says why
// that is not possible, so that it has to be built again.
func (t *track) update(ctx context.Context, db querier, q *question) (why string, err error) {
	began := time.Now()
	from, end, why, err := t.next(ctx, q.set, t.upTo)
	if end == nil {
		return why, err
	}
	defer end()
	t.mu.Lock()
	var now *order.Blocks
	if n := len(t.blocks); n > 0 {
		now = t.blocks[n-1].Blocks
	}
	t.mu.Unlock()
	records := q.set.Records
	if now != nil {
		records = now.Records()
	}
	most := t.maxImages(records)
	images, why, err := t.read(ctx, db, q, from, most)
	if err != nil || why != "" {
		return why, err
	}
	if now != nil && len(images) > 0 {
		found, err := t.found(ctx, db, q, now, images)
		if err != nil {
			return "", err
		}
		for i := range images {
			images[i].blocks, images[i].block = now, found[i]
		}
		if now, err = now.Edited(edits(images, func(im *image) int { return im.block })); err != nil {
			return "the change log does not fit what was known", nil
		}
		if now, err = t.cut(ctx, db, q, now, found); err != nil {
			return "", err
		}
	}
	t.mu.Lock()
	defer t.mu.Unlock()
	t.images = append(t.images, images...)
	if extra := len(t.images) - imagesKept; extra > 0 {
		t.from = t.images[extra-1].version
		for extra < len(t.images) && t.images[extra].version == t.from {
			extra++
		}
		t.images = append(t.images[:0:0], t.images[extra:]...)
	}
	if now != nil && len(images) > 0 {
		t.blocks = append(t.blocks, blocksAt{q.set.mark(), now})
		if extra := len(t.blocks) - blocksKept; extra > 0 {
			t.blocks = append(t.blocks[:0:0], t.blocks[extra:]...)
			for i := 0; i < len(t.images) && t.images[i].version <= t.blocks[0].Version; i++ {
				t.images[i].blocks = nil // frees their memory
			}
		}
	}
	t.until = q.set.mark()
	q.explain.folded(int64(len(images)), began)
	return "", nil
}

// read reads the images after a version and until that of the question's set.
func (t *track) read(ctx context.Context, db querier, q *question, after changes.Mark, most int64) (images []image, why string, err error) {
	asked, err := q.onLog(after, eitherSide)
	if err != nil {
		return nil, "the change log lacks a field of the question", nil
	}
	told := []string{versionField, sideField}
	if t.held != nil {
		told = append(told, placeField)
	}
	each, err := asked.Unordered(append(told, q.sorted()...), statement.Region{})
	if err != nil {
		return nil, "the change log lacks a field of the question", nil
	}
	q.explain.sql(each.SQL)
	limited := each.SQL + " limit " + strconv.FormatInt(most+1, 10)
	rows, err := db.Query(ctx, q.proved(after, limited, "version")+" order by i.version", textRows(each.Args)...)
	if err != nil {
		why, err := logGone(err)
		return nil, why, err
	}
	defer rows.Close()
	for proved := false; rows.Next(); {
		raw := rows.RawValues()
		if !proved { // it is the same in all rows
			if why := t.refuted(string(raw[0])); why != "" {
				return nil, why, nil
			}
			proved = true
		}
		if raw[1] == nil { // nothing has changed
			continue
		}
		raw = raw[1:]
		version, err := strconv.ParseInt(string(raw[0]), 10, 64)
		if err != nil {
			return nil, "", err
		}
		side := changes.After
		if raw[1][0] == '-' {
			side = changes.Before
		}
		key, err := t.keys.Key(raw[len(told):])
		if err != nil {
			return nil, err.Error(), nil
		}
		im := image{origin: q.set.origin(version), side: side, key: key}
		if t.held != nil {
			im.at = string(raw[2])
		}
		images = append(images, im)
	}
	if err := rows.Err(); err != nil {
		why, err := logGone(err)
		return nil, why, err
	}
	if int64(len(images)) > most {
		return nil, "more has changed than is brought on: " + strconv.FormatInt(most, 10) + " images", nil
	}
	return images, "", nil
}

// found finds the block that each image falls into.
func (t *track) found(ctx context.Context, db querier, q *question, blocks *order.Blocks, images []image) ([]int, error) {
	found := make([]int, len(images))
	for i := range images {
		found[i] = blocks.Find(images[i].key, t.keys.Compare)
	}
	if t.keys.Exact() {
		return found, nil
	}
	return found, q.place(ctx, db, t.keys, &t.texts, blocks, images, found)
}

// cut splits blocks that have grown, at records that are read from the table. It does so only if
// the table is at the version of the question's set; otherwise it is done in a later update.
func (t *track) cut(ctx context.Context, db querier, q *question, blocks *order.Blocks, changed []int) (*order.Blocks, error) {
	var edits []order.Edit
	looked := map[int]bool{}
	for _, near := range changed {
		// Blocks before this one may have been merged, so it is at its number or before.
		for i := max(near-1, 0); i <= near && i < blocks.Len() && len(edits) < cutsAtOnce; i++ {
			if looked[i] {
				continue
			}
			looked[i] = true
			b := blocks.Block(i)
			if b.Records <= 2*blocks.Step() {
				continue
			}
			half := b.Records / 2 / blocks.Step() * blocks.Step()
			var place []*string
			if i > 0 {
				place = t.keys.Values(b.Key)
			}
			key, err := q.keyAt(ctx, db, t.keys, place, half)
			if err != nil || key == nil {
				return blocks, err
			}
			edits = append(edits, order.Edit{I: i, Parts: []order.Part{{Key: key, Before: half}}})
		}
	}
	if len(edits) == 0 {
		return blocks, nil
	}
	slices.SortFunc(edits, func(a, b order.Edit) int { return cmp.Compare(a.I, b.I) })
	finer, err := blocks.Edited(edits)
	if err != nil { // they stay as they are
		return blocks, nil
	}
	return finer, nil
}

// keyAt is the key of the record at an offset from a place on, or from the start; nil if there is
// none, or if the set is no longer at the question's version.
func (q *question) keyAt(ctx context.Context, db querier, keys order.Order, place []*string, offset int64) ([]byte, error) {
	if q.mark != q.set.saw { // the set has moved on since: the stamp is to be compared with its own mark
		var err error
		if q, err = newQuestion(q.set, q.ask, q.sees); err != nil {
			return nil, err
		}
	}
	narrow := *q
	narrow.fields = q.set.named(q.sorted())
	narrow.explain = nil
	r := reader{db: db, q: &narrow}
	var records []Record
	var err error
	if place == nil {
		records, err = r.records(ctx, q.Regions(), offset, 1)
	} else {
		records, err = r.recordsFrom(ctx, place, offset, 1)
	}
	if err != nil || len(records) == 0 {
		return nil, err
	}
	if !q.set.isAt(r.seen) {
		return nil, nil
	}
	key, err := keys.Key(records[0])
	if err != nil {
		return nil, nil
	}
	return key, nil
}

// steps are the growth of the track's list after a state and until that of the question's set,
// after an update of the track. They are known if the track was as far as the state already, and
// was used lately: otherwise nobody needs it updated. A failure is reported to whoever needs it.
func (t *track) steps(ctx context.Context, db querier, q *question, after changes.Mark) (steps []countStep, known bool) {
	if t == nil || !t.hasBlocks() || time.Since(time.Unix(0, t.used.Load())) > useLasts || t.upTo().Version < after.Version {
		return nil, false
	}
	if why, err := t.update(ctx, db, q); why != "" || err != nil {
		return nil, false
	}
	t.mu.Lock()
	defer t.mu.Unlock()
	images, known := t.between(after, q.set.mark())
	for _, im := range images {
		if n := len(steps); n > 0 && steps[n-1].origin == im.origin {
			steps[n-1].by += int64(im.side)
			continue
		}
		steps = append(steps, countStep{im.origin, int64(im.side)})
	}
	return steps, known
}

// touched reports whether the changes after one state and until another touch a window of records:
// one of them, or their positions. A nil last stands for the end of the list.
func (t *track) touched(ctx context.Context, db querier, q *question, after, until changes.Mark, first, last []byte) (bool, error) {
	t.mu.Lock()
	images, known := t.between(after, until)
	t.mu.Unlock()
	if !known || first == nil && len(images) > 0 {
		return true, nil
	}
	if len(images) == 0 {
		return false, nil
	}
	compare := bytes.Compare
	if !t.keys.Exact() {
		var err error
		if compare, err = q.comparison(ctx, db, t.keys, &t.texts, images, first, last); err != nil {
			return true, err
		}
	}
	shift := 0
	for i := range images {
		switch key := images[i].key; {
		case compare(key, first) < 0:
			shift += images[i].side
		case last == nil || compare(key, last) <= 0:
			return true, nil
		}
	}
	return shift != 0, nil
}

// shifted reports whether the changes after one state and until another shift the records from a
// route's foothold on. If only the database knows the order, it goes by the blocks that the
// changes fell into.
func (t *track) shifted(after, until changes.Mark, w *route) bool {
	t.mu.Lock()
	defer t.mu.Unlock()
	images, known := t.between(after, until)
	if !known {
		return true
	}
	shift, in, begins := 0, w.blocks, w.block
	for i := range images {
		im := &images[i]
		if t.keys.Exact() {
			if bytes.Compare(im.key, w.key) < 0 {
				shift += im.side
			}
			continue
		}
		if im.blocks == nil {
			return true
		}
		if im.blocks != in {
			in = im.blocks
			begins = in.Find(w.key, t.keys.Compare)
			if !bytes.Equal(in.Block(begins).Key, w.key) {
				return true // the guess was wrong
			}
		}
		if im.block < begins {
			shift += im.side
		}
	}
	return shift != 0
}

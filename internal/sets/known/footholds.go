package known

import (
	"cmp"
	"context"
	"errors"
	"slices"
	"strconv"
	"sync/atomic"
	"time"

	"pageladder.example/internal/order"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
)

// Footholds are what is known of one order of a list: where its blocks begin, and how many records each
// has. Without blocks it only has changes read with the values that the order needs.
type Footholds struct {
	list      *List
	key       string // in the list's orders
	selection view.Selection
	fields    []string // of the order
	order     order.Order
	texts     texts
	foundAt   time.Time
	first     int64        // the number of the state that the blocks were built at
	used      atomic.Int64 // when they were last used for a page, in Unix nanoseconds

	turn view.Turns // of the caller who places changes

	// Guarded by the list's lock.
	states []state  // by rising number; none: there are no blocks yet
	begun  int64    // how often blocks were begun
	done   int64    // the number of the next change to be placed, of all changes of the list
	placed []placed // of the changes before that, as far as they are kept
}

// state is the blocks at a state.
type state struct {
	view.Mark
	*order.Blocks
}

// placed is where a change falls.
type placed struct {
	key    []byte
	blocks *order.Blocks // that it was placed in; nil: it was in them already
	block  int
}

const (
	statesKept  = 8    // they share most of their memory
	cutsAtOnce  = 8    // blocks that are split in one update
	placedLimit = 5000 // changes whose places the source looks up
	changeBytes = 100
	buildTime   = 5 * time.Minute // time limit of a build
	useLasts    = 5 * time.Second // after the last page, nothing is placed before it is asked for
)

// orderKey names the order of a question.
func orderKey(q view.Question) string {
	key := make([]byte, 0, 64)
	for _, o := range q.Selection().Ask.Order() {
		key = strconv.AppendQuote(append(key, ' '), o.Field)
		key = strconv.AppendBool(strconv.AppendBool(key, o.Desc), o.NullsFirst)
	}
	return string(key)
}

func orderFields(q view.Question) []string {
	by := q.Selection().Ask.Order()
	names := make([]string, len(by))
	for i := range by {
		names[i] = by[i].Field
	}
	return names
}

// orderOf is what is known of a question's order. From now on changes are read with its fields.
func (l *List) orderOf(q view.Question) *Footholds {
	key := orderKey(q)
	l.mu.Lock()
	o := l.orders[key]
	if o == nil {
		o = &Footholds{list: l, key: key, selection: *q.Selection(), fields: orderFields(q), order: q.Order(), turn: view.NewTurns(1)}
		o.selection.Explain, o.selection.Through = nil, nil
		set(l.all.orders, &l.orders, key, o)
	}
	l.wants(o.fields)
	l.mu.Unlock()
	l.putOrder(o)
	return o
}

func (l *List) putOrder(o *Footholds) { put(l, l.all.orders, &l.orders, o.key, o, o.size()) }

// dropOrder takes an order away whose footholds are of no use.
func (l *List) dropOrder(o *Footholds) { take(l, l.all.orders, &l.orders, o.key, o) }

// size is the memory, in bytes.
func (o *Footholds) size() int {
	o.list.mu.Lock()
	defer o.list.mu.Unlock()
	size := 500 + changeBytes*len(o.placed) + o.texts.size()
	if n := len(o.states); n > 0 {
		size += o.states[n-1].Bytes()
	}
	return size
}

func (o *Footholds) built() bool {
	o.list.mu.Lock()
	defer o.list.mu.Unlock()
	return len(o.states) > 0
}

// changesLimit limits the changes that the footholds are worth to be kept for. The caller holds the
// list's lock.
func (o *Footholds) changesLimit() int64 {
	n := len(o.states)
	if n == 0 {
		return changesLimit
	}
	limit := max(o.states[n-1].Records()/20, 1_000)
	if !o.order.Exact() {
		limit = min(limit, placedLimit)
	}
	return limit
}

// trimmed lets places go of changes that the list has let go. The caller holds the list's lock.
func (o *Footholds) trimmed(first int64) {
	if extra := int(first - (o.done - int64(len(o.placed)))); extra > 0 {
		o.placed = append(o.placed[:0:0], o.placed[min(extra, len(o.placed)):]...)
		o.done = max(o.done, first)
	}
}

// placedAt is where a change of the list falls; nil if that is not known. The caller holds the list's
// lock.
func (o *Footholds) placedAt(change int) *placed {
	i := o.list.first + int64(change) - (o.done - int64(len(o.placed)))
	if i < 0 || i >= int64(len(o.placed)) {
		return nil
	}
	return &o.placed[i]
}

// catchUp places the changes that the list has and the footholds do not, so that their blocks are at
// the list's state. The error is a *lostError if a change lacks what the order needs.
func (o *Footholds) catchUp(ctx context.Context, v view.View) error {
	if !o.pending() {
		return nil
	}
	if err := o.turn.Take(ctx); err != nil {
		return err
	}
	defer o.turn.Give()
	for o.pending() {
		p, why := o.toPlace()
		if why != "" {
			return &lostError{why}
		}
		blocks := p.in
		if len(p.at) > 0 {
			q, err := o.question(v)
			if err != nil {
				return err
			}
			if blocks, err = o.placeAll(ctx, q, p); err != nil {
				return err
			}
		}
		o.took(p, blocks)
	}
	return nil
}

// question is the question of the list, in the order of the footholds, on a view. Who sees the list may have
// changed: a list that all callers saw is seen only by those whom no fixed filter binds once the set has one. The
// error is a *lostError if nobody sees it any more.
func (o *Footholds) question(v view.View) (view.Question, error) {
	selection := o.selection
	for range 2 {
		if q, err := v.Ask(selection); err != nil || q.Name() == o.list.name {
			return q, err
		}
		selection.Sees = !selection.Sees
	}
	return nil, &lostError{"nobody sees the list any more"}
}

func (o *Footholds) pending() bool {
	o.list.mu.Lock()
	defer o.list.mu.Unlock()
	return o.done < o.list.first+int64(len(o.list.changes))
}

// placing are changes that are placed in blocks at the same time.
type placing struct {
	begun int64     // when the blocks were begun, as Footholds.begun
	mark  view.Mark // of the list, with the changes
	upTo  int64     // the number of the change behind them
	in    *order.Blocks
	all   []placed
	at    []int   // of those that the blocks do not have yet, in all
	by    []int64 // how much each of all makes its block grow
}

// toPlace are the changes that are to be placed. The reason says why they cannot be.
func (o *Footholds) toPlace() (p placing, why string) {
	l := o.list
	l.mu.Lock()
	defer l.mu.Unlock()
	p = placing{begun: o.begun, mark: l.mark, upTo: l.first + int64(len(l.changes))}
	p.all = make([]placed, max(p.upTo-o.done, 0))
	p.by = make([]int64, len(p.all))
	if n := len(o.states); n > 0 {
		p.in = o.states[n-1].Blocks
	}
	for i := range p.all {
		change := int(o.done - l.first + int64(i))
		if change < 0 {
			return p, "its changes were let go"
		}
		c := &l.changes[change]
		values := l.valuesOf(c, o.fields)
		if values == nil {
			return p, "a change was read without the order's fields"
		}
		var err error
		if p.all[i].key, err = o.order.Key(values); err != nil {
			return p, err.Error()
		}
		if p.in != nil && !o.states[len(o.states)-1].Has(c.Origin) {
			p.at, p.by[i] = append(p.at, i), c.By
		}
	}
	return p, ""
}

// took takes in changes that were placed, and the blocks with them, unless blocks were begun anew meanwhile,
// which may lack some of the changes.
func (o *Footholds) took(p placing, blocks *order.Blocks) {
	l := o.list
	l.mu.Lock()
	defer l.mu.Unlock()
	if o.begun != p.begun {
		return
	}
	o.placed, o.done = append(o.placed, p.all...), p.upTo
	if blocks != p.in {
		o.states = append(o.states, state{p.mark, blocks})
		if extra := len(o.states) - statesKept; extra > 0 {
			o.states = append(o.states[:0:0], o.states[extra:]...)
			for i := range o.placed {
				if !slices.ContainsFunc(o.states, func(s state) bool { return s.Blocks == o.placed[i].blocks }) {
					o.placed[i].blocks = nil // frees their memory
				}
			}
		}
	}
	o.trimmed(l.first)
}

// placeAll places changes in blocks, and gives the blocks with them.
func (o *Footholds) placeAll(ctx context.Context, q view.Question, p placing) (*order.Blocks, error) {
	found, err := o.find(ctx, q, p.in, p.all, p.at)
	if err != nil {
		return nil, err
	}
	growth := map[int]int64{}
	for n, i := range p.at {
		p.all[i].blocks, p.all[i].block = p.in, found[n]
		growth[found[n]] += p.by[i]
	}
	blocks, err := p.in.Edited(edits(growth))
	if err != nil {
		return nil, &lostError{"the change log does not fit what was known"}
	}
	return o.cut(ctx, q, p.mark, blocks, found)
}

// find finds the blocks that changes fall into.
func (o *Footholds) find(ctx context.Context, q view.Question, blocks *order.Blocks, all []placed, at []int) ([]int, error) {
	found, keys := make([]int, len(at)), make([][]byte, len(at))
	for n, i := range at {
		keys[n] = all[i].key
		found[n] = blocks.Find(keys[n], o.order.Compare)
	}
	if o.order.Exact() {
		return found, nil
	}
	return found, o.place(ctx, q, blocks, keys, found)
}

// edits are the changes of blocks that grow so much.
func edits(growth map[int]int64) []order.Edit {
	all := make([]order.Edit, 0, len(growth))
	for i, n := range growth {
		all = append(all, order.Edit{I: i, By: n})
	}
	slices.SortFunc(all, func(a, b order.Edit) int { return cmp.Compare(a.I, b.I) })
	return all
}

// cut splits blocks that have grown, at records that are read from the list. It does so only if
// those are of the blocks' state; otherwise it is done later.
func (o *Footholds) cut(ctx context.Context, q view.Question, mark view.Mark, blocks *order.Blocks, changed []int) (*order.Blocks, error) {
	var cuts []order.Edit
	looked := map[int]bool{}
	for _, near := range changed {
		// Blocks before this one may have been merged, so it is at its number or before.
		for i := max(near-1, 0); i <= near && i < blocks.Len() && len(cuts) < cutsAtOnce; i++ {
			if looked[i] {
				continue
			}
			looked[i] = true
			b := blocks.Block(i)
			if b.Records <= 2*blocks.Step() {
				continue
			}
			half := b.Records / 2 / blocks.Step() * blocks.Step()
			w := view.Window{Order: true, Skip: half, Limit: 1}
			if i > 0 {
				w.From = o.order.Values(b.Key)
			}
			var key []byte
			seen, err := q.Read(ctx, w, func(row *view.Row) (err error) { key, err = o.order.Key(row.Order); return err })
			if moved := new(view.Moved); errors.As(err, &moved) || err == nil && (key == nil || seen.View.Mark().Number != mark.Number) {
				return blocks, nil
			}
			if err != nil {
				return blocks, err
			}
			cuts = append(cuts, order.Edit{I: i, Parts: []order.Part{{Key: key, Before: half}}})
		}
	}
	if len(cuts) == 0 {
		return blocks, nil
	}
	slices.SortFunc(cuts, func(a, b order.Edit) int { return cmp.Compare(a.I, b.I) })
	finer, err := blocks.Edited(cuts)
	if err != nil { // they stay as they are
		return blocks, nil
	}
	return finer, nil
}

// at are the blocks at a state; nil if they are not known there. The caller holds the list's lock.
func (o *Footholds) at(m view.Mark) *order.Blocks {
	for i := len(o.states) - 1; i >= 0; i-- {
		s := o.states[i]
		if s.Number > m.Number {
			continue
		}
		since, known := o.list.between(s.Mark, m)
		if !known {
			return nil
		}
		growth := map[int]int64{}
		for _, change := range since {
			p := o.placedAt(change)
			if p == nil || p.blocks != s.Blocks {
				return nil // the state lies within one update
			}
			growth[p.block] += o.list.changes[change].By
		}
		if len(growth) == 0 {
			return s.Blocks
		}
		blocks, err := s.Edited(edits(growth))
		if err != nil {
			return nil
		}
		return blocks
	}
	return nil
}

// Footholds are the footholds of a question's order, and their blocks at the state of its view; nil if there
// are none. They are then built in the background, if wanted.
func (l *List) Footholds(ctx context.Context, q view.Question, total int64, wanted bool) (*Footholds, *order.Blocks, error) {
	m := q.Mark()
	if m.State == nil {
		return nil, nil, nil
	}
	l.mu.Lock()
	o := l.orders[orderKey(q)]
	none := o == nil || len(o.states) == 0
	l.mu.Unlock()
	if none {
		if wanted {
			l.build(q)
		}
		return nil, nil, nil
	}
	o.used.Store(time.Now().UnixNano())
	err := l.bring(ctx, q)
	if err == nil {
		err = o.catchUp(ctx, q.View())
	}
	var lost *lostError
	if err != nil && !errors.As(err, &lost) {
		return nil, nil, err
	}
	if err == nil {
		l.mu.Lock()
		blocks := o.at(m)
		l.mu.Unlock()
		if blocks == nil { // known at later states only: this page is read the plain way
			q.Selection().Explain.Forsake("the footholds are of a later version")
			return nil, nil, nil
		}
		if blocks.Records() == total || m.Total(total).Is() != paging.TotalExact { // a list that ages does not say whether it has changed
			l.putOrder(o) // it may have grown
			l.all.lately.note(o, q)
			q.Selection().Explain.Know("footholds", o.first, o.foundAt)
			if blocks.Records() > 3*int64(blocks.Len())*blocks.Step() {
				l.build(q) // few blocks have become large
			}
			return o, blocks, nil
		}
		l.all.unlike.Add(1)
		lost = &lostError{"the footholds do not fit the total"}
	}
	q.Selection().Explain.Forsake(lost.why)
	l.dropOrder(o)
	l.build(q)
	return nil, nil, nil
}

// Step is how many records a block has, about, and Bytes the memory of all.
func (o *Footholds) Step() int64 {
	o.list.mu.Lock()
	defer o.list.mu.Unlock()
	return o.states[0].Step()
}

// Bytes is the memory of all blocks.
func (o *Footholds) Bytes() int {
	o.list.mu.Lock()
	defer o.list.mu.Unlock()
	return o.states[0].Bytes()
}

// Place is the place that a key was built from.
func (o *Footholds) Place(key []byte) []*string { return o.order.Values(key) }

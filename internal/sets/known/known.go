// Package known remembers what was found out of lists, and keeps it current while they change.
//
// Its unit is the List: a set's records under one filter. A list has one mark, one turn and one
// reading of changes. What is known of it moves by those: its total, the values of its fields,
// footholds of its orders, what has changed since earlier marks.
//
// What holds, and the test that shows it:
//
//  1. A value is used for a state only if that state covers the one that the value was found at, or the
//     list has all changes between the two. (TestAnswersAreOfOneSnapshotWhileRecordsChange)
//  2. A list moves by one caller at a time, who has its turn, and only forward: to a state that covers its
//     own. (TestStatesBetweenTwoThatAreKnownAreExact)
//  3. Changes are read once for all values. A value that was found at another state than the list's catches
//     up by the changes that are kept, or by a reading of its own; otherwise it is not kept.
//     (TestTheLogIsReadOnceForATotalAndFootholds)
//  4. If the changes cannot be read, everything that would need them is dropped at once, and found anew
//     when it is asked for. (TestChangesThatWerePrunedUnseenAreMissed)
//  5. Whatever is counted is held against another count before it is used: blocks have as many records as
//     the total. (TestUnlikeFootholdsAreDropped)
//  6. Locks are taken in this order, none of them while waiting for a database: the turn of a list, the turn
//     of an order, the lock of a list, the lock of the shelves. A caller who has a turn takes no other list's.
//     (TestReadersInTransactionsDoNotWaitForEachOther)
//  7. Nothing is without a bound: lists, changes of each, values, bytes of footholds. The least recently
//     used go first. (TestShelvesDropTheLeastRecentlyUsed)
//  8. A list moves by its own questions alone. Who sees it may change: a list that all callers saw is seen only by
//     those whom no fixed filter binds, once the set has one. (TestAFixedFilterPartsListsThatWereOne)
//  9. Nobody waits for what is built in the background; who needs it before reads the plain way.
//     (TestDeepPagesBeforeThereAreFootholds)
package known

import (
	"context"
	"sync"
	"sync/atomic"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"golang.org/x/sync/singleflight"

	"pageladder.example/internal/sets/view"
)

// Bounds.
const (
	listsKept    = 10_000
	facetsKept   = 200 // fields whose values are kept current
	pastsKept    = 1_000
	ordersKept   = 10_000
	ordersMemory = 64 << 20  // bytes of the footholds of all lists
	heldMemory   = 128 << 20 // of lists held still, which callers choose: enough for two marks of ten million records in four orders

	changesKept  = 1_000   // of one list, after the last update
	changesLimit = 100_000 // that a list is moved by at once
	buildAgain   = 10 * time.Second
)

// Settings may be set before the first request.
type Settings struct {
	BuildAgain time.Duration // least time between two builds of the same footholds
	CountAgain time.Duration // until a count that took too long is tried again
}

// Known is what is remembered of all lists. It is safe for concurrent use.
type Known struct {
	Settings
	running context.Context
	later   func(func()) // runs something in the background

	mu     sync.Mutex
	lists  *lru.Cache[string, *List]
	facets *shelf[*facet]
	pasts  *shelf[*past]
	orders *shelf[*Footholds]
	held   *shelf[*HeldFootholds]

	counting singleflight.Group
	holding  singleflight.Group
	building building
	lately   recency
	unlike   atomic.Int64
}

// New remembers nothing yet. What it does in the background ends with a context.
func New(running context.Context, later func(func())) *Known {
	k := &Known{Settings: Settings{BuildAgain: buildAgain, CountAgain: countAgain}, running: running, later: later,
		facets: newShelf[*facet](facetsKept, 0), pasts: newShelf[*past](pastsKept, 0),
		orders: newShelf[*Footholds](ordersKept, ordersMemory), held: newShelf[*HeldFootholds](ordersKept, heldMemory)}
	k.lists, _ = lru.NewWithEvict(listsKept, func(_ string, l *List) { k.later(l.leave) }) // the size is valid
	return k
}

// List is what is known of a question's list. One of which nothing can be remembered is a new one each time.
func (k *Known) List(q view.Question) *List {
	if q.Mark().State == nil {
		l := newList(k, "")
		l.gone = true
		return l
	}
	k.mu.Lock()
	defer k.mu.Unlock()
	name := q.Name()
	l, ok := k.lists.Get(name)
	if !ok {
		l = newList(k, name)
		k.lists.Add(name, l)
	}
	return l
}

// Forget forgets everything.
func (k *Known) Forget() {
	k.lately.forget()
	k.mu.Lock()
	all := k.lists.Values()
	k.lists.Purge()
	k.mu.Unlock()
	for _, l := range all {
		l.leave()
	}
}

// Totals is how many lists are remembered.
func (k *Known) Totals() int { return k.lists.Len() }

// Bytes are the bytes of all footholds.
func (k *Known) Bytes() int { return k.orders.bytes() + k.held.bytes() }

// Footholds returns how many orders have footholds, and the bytes of all orders.
func (k *Known) Footholds() (n, bytes int) {
	for _, f := range k.orders.values() {
		if f.built() {
			n++
		}
	}
	return n, k.orders.bytes()
}

// Unlike is how often footholds did not fit the total of their list, and were dropped. There should be
// none.
func (k *Known) Unlike() int64 { return k.unlike.Load() }

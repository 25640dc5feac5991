package known

import (
	"container/list"
	"sync"
)

// shelf keeps values of one kind, of all lists, within a number and a number of bytes. The least
// recently used go first. It locks nothing but itself: what is taken off is reported to whoever put
// something on.
type shelf[V comparable] struct {
	limit, bytesLimit int // 0 bytes: no limit

	mu    sync.Mutex
	order *list.List // the most recently used in front
	of    map[V]*list.Element
	sum   int
}

type onShelf[V any] struct {
	value V
	bytes int
	drop  func()
}

func newShelf[V comparable](limit, bytesLimit int) *shelf[V] {
	return &shelf[V]{limit: limit, bytesLimit: bytesLimit, order: list.New(), of: map[V]*list.Element{}}
}

// put puts a value on the shelf, or notes that it was used and has another size, and drops others
// that have no room. The caller holds no lock.
func (s *shelf[V]) put(v V, bytes int, drop func()) {
	s.mu.Lock()
	var dropped []func()
	if e, ok := s.of[v]; ok {
		s.order.MoveToFront(e)
		on := e.Value.(*onShelf[V])
		s.sum += bytes - on.bytes
		on.bytes = bytes
	} else {
		s.of[v] = s.order.PushFront(&onShelf[V]{v, bytes, drop})
		s.sum += bytes
	}
	for s.order.Len() > s.limit || s.bytesLimit > 0 && s.sum > s.bytesLimit && s.order.Len() > 0 {
		dropped = append(dropped, s.take(s.order.Back()))
	}
	s.mu.Unlock()
	for _, drop := range dropped {
		drop()
	}
}

func (s *shelf[V]) take(e *list.Element) (drop func()) {
	on := s.order.Remove(e).(*onShelf[V])
	delete(s.of, on.value)
	s.sum -= on.bytes
	return on.drop
}

// off takes a value off the shelf.
func (s *shelf[V]) off(v V) {
	s.mu.Lock()
	defer s.mu.Unlock()
	if e, ok := s.of[v]; ok {
		s.take(e)
	}
}

func (s *shelf[V]) bytes() int {
	s.mu.Lock()
	defer s.mu.Unlock()
	return s.sum
}

func (s *shelf[V]) values() []V {
	s.mu.Lock()
	defer s.mu.Unlock()
	all := make([]V, 0, len(s.of))
	for v := range s.of {
		all = append(all, v)
	}
	return all
}

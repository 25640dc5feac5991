package view

import (
	"time"

	"pageladder.example/paging"
)

// Mark is one state of a set's records. The zero Mark is of a source that cannot distinguish states:
// nothing is remembered by it.
type Mark struct {
	// Number rises with each state that a source shows of a set.
	Number int64
	State
}

// State is what a source knows a state by. Nobody else looks into it.
type State interface {
	// Covers reports whether everything that another state has is in this one. What is known at a state is
	// used, or updated, only by states that cover it.
	Covers(other State) bool
	// Sees reports whether a change is in the state, of those that were first read for a later one.
	Sees(id uint64) bool
	// Total is a number of records that was counted at the state, as a view of it has it.
	Total(n int64) paging.Total
}

// Covers reports whether everything that another mark has is in this one.
func (m Mark) Covers(other Mark) bool {
	return m.State != nil && other.State != nil && m.State.Covers(other.State)
}

// Has reports whether a change is in the state.
func (m Mark) Has(o Origin) bool {
	return o.Number <= m.Number || m.State != nil && m.State.Sees(o.ID)
}

// Origin says which states have a change: the one with the number and all later ones. Of those
// before it, these which see its id: a change may be read first for a state that is later than
// the one of its origin.
type Origin struct {
	Number int64
	ID     uint64
}

// Aging is the state of records whose changes are not reported: what is known of them is used for
// as long as their owner allows.
type Aging struct {
	At   time.Time     // when they were seen
	Keep time.Duration // how long what is known of them may be used
}

// Covers reports whether another state is not too old.
func (a Aging) Covers(other State) bool {
	o, ok := other.(Aging)
	return ok && time.Since(o.At) < a.Keep
}

// Sees is always true.
func (a Aging) Sees(uint64) bool { return true }

// Total is a number with its age.
func (a Aging) Total(n int64) paging.Total { return paging.Remembered(n, time.Since(a.At)) }

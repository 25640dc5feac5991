package view

import "context"

// Turns lets a limited number of callers do something at the same time. Others wait for it as long
// as their context allows.
type Turns chan struct{}

// NewTurns lets so many at a time.
func NewTurns(n int) Turns { return make(Turns, n) }

// Take waits for a turn.
func (t Turns) Take(ctx context.Context) error {
	select {
	case t <- struct{}{}:
		return nil
	case <-ctx.Done():
		return ctx.Err()
	}
}

// Give ends a turn.
func (t Turns) Give() { <-t }

package sets

import (
	"fmt"
	"time"
)

// Trace tells how a page was made. A nil one is not filled in.
type Trace struct {
	Took    Took
	Counted string   // where the total comes from
	Way     string   // by which the records were reached
	SQL     []string // statements, values left out

	at time.Time
}

// Took is the time that each step took.
type Took struct{ Read, Count, Settle, Cut time.Duration }

// begin starts over: a set that moves is read again.
func (t *Trace) begin() {
	if t != nil {
		*t = Trace{at: time.Now()}
	}
}

// step ends a step that began with the one before.
func (t *Trace) step(of func(*Took) *time.Duration) {
	if t != nil {
		now := time.Now()
		*of(&t.Took) = now.Sub(t.at)
		t.at = now
	}
}

func (t *Trace) counted(how string) {
	if t != nil {
		t.Counted = how
	}
}

func (t *Trace) way(format string, n int64) {
	if t != nil {
		t.Way = fmt.Sprintf(format, n)
	}
}

func (t *Trace) sql(statement string) {
	if t != nil {
		t.SQL = append(t.SQL, statement)
	}
}

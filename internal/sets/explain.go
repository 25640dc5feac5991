package sets

import (
	"fmt"
	"time"
)

// Explain tells how a page was made. A nil one is not filled in.
type Explain struct {
	Times   Times
	Counted string   // where the total comes from
	Access  string   // how the records were reached
	SQL     []string // statements, values left out

	at time.Time
}

// Times is the time that each step took.
type Times struct{ Read, Count, Settle, Cut time.Duration }

// begin starts over: a set that moves is read again.
func (t *Explain) begin() {
	if t != nil {
		*t = Explain{at: time.Now()}
	}
}

// step ends a step that began with the one before.
func (t *Explain) step(of func(*Times) *time.Duration) {
	if t != nil {
		now := time.Now()
		*of(&t.Times) = now.Sub(t.at)
		t.at = now
	}
}

func (t *Explain) counted(how string) {
	if t != nil {
		t.Counted = how
	}
}

func (t *Explain) access(format string, n int64) {
	if t != nil {
		t.Access = fmt.Sprintf(format, n)
	}
}

func (t *Explain) sql(statement string) {
	if t != nil {
		t.SQL = append(t.SQL, statement)
	}
}

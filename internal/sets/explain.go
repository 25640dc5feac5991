package sets

import (
	"fmt"
	"slices"
	"time"
)

// Explain tells how a page was made. A nil one is not filled in.
type Explain struct {
	Times   Times
	Counted string   // where the total comes from
	Access  string   // how the records were reached
	Known   []Known  // what was known, and kept current
	Folded  int64    // images of the change log that were added to it just now
	Anew    []string // why something that was known was of no use
	SQL     []string // statements, values left out

	at time.Time
}

// Known is something that was made once, and has been kept current since.
type Known struct {
	What    string
	Version int64 // at which it was made
	Age     time.Duration
}

// Times is the time that each step took.
type Times struct {
	Read, Count, Settle, Cut time.Duration
	Keep                     time.Duration // of the others: to bring on what was known
}

// begin starts over: a set that moves is read again.
func (t *Explain) begin() {
	if t != nil {
		*t = Explain{at: time.Now(), Anew: t.Anew}
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

func (t *Explain) access(format string, n ...any) {
	if t != nil {
		t.Access = fmt.Sprintf(format, n...)
	}
}

func (t *Explain) sql(statement string) {
	if t != nil {
		t.SQL = append(t.SQL, statement)
	}
}

// base tells of something that is kept current since when it is known.
func (t *Explain) base(what string, b base) {
	if t != nil && !slices.ContainsFunc(t.Known, func(k Known) bool { return k.What == what }) {
		t.Known = append(t.Known, Known{what, b.Version, time.Since(b.made)})
	}
}

// folded notes that images of the change log were added to what was known, since a moment.
func (t *Explain) folded(images int64, began time.Time) {
	if t != nil {
		t.Folded += images
		t.Times.Keep += time.Since(began)
	}
}

// anew notes why something that was known is of no use.
func (t *Explain) anew(why string) {
	if t != nil && why != "" && !slices.Contains(t.Anew, why) {
		t.Anew = append(t.Anew, why)
	}
}

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
	Folded  int64    // images of the change log that were added to what was known
	Kept    []string // what was known, since when
	Anew    []string // why something that was known was of no use
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

// base tells of something that is kept current since when it is known.
func (t *Explain) base(what string, b base, version int64) {
	if t == nil {
		return
	}
	if what == "counted" {
		t.Counted = "kept current"
	}
	t.Kept = append(t.Kept, fmt.Sprintf("%s at version %d, %s ago; now at %d", what, b.version, time.Since(b.made).Round(time.Millisecond), version))
}

// folded notes that images of the change log were added to what was known.
func (t *Explain) folded(images int64) {
	if t != nil {
		t.Folded += images
	}
}

// anew notes why something that was known is of no use.
func (t *Explain) anew(why string) {
	if t != nil && why != "" {
		t.Anew = append(t.Anew, why)
	}
}

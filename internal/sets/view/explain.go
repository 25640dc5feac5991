package view

import (
	"fmt"
	"slices"
	"time"
)

// Explain describes how a page came about. A nil one is not filled in.
type Explain struct {
	Times   Times
	Counted string   // where the total comes from
	Access  string   // how the records were reached
	Known   []Known  // what was remembered, and kept current
	Folded  int64    // images of the change log that it was updated by for this page
	Anew    []string // why something that was remembered was of no use
	SQL     []string // statements, values left out

	at time.Time
}

// Known is something that was found out once and is kept current since.
type Known struct {
	What    string
	Version int64 // when it was found out
	Age     time.Duration
}

// Times is the time that each step took.
type Times struct {
	Read, Count, Settle, Cut time.Duration
	Keep                     time.Duration // part of the other steps: to update what was remembered
}

// Begin starts over, since a page is read again if its set moves.
func (t *Explain) Begin() {
	if t != nil {
		*t = Explain{at: time.Now(), Anew: t.Anew}
	}
}

// Step ends a step that began where the one before ended.
func (t *Explain) Step(of func(*Times) *time.Duration) {
	if t != nil {
		now := time.Now()
		*of(&t.Times) = now.Sub(t.at)
		t.at = now
	}
}

// Count notes where the total comes from.
func (t *Explain) Count(how string) {
	if t != nil {
		t.Counted = how
	}
}

// Reach notes how the records were reached.
func (t *Explain) Reach(format string, n ...any) {
	if t != nil {
		t.Access = fmt.Sprintf(format, n...)
	}
}

// Ask notes a statement.
func (t *Explain) Ask(statement string) {
	if t != nil {
		t.SQL = append(t.SQL, statement)
	}
}

// Know notes that something remembered was used, and since when it is known.
func (t *Explain) Know(what string, number int64, foundAt time.Time) {
	if t != nil && !slices.ContainsFunc(t.Known, func(k Known) bool { return k.What == what }) {
		t.Known = append(t.Known, Known{what, number, time.Since(foundAt)})
	}
}

// Fold notes how many images were used to update what is remembered, and the time since a
// moment.
func (t *Explain) Fold(images int64, began time.Time) {
	if t != nil {
		t.Folded += images
		t.Times.Keep += time.Since(began)
	}
}

// Forsake notes why something that is remembered was of no use.
func (t *Explain) Forsake(why string) {
	if t != nil && why != "" && !slices.Contains(t.Anew, why) {
		t.Anew = append(t.Anew, why)
	}
}

// Package report has what a check of a paged endpoint says: which promises there are, what became of each, and the
// report as text, HTML and JUnit XML.
package report

import (
	"fmt"
	"slices"
	"time"

	"pageladder.example/climb/endpoint"
	"pageladder.example/internal/climb/values"
)

// Verdict is what has become of one promise.
type Verdict string

// The verdicts.
const (
	Kept       Verdict = "kept"
	Broken     Verdict = "broken"
	NotOffered Verdict = "not offered" // the endpoint makes no such promise
	NotChecked Verdict = "not checked" // it was switched off, or nothing could show it
)

// Report is what a run has seen.
type Report struct {
	Endpoint endpoint.Endpoint `json:"endpoint"` // as it was described, completed by what was found
	Found    []string          `json:"found"`    // what was found out about it, in sentences
	Records  int64             `json:"records"`  // different ones that were seen
	Whole    bool              `json:"whole"`    // the list was seen from its first record to its last
	Promises []Outcome         `json:"promises"` // all of them, in the order of Codes
	Cost     []Cost            `json:"cost"`     // of pages further and further down
	Moving   *Moving           `json:"moving,omitempty"`
	Notes    []string          `json:"notes"` // whatever else is good to know
	Requests int               `json:"requests"`
	Bytes    int64             `json:"bytes"` // of the answers' bodies
	Took     time.Duration     `json:"nanoseconds"`
	Seed     uint64            `json:"seed"` // for the same run again
}

// Outcome is what has become of one promise.
type Outcome struct {
	Code     string    `json:"code"`
	Title    string    `json:"title"`
	Verdict  Verdict   `json:"verdict"`
	Severity Severity  `json:"severity"` // of a broken one
	Note     string    `json:"note,omitempty"`
	Findings []Finding `json:"findings,omitempty"` // the first five
	More     int       `json:"more,omitempty"`     // findings that were left out
}

// Finding is one thing that does not hold.
type Finding struct {
	Says      string   `json:"says"`      // one sentence
	Addresses []string `json:"addresses"` // that show it, at most five
	Times     int      `json:"times"`     // how often it was seen
}

// Cost is what one page costs.
type Cost struct {
	Address string        `json:"address"`
	Row     int64         `json:"row"`         // of its first record, from 0
	Time    time.Duration `json:"nanoseconds"` // median
	Bytes   int64         `json:"bytes"`
	Rounds  int           `json:"rounds"`
}

// Moving is what a walk has seen while records changed.
type Moving struct {
	Records  int    `json:"records"`  // that were there before, during and after
	Lost     int    `json:"lost"`     // of them, not on the walk
	Repeated int    `json:"repeated"` // of them, more than once
	Failed   string `json:"failed,omitempty"`
}

// Holds reports whether no promise is broken that counts as a fault.
func (r *Report) Holds() bool { return len(r.broken(Fault)) == 0 }

// with are the promises of a verdict.
func (r *Report) with(v Verdict) []Outcome {
	return slices.DeleteFunc(slices.Clone(r.Promises), func(p Outcome) bool { return p.Verdict != v })
}

// broken are the promises of a severity that are not kept.
func (r *Report) broken(severity Severity) []Outcome {
	return slices.DeleteFunc(slices.Clone(r.Promises), func(p Outcome) bool { return p.Verdict != Broken || p.Severity != severity })
}

// WorstFirst are the outcomes of all promises: faults, then warnings, then what is kept, what was not checked, and
// what is not offered.
func (r *Report) WorstFirst() []Outcome {
	return slices.Concat(r.broken(Fault), r.broken(Warning), r.with(Kept), r.with(NotChecked), r.with(NotOffered))
}

// Summary is the report in one sentence.
func (r *Report) Summary() string {
	counts := map[Verdict]int{}
	for _, p := range r.Promises {
		counts[p.Verdict]++
	}
	return fmt.Sprintf("%d kept, %s, %s, %d not offered, %d not checked; %s, %s in %s",
		counts[Kept], values.Several(len(r.broken(Fault)), "fault"), values.Several(len(r.broken(Warning)), "warning"), counts[NotOffered], counts[NotChecked],
		values.Several(int(r.Records), "record"), values.Several(r.Requests, "request"), took(r.Took))
}

// took rounds a time to what is worth reading.
func took(d time.Duration) string {
	if d < time.Second {
		return fmt.Sprintf("%d ms", d.Milliseconds())
	}
	return fmt.Sprintf("%.1f s", d.Seconds())
}

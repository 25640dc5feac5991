package climb

import (
	"fmt"
	"slices"
	"strings"
	"time"
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
	Endpoint Endpoint      `json:"endpoint"` // as it was told, completed by what was found
	Found    []string      `json:"found"`    // what was found out about it, in sentences
	Records  int64         `json:"records"`  // different ones that were seen
	Whole    bool          `json:"whole"`    // the list was seen from its first record to its last
	Promises []Promise     `json:"promises"` // all of them, in the order of Codes
	Cost     []Cost        `json:"cost"`     // of pages further and further down
	Moving   *Moving       `json:"moving,omitempty"`
	Notes    []string      `json:"notes"` // whatever else is good to know
	Requests int           `json:"requests"`
	Bytes    int64         `json:"bytes"` // of the answers' bodies
	Took     time.Duration `json:"nanoseconds"`
	Seed     uint64        `json:"seed"` // for the same run again
}

// Promise is what has become of one promise.
type Promise struct {
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
func (r *Report) with(v Verdict) []Promise {
	return slices.DeleteFunc(slices.Clone(r.Promises), func(p Promise) bool { return p.Verdict != v })
}

// broken are the promises of a severity that are not kept.
func (r *Report) broken(severity Severity) []Promise {
	return slices.DeleteFunc(slices.Clone(r.Promises), func(p Promise) bool { return p.Verdict != Broken || p.Severity != severity })
}

// FirstFaults are all promises, the faults first, then warnings, then what is kept, and
// what was not offered or not checked last.
func (r *Report) FirstFaults() []Promise {
	return slices.Concat(r.broken(Fault), r.broken(Warning), r.with(Kept), r.with(NotChecked), r.with(NotOffered))
}

// Summary is the report in one sentence.
func (r *Report) Summary() string {
	counts := map[Verdict]int{}
	for _, p := range r.Promises {
		counts[p.Verdict]++
	}
	return fmt.Sprintf("%d kept, %s, %s, %d not offered, %d not checked; %s, %s in %s",
		counts[Kept], several(len(r.broken(Fault)), "fault"), several(len(r.broken(Warning)), "warning"), counts[NotOffered], counts[NotChecked],
		several(int(r.Records), "record"), several(r.Requests, "request"), took(r.Took))
}

// took rounds a time to what is worth reading.
func took(d time.Duration) string {
	if d < time.Second {
		return fmt.Sprintf("%d ms", d.Milliseconds())
	}
	return fmt.Sprintf("%.1f s", d.Seconds())
}

func several(n int, what string) string {
	if n != 1 {
		what += "s"
	}
	return fmt.Sprintf("%d %s", n, what)
}

const (
	maxFindings  = 5 // of one promise
	maxAddresses = 5 // of one finding
)

// results gathers what becomes of the promises.
type results struct {
	expect Expect
	by     map[string]*Promise
	list   []*Promise
}

func newResults(e Expect) *results {
	all := &results{expect: e, by: map[string]*Promise{}}
	for _, p := range promises {
		one := &Promise{Code: p.code, Title: p.title, Severity: e.of(p)}
		if one.Severity == Off {
			one.Verdict, one.Note = NotChecked, "It is switched off."
		}
		all.by[p.code] = one
		all.list = append(all.list, one)
	}
	return all
}

// on reports whether any promise is to be checked whose code begins so.
func (r *results) on(prefixes []string) bool {
	return slices.ContainsFunc(r.list, func(p *Promise) bool {
		return p.Severity != Off && slices.ContainsFunc(prefixes, func(prefix string) bool { return strings.HasPrefix(p.Code, prefix) })
	})
}

// broken takes in one thing that does not hold.
func (r *results) broken(code, says string, addresses ...string) {
	p := r.by[code]
	if p.Severity == Off {
		return
	}
	p.Verdict, p.Note = Broken, ""
	addresses = slices.DeleteFunc(slices.Compact(slices.Clone(addresses)), func(a string) bool { return a == "" })
	if at := slices.IndexFunc(p.Findings, func(f Finding) bool { return f.Says == says }); at >= 0 {
		f := &p.Findings[at] // the same, elsewhere
		f.Times++
		f.Addresses = append(f.Addresses, addresses[:min(len(addresses), maxAddresses-len(f.Addresses))]...)
		return
	}
	if len(p.Findings) == maxFindings {
		p.More++
		return
	}
	p.Findings = append(p.Findings, Finding{says, addresses[:min(len(addresses), maxAddresses)], 1})
}

// kept says that promises were checked; what was found broken stays so.
func (r *results) kept(codes ...string) {
	for _, code := range codes {
		if p := r.by[code]; p.Verdict != Broken && p.Severity != Off {
			p.Verdict, p.Note = Kept, ""
		}
	}
}

// open says why promises have no verdict; the first reason stays, and so does a verdict.
func (r *results) open(v Verdict, why string, codes ...string) {
	for _, code := range codes {
		if p := r.by[code]; p.Verdict == "" {
			p.Verdict, p.Note = v, why
		}
	}
}

// done is the outcome; what nothing was said about was not checked.
func (r *results) done() []Promise {
	all := make([]Promise, len(r.list))
	for i, p := range r.list {
		if p.Verdict == "" {
			p.Verdict, p.Note = NotChecked, "Nothing in this list could show it."
		}
		all[i] = *p
	}
	return all
}

package check

import (
	"slices"
	"strings"

	"pageladder.example/climb/report"
)

const (
	maxFindings  = 5 // of one promise
	maxAddresses = 5 // of one finding
)

// results gathers what becomes of the promises.
type results struct {
	expect report.Expect
	by     map[string]*report.Outcome
	list   []*report.Outcome
}

func newResults(e report.Expect) *results {
	all := &results{expect: e, by: map[string]*report.Outcome{}}
	for _, p := range report.Promises() {
		one := &report.Outcome{Code: p.Code, Title: p.Title, Severity: countsAs(e, p)}
		if one.Severity == report.Off {
			one.Verdict, one.Note = report.NotChecked, "It is switched off."
		}
		all.by[p.Code] = one
		all.list = append(all.list, one)
	}
	return all
}

// on reports whether any promise is to be checked whose code begins so.
func (r *results) on(prefixes []string) bool {
	return slices.ContainsFunc(r.list, func(p *report.Outcome) bool {
		return p.Severity != report.Off && slices.ContainsFunc(prefixes, func(prefix string) bool { return strings.HasPrefix(p.Code, prefix) })
	})
}

// broken takes in one thing that does not hold.
func (r *results) broken(code, says string, addresses ...string) {
	p := r.by[code]
	if p.Severity == report.Off {
		return
	}
	p.Verdict, p.Note = report.Broken, ""
	addresses = slices.DeleteFunc(slices.Compact(slices.Clone(addresses)), func(a string) bool { return a == "" })
	if at := slices.IndexFunc(p.Findings, func(f report.Finding) bool { return f.Says == says }); at >= 0 {
		f := &p.Findings[at] // the same, elsewhere
		f.Times++
		f.Addresses = append(f.Addresses, addresses[:min(len(addresses), maxAddresses-len(f.Addresses))]...)
		return
	}
	if len(p.Findings) == maxFindings {
		p.More++
		return
	}
	p.Findings = append(p.Findings, report.Finding{Says: says, Addresses: addresses[:min(len(addresses), maxAddresses)], Times: 1})
}

// kept says that promises were checked; what was found broken stays so.
func (r *results) kept(codes ...string) {
	for _, code := range codes {
		if p := r.by[code]; p.Verdict != report.Broken && p.Severity != report.Off {
			p.Verdict, p.Note = report.Kept, ""
		}
	}
}

// open says why promises have no verdict; the first reason stays, and so does a verdict.
func (r *results) open(v report.Verdict, why string, codes ...string) {
	for _, code := range codes {
		if p := r.by[code]; p.Verdict == "" {
			p.Verdict, p.Note = v, why
		}
	}
}

// done is the outcome; what nothing was said about was not checked.
func (r *results) done() []report.Outcome {
	all := make([]report.Outcome, len(r.list))
	for i, p := range r.list {
		if p.Verdict == "" {
			p.Verdict, p.Note = report.NotChecked, "Nothing in this list could show it."
		}
		all[i] = *p
	}
	return all
}

// countsAs is what a broken promise counts as.
func countsAs(e report.Expect, p report.Promise) report.Severity {
	if s, ok := e[p.Code]; ok {
		return s
	}
	return p.Usual
}

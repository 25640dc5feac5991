package paging

import (
	"cmp"
	"fmt"
	"slices"
	"strconv"
	"strings"
	"unicode/utf8"

	"pageladder.example/internal/plainjson"
	"pageladder.example/paging/code"
)

// Adjustment is one thing that was changed between the query and the page. There is at most one
// for each parameter: with the first given value, the value that was finally used, and the first
// reason.
type Adjustment struct {
	Param string    `json:"param"`                      // the parameter's name in the query
	Given string    `json:"given"`                      // what the query held; at most 200 bytes of it
	Used  string    `json:"used" jsonschema:"nullable"` // what was used in its place; "", in JSON null, where nothing was
	Why   code.Code `json:"why"`
	Says  string    `json:"says"` // one plain English sentence

	reason string
}

// MarshalJSON writes null for an empty Used.
func (a Adjustment) MarshalJSON() ([]byte, error) {
	written := struct {
		Param string    `json:"param"`
		Given string    `json:"given"`
		Used  *string   `json:"used"`
		Why   code.Code `json:"why"`
		Says  string    `json:"says"`
	}{a.Param, a.Given, nil, a.Why, a.Says}
	if a.Used != "" {
		written.Used = &a.Used
	}
	return plainjson.Append(nil, written), nil // as the rest of an answer is written
}

// Fault is one fault in a query that the rules do not mend.
type Fault struct {
	Param string    `json:"param"`
	Given string    `json:"given"`
	Why   code.Code `json:"why"`
	Says  string    `json:"says"`
}

// Refusal is the error of a query that the rules do not mend. It lists every
// fault that was found.
type Refusal struct {
	Faults []Fault
}

// Error is the first fault, and the number of further ones.
func (r *Refusal) Error() string {
	if len(r.Faults) == 0 {
		return "paging: the query is refused"
	}
	text := "paging: the query is refused: " + r.Faults[0].Param + ": " + strings.TrimSuffix(r.Faults[0].Says, ".")
	if more := len(r.Faults) - 1; more > 0 {
		text += fmt.Sprintf(" (and %d more)", more)
	}
	return text
}

// PastLast reports whether the only fault is a page past the last one. Its status is 404 (RFC
// 9110), that of every other refusal 400.
func (r *Refusal) PastLast() bool {
	return len(r.Faults) == 1 && r.Faults[0].Why == code.PagePastLast
}

// adjust notes that a parameter's value was changed. For a second change of the same parameter
// only the used value is replaced.
func (a *ask) adjust(param, given, used string, why code.Code, reason string) {
	if !a.reading { // another copy of the ask may share the list
		a.adjusted = slices.Clone(a.adjusted)
	}
	if i := a.adjustedAt(param); i >= 0 {
		adj := &a.adjusted[i]
		adj.Used = used
		adj.Says = a.says(adj)
		return
	}
	adj := Adjustment{Param: param, Given: quoted(given), Used: used, Why: why, reason: reason}
	adj.Says = a.says(&adj)
	a.adjusted = append(a.adjusted, adj)
}

// notes are kept while a query is read, so that many faults do not slow it down.
type notes struct {
	adjusted map[string]int // where a parameter's adjustment stands
	params   []string       // what nearestParam chooses from
}

const manyAdjusted = 8 // from this number on a map is faster than a search

// adjustedAt is where a parameter's adjustment stands; -1: nowhere.
func (a *ask) adjustedAt(param string) int {
	if !a.reading || len(a.adjusted) < manyAdjusted {
		return slices.IndexFunc(a.adjusted, func(adj Adjustment) bool { return adj.Param == param })
	}
	if a.notes.adjusted == nil {
		a.notes.adjusted = map[string]int{}
	}
	for i := len(a.notes.adjusted); i < len(a.adjusted); i++ {
		a.notes.adjusted[a.adjusted[i].Param] = i
	}
	if i, ok := a.notes.adjusted[param]; ok {
		return i
	}
	return -1
}

// says completes an adjustment's reason with its outcome.
func (a *ask) says(adj *Adjustment) string { return sentence(a.outcome(adj)) }

// sentence begins with a capital letter.
func sentence(s string) string {
	if s != "" && 'a' <= s[0] && s[0] <= 'z' {
		return string(s[0]-'a'+'A') + s[1:]
	}
	return s
}

func (a *ask) outcome(adj *Adjustment) string {
	r := a.ruled()
	switch {
	case adj.Why == code.ParamUnknown && r.Unknown == UnknownDrops, adj.Why == code.FilterBadValue, adj.Why == code.FilterUnknownOperator:
		return adj.reason + "; it is left out."
	case strings.HasPrefix(string(adj.Why), "cursor."):
		return adj.reason + "; the first page is shown."
	case adj.Why == code.FieldsUnknown:
		return adj.reason + "; it is left out."
	case adj.Param == r.directionParam() && r.Params.Direction != "":
		return adj.reason + "; " + cmp.Or(adj.Used, "the usual direction") + " is used."
	case adj.Why == code.ParamUnknown:
		return adj.reason + "; it has no effect."
	case adj.Param == r.sizeParam():
		return fmt.Sprintf("%s; %s records to a page are used.", adj.reason, adj.Used)
	case adj.Param == r.sortParam() && adj.Used == "":
		return adj.reason + "; the list keeps its own order."
	case adj.Param == r.sortParam():
		return fmt.Sprintf("%s; sorted by %s.", adj.reason, adj.Used)
	case adj.Param != r.pageParam() && adj.Param != r.rowParam():
		return adj.reason + "."
	case r.byOffset():
		return fmt.Sprintf("%s; offset %s is used.", adj.reason, adj.Used)
	case r.byCursor():
		return fmt.Sprintf("%s; the list is shown from row %s on.", adj.reason, adj.Used)
	}
	return fmt.Sprintf("%s; page %s is shown.", adj.reason, adj.Used)
}

// fault handles one fault as the rules say: it is refused, or mended by using another value.
func (a *ask) fault(param, given, used string, why code.Code, reason string) {
	if a.ruled().refuses(why) {
		a.refuse(param, given, why, reason)
		return
	}
	a.adjust(param, given, used, why, reason)
}

func (a *ask) refuse(param, given string, why code.Code, reason string) {
	if !a.reading { // likewise
		a.faults = slices.Clip(a.faults)
	}
	a.faults = append(a.faults, Fault{Param: param, Given: quoted(given), Why: why, Says: sentence(reason) + "."})
}

func quote(s string) string { return strconv.Quote(quoted(s)) }

// quotedBytes is how much of a given value is repeated in an adjustment or a
// refusal.
const quotedBytes = 200

// quoted makes a given value fit to be shown: valid UTF-8 of limited length.
func quoted(s string) string {
	if len(s) > quotedBytes {
		cut := quotedBytes
		for cut > 0 && !utf8.RuneStart(s[cut]) {
			cut--
		}
		s = s[:cut] + "…"
	}
	return strings.ToValidUTF8(s, "\uFFFD")
}

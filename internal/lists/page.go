package lists

import (
	"fmt"
	"html/template"
	"slices"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
)

// Page is a list with all that it can be asked.
type Page struct {
	Frame
	Table     *Table // nil where the question was refused
	Canonical string
	Elements  template.HTML  // link elements; made by markup, which escapes
	SizeForm  template.HTML  // likewise
	JumpForm  template.HTML  // likewise
	Action    string         // address that the form asks
	Notes     []string       // what was changed of the question
	Fields    []intake.Field // that are shown

	// What Ask fills in.
	Kept    []query.Pair // parameters that ride along on the form
	Search  *Input
	Filters []Input
	Asked   bool     // something is searched or filtered
	Faults  []string // those that have no input of their own
}

// Input is one input of the form.
type Input struct {
	Name, Label, Value string
	Choices            []string // of a boolean
	Fault, FaultID     string   // what is wrong with the value
}

// HTML writes the page.
func (p *Page) HTML() ([]byte, error) { return render("list", p) }

// Ask fills in the form from the query as it was typed, right or wrong: an input for
// the search and for each filter, and all else so that it rides along.
func (p *Page) Ask(rules *paging.Rules, asked string, faults []paging.Fault) {
	all := rules.Resolved()
	shown := []string{all.Params.Page + all.Params.Offset, all.Params.Row}
	add := func(in Input, many bool) *Input { // many: several values are told together
		values := query.Values(asked, in.Name)
		if len(values) > 1 && many { // they ride along
			return nil
		}
		if len(values) > 0 {
			in.Value = values[len(values)-1]
			p.Asked = p.Asked || in.Value != ""
		}
		shown = append(shown, in.Name)
		for _, f := range faults {
			if f.Param == in.Name {
				in.Fault, in.FaultID = f.Says, fmt.Sprint("fault-", len(shown))
			}
		}
		return &in
	}
	if len(rules.Search) > 0 {
		p.Search = add(Input{Name: all.Params.Search}, false)
	}
	for i := range all.Filters {
		f := &all.Filters[i]
		ops := []paging.Operator{paging.Equals}
		switch f.Type {
		case value.Integer, value.Decimal, value.BigInteger, value.BigDecimal, value.Date, value.Time:
			ops = []paging.Operator{paging.Min, paging.Max}
		case value.JSON:
			continue
		}
		for _, op := range ops {
			if !slices.Contains(f.Operators, op) {
				continue
			}
			in := Input{Name: f.ParamFor(op), Label: p.labelOf(f.Field)}
			if op != paging.Equals {
				in.Label += " " + string(op)
			}
			if f.Type == value.Boolean {
				in.Choices = []string{"true", "false"}
			}
			if drawn := add(in, op == paging.Equals); drawn != nil {
				p.Filters = append(p.Filters, *drawn)
			}
		}
	}
	for _, pair := range query.Pairs(asked) {
		if !slices.Contains(shown, pair.Name) {
			p.Kept = append(p.Kept, pair)
			p.Asked = p.Asked || isFilter(&all, pair)
		}
	}
	for _, f := range faults {
		if !slices.Contains(shown[2:], f.Param) {
			p.Faults = append(p.Faults, f.Param+": "+f.Says)
		}
	}
}

// isFilter tells whether a parameter that rides along on the form filters the list.
func isFilter(resolved *paging.Rules, pair query.Pair) bool {
	for i := range resolved.Filters {
		f := &resolved.Filters[i]
		for _, op := range f.Operators {
			if pair.Name == f.ParamFor(op) && pair.Value != "" {
				return true
			}
		}
	}
	return false
}

// labelOf is what a field is called; one that is not shown, by its name.
func (p *Page) labelOf(name string) string {
	for _, f := range p.Fields {
		if f.Name == name && f.Label != "" {
			return f.Label
		}
	}
	return name
}

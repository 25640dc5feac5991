package lists

import (
	"html/template"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

// Page is a list with its filters, search, sizes and sorts.
type Page struct {
	Frame
	Table     *Table // nil where the question was refused
	Canonical string
	Elements  template.HTML // link elements; drawn by markup, which escapes
	Form      template.HTML // likewise
	Search    string        // what unfolds the form
	Filtered  bool          // it is unfolded: the query has filters, or a fault
	SizeForm  template.HTML // likewise
	JumpForm  template.HTML // likewise
	Notes     []string      // what was changed of the question
	Held      string        // of a list that is held still: since when; ""
	Now       string        // and the address of the list as it is
}

// HTML writes the page.
func (p *Page) HTML() ([]byte, error) { return render("list", p) }

// Ask draws the form from the query as it was typed, right or wrong.
func (p *Page) Ask(rules *paging.Rules, rawQuery string, faults []paging.Fault, action string, fields []intake.Field, language *markup.Language) {
	drawn := map[string]markup.FormField{}
	people := newWriter(language, rules.Key)
	for _, f := range fields {
		drawn[f.Name] = markup.FormField{Label: f.Label, Write: func(typed string) string {
			canonical, want := f.Type.Canonical(typed)
			if want != "" {
				return typed
			}
			return people.cell(f.Name, f.Type, canonical).Text
		}}
	}
	p.Search = language.Words().Search
	form := markup.FilterFormOf(rules, rawQuery, faults, action, drawn, language)
	if form.Search != nil || len(form.Filters) > 0 || form.Refused {
		p.Form = template.HTML(markup.AppendFilterForm(nil, &form))
		p.Filtered = form.Refused || len(form.InForce) > 0
	}
}

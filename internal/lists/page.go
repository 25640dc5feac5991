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
	NoIndex   bool          // search engines are not to index it
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

// FormQuery is a query that a form is drawn for, right or wrong.
type FormQuery struct {
	Rules    *paging.Rules
	RawQuery string
	Faults   []paging.Fault
	Action   string
	Fields   []intake.Field
	Choices  map[string][]string // by field: the values to choose from
	Language *markup.Language
}

// Form prepares the form.
func (a *FormQuery) Form() markup.FilterForm {
	drawn := map[string]markup.FormField{}
	people := newWriter(a.Language, a.Rules.Key)
	for _, f := range a.Fields {
		drawn[f.Name] = markup.FormField{Label: f.Label, Choices: a.Choices[f.Name], Write: func(typed string) string {
			canonical, want := f.Type.Canonical(typed)
			if want != "" {
				return typed
			}
			return people.cell(f.Name, f.Type, canonical).Text
		}}
	}
	return markup.FilterFormOf(a.Rules, a.RawQuery, a.Faults, a.Action, drawn, a.Language)
}

// Ask draws the form of a query.
func (p *Page) Ask(a *FormQuery) {
	p.Search = a.Language.Words().Search
	form := a.Form()
	if form.Search != nil || len(form.Filters) > 0 || form.Refused {
		p.Form = template.HTML(markup.AppendFilterForm(nil, &form))
		p.Filtered = form.Refused || len(form.InForce) > 0
	}
}

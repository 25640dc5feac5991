package markup

import (
	"cmp"
	"net/url"
	"slices"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
)

// FilterForm is a GET form for a list: an input for its search and for each filter, with what was
// typed, valid or not, and everything else in the query as hidden inputs. It also lists the
// conditions in force, each with a link that removes it, and a link that removes all. As JSON it is
// what a program needs to draw a form of its own.
type FilterForm struct {
	Action   string         `json:"action"`           // where it is sent; without a query, the list
	Search   *Input         `json:"search,omitempty"` // nil if the list has no search
	Params   []Input        `json:"params"`           // every parameter that filters
	Filters  []Input        `json:"-"`                // those of them that are drawn
	Keep     []query.Pair   `json:"keep"`             // of the query: what is no condition, and is sent again
	Drop     []string       `json:"drop"`             // parameters that a new question leaves out
	Hidden   []query.Pair   `json:"-"`                // Keep, and the conditions that are not drawn
	Faults   []paging.Fault `json:"faults,omitempty"` // those that no drawn input has
	InForce  []InForce      `json:"in_force"`
	Label    string         `json:"-"` // the list's name, which sets the form apart from those of other lists on a page
	Refused  bool           `json:"-"` // the query was refused, so a link takes all of it back
	Language *Language      `json:"-"`
}

// Input is one input of a FilterForm.
type Input struct {
	Param    string          `json:"param"`
	Label    string          `json:"label"`
	Field    string          `json:"field,omitempty"` // left out of the search
	Operator paging.Operator `json:"operator,omitempty"`
	Type     value.Type      `json:"type,omitempty"`    // of the field's values; those of the operator none are true and false
	Value    string          `json:"-"`                 // of one value: the last one
	Values   []string        `json:"values"`            // as they were typed
	Choices  []string        `json:"choices,omitempty"` // offered values, of which one is chosen, or none
	Names    []string        `json:"names,omitempty"`   // what the choices are called; left out: as they are
	Fault    string          `json:"fault,omitempty"`   // what is wrong with the value
}

// InForce is a condition that the query has.
type InForce struct {
	Param string `json:"param"`
	Label string `json:"label"` // "Tonnage min: 500"
	Href  string `json:"href"`  // the list without it, on its first page
}

// FormField says how one field appears in a FilterForm.
type FormField struct {
	Label   string   // left out: the field's name
	Choices []string // values to choose from, for example those of the field's facets
	// Write is how a value of a condition is written for people. Left out: yes or no, in the form's
	// language, for true or false; other values as they are.
	Write func(value string) string
}

// FilterFormOf prepares the form of a list from its rules, the query as it was sent, and the
// faults found in it (those of a *paging.Refusal, or none). A field has one input for equality or,
// if its values are numbers or times, two for the bounds. Conditions with other operators, or with
// several values, are kept in hidden inputs; Params has them all. A nil language is English.
func FilterFormOf(rules *paging.Rules, rawQuery string, faults []paging.Fault, action string, fields map[string]FormField, lang *Language) FilterForm {
	all := rules.Resolved()
	f := FilterForm{Action: action, Params: []Input{}, Keep: []query.Pair{}, InForce: []InForce{}, Refused: len(faults) > 0, Language: lang.orEnglish()}
	for _, param := range []string{all.Params.Page + all.Params.Offset, all.Params.Row, all.Params.After, all.Params.Before} {
		if param != "" {
			f.Drop = append(f.Drop, param)
		}
	}
	b := formBuilder{form: &f, pairs: query.Pairs(rawQuery), values: map[string][]string{}, faults: faults, words: &f.Language.words}
	for _, pair := range b.pairs {
		b.values[pair.Name] = append(b.values[pair.Name], pair.Value)
	}
	if len(rules.Search) > 0 {
		f.Search = b.input(Input{Param: all.Params.Search, Label: b.words.Search}, false)
	}
	labels := map[string]conditionLabel{} // of every parameter that filters
	yesNo := func(v string) string {
		switch v {
		case "true":
			return b.words.Yes
		case "false":
			return b.words.No
		}
		return v
	}
	for i := range all.Filters {
		filter := &all.Filters[i]
		field := fields[filter.Field]
		if field.Label == "" {
			field.Label = filter.Field
		}
		for _, op := range filter.Operators {
			param := filter.ParamFor(op)
			label := strings.TrimSpace(field.Label + " " + b.words.operator(op))
			in := Input{Param: param, Label: label, Field: filter.Field, Operator: op, Type: filter.Type, Choices: field.Choices}
			if op == paging.None || filter.Type == value.Boolean {
				in.Choices, in.Names = []string{"true", "false"}, []string{b.words.Yes, b.words.No}
			}
			f.Params = append(f.Params, b.filled(in))
			switch {
			case op == paging.None || filter.Type == value.Boolean && field.Write == nil:
				labels[param] = conditionLabel{label, yesNo}
			default:
				labels[param] = conditionLabel{label, field.Write}
			}
			switch filter.Type {
			case value.Integer, value.Decimal, value.BigInteger, value.BigDecimal, value.Date, value.Time:
				if op != paging.Min && op != paging.Max {
					continue
				}
				in.Choices = nil
			default:
				if op != paging.Equals {
					continue
				}
			}
			if drawn := b.input(in, op == paging.Equals); drawn != nil {
				f.Filters = append(f.Filters, *drawn)
			}
		}
	}
	if f.Search != nil {
		labels[f.Search.Param] = conditionLabel{b.words.Search, nil}
	}
	b.rest(labels)
	return f
}

// conditionLabel is what a parameter's condition is called, and how its values are written; nil: as
// they are.
type conditionLabel struct {
	text  string
	write func(string) string
}

func (l conditionLabel) value(v string) string {
	if l.write == nil {
		return v
	}
	return l.write(v)
}

// formBuilder fills in a form.
type formBuilder struct {
	form   *FilterForm
	pairs  []query.Pair        // of the query
	values map[string][]string // the same, by name
	faults []paging.Fault
	words  *Words
	drawn  []string // parameters with an input
}

// input fills in one input; nil if there are several values, which are kept in hidden inputs.
func (b *formBuilder) input(in Input, many bool) *Input {
	in = b.filled(in)
	if len(in.Values) > 1 && many {
		return nil
	}
	b.drawn = append(b.drawn, in.Param)
	return &in
}

// filled is an input with what the query has of it, and what is wrong with that.
func (b *formBuilder) filled(in Input) Input {
	if in.Values = append([]string{}, b.values[in.Param]...); len(in.Values) > 0 {
		in.Value = in.Values[len(in.Values)-1]
	}
	for _, f := range b.faults {
		if f.Param == in.Param {
			in.Fault = strings.TrimSpace(in.Fault + " " + f.Says)
		}
	}
	return in
}

// rest collects what has no input, and the conditions in force.
func (b *formBuilder) rest(labels map[string]conditionLabel) {
	for _, pair := range b.pairs {
		label := labels[pair.Name]
		if !slices.Contains(b.drawn, pair.Name) && !slices.Contains(b.form.Drop, pair.Name) {
			b.form.Hidden = append(b.form.Hidden, pair)
			if label.text == "" {
				b.form.Keep = append(b.form.Keep, pair)
			}
		}
		if label.text == "" || pair.Value == "" {
			continue
		}
		if at := slices.IndexFunc(b.form.InForce, func(c InForce) bool { return c.Param == pair.Name }); at >= 0 {
			b.form.InForce[at].Label += ", " + label.value(pair.Value)
			continue
		}
		var left []query.Pair
		for _, other := range b.pairs {
			if other.Name != pair.Name && !slices.Contains(b.form.Drop, other.Name) {
				left = append(left, other)
			}
		}
		href := b.form.Action
		if len(left) > 0 {
			href += "?" + query.Encode(left...)
		}
		b.form.InForce = append(b.form.InForce, InForce{pair.Name, label.text + ": " + label.value(pair.Value), href})
	}
	for _, f := range b.faults {
		if !slices.Contains(b.drawn, f.Param) {
			b.form.Faults = append(b.form.Faults, f)
		}
	}
}

// operator is the word for an operator; "" for equality.
func (w *Words) operator(op paging.Operator) string {
	switch op {
	case paging.Not:
		return w.Not
	case paging.Min:
		return w.Min
	case paging.Max:
		return w.Max
	case paging.None:
		return w.NoValue
	case paging.Has:
		return w.Has
	case paging.Starts:
		return w.Starts
	}
	return ""
}

// AppendFilterForm appends the form, the faults without an input of their own, and the conditions
// in force.
func AppendFilterForm(dst []byte, f *FilterForm) []byte {
	l := f.Language.orEnglish()
	w := appender{dst: dst}
	if len(f.Faults) > 0 {
		w.text(`<div role="alert"><ul>`)
		for i := range f.Faults {
			w.text("\n<li>")
			w.escaped(f.Faults[i].Param + ": " + f.Faults[i].Says)
			w.text("</li>")
		}
		w.text("\n</ul></div>\n")
	}
	w.text(`<form method="get" role="search"`)
	if f.Label != "" {
		w.attribute("aria-label", f.Label+": "+l.words.Search)
	}
	w.attribute("action", f.Action)
	w.dst = l.appendLang(w.dst)
	w.text(">\n")
	for _, h := range f.Hidden {
		w.text(`<input type="hidden"`)
		w.attribute("name", h.Name)
		w.attribute("value", h.Value)
		w.text(">\n")
	}
	if f.Search != nil {
		w.input(f.Search, `<input type="search"`, "")
	}
	for i := range f.Filters {
		w.input(&f.Filters[i], "<input", ` autocomplete="off"`)
	}
	w.text("<span>")
	w.text(`<button type="submit">`)
	w.escaped(l.words.SizeGo)
	w.text("</button>")
	if len(f.InForce) > 0 || f.Refused {
		w.text(" <a")
		w.attribute("href", f.Action)
		w.text(">")
		w.escaped(l.words.ShowAll)
		w.text("</a>")
	}
	w.text("</span>\n</form>\n")
	if len(f.InForce) > 0 {
		w.text("<ul")
		w.dst = l.appendLang(w.dst)
		w.text(">")
		for i := range f.InForce {
			c := &f.InForce[i]
			w.text("\n<li>")
			w.escaped(c.Label)
			w.text(" <a")
			w.attribute("href", c.Href)
			w.attribute("aria-label", l.words.Remove+" "+c.Label)
			w.text(">")
			w.escaped(l.words.Remove)
			w.text("</a></li>")
		}
		w.text("\n</ul>\n")
	}
	return w.dst
}

// appender appends HTML.
type appender struct{ dst []byte }

func (w *appender) text(s string)    { w.dst = append(w.dst, s...) }
func (w *appender) escaped(s string) { w.dst = appendEscaped(w.dst, s) }

func (w *appender) attribute(name, value string) {
	w.text(" " + name + `="`)
	w.escaped(value)
	w.text(`"`)
}

// input appends one input with its label, and what is wrong with it.
func (w *appender) input(in *Input, element, attributes string) {
	id := "fault-" + url.QueryEscape(in.Param) // has no space, and is another one in each list of a page
	w.text("<label>")
	w.escaped(in.Label)
	w.text(" ")
	if len(in.Choices) > 0 {
		w.text("<select")
		w.attribute("name", in.Param)
		w.wrong(in, id)
		w.text(`><option value=""></option>`)
		if in.Value != "" && !slices.Contains(in.Choices, in.Value) { // nothing that was typed is lost
			w.option(in.Value, "", true)
		}
		for i, choice := range in.Choices {
			name := ""
			if i < len(in.Names) {
				name = in.Names[i]
			}
			w.option(choice, name, choice == in.Value)
		}
		w.text("</select>")
	} else {
		w.text(element)
		w.attribute("name", in.Param)
		w.attribute("value", in.Value)
		w.text(attributes)
		w.wrong(in, id)
		w.text(">")
	}
	if in.Fault != "" {
		w.text(" <strong")
		w.attribute("id", id)
		w.text(">")
		w.escaped(in.Fault)
		w.text("</strong>")
	}
	w.text("</label>\n")
}

func (w *appender) wrong(in *Input, id string) {
	if in.Fault != "" {
		w.text(` aria-invalid="true"`)
		w.attribute("aria-describedby", id)
	}
}

// option appends a choice under a name; "": under its value.
func (w *appender) option(value, name string, selected bool) {
	w.text("<option")
	if name != "" {
		w.attribute("value", value)
	}
	if selected {
		w.text(" selected")
	}
	w.text(">")
	w.escaped(cmp.Or(name, value))
	w.text("</option>")
}

// Package shapes prepares pages of sets for the forms that the service sends them in: those of
// paging/answer, and a fragment of HTML.
package shapes

import (
	"html/template"
	"slices"

	"pageladder.example/api"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/lists"
	"pageladder.example/internal/plainjson"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/code"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/rulesfile"
)

// Page is a page that is ready to be written.
type Page struct {
	Fields  []intake.Field
	Records []sets.Record
	About   api.About
	View    markup.View
	Style   markup.Style
	Keys    []string // fields that identify a record
	Parts   []string // of a fragment
}

// Ready is the page as paging/answer writes it. It must not be changed before it is written.
func (p *Page) Ready() *answer.Content {
	return &answer.Content{About: p.About.About, Records: &rows{page: p, objects: sets.ObjectsOf(p.Fields)}, More: p.more}
}

// more writes the members that only the service has.
func (p *Page) more(dst []byte) []byte {
	if len(p.About.Changed) > 0 {
		dst = plainjson.Append(append(dst, `,"changed":`...), p.About.Changed)
	}
	if p.About.WayBack != "" {
		dst = plainjson.Append(append(dst, `,"way_back":`...), p.About.WayBack)
	}
	if p.About.Made != nil {
		dst = plainjson.Append(append(dst, `,"made":`...), p.About.Made)
	}
	return dst
}

// rows are a page's records. They are written directly from what the database sent.
type rows struct {
	page    *Page
	objects sets.Objects
}

// RowsOf prepares records with some fields.
func RowsOf(fields []intake.Field) func(records []sets.Record) answer.Records {
	r := &rows{page: &Page{Fields: fields}, objects: sets.ObjectsOf(fields)}
	return func(records []sets.Record) answer.Records {
		r.page.Records = records
		return r
	}
}

func (r *rows) Len() int         { return len(r.page.Records) }
func (r *rows) Fields() []string { return NamesOf(r.page.Fields) }

func (r *rows) AppendObject(dst []byte, i int) []byte {
	return r.objects.Append(dst, r.page.Records[i])
}

func (r *rows) AppendLine(dst []byte, i int) []byte {
	return sets.AppendCSV(dst, r.page.Fields, r.page.Records[i])
}

// NamesOf are fields' names.
func NamesOf(fields []intake.Field) []string {
	names := make([]string, len(fields))
	for i, f := range fields {
		names[i] = f.Name
	}
	return names
}

// shapes are all forms; the first is the default.
var shapes = append(answer.Shapes(), fragment{})

// For chooses a shape: by name or, without one, by Accept. asRules means that the caller only
// wants JSON, so that the envelope of the set's rules applies, if there is one.
func For(name string, accept []string) (shape answer.Shape, asRules bool, err error) {
	if name != "" {
		return shapes[slices.Index(Names(), name)], false, nil // the name is one of Names
	}
	shape, err = answer.Negotiate(append(shapes[:len(shapes):len(shapes)], answer.NativeByName), accept)
	if err != nil {
		return nil, false, problem.Of(problem.NotAcceptable, "%s", err)
	}
	return shape, shape == answer.Native, nil
}

// Names are the shapes' names.
func Names() []string {
	names := make([]string, len(shapes))
	for i, s := range shapes {
		names[i] = s.Name()
	}
	return names
}

// fragment is a piece of HTML to be inserted into a page.
type fragment struct{}

func (fragment) Name() string      { return "html" }
func (fragment) MediaType() string { return "text/html; charset=utf-8" }
func (fragment) HasMetadata() bool { return false }

func (fragment) Append(dst []byte, p *answer.Content) ([]byte, error) {
	page := p.Records.(*rows).page
	var keys []string
	if slices.Contains(page.Parts, "words") {
		keys = append([]string{}, page.Keys...)
	}
	table := lists.TableOf(keys, page.Fields, page.Records, page.About.Sorts, &page.View, page.Style)
	table.Label, table.Parts, table.Notes = page.View.Label, page.Parts, NotesOf(page.About.Adjusted)
	table.SizeForm = template.HTML(markup.AppendSizeForm(nil, &page.View))
	if page.About.Form != nil {
		table.Form = template.HTML(markup.AppendFilterForm(nil, page.About.Form))
	}
	return table.AppendFragment(dst)
}

// NotesOf are adjustments as visitors read them: without parameters that the list does not have, which are not
// theirs.
func NotesOf(adjusted []paging.Adjustment) (notes []string) {
	for i := range adjusted {
		if a := &adjusted[i]; a.Why != code.ParamUnknown {
			notes = append(notes, a.Param+": "+a.Says)
		}
	}
	return notes
}

// All lists the shapes.
func All() []answer.Shape { return slices.Clone(shapes) }

// ViewOf prepares a page to be drawn, from what an answer says about it.
func ViewOf(about *api.About, rules *rulesfile.Rules, language *markup.Language) markup.View {
	return markup.View{Paging: about.Paging, Ladder: about.Ladder, Steps: about.Links, Sizes: about.Sizes, Age: rules.Markup.Age, Language: language}
}

// The harbour's arrivals as a page of HTML without a script, at /arrivals, and as a
// fragment of one, at /fragment: go run ./examples/htmlpage 127.0.0.1:8480
package main

import (
	"errors"
	"html/template"
	"log"
	"net/http"
	"os"

	"pageladder.example/demo"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/markup"
)

// Arrival is one ship's call.
type Arrival struct{ ID, Vessel, Berth, Cargo string }

var rules = &paging.Rules{Key: []string{"id"}, Search: []string{"vessel"}, Size: paging.SizeRules{Default: 10},
	Sorts: []paging.SortKey{{Key: "vessel"}, {Key: "berth"}, {Key: "cargo"}}, Filters: []paging.FilterRule{{Field: "berth", Operators: []paging.Operator{paging.Equals}}, {Field: "cargo"}}}

var pages = template.Must(template.New("page").Parse(`<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Arrivals</title>
<style>body { font: 1rem/1.5 sans-serif; margin: 2rem } form, nav ul { display: flex; gap: 1rem; padding: 0; list-style: none; align-items: center }
th, td { text-align: start; padding: 0.3rem 1rem 0.3rem 0 } strong, [role=alert] { color: #a3231c } li.here { font-weight: bold }</style></head>
<body><h1>Arrivals</h1>{{template "list" .}}</body></html>{{define "list"}}{{.Form}}{{if .View}}<table><tr><th>No.</th>{{range .Sorts}}<th><a href="{{.Href}}">{{.Key}}</a> {{.Direction}}</th>{{end}}</tr>
{{range .Arrivals}}<tr><td>{{.ID}}</td><td>{{.Vessel}}</td><td>{{.Berth}}</td><td>{{.Cargo}}</td></tr>{{end}}</table><p>{{.View.Summary}}</p>{{.Ladder}}{{.Sizes}}{{end}}{{end}}`))

func main() {
	all := []Arrival{}
	for _, a := range demo.Arrivals() {
		all = append(all, Arrival{a[0], a[1], a[2], a[3]})
	}
	style := markup.Style{Current: "here"}
	fields := map[string]markup.FormField{"berth": {Label: "Berth", Choices: []string{"N1", "N2", "N3", "N4"}}, "cargo": {Label: "Cargo"}}
	list := func(name string) http.HandlerFunc {
		return func(w http.ResponseWriter, r *http.Request) {
			ask, err := rules.Read(r.URL.RawQuery)
			refusal := &paging.Refusal{} // no faults
			errors.As(err, &refusal)
			form := markup.FilterFormOf(rules, r.URL.RawQuery, refusal.Faults, r.URL.Path, fields, nil)
			data := map[string]any{"Form": template.HTML(markup.AppendFilterForm(nil, &form))}
			if err != nil {
				w.WriteHeader(http.StatusBadRequest)
			} else if page, arrivals, err := choose.Page(all, ask, choose.ByName[Arrival]); err == nil {
				view := markup.Of(page, paging.Base{}, nil)
				data["View"], data["Arrivals"], data["Sorts"] = &view, arrivals, page.On(paging.Base{}).Sorts()
				data["Ladder"] = template.HTML(style.AppendLadder(nil, &view))
				data["Sizes"] = template.HTML(markup.AppendSizeForm(nil, &view))
			}
			pages.ExecuteTemplate(w, name, data)
		}
	}
	http.HandleFunc("/arrivals", list("page"))
	http.HandleFunc("/fragment", list("list"))
	log.Fatal(http.ListenAndServe(os.Args[1], nil))
}

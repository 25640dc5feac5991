package service

import (
	"errors"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/lists"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// This file prepares filter forms, for answers and for refusals.

// formQuery is a query of a list, with the faults found in it, for its form. The form is sent to the base that links
// are built on, with what stands there. What controls the answer is not the list's, and goes nowhere else.
func formQuery(c *gin.Context, set *sets.Set, page paging.Page, base paging.Base, rawQuery string, faults []paging.Fault) *lists.FormQuery {
	size, _ := page.On(base).Forms()
	var parts []string
	if at, own, _ := strings.Cut(base.String(), "?"); own != "" && !strings.Contains(at+own, "{") {
		parts = append(parts, own)
	}
	for part := range query.Parts(rawQuery) {
		name := part.Name()
		rides := slices.Contains([]string{api.VersionParam, rulesfile.PrefixParam}, name) && slices.ContainsFunc(size.Hidden, func(p query.Pair) bool { return p.Name == name })
		if rides || !strings.HasPrefix(name, rulesfile.Aside) {
			parts = append(parts, part.Raw())
		}
	}
	return &lists.FormQuery{Rules: &set.Rules.For(rawQuery).Rules, RawQuery: strings.Join(parts, "&"), Faults: faults, Action: size.Action, Fields: set.Shown(), Language: languageOf(set.Rules, c.Request)}
}

// chooseFrom offers the values that have been counted.
func chooseFrom(form *markup.FilterForm, facets map[string][]sets.Facet) {
	for i := range form.Params {
		p := &form.Params[i]
		if p.Operator != paging.Equals && p.Operator != paging.Not || p.Choices != nil {
			continue
		}
		for _, facet := range facets[p.Field] {
			if facet.Value != nil {
				p.Choices = append(p.Choices, *facet.Value)
			}
		}
	}
}

// labelsOf are the labels of fields.
func labelsOf(fields []intake.Field) map[string]string {
	labels := make(map[string]string, len(fields))
	for _, f := range fields {
		labels[f.Name] = f.Label
	}
	return labels
}

// withForm adds to the refusal of a query what its page needs all the same: the form as it was filled in, and the
// sizes and sorts of the list without what was refused.
func (s *Service) withForm(c *gin.Context, request *pageAsk, err error) error {
	var refusal *paging.Refusal
	if !errors.As(err, &refusal) {
		return err
	}
	set, failed := s.setOf(c)
	if failed != nil {
		return failed
	}
	own, failed := s.hosts.Base(recordsPath(request.set))
	if failed != nil {
		return failed
	}
	base, failed := baseOf(request.control.Base, set.Rules, own)
	if failed != nil {
		return failed
	}
	page, failed := without(set.Rules.For(request.request.Query), request.request.Query, refusal)
	if failed != nil {
		return failed
	}
	refused := s.problemFor(c, err)
	form := formQuery(c, set, page, base, request.request.Query, refusal.Faults).Form()
	links := page.On(base)
	refused.List = api.RefusalForm{Form: &form, Sizes: links.Sizes(), Sorts: links.Sorts()}
	if request.has("words") {
		view := markup.View{Language: form.Language}
		words := view.Words()
		words.Summary, words.Fields = "", labelsOf(set.Shown())
		refused.List.Words = &words
	}
	return refused
}

// without is a page of a list for a query without what was refused of it or, if what is left is refused too, for
// none.
func without(rules *rulesfile.Rules, rawQuery string, refusal *paging.Refusal) (paging.Page, error) {
	params := rules.Resolved().Params
	for _, fault := range refusal.Faults {
		rawQuery = query.With(rawQuery, fault.Param)
	}
	for _, param := range []string{params.Page + params.Offset, params.Row, params.After, params.Before} {
		rawQuery = query.With(rawQuery, param)
	}
	ask, err := rules.Read(rawQuery)
	if err != nil {
		ask, err = rules.Read("")
	}
	if err != nil {
		return paging.Page{}, err
	}
	return ask.Settle(paging.NotCounted())
}

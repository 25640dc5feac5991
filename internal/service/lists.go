package service

import (
	"embed"
	"errors"
	"fmt"
	"html/template"
	"net/http"
	"net/url"
	"regexp"
	"slices"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

//go:embed pages
var pageFiles embed.FS

// templateName is a parameter name that can be a variable of a template.
var templateName = regexp.MustCompile(`^[A-Za-z0-9_]+$`)

// listCSP lets a list load its stylesheet and nothing else: it has no script.
const listCSP = "default-src 'none'; style-src 'self'; img-src 'self' data:; form-action 'self'; base-uri 'none'; frame-ancestors 'none'"

// listPage is a whole page for people: a list with all that it can be asked.
type listPage struct {
	*listView
	Title     string
	RightLeft bool
	Style     string // address of the stylesheet
	Home      string
	Canonical string
	Elements  template.HTML // link elements; made by markup, which escapes
	Action    string        // of the form
	Kept      []paging.Pair // parameters that ride along on it
	Search    *field
	Filters   []field
	Asked     bool     // something is searched or filtered
	Refused   bool     // the rules refuse the question, so that there are no records
	Faults    []string // those that have no field of their own
	Reset     string
	SizeForm  template.HTML
	JumpForm  template.HTML
	Notes     []string // what was changed of the question
	fields    []intake.Field
}

// field is one input of the form.
type field struct {
	Name, Label, Value string
	Choices            []string // of a boolean
	Fault, FaultID     string   // what is wrong with the value
}

// readList answers a list as a whole page of HTML, without JavaScript.
func (s *Service) readList(c *gin.Context) {
	name := pathParam(c, "set")
	set, err := s.setOf(c)
	if err != nil {
		s.fail(c, err)
		return
	}
	query := c.Request.URL.RawQuery
	listPath := "/lists/" + url.PathEscape(name)
	base, err := s.base(listPath)
	if number := c.Param("number"); err == nil && number != "" {
		if set.Rules.Addressing == paging.ByOffset {
			s.problem(c, nothingHere, "this list is addressed by offset, so that its pages have no path of their own")
			return
		}
		query = strings.TrimSuffix(url.QueryEscape(set.Rules.PageParam())+"="+url.QueryEscape(pathParam(c, "number"))+"&"+query, "&")
		base, err = s.pageBase(set)
	}
	var page *sets.Page
	if err == nil {
		page, err = s.store.Page(c.Request.Context(), sets.Request{Set: name, Query: query, Sight: sight(who(c), name)})
	}
	var refusal *paging.Refusal
	if errors.As(err, &refusal) {
		s.refusedList(c, set, query, refusal)
		return
	}
	if err != nil {
		s.fail(c, err)
		return
	}
	s.metrics.page(&page.Settled)
	rules := page.Set.Rules
	a := &Answered{Fields: page.Fields, Records: page.Records, About: s.about(&page.Settled, base)}
	a.View = markup.Of(&page.Settled, base, languageOf(rules, c.Request))
	a.View.Paging = a.About.Paging
	a.Style = markup.Style{Nav: "ladder", Current: "here", Gap: "gap", Dead: "dead"}
	plain, err := s.base(listPath)
	if err != nil {
		s.fail(c, err)
		return
	}
	view := s.listPageOf(c, page.Set)
	view.listView = listOf(a)
	view.Canonical = page.Settled.On(plain).Steps().Self
	view.Elements = template.HTML(markup.AppendLinkElements(nil, a.About.Links))
	view.SizeForm = template.HTML(markup.AppendSizeForm(nil, &a.View))
	view.JumpForm = template.HTML(markup.AppendJumpForm(nil, &a.View))
	view.ask(rules, query, nil)
	for _, adjusted := range a.About.Adjusted {
		view.Notes = append(view.Notes, adjusted.Param+": "+adjusted.Says)
	}
	htmlHeaders(c, listCSP)
	c.Header("Link", markup.LinkHeader(a.About.Links))
	c.Header("Content-Language", a.View.Language.Tag.String())
	s.private(c)
	render(c, http.StatusOK, "list", view)
}

// listPageOf is what the page of a list has whatever it was asked.
func (s *Service) listPageOf(c *gin.Context, set *sets.Set) *listPage {
	path := s.prefix + "/lists/" + url.PathEscape(set.Name)
	language := languageOf(set.Rules, c.Request)
	return &listPage{listView: &listView{Lang: language.Tag.String()}, Title: set.Label, RightLeft: language.RightToLeft,
		Style: s.prefix + "/lists.css", Home: s.prefix + "/", Action: path, Reset: path, fields: set.Shown()}
}

// refusedList answers a question that the rules refuse: with the form as it was
// filled in, each fault beside its field.
func (s *Service) refusedList(c *gin.Context, set *sets.Set, query string, refusal *paging.Refusal) {
	view := s.listPageOf(c, set)
	view.ask(set.Rules, query, refusal.Faults)
	view.Refused, view.Asked = true, true
	status := http.StatusBadRequest
	if refusal.PastLast() {
		status = http.StatusNotFound
	}
	htmlHeaders(c, listCSP)
	c.Header("Cache-Control", "no-store")
	render(c, status, "list", view)
}

// goToPage sends the form that asks for a page by its number to that page's own
// address.
func (s *Service) goToPage(c *gin.Context) {
	name := pathParam(c, "set")
	page, err := s.store.Settle(c.Request.Context(), sets.Request{Set: name, Query: c.Request.URL.RawQuery, Sight: sight(who(c), name)})
	if err != nil {
		s.fail(c, err)
		return
	}
	base, err := s.pageBase(page.Set)
	if err != nil {
		s.fail(c, err)
		return
	}
	s.private(c)
	c.Redirect(http.StatusSeeOther, page.Settled.On(base).Steps().Self)
}

// pageBase is the address of a set's list with the page's number in its path.
func (s *Service) pageBase(set *sets.Set) (paging.Base, error) {
	text := s.public + "/lists/" + url.PathEscape(set.Name)
	if variable := set.Rules.PageParam(); templateName.MatchString(variable) && set.Rules.Addressing != paging.ByOffset {
		text += "/page/{" + variable + "}"
	}
	if s.public == "" {
		return paging.ParseBase(text)
	}
	return paging.ParseBase(text, strings.TrimSuffix(s.public, s.prefix))
}

// ask fills in the form from the query as it was typed, right or wrong: an input for
// the search and for each filter, and all else so that it rides along.
func (v *listPage) ask(rules *paging.Rules, query string, faults []paging.Fault) {
	given := paging.Pairs(query)
	shown := []string{rules.PageParam(), rules.RowParam()}
	add := func(in field, many bool) *field { // many: several values are told together
		values := valuesOfPair(given, in.Name)
		if len(values) > 1 && many { // they ride along
			return nil
		}
		if len(values) > 0 {
			in.Value = values[len(values)-1]
			v.Asked = v.Asked || in.Value != ""
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
		v.Search = add(field{Name: rules.SearchParam()}, false)
	}
	for i := range rules.Filters {
		f := &rules.Filters[i]
		ops := []paging.Operator{paging.Equals}
		switch f.Type {
		case paging.Integer, paging.Decimal, paging.BigInteger, paging.BigDecimal, paging.Date, paging.Time:
			ops = []paging.Operator{paging.Min, paging.Max}
		case paging.JSON:
			continue
		}
		for _, op := range ops {
			if len(f.Operators) > 0 && !slices.Contains(f.Operators, op) {
				continue
			}
			in := field{Name: rules.OperatorParam(f, op), Label: v.labelOf(f.Field)}
			if op != paging.Equals {
				in.Label += " " + string(op)
			}
			if f.Type == paging.Boolean {
				in.Choices = []string{"true", "false"}
			}
			if drawn := add(in, op == paging.Equals); drawn != nil {
				v.Filters = append(v.Filters, *drawn)
			}
		}
	}
	for _, pair := range given {
		if !slices.Contains(shown, pair.Name) {
			v.Kept = append(v.Kept, pair)
			v.Asked = v.Asked || isFilter(rules, pair)
		}
	}
	for _, f := range faults {
		if !slices.Contains(shown[2:], f.Param) {
			v.Faults = append(v.Faults, f.Param+": "+f.Says)
		}
	}
}

// valuesOfPair are the values that a query gives to a parameter.
func valuesOfPair(given []paging.Pair, name string) (values []string) {
	for _, pair := range given {
		if pair.Name == name {
			values = append(values, pair.Value)
		}
	}
	return values
}

// isFilter tells whether a parameter that rides along on the form filters the list.
func isFilter(rules *paging.Rules, pair paging.Pair) bool {
	for i := range rules.Filters {
		f := &rules.Filters[i]
		for _, op := range rules.Offered(f) {
			if pair.Name == rules.OperatorParam(f, op) && pair.Value != "" {
				return true
			}
		}
	}
	return false
}

// labelOf is what a field is called; one that is not shown, by its name.
func (v *listPage) labelOf(name string) string {
	for _, f := range v.fields {
		if f.Name == name && f.Label != "" {
			return f.Label
		}
	}
	return name
}

// listStyle answers the stylesheet of the pages for people.
func (s *Service) listStyle(c *gin.Context) {
	text, err := pageFiles.ReadFile("pages/lists.css")
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "public, max-age=300")
	c.Header("Content-Length", strconv.Itoa(len(text)))
	c.Data(http.StatusOK, "text/css; charset=utf-8", text)
}

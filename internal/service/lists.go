package service

import (
	"embed"
	"html/template"
	"net/http"
	"net/url"
	"regexp"
	"slices"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

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
	Title      string
	RightLeft  bool
	Style      string // address of the stylesheet
	Home       string
	Canonical  string
	Elements   template.HTML // link elements; made by markup, which escapes
	Action     string        // of the form
	Kept       []paging.Pair // parameters that ride along on it
	Search     *field
	Filters    []field
	Asked      bool // something is searched or filtered
	Reset      string
	SizeForm   template.HTML
	JumpForm   template.HTML
	Notes      []string // what was changed of the question
	EmptyWords string
}

// field is one input of the form.
type field struct {
	Name, Label, Value string
	Choices            []string // of a boolean
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
	ask := page.Settled.Ask()
	view := listPage{
		listView: listOf(a), Title: page.Set.Label, RightLeft: a.View.Language.RightToLeft,
		Style: s.prefix + "/lists.css", Home: s.prefix + "/", Canonical: page.Settled.On(plain).Steps().Self,
		Elements: template.HTML(markup.AppendLinkElements(nil, a.About.Links)),
		Action:   s.prefix + listPath, Reset: s.prefix + listPath,
		SizeForm: template.HTML(markup.AppendSizeForm(nil, &a.View)), JumpForm: template.HTML(markup.AppendJumpForm(nil, &a.View)),
		Asked: len(ask.Conditions()) > 0 || ask.Search() != "",
	}
	view.ask(rules, ask, query)
	for _, adjusted := range a.About.Adjusted {
		view.Notes = append(view.Notes, adjusted.Param+": "+adjusted.Says)
	}
	htmlHeaders(c, listCSP)
	c.Header("Link", markup.LinkHeader(a.About.Links))
	c.Header("Content-Language", a.View.Language.Tag.String())
	s.private(c)
	render(c, http.StatusOK, "list", &view)
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

// ask fills in the form: an input for the search and for each filter, and all else
// of the question so that it rides along.
func (v *listPage) ask(rules *paging.Rules, ask *paging.Ask, query string) {
	shown := []string{rules.PageParam(), rules.RowParam()}
	if len(rules.Search) > 0 {
		v.Search = &field{Name: rules.SearchParam(), Value: ask.Search()}
		shown = append(shown, v.Search.Name)
	}
	value := func(name string, op paging.Operator) (string, bool) {
		for _, c := range ask.Conditions() {
			if c.Field == name && c.Op == op {
				return c.Values[0], len(c.Values) == 1
			}
		}
		return "", true
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
			given, single := value(f.Field, op)
			if !single { // several values ride along
				continue
			}
			in := field{Name: rules.OperatorParam(f, op), Label: f.Field, Value: given}
			if op != paging.Equals {
				in.Label += " " + string(op)
			}
			if f.Type == paging.Boolean {
				in.Choices = []string{"true", "false"}
			}
			v.Filters = append(v.Filters, in)
			shown = append(shown, in.Name)
		}
	}
	for part := range strings.SplitSeq(query, "&") {
		name, value, _ := strings.Cut(part, "=")
		n, err1 := url.QueryUnescape(name)
		val, err2 := url.QueryUnescape(value)
		if part != "" && err1 == nil && err2 == nil && !slices.Contains(shown, n) {
			v.Kept = append(v.Kept, paging.Pair{Name: n, Value: val})
		}
	}
	for _, h := range v.Heads { // labels of the fields, where they are shown
		for i := range v.Filters {
			if rest, ok := strings.CutPrefix(v.Filters[i].Label, h.Name); ok && (rest == "" || rest[0] == ' ') {
				v.Filters[i].Label = h.Label + rest
			}
		}
	}
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

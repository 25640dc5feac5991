package service

import (
	"errors"
	"fmt"
	"html/template"
	"net/http"
	"net/url"
	"regexp"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/control"
	"pageladder.example/internal/lists"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/shapes"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
)

// templateName is what parameters look like that can be variables of a template.
var templateName = regexp.MustCompile(`^[A-Za-z0-9_]+$`)

// readList answers with a list as a whole HTML page, without JavaScript.
func (s *Service) readList(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	rawQuery := c.Request.URL.RawQuery
	plain, err := s.hosts.Base("/lists/" + url.PathEscape(set.Name))
	if err != nil {
		return err
	}
	base := plain
	if c.Param("number") != "" {
		page := set.Rules.Resolved().Params.Page
		if page == "" {
			return problem.Of(problem.NoSuchPath, "the pages of this list are not addressed by number, so that they have no path of their own")
		}
		rawQuery = strings.TrimSuffix(query.Encode(query.Pair{Name: page, Value: pathParam(c, "number")})+"&"+rawQuery, "&")
		if base, err = s.pageBase(set); err != nil {
			return err
		}
	}
	sp, err := control.Read(rawQuery, shapes.Names())
	if err != nil {
		return err
	}
	page, err := s.store.Page(c.Request.Context(), sets.Request{Set: set.Name, At: sp.Version, Query: rawQuery, Visibility: visibility(who(c), set.Name)})
	var refusal *paging.Refusal
	if errors.As(err, &refusal) {
		s.refusedList(c, set, rawQuery, refusal)
		return nil
	}
	if err != nil {
		return err
	}
	s.metrics.Page(page.Settled)
	settled, now, err := held(page, rawQuery, base)
	if err != nil {
		return err
	}
	links := settled.On(base)
	about := api.AboutPage(settled, links)
	about.Links.Now = now
	drawn := shapes.ViewOf(&about, page.Set.Rules, languageOf(page.Set.Rules, c.Request))
	drawn.SizeForm, drawn.JumpForm = links.Forms()
	view := s.listPageOf(c, page.Set)
	view.Table = lists.TableOf(append([]string{}, page.Set.Rules.Key...), page.Fields, page.Records, about.Sorts, &drawn, markup.Style{Nav: "ladder", Current: "here", Gap: "gap", Dead: "dead"})
	view.Table.Labelled = true
	view.Canonical = page.Settled.On(plain).Steps().Self
	view.Elements = template.HTML(markup.AppendLinkElements(nil, about.Links))
	view.SizeForm = template.HTML(markup.AppendSizeForm(nil, &drawn))
	view.JumpForm = template.HTML(markup.AppendJumpForm(nil, &drawn))
	s.askForm(c, view, page.Set, rawQuery, nil)
	for _, adjusted := range append(about.Adjusted, sp.Repeated...) {
		view.Notes = append(view.Notes, adjusted.Param+": "+adjusted.Says)
	}
	if page.Held != nil {
		view.Held = fmt.Sprintf("As it was at version %d; %s since.", page.Held.Version, shapes.Several(page.Held.Changes, "change"))
		view.Now = now
	}
	htmlHeaders(c, lists.CSP)
	c.Header("Link", markup.LinkHeader(about.Links))
	c.Header("Content-Language", drawn.Language.Tag().String())
	s.private(c)
	render(c, http.StatusOK, view)
	return nil
}

// listPageOf is what the page of a list has in any case.
func (s *Service) listPageOf(c *gin.Context, set *sets.Set) *lists.Page {
	language := languageOf(set.Rules, c.Request)
	frame := s.frame(set.Label)
	frame.Lang, frame.RightLeft = language.Tag().String(), language.RightToLeft()
	return &lists.Page{Frame: frame}
}

// askForm draws the form of a list, with the query as it is.
func (s *Service) askForm(c *gin.Context, view *lists.Page, set *sets.Set, rawQuery string, faults []paging.Fault) {
	view.Ask(&lists.FormQuery{Rules: &set.Rules.Rules, RawQuery: rawQuery, Faults: faults, Action: s.hosts.Prefix + "/lists/" + url.PathEscape(set.Name), Fields: set.Shown(), Language: languageOf(set.Rules, c.Request)})
}

// frame is what every HTML page has.
func (s *Service) frame(title string) lists.Frame {
	return lists.Frame{Lang: "en", Title: title, Style: s.hosts.Prefix + "/lists.css", Home: s.hosts.Prefix + "/"}
}

// render writes an HTML page.
func render(c *gin.Context, status int, page interface{ HTML() ([]byte, error) }) {
	text, err := page.HTML()
	if err != nil {
		c.Error(err)
		c.String(http.StatusInternalServerError, "something went wrong in the service; its log says what")
		return
	}
	c.Data(status, "text/html; charset=utf-8", text)
}

// refusedList answers a query that the rules refuse: with the form as it was filled in, and each
// fault next to its field.
func (s *Service) refusedList(c *gin.Context, set *sets.Set, rawQuery string, refusal *paging.Refusal) {
	view := s.listPageOf(c, set)
	s.askForm(c, view, set, rawQuery, refusal.Faults)
	status := http.StatusBadRequest
	if refusal.PastLast() {
		status = http.StatusNotFound
	}
	htmlHeaders(c, lists.CSP)
	c.Header("Cache-Control", "no-store")
	render(c, status, view)
}

// goToPage redirects the form that asks for a page by its number to that page's own address.
func (s *Service) goToPage(c *gin.Context) error {
	name := pathParam(c, "set")
	at, err := heldAt(c.Request.URL.RawQuery)
	if err != nil {
		return err
	}
	page, err := s.store.Settle(c.Request.Context(), sets.Request{Set: name, At: at, Query: c.Request.URL.RawQuery, Visibility: visibility(who(c), name)})
	if err != nil {
		return err
	}
	base, err := s.pageBase(page.Set)
	if err != nil {
		return err
	}
	s.private(c)
	c.Redirect(http.StatusSeeOther, page.Settled.On(base).Steps().Self)
	return nil
}

// pageBase is the address of a set's list with the page's number in its path.
func (s *Service) pageBase(set *sets.Set) (paging.Base, error) {
	path := "/lists/" + url.PathEscape(set.Name)
	if variable := set.Rules.Resolved().Params.Page; templateName.MatchString(variable) { // it is "" if lists are addressed by offset
		path += "/page/{" + variable + "}"
	}
	return s.hosts.Base(path)
}

// listStyle answers with the stylesheet of the HTML pages.
func (s *Service) listStyle(c *gin.Context) error {
	c.Header("Cache-Control", "public, max-age=300")
	c.Header("Content-Length", strconv.Itoa(len(lists.Style)))
	c.Data(http.StatusOK, "text/css; charset=utf-8", []byte(lists.Style))
	return nil
}

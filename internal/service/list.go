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
	"pageladder.example/paging/rulesfile"
)

// templateName is what parameters look like that can be variables of a template.
var templateName = regexp.MustCompile(`^[A-Za-z0-9_]+(\.[A-Za-z0-9_]+)*$`)

// readList answers with a list as a whole HTML page, without JavaScript.
func (s *Service) readList(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	rawQuery := c.Request.URL.RawQuery
	rules := set.Rules.For(rawQuery)
	plain, err := s.hosts.Base("/lists/" + url.PathEscape(set.Name))
	if err != nil {
		return err
	}
	base := plain
	if c.Param("number") != "" {
		page := rules.Resolved().Params.Page
		if page == "" {
			return problem.Of(problem.NoSuchPath, "the pages of this list are not addressed by number, so that they have no path of their own")
		}
		rawQuery = strings.TrimSuffix(query.Encode(query.Pair{Name: page, Value: pathParam(c, "number")})+"&"+rawQuery, "&")
		if base, err = s.pageBase(set, rules); err != nil {
			return err
		}
	}
	sp, err := control.Read(rawQuery, shapes.Names())
	if err != nil {
		return err
	}
	if sp.Base != "" { // the page stands in one of the developer's own
		if base, err = baseOf(sp.Base, rules, base); err != nil {
			return err
		}
		plain = base
	}
	request := sets.Request{Set: set.Name, At: sp.Version, Query: rawQuery, Visibility: visibility(who(c), set.Name)}
	if err := s.from(c, &request); err != nil {
		return err
	}
	page, err := s.store.Page(c.Request.Context(), request)
	var refusal *paging.Refusal
	if errors.As(err, &refusal) {
		return s.refusedList(c, set, rawQuery, plain, refusal)
	}
	if err != nil {
		return err
	}
	s.metrics.Page(page.Settled)
	s.shown(c, set.Name, request.Seen)
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
	if view.Canonical, view.NoIndex, err = canonical(page, rules, rawQuery, plain.Outside()); err != nil {
		return err
	}
	view.Elements = template.HTML(markup.AppendLinkElements(nil, about.Links))
	view.SizeForm = template.HTML(markup.AppendSizeForm(nil, &drawn))
	view.JumpForm = template.HTML(markup.AppendJumpForm(nil, &drawn))
	view.Ask(formQuery(c, page.Set, settled, plain, rawQuery, nil))
	view.Notes = shapes.NotesOf(append(about.Adjusted, sp.Repeated...))
	if page.Held != nil {
		view.Held = fmt.Sprintf("As it was at version %d; %s since.", page.Held.Version, shapes.Several(page.Held.Changes, "change"))
		view.Now = now
	}
	if request.Seen != nil && request.Seen.Stale {
		view.Notes = append(view.Notes, fmt.Sprintf("The list is shown as it was at %s: the database's primary does not answer at the moment.", request.Seen.AsOf.UTC().Format("2006-01-02 15:04:05 UTC")))
	}
	htmlHeaders(c, lists.CSP)
	c.Header("Link", markup.LinkHeader(about.Links))
	c.Header("Content-Language", drawn.Language.Tag().String())
	s.private(c)
	render(c, http.StatusOK, view)
	return nil
}

// canonical is the address of a page without parameters that are not the list's, RFC 6596, and whether search engines
// are not to index it, as the rules say.
func canonical(page *sets.Page, rules *rulesfile.Rules, rawQuery string, base paging.Base) (address string, noIndex bool, err error) {
	declared := *rules
	declared.Keep = paging.KeepRules{What: paging.KeepDeclared}
	own, err := readAs(page, &declared.Rules, rawQuery)
	if err != nil {
		return "", false, err
	}
	address = own.On(base).Steps().Self
	params := rules.Resolved().Params
	at := ""
	for _, name := range []string{params.Page + params.Offset, params.After, params.Before} {
		for _, value := range query.Values(rawQuery, name) {
			at = query.With(at, name, value)
		}
	}
	bare, err := readAs(page, &declared.Rules, at)
	if err != nil {
		return "", false, err
	}
	whole := page.Held == nil && rules.Prefix == page.Set.Rules.Prefix && bare.On(base).Steps().Self == address
	switch rules.Markup.Index {
	case "all":
		return address, false, nil
	case "none":
		return address, true, nil
	case "first":
		whole = whole && page.Settled.Metadata().IsFirst
	}
	return address, !whole, nil
}

// listPageOf is what the page of a list has in any case.
func (s *Service) listPageOf(c *gin.Context, set *sets.Set) *lists.Page {
	language := languageOf(set.Rules, c.Request)
	frame := s.frame(set.Label)
	frame.Lang, frame.RightLeft = language.Tag().String(), language.RightToLeft()
	return &lists.Page{Frame: frame}
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
func (s *Service) refusedList(c *gin.Context, set *sets.Set, rawQuery string, base paging.Base, refusal *paging.Refusal) error {
	page, err := without(set.Rules.For(rawQuery), rawQuery, refusal)
	if err != nil {
		return err
	}
	view := s.listPageOf(c, set)
	view.Ask(formQuery(c, set, page, base, rawQuery, refusal.Faults))
	status := http.StatusBadRequest
	if refusal.PastLast() {
		status = http.StatusNotFound
	}
	htmlHeaders(c, lists.CSP)
	c.Header("Cache-Control", "no-store")
	render(c, status, view)
	return nil
}

// goToPage redirects the form that asks for a page by its number to that page's own address.
func (s *Service) goToPage(c *gin.Context) error {
	name := pathParam(c, "set")
	at, err := heldAt(c.Request.URL.RawQuery)
	if err != nil {
		return err
	}
	request := sets.Request{Set: name, At: at, Query: c.Request.URL.RawQuery, Visibility: visibility(who(c), name)}
	if err := s.from(c, &request); err != nil {
		return err
	}
	page, err := s.store.Settle(c.Request.Context(), request)
	if err != nil {
		return err
	}
	s.shown(c, name, request.Seen)
	base, err := s.pageBase(page.Set, page.Set.Rules.For(c.Request.URL.RawQuery))
	if err != nil {
		return err
	}
	s.private(c)
	c.Redirect(http.StatusSeeOther, page.Settled.On(base).Steps().Self)
	return nil
}

// pageBase is the address of a set's list with the page's number in its path.
func (s *Service) pageBase(set *sets.Set, rules *rulesfile.Rules) (paging.Base, error) {
	path := "/lists/" + url.PathEscape(set.Name)
	if variable := rules.Resolved().Params.Page; templateName.MatchString(variable) { // it is "" if lists are addressed by offset
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

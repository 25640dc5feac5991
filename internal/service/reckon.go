package service

import (
	"encoding/json"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/body"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/reckon"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/wayback"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/rulesfile"
)

func (s *Service) reckon(c *gin.Context) error {
	var request api.ReckonBody
	if err := body.JSON(c.Request, &request, "application/json"); err != nil {
		return err
	}
	rules, known, err := s.rulesFor(c, &request)
	if err != nil {
		return err
	}
	ask, err := rules.Read(request.Query)
	if err != nil {
		return err
	}
	if len(ask.Conditions()) > 0 || ask.Search() != "" {
		known = nil // it is that of the whole set
	}
	total, err := reckon.Total(&request, known)
	if err != nil {
		return err
	}
	page, err := ask.Settle(total)
	if err != nil {
		return err
	}
	answer, err := reckon.Answer(&request, rules, page, languageOf(rules, c.Request))
	if err != nil {
		return err
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, answer)
	return nil
}

func (s *Service) cut(c *gin.Context) error {
	var request struct { // an api.CutBody of bounded length
		api.ReckonBody
		Records reckon.Records `json:"records"`
	}
	if err := body.JSON(c.Request, &request, "application/json"); err != nil {
		return err
	}
	switch {
	case request.Records == nil:
		return problem.Of(problem.BadBody, "records is missing; right would be the list to cut")
	case request.Total != nil:
		return problem.Of(problem.BadBody, "found a total; it is that of the records here")
	}
	rules, _, err := s.rulesFor(c, &request.ReckonBody)
	if err != nil {
		return err
	}
	ask, err := rules.Read(request.Query)
	if err != nil {
		return err
	}
	page, records, err := reckon.Choose(request.Records, ask)
	if err != nil {
		return err
	}
	answer, err := reckon.Answer(&request.ReckonBody, rules, page, languageOf(rules, c.Request))
	if err != nil {
		return err
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, api.CutAnswer{Records: append([]json.RawMessage{}, records...), Reckoned: answer})
	return nil
}

// rulesFor checks the lengths of a body's query and base, which every link repeats. It returns the
// rules of the body, and the total of the set that it names; nil if the caller may not know it.
func (s *Service) rulesFor(c *gin.Context, request *api.ReckonBody) (rules *rulesfile.Rules, total *paging.Total, err error) {
	rules = rulesfile.Of(paging.Rules{})
	request.Query = strings.TrimPrefix(request.Query, "?") // as a browser gives it
	if len(request.Query) > s.limits.QueryBytes || strings.Count(request.Query, "&") >= s.limits.Params {
		return nil, nil, problem.Of(problem.BadBody, "query: found %d bytes; right would be at most %d bytes and %d parameters", len(request.Query), s.limits.QueryBytes, s.limits.Params)
	}
	if len(request.Base) > s.limits.QueryBytes {
		return nil, nil, problem.Of(problem.BadBody, "base: found %d bytes; right would be at most %d", len(request.Base), s.limits.QueryBytes)
	}
	if request.Set != "" {
		set, err := s.readable(c, request.Set)
		if err != nil {
			return nil, nil, err
		}
		rules = set.Rules
		if !set.Attached() && set.FixedFor(visibility(who(c), set.Name)) == "" {
			n := paging.Exact(set.Records)
			total = &n
		}
	}
	if request.Rules != nil {
		if rules, err = rulesOf(request.Rules); err != nil {
			return nil, nil, err
		}
	}
	return rules.For(request.Query), total, nil
}

// readable is a set, if the caller may read it.
func (s *Service) readable(c *gin.Context, name string) (*sets.Set, error) {
	set, err := s.store.Get(c.Request.Context(), name)
	if err == nil && !set.Open && !who(c).May(access.Reader, name) {
		err = sets.ErrNoSet
	}
	if err != nil {
		if err == sets.ErrNoSet {
			err = problem.Of(problem.BadBody, "set: there is no record set named %q", name)
		}
		return nil, err
	}
	return set, nil
}

// readLadder answers with the links of a page. No record is read.
func (s *Service) readLadder(c *gin.Context) error {
	request, err := pageAskOf(c, who(c))
	if err != nil {
		return err
	}
	request.shape = answer.Native
	if err := s.from(c, &request.request); err != nil {
		return err
	}
	page, err := s.store.Settle(c.Request.Context(), request.request)
	if err != nil {
		return err
	}
	s.shown(c, request.set, request.request.Seen)
	var a linkedPage
	if err := s.linked(c, &request, page, &a); err != nil {
		return err
	}
	s.private(c)
	c.PureJSON(http.StatusOK, api.LadderAnswer{Summary: a.About.Paging.Summary, Links: a.About.Links, Ladder: a.About.Ladder, Markup: a.About.Markup, WayBack: wayback.To(request.set, page.Settled)})
	return nil
}

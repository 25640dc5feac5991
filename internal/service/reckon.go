package service

import (
	"encoding/json"
	"net/http"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/tokens"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

// ReckonBody asks for a page of a list that the caller keeps.
type ReckonBody struct {
	Query string `json:"query"` // raw, without its "?"
	// Total is how many records there are: a number, {"at_least": 100}, or null
	// where it is not known. Left out beside a set: the set's.
	Total json.RawMessage `json:"total,omitempty"`
	Rules json.RawMessage `json:"rules,omitempty"` // left out: the set's, or the defaults
	Set   string          `json:"set,omitempty"`   // whose rules hold
	Base  string          `json:"base,omitempty"`  // that links are built on; left out: the rules', or links that are a query alone
	// Markup asks for the ladder as HTML: plain, bootstrap or classed.
	Markup paging.MarkupStyle `json:"markup,omitempty"`
	// Came is how many records were fetched, where the total is not exact: one more
	// than the page is asked for.
	Came *int `json:"came,omitempty"`
}

// CutBody is the same with the records.
type CutBody struct {
	ReckonBody
	Records []json.RawMessage `json:"records"`
}

// Reckoned is everything about a page but its records.
type Reckoned struct {
	About
	Fetch int            `json:"fetch"` // records to fetch from the offset on: one more than the page where the total is not exact
	Order []paging.Order `json:"order"` // the total order to read in
}

// CutAnswer is one page of the records that were handed in.
type CutAnswer struct {
	Records []json.RawMessage `json:"records"`
	Reckoned
}

func (s *Service) reckon(c *gin.Context) {
	var body ReckonBody
	err := s.body(c, &body, "application/json")
	var answer Reckoned
	if err == nil {
		_, answer, err = s.reckoned(c, &body)
	}
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, answer)
}

func (s *Service) cut(c *gin.Context) {
	var body CutBody
	err := s.body(c, &body, "application/json")
	if err == nil && body.Records == nil {
		err = wrongBody(badBody, "records is missing; right would be the list to cut")
	}
	if err == nil && body.Total != nil {
		err = wrongBody(badBody, "found a total; it is that of the records here")
	}
	var page paging.Page
	var answer Reckoned
	if err == nil {
		if body.Total, err = json.Marshal(len(body.Records)); err == nil {
			page, answer, err = s.reckoned(c, &body.ReckonBody)
		}
	}
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, CutAnswer{append([]json.RawMessage{}, paging.Cut(body.Records, page)...), answer})
}

func (s *Service) reckoned(c *gin.Context, body *ReckonBody) (page paging.Page, answer Reckoned, err error) {
	rules := &paging.Rules{}
	var total paging.Total
	if body.Set != "" {
		set, err := s.readable(c, body.Set)
		if err != nil {
			return page, answer, err
		}
		rules = set.Rules
		if body.Total == nil {
			if set.Attached() || set.FixedFor(sight(who(c), set.Name)) != "" {
				return page, answer, wrongBody(badBody, "total is missing, and that of %s is not told", body.Set)
			}
			total = paging.Exact(set.Records)
		}
	} else if body.Total == nil {
		return page, answer, wrongBody(badBody, "total is missing; right would be a number, {\"at_least\": 100} or null")
	}
	if body.Rules != nil {
		if rules, err = paging.ParseRules(body.Rules); err != nil {
			if _, ok := err.(paging.RuleErrors); !ok {
				err = wrongBody(badBody, "%v", err)
			}
			return page, answer, err
		}
	}
	if body.Total != nil {
		if total, err = totalOf(body.Total); err != nil {
			return page, answer, err
		}
	}
	ask, err := rules.Read(body.Query)
	if err != nil {
		return page, answer, err
	}
	if page, err = ask.Settle(total); err != nil {
		return page, answer, err
	}
	answer.Fetch, answer.Order = page.Fetch(), ask.Order()
	if answer.Order == nil {
		answer.Order = []paging.Order{}
	}
	if body.Came != nil {
		if page, err = page.Seen(*body.Came); err != nil {
			return page, answer, err
		}
	}
	text := body.Base
	if text == "" {
		text = rules.Base
	}
	var base paging.Base
	if text != "" {
		if base, err = paging.ParseBase(text, rules.Origins...); err != nil {
			return page, answer, wrongBody(badBody, "%v", err)
		}
	}
	base = base.Outside()
	answer.About = s.about(&page, base)
	if body.Markup != "" || rules.Language != "" {
		view := markup.Of(&page, base, languageOf(rules, c.Request))
		if rules.Language != "" {
			answer.Paging.Summary = view.Summary()
		}
		if body.Markup != "" {
			style := markup.StyleOf(paging.MarkupRules{Style: body.Markup, Classes: rules.Markup.Classes})
			answer.Markup = string(style.AppendLadder(nil, &view))
		}
	}
	if back, err := page.WayBack(body.Set); err == nil && body.Set != "" {
		answer.WayBack = back
	}
	return page, answer, nil
}

func totalOf(raw json.RawMessage) (paging.Total, error) {
	var n *int64
	if json.Unmarshal(raw, &n) == nil {
		switch {
		case n == nil:
			return paging.NotCounted(), nil
		case *n >= 0:
			return paging.Exact(*n), nil
		}
	}
	var bound struct {
		AtLeast *int64 `json:"at_least"`
	}
	if json.Unmarshal(raw, &bound) == nil && bound.AtLeast != nil && *bound.AtLeast >= 0 {
		return paging.AtLeast(*bound.AtLeast), nil
	}
	return paging.Total{}, wrongBody(badBody, "total: found %.100s; right would be a whole number from 0, {\"at_least\": 100} or null", raw)
}

// readable is a set that the caller may read.
func (s *Service) readable(c *gin.Context, name string) (*sets.Set, error) {
	set, err := s.store.Get(c.Request.Context(), name)
	if err == nil && !set.Open && !who(c).May(tokens.Reader, name) {
		err = sets.ErrNoSet
	}
	if err != nil {
		if err == sets.ErrNoSet {
			err = wrongBody(badBody, "set: there is no record set named %q", name)
		}
		return nil, err
	}
	return set, nil
}

// LadderAnswer is the links of a page alone.
type LadderAnswer struct {
	Summary string        `json:"summary"`
	Links   paging.Steps  `json:"links"`
	Ladder  []paging.Rung `json:"ladder"`
	Markup  string        `json:"markup,omitempty"`
	WayBack string        `json:"way_back"` // "" where the list's address is too long for one
}

// readLadder answers the links of a page. No record is read.
func (s *Service) readLadder(c *gin.Context) {
	sp, faults := readSpeaks(c)
	if len(faults) > 0 {
		s.problem(c, badQuery, faults[0].Param+": "+faults[0].Says, faults...)
		return
	}
	name := pathParam(c, "set")
	page, err := s.store.Settle(c.Request.Context(), sets.Request{Set: name, Query: c.Request.URL.RawQuery, Sight: sight(who(c), name), Count: paging.CountHow(sp.total)})
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Request.URL.Path = "/api/sets/" + c.Param("set") + "/records"
	c.Request.URL.RawPath = ""
	var a Answered
	if _, err := s.answered(c, page, &sp, native{}, &a); err != nil {
		s.fail(c, err)
		return
	}
	back, err := page.Settled.WayBack(name)
	if err != nil {
		back = ""
	}
	s.private(c)
	c.PureJSON(http.StatusOK, LadderAnswer{a.About.Paging.Summary, a.About.Links, a.About.Ladder, a.About.Markup, back})
}

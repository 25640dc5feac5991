package service

import (
	"fmt"
	"net/http"
	"slices"
	"strings"
	"sync"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

// sight is how much of a set's records a caller sees.
func sight(who *access.Caller, set string) sets.Sight {
	return sets.Sight(who.May(access.Editor, set))
}

// readPage answers one page of a set.
func (s *Service) readPage(c *gin.Context) {
	caller := who(c)
	name := pathParam(c, "set")
	sp, faults := readSpeaks(c)
	if len(faults) > 0 {
		s.problem(c, badQuery, faults[0].Param+": "+faults[0].Says, faults...)
		return
	}
	shape := shapeFor(sp.shape, c.GetHeader("Accept"))
	if shape == nil {
		s.notOffered(c)
		return
	}
	sees := sight(caller, name)
	key := answerKey{asked: c.Request.URL.RequestURI() + " " + shape.Name()}
	if shape.Name() == "html" || sp.markup != "" {
		key.asked += " " + c.GetHeader("Accept-Language")
	}
	if set := s.store.Current(name); set != nil && s.answers != nil && !set.Attached() {
		key.version, key.fixed = set.Version, set.FixedFor(sees)
		if kept, ok := s.answers.Get(key); ok {
			s.metrics.answersKept.Inc()
			kept.send(c, caller)
			return
		}
	}
	req := sets.Request{Set: name, Query: c.Request.URL.RawQuery, Sight: sees, Count: paging.CountHow(sp.total)}
	if sp.explain {
		req.Trace = &sets.Trace{}
	}
	page, err := s.store.Page(c.Request.Context(), req)
	if err != nil {
		s.fail(c, err)
		return
	}
	defer page.Release()
	s.metrics.page(&page.Settled)
	if sp.version > 0 && sp.version != page.Set.Version {
		s.problem(c, movedOn, fmt.Sprintf("pl.version asked for version %d; %s has version %d by now", sp.version, name, page.Set.Version))
		return
	}
	desk := desks.Get().(*desk)
	defer desk.clear()
	a := &desk.page
	self, err := s.answered(c, c.Request.URL.EscapedPath(), page, &sp, shape, a)
	if err != nil {
		s.fail(c, err)
		return
	}
	if len(sp.facets) > 0 {
		facets, err := s.store.Facets(c.Request.Context(), req, sp.facets)
		if err != nil {
			s.fail(c, facetError(err))
			return
		}
		a.About.Facets = wireFacets(facets)
	}
	if sp.explain {
		a.About.Made = made(page, req.Trace, caller.May(access.Owner, name), a.linked, len(a.About.Ladder)+len(a.About.Sizes)+len(a.About.Sorts))
	}
	body, err := shape.Append(desk.body[:0], a)
	if err != nil {
		s.fail(c, err)
		return
	}
	desk.body = body
	key.version, key.fixed = page.Set.Version, page.Set.FixedFor(sees)
	fresh := &keptAnswer{body: body, mediaType: shape.MediaType(), self: self, link: markup.LinkHeader(a.About.Links), status: http.StatusOK,
		noStore: sp.explain}
	if shape.Name() != "native" {
		fresh.about, fresh.adjusted = metadataHeader(&a.About.Paging), adjustedHeader(a.About.Adjusted)
	}
	switch {
	case sp.explain: // is not kept
	case page.Set.Attached(): // nobody tells when it changes
		fresh.tag = digestTag(body)
	default:
		fresh.tag = s.weakTag(&key)
		// Facets are counted in a snapshot of their own: not of this version for sure.
		if s.answers != nil && len(body) <= answerBytes && len(sp.facets) == 0 && page.Settled.Total().Is() != paging.TotalAtLeast {
			fresh.body = slices.Clone(body)
			s.answers.Add(key, fresh)
		}
		if len(sp.facets) > 0 {
			fresh.tag = digestTag(body)
		}
	}
	fresh.send(c, caller)
}

// desk is where an answer is made. It is used again for others.
type desk struct {
	page Answered
	body []byte
}

var desks = sync.Pool{New: func() any { return new(desk) }}

func (d *desk) clear() {
	if cap(d.body) <= answerBytes {
		d.page = Answered{}
		desks.Put(d)
	}
}

// facetError turns a wrong field of pl.facets into a fault of the query.
func facetError(err error) error {
	if value, ok := err.(*sets.ValueError); ok {
		return &bodyError{kind: badQuery, says: "pl.facets: " + value.Error(),
			faults: []paging.Fault{{Param: "pl.facets", Given: value.Field, Why: "service.wrong", Says: "right would be " + value.Want}}}
	}
	return err
}

// answered links a page and readies it for a shape. It tells the page's own
// address, which is on the path whatever the base.
func (s *Service) answered(c *gin.Context, path string, page *sets.Page, sp *speaks, shape Shape, a *Answered) (self string, err error) {
	began := time.Now()
	rules := page.Set.Rules
	own, err := s.base(path)
	if err != nil {
		return "", err
	}
	base := own
	if text := sp.base; text != "" || rules.Base != "" {
		if text == "" {
			text = rules.Base
		}
		if base, err = paging.ParseBase(text, rules.Origins...); err != nil {
			return "", &bodyError{kind: badQuery, says: "pl.base: " + err.Error(),
				faults: []paging.Fault{{Param: "pl.base", Given: text, Why: "service.wrong", Says: err.Error()}}}
		}
		base = base.Outside()
	}
	a.Fields, a.Records = page.Fields, page.Records
	a.About = api.AboutPage(&page.Settled, base)
	if !page.Set.Attached() {
		a.About.Paging.Version = page.Set.Version
	}
	self = a.About.Links.Self
	if base.String() != own.String() {
		self = page.Settled.On(own).Steps().Self
	}
	if rules.Language != "" || shape.Name() == "html" || sp.markup != "" {
		a.View = markup.Of(&page.Settled, base, languageOf(rules, c.Request))
		a.View.Paging = a.About.Paging
		if rules.Language != "" {
			a.About.Paging.Summary = a.View.Summary()
		}
		a.Style = markup.StyleOf(string(rules.Markup.Style), rules.Markup.Classes)
		if sp.markup != "" {
			a.Style = markup.StyleOf(string(sp.markup), rules.Markup.Classes)
			a.About.Markup = string(a.Style.AppendLadder(nil, &a.View))
		}
	}
	if sp.explain {
		a.linked = time.Since(began)
	}
	return self, nil
}

// base is a path of this service as callers reach it.
func (s *Service) base(path string) (paging.Base, error) {
	if s.public == "" {
		return paging.ParseBase(path)
	}
	return paging.ParseBase(s.public+path, strings.TrimSuffix(s.public, s.prefix))
}

// several counts things.
func several[N int | int64](n N, what string) string {
	if n != 1 {
		what += "s"
	}
	return fmt.Sprintf("%d %s", n, what)
}

// made tells how a page was made, step by step.
func made(page *sets.Page, t *sets.Trace, owner bool, linked time.Duration, links int) *api.Made {
	m := &api.Made{}
	p := &page.Settled
	meta := p.Metadata()
	step := func(name string, took time.Duration, format string, args ...any) {
		m.Steps = append(m.Steps, api.Step{Step: name, Took: took.Microseconds(), Says: fmt.Sprintf(format, args...)})
	}
	read := "no filter"
	if n := len(meta.Filters); n > 0 {
		read = several(n, "filter")
	}
	read += ", sorted by " + meta.Sort
	if meta.Search != "" {
		read += fmt.Sprintf(", search for %q", meta.Search)
	}
	if page.Set.Fixed != "" {
		read += ", beside the set's fixed filter where it binds"
	}
	step("read", t.Took.Read, "%s; %d adjusted", read, len(p.Adjusted()))
	total := p.Total()
	count := several(total.Records(), "record")
	switch total.Is() {
	case paging.TotalAtLeast:
		count = "at least " + count
	case paging.TotalNone:
		count = "no total"
	}
	step("count", t.Took.Count, "%s (%s)", count, t.Counted)
	settle := fmt.Sprintf("(%d − 1) × %d = offset %d", meta.Page, meta.Size, meta.Offset)
	if meta.Offset != (meta.Page-1)*int64(meta.Size) { // an offset that is taken as it is
		settle = fmt.Sprintf("offset %d, as it was asked for", meta.Offset)
	}
	switch {
	case meta.TotalPages != nil && total.Records() == 0:
		settle += "; no records are one empty page"
	case meta.TotalPages != nil:
		settle += fmt.Sprintf("; ceil(%d ÷ %d) = %s", total.Records(), meta.Size, several(*meta.TotalPages, "page"))
	}
	if meta.FirstRow != nil {
		settle += fmt.Sprintf("; rows %d–%d", *meta.FirstRow, *meta.LastRow)
	}
	step("settle", t.Took.Settle, "%s", settle)
	cut := "nothing to read"
	if t.Way != "" {
		cut = several(meta.RowsHere, "record") + " read " + t.Way
	}
	step("cut", t.Took.Cut, "%s", cut)
	step("link", linked, "%s", several(links, "link"))
	if owner {
		m.SQL = t.SQL
	}
	return m
}

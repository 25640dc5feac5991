package service

import (
	"cmp"
	"net/http"
	"slices"
	"strconv"
	"strings"
	"sync"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/answers"
	"pageladder.example/internal/control"
	"pageladder.example/internal/lists"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/shapes"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// visibility is how much of a set's records a caller sees.
func visibility(who *access.Caller, set string) sets.Visibility {
	return sets.Visibility(who.May(access.Editor, set))
}

// pageAsk is a request for a page of a set.
type pageAsk struct {
	set     string
	request sets.Request
	control control.Params
	shape   answer.Shape
	asRules bool // the set's rules may have an envelope, which replaces the shape
}

// pageAskOf reads it from a request.
func pageAskOf(c *gin.Context, caller *access.Caller) (a pageAsk, err error) {
	if a.control, err = control.Read(c.Request.URL.RawQuery, shapes.Names()); err != nil {
		return a, err
	}
	if a.shape, a.asRules, err = shapes.For(a.control.Shape, c.Request.Header.Values("Accept")); err != nil {
		return a, err
	}
	a.set = pathParam(c, "set")
	a.request = sets.Request{Set: a.set, At: a.control.Version, Query: c.Request.URL.RawQuery, Visibility: visibility(caller, a.set), Count: paging.CountHow(a.control.Total), Facets: a.control.Facets}
	if a.control.Explain {
		a.request.Explain = &sets.Explain{}
	}
	return a, nil
}

// key identifies the answer.
func (a *pageAsk) key(c *gin.Context, set *sets.Set) answers.Key {
	shape := a.shape.Name()
	if a.asRules {
		shape = "as the rules say"
	}
	k := answers.Key{Query: c.Request.URL.RequestURI() + " " + shape, Defined: set.Defined(), Fixed: set.FixedFor(a.request.Visibility)}
	if a.inLanguage() {
		k.Query += " " + c.GetHeader("Accept-Language")
	}
	return k
}

// inLanguage reports whether the answer has words in the caller's language.
func (a *pageAsk) inLanguage() bool {
	return a.shape.Name() == "html" || a.control.Markup != "" || a.has("form") || a.has("words")
}

// label is the name of a list that may stand beside others; "": of one that stands alone.
func (a *pageAsk) label(set *sets.Set) string {
	switch prefix := strings.TrimRight(a.control.Prefix, "._-"); {
	case prefix != "":
		return set.Label + " (" + prefix + ")"
	case a.shape.Name() == "html":
		return set.Label
	}
	return ""
}

// has reports whether a part is asked for.
func (a *pageAsk) has(part string) bool { return slices.Contains(a.control.Parts, part) }

// readPage answers one page of a set.
func (s *Service) readPage(c *gin.Context) error {
	caller := who(c)
	request, err := pageAskOf(c, caller)
	if err != nil {
		return err
	}
	if err := s.from(c, &request.request); err != nil {
		return err
	}
	page, body, err := s.keptPage(c, &request)
	if body != nil {
		s.shown(c, request.set, request.request.Seen)
		return s.send(c, body)
	}
	if page == nil && err == nil {
		page, err = s.store.Page(c.Request.Context(), request.request)
	}
	if err != nil {
		return s.withForm(c, &request, facetError(err))
	}
	s.shown(c, request.set, request.request.Seen)
	if !page.Kept() { // nobody else uses its records
		defer page.Release()
	}
	s.metrics.Page(page.Settled)
	scratch := scratches.Get().(*scratch)
	defer scratch.release()
	a := &scratch.page
	if err := s.linked(c, &request, page, a); err != nil {
		return err
	}
	if page.Facets != nil {
		a.About.Facets = wireFacets(page.Facets)
	}
	if request.has("form") {
		form := formQuery(c, page.Set, page.Settled, a.base, request.request.Query, nil).Form()
		chooseFrom(&form, page.Facets)
		form.Label = a.View.Label
		a.About.Form = &form
	}
	if request.has("words") {
		words := a.View.Words()
		words.Fields = labelsOf(a.Fields)
		a.About.Words = &words
	}
	if request.control.Explain {
		a.About.Made = shapes.Explain(page, &a.About, request.request.Explain, request.request.Seen, a.took, caller.May(access.Owner, request.set))
	}
	switch e := page.Set.Rules.Envelope; {
	case request.control.Shape == "html": // a browser that only accepts it gets the parts as JSON
		a.Parts = request.control.Parts
	case len(request.control.Parts) > 0:
		request.shape, err = answer.Parts(request.control.Parts)
	case request.asRules && len(e) > 0:
		request.shape, err = s.enveloped(page.Set.Rules)
	}
	if err != nil {
		return err
	}
	ready := a.Ready()
	if scratch.body, err = request.shape.Append(scratch.body[:0], ready); err != nil {
		return err
	}
	return s.send(c, s.answer(c, &request, page, a.self, ready, scratch.body))
}

// keptAnswer is a remembered answer, and the page that it was written from.
type keptAnswer struct {
	*answers.Answer
	state int64      // of its set
	page  *sets.Page // nil if it is of no use at another state
}

// keptPage answers with a remembered answer, or returns the page of one whose records and
// positions are still the same. It does neither if the page has to be read.
func (s *Service) keptPage(c *gin.Context, request *pageAsk) (*sets.Page, *answers.Answer, error) {
	if _, alone := s.store.Alone(); alone || s.answers == nil || request.control.Explain {
		return nil, nil, nil
	}
	set, err := s.store.Latest(c.Request.Context(), request.set)
	if err != nil {
		return nil, nil, err
	}
	kept, ok := s.answers.Get(request.key(c, set))
	request.request.Keep = ok // it has been asked for before: pages that are asked for once need not pay for it
	state := set.Version
	if ok && !set.Attached() {
		ok = state >= request.request.Caller.Floor.Version // a later one may have been shown or written elsewhere
	}
	if ok && set.Attached() {
		if state, err = s.store.FollowedState(c.Request.Context(), set, request.request); err != nil || state == 0 {
			return nil, nil, err
		}
	}
	switch {
	case !ok:
	case kept.state == state:
		s.metrics.AnswerKept()
		if seen := request.request.Seen; seen != nil && !set.Attached() {
			seen.Floor.Version = state
		}
		return nil, kept.Answer, nil
	case kept.page != nil:
		page, err := s.store.Again(c.Request.Context(), kept.page, request.request)
		if page != nil {
			s.metrics.AnswerAgain()
		}
		return page, nil, err
	}
	return nil, nil, nil
}

// enveloped is the shape of the rules' envelope. It is built once, and kept while the rules are in
// use.
func (s *Service) enveloped(rules *rulesfile.Rules) (answer.Shape, error) {
	if shape, ok := s.envelopes.Get(rules); ok {
		return shape, nil
	}
	shape, err := answer.Enveloped(rules.Envelope)
	if err == nil {
		s.envelopes.Add(rules, shape)
	}
	return shape, err
}

// answer is a page as it is sent. It is remembered if possible.
func (s *Service) answer(c *gin.Context, request *pageAsk, page *sets.Page, self string, ready *answer.Content, body []byte) *answers.Answer {
	fresh := &answers.Answer{Ready: answer.Ready{Body: body}, NoStore: request.control.Explain, Held: page.Held != nil}
	fresh.Describe(request.shape, ready, self)
	key := request.key(c, page.Set)
	stale := request.request.Seen != nil && request.request.Seen.Stale
	switch {
	case request.control.Explain: // is not remembered
		return fresh
	case page.Held != nil, page.Set.Attached(): // what is hidden now is not that of the version; a state may have no number
		fresh.Tag = ageless(request, self, ready, fresh).DigestTag()
	case stale: // who has it as it was says so, and the other way round
		fresh.Tag = answers.WeakTag(&key, page.Set.Version, s.hosts.Public, s.version+" stale")
	default:
		fresh.Tag = answers.WeakTag(&key, page.Set.Version, s.hosts.Public, s.version)
	}
	if _, alone := s.store.Alone(); alone || stale {
		return fresh
	}
	if state := page.State(); s.answers != nil && state > 0 && len(body) <= answers.KeptBytes && page.Settled.Total().Is() != paging.TotalAtLeast {
		fresh.Body = slices.Clone(body)
		kept := &keptAnswer{Answer: fresh, state: state}
		if page.Kept() {
			kept.page = page
		}
		s.answers.Add(key, kept)
	}
	return fresh
}

// ageless is an answer without the time that it is of: the same records are the same answer.
func ageless(request *pageAsk, self string, ready *answer.Content, dated *answers.Answer) *answers.Answer {
	if ready.About.Paging.AsOf == nil {
		return dated
	}
	plain := *ready
	plain.About.Paging.AsOf = nil
	body, err := request.shape.Append(nil, &plain)
	if err != nil {
		return dated
	}
	undated := &answers.Answer{Ready: answer.Ready{Body: body}}
	undated.Describe(request.shape, &plain, self)
	return undated
}

// heldAt is the version at which a query holds the list; 0: none.
func heldAt(rawQuery string) (int64, error) {
	sp, err := control.Read(rawQuery, shapes.Names())
	return sp.Version, err
}

// linkedPage is a page with its links.
type linkedPage struct {
	shapes.Page
	base paging.Base   // that its links are built on
	self string        // its own address
	took time.Duration // to make the links
}

// send sends an answer. If the caller goes away, that is no error. Where there are replicas no cache in between keeps it: another caller may
// have seen more.
func (s *Service) send(c *gin.Context, a *answers.Answer) error {
	if strings.HasPrefix(a.MediaType, "text/html") {
		htmlHeaders(c, lists.CSP)
	}
	if err := a.Send(c.Writer, c.Request, who(c).Role == access.Nobody && s.floors == nil); err != nil {
		c.Error(err)
	}
	return nil
}

// scratch is memory for making an answer, which is reused.
type scratch struct {
	page linkedPage
	body []byte
}

var scratches = sync.Pool{New: func() any { return new(scratch) }}

func (s *scratch) release() {
	if cap(s.body) <= answers.KeptBytes {
		s.page = linkedPage{}
		scratches.Put(s)
	}
}

// facetError turns a wrong field of pl.facets into a fault of the query.
func facetError(err error) error {
	if value, ok := err.(*sets.ValueError); ok {
		return &problem.Error{Kind: problem.BadQuery, Says: "pl.facets: " + value.Error(),
			Faults: []paging.Fault{{Param: "pl.facets", Given: value.Field, Why: problem.WrongParam, Says: value.Says()}}}
	}
	return err
}

// linked makes a page's links and prepares it for a shape.
func (s *Service) linked(c *gin.Context, request *pageAsk, page *sets.Page, a *linkedPage) error {
	began := time.Now()
	rules := page.Set.Rules.For(request.request.Query)
	own, err := s.hosts.Base(recordsPath(request.set))
	if err != nil {
		return err
	}
	base, err := baseOf(request.control.Base, rules, own)
	if err != nil {
		return err
	}
	a.base = base
	settled, now, err := held(page, request.request.Query, base)
	if err != nil {
		return err
	}
	links := settled.On(base)
	a.Fields, a.Records, a.About = page.Fields, page.Records, api.AboutPage(settled, links)
	a.About.Adjusted = append(a.About.Adjusted, request.control.Repeated...)
	a.About.Paging.Version = page.Version()
	if seen := request.request.Seen; seen != nil && seen.Replica {
		a.About.Paging.AsOf, a.About.Paging.Stale = &seen.AsOf, seen.Stale
	}
	if page.Held != nil {
		a.About.Paging.ChangesSince, a.About.Paging.MayShrink = &page.Held.Changes, page.Held.MayShrink
	}
	for i, fate := range page.Fates {
		if fate != sets.Same {
			a.About.Changed = append(a.About.Changed, api.ChangedRow{Row: page.Settled.Offset() + int64(i) + 1, Now: string(fate)})
		}
	}
	a.About.Links.Now = now
	a.self = a.About.Links.Self
	if base.String() != own.String() || settled != page.Settled { // the page's own address is on the request's path, whatever the base
		a.self = page.Settled.On(own).Steps().Self
	}
	if rules.Language != "" || request.inLanguage() {
		a.View = shapes.ViewOf(&a.About, rules, languageOf(rules, c.Request))
		a.View.SizeForm, a.View.JumpForm = links.Forms()
		a.View.Label, a.Keys = request.label(page.Set), rules.Key
		if rules.Language != "" {
			a.About.Paging.Summary = a.View.Summary()
		}
		a.Style = markup.StyleOf(string(rules.Markup.Style), rules.Markup.Classes)
		if request.control.Markup != "" {
			a.Style = markup.StyleOf(string(request.control.Markup), rules.Markup.Classes)
			a.About.Markup = string(a.Style.AppendLadder(nil, &a.View))
		}
	}
	a.took = time.Since(began)
	return nil
}

// baseOf is the base that a request names, or the rules; else the page's own address.
func baseOf(given string, rules *rulesfile.Rules, own paging.Base) (paging.Base, error) {
	text := cmp.Or(given, rules.Base)
	if text == "" {
		return own, nil
	}
	base, err := paging.ParseBase(text, rules.Origins...)
	if err != nil {
		says := strings.TrimPrefix(err.Error(), "paging: ")
		return base, &problem.Error{Kind: problem.BadQuery, Says: "pl.base: " + says,
			Faults: []paging.Fault{{Param: "pl.base", Given: text, Why: problem.WrongParam, Says: says}}}
	}
	return base.Outside(), nil
}

// held is a settled page whose links hold the list still, if its set's rules want that, and the
// address of the same page of the current list; "" if the list is not held.
func held(page *sets.Page, rawQuery string, base paging.Base) (paging.Page, string, error) {
	switch version := page.Version(); {
	case page.Held == nil && page.Set.Rules.Pinned && version > 0:
		pinned, err := asFor(page, query.With(rawQuery, api.VersionParam, strconv.FormatInt(version, 10)))
		return pinned, page.Settled.On(base).Steps().Self, err
	case page.Held == nil:
		return page.Settled, "", nil
	}
	now, err := asFor(page, query.With(rawQuery, api.VersionParam))
	if err != nil {
		return paging.Page{}, "", err
	}
	return page.Settled, now.On(base).Steps().Self, nil
}

// asFor is a page as if it had been asked for by another query for the same page.
func asFor(page *sets.Page, rawQuery string) (paging.Page, error) {
	return readAs(page, &page.Set.Rules.For(rawQuery).Rules, rawQuery)
}

// readAs is a page as if it had been asked for by another query, under other rules, for the same page.
func readAs(page *sets.Page, rules *paging.Rules, rawQuery string) (paging.Page, error) {
	ask, err := rules.Read(rawQuery)
	if err != nil {
		return paging.Page{}, err
	}
	at, backward := page.Settled.Ask().Cursor()
	if given, _ := ask.Cursor(); given != nil && at == nil { // it was ignored
		if ask, err = ask.Misplaced("the cursor holds a value that is not of its field's type"); err != nil {
			return paging.Page{}, err
		}
	}
	settled, err := ask.Settle(page.Settled.Total())
	if err != nil {
		return paging.Page{}, err
	}
	metadata, received := page.Settled.Metadata(), page.Settled.Rows()
	if more := !metadata.IsLast && !backward || !metadata.IsFirst && backward; more && received < settled.Fetch() {
		received++
	}
	if settled, err = settled.Received(received); err != nil {
		return paging.Page{}, err
	}
	return page.Ended(settled), nil
}

// languageOf chooses the language of a page: the set's, or the caller's.
func languageOf(rules *rulesfile.Rules, r *http.Request) *markup.Language {
	if rules.Language != "" {
		return markup.LanguageFor(rules.Language)
	}
	return markup.LanguageFor(r.Header.Get("Accept-Language"))
}

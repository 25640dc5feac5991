package service

import (
	"cmp"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"net/http"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/label"
	"pageladder.example/internal/lists"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/rulesfile"
)

// Kind is one type of problem.
type Kind struct {
	Name   string
	Status int
	Title  string
	When   string // it is answered, and what to do
}

// The types of problems.
var (
	badQuery      = kind("bad-query", 400, "The query has faults", "The set's rules refuse a fault in the query, or a parameter that speaks to the service is wrong. faults names each one.")
	badRequest    = kind("bad-request", 400, "The request cannot be read", "A header or the way in which the request is written is wrong.")
	notSignedIn   = kind("not-signed-in", 401, "A token is needed", "There is no token in the Authorization header, no session, or it is unknown or has ended.")
	notAllowed    = kind("not-allowed", 403, "The token's role does not allow this", "The call needs another role, or a token that is not bound to some sets.")
	crossOrigin   = kind("cross-origin", 403, "A page of another origin may not write", "A browser sent the request on behalf of a page of another origin.")
	nothingHere   = kind("nothing-here", 404, "There is nothing at this address", "No route has this path.")
	noSet         = kind("no-set", 404, "There is no such record set", "The set does not exist, or the caller's token is not for it.")
	noRecord      = kind("no-record", 404, "There is no such record", "No record has this key, or it is hidden from the caller or left out by the filters.")
	pastLast      = kind("past-last", 404, "The page is past the last one", "The set's rules refuse pages past the last one.")
	noMethod      = kind("method-not-offered", 405, "The method is not offered here", "Allow lists the methods that are; records of an attached set can only be read.")
	notAcceptable = kind("no-such-shape", 406, "The answer has no such shape", "Nothing that Accept names is offered; pl.shape names one directly.")
	taken         = kind("taken", 409, "The name or the key is taken", "A set of this name, or a record of this key, is there already.")
	movedOn       = kind("moved-on", 409, "The set has moved on", "The set has another version than pl.version asked for. Ask again without it.")
	stale         = kind("stale", 412, "It has been changed since it was read", "If-Match names another revision than the present one. Nothing was changed; read it again.")
	tooLarge      = kind("too-large", 413, "The body is too large", "The body is longer than the service accepts.")
	uriTooLong    = kind("address-too-long", 414, "The address is too long", "The query is longer, or has more parameters, than the service accepts.")
	badMedia      = kind("media-type", 415, "The body's media type is not accepted", "Content-Type or Content-Encoding names what this call does not read.")
	wrongHost     = kind("wrong-host", 421, "The service does not go by this host name", "The Host header names a host that the service was not told of; see --host and --public-url.")
	badBody       = kind("bad-body", 422, "The body has faults", "The body can be read, but what it holds is wrong. faults names each fault.")
	badFile       = kind("bad-file", 422, "The file cannot be imported", "The file, or rows of it, are no records. rows names the first hundred; nothing of the file is kept.")
	ifMatch       = kind("if-match-missing", 428, "If-Match is missing", "A write says with If-Match which revision it changes, so that nothing is overwritten.")
	tooMany       = kind("too-many-requests", 429, "Too many requests", "The caller asks more often than the service accepts. Retry-After says when to go on.")
	internal      = kind("internal", 500, "Something went wrong in the service", "The service's log says what, under the id in X-Request-Id.")
	databaseAway  = kind("database-away", 503, "The database cannot be reached", "The service is well, its database is not. Retry-After says when to try again.")
	sourceAway    = kind("source-away", 503, "The set's source cannot be used", "The database that an attached set is in cannot be reached, or its role may not be used.")
	busy          = kind("busy", 503, "The service is busy", "As many imports or streams are running as the service allows. Retry-After says when to try again.")
	tooSlow       = kind("too-slow", 503, "The answer took too long", "The request's time was up. Fewer filters, or a sort that is offered, may help.")
)

var kinds []*Kind

func kind(name string, status int, title, when string) *Kind {
	k := &Kind{name, status, title, when}
	kinds = append(kinds, k)
	return k
}

// Kinds lists the types of problems, by status.
func Kinds() []*Kind { return kinds }

// write is the one place that writes an error answer.
func (s *Service) write(c *gin.Context, k *Kind, p api.Problem) {
	p.Type, p.Title, p.Status = s.public+"/problems/"+k.Name, k.Title, k.Status
	h := c.Writer.Header()
	h.Set("Cache-Control", "no-store")
	h.Del("ETag")
	c.Abort()
	if strings.HasPrefix(c.Request.URL.Path, "/lists/") { // for people
		htmlHeaders(c, lists.CSP)
		render(c, k.Status, &lists.Problem{Frame: s.frame(k.Title), Says: p.Detail})
		return
	}
	body, err := json.Marshal(p)
	if err != nil {
		c.Error(err)
	}
	c.Data(k.Status, "application/problem+json", body)
}

// problemError is the error for what has an answer of its own.
type problemError struct {
	kind   *Kind
	says   string
	faults []paging.Fault
	rows   []api.BadRow
	count  int64
	retry  int    // seconds after which to try again; 0: is not told
	allow  string // methods that are offered
	cause  error  // that goes into the log
}

func (e *problemError) Error() string { return e.says }
func (e *problemError) Unwrap() error { return e.cause }

func problemOf(k *Kind, format string, args ...any) error {
	return &problemError{kind: k, says: fmt.Sprintf(format, args...)}
}

// later is a problem of the moment, and what it came of.
func later(k *Kind, seconds int, cause error, format string, args ...any) *problemError {
	return &problemError{kind: k, says: fmt.Sprintf(format, args...), retry: seconds, cause: cause}
}

// fail answers an error of the store, of the core or of a body.
func (s *Service) fail(c *gin.Context, err error) {
	if errors.Is(err, context.Canceled) && !errors.As(err, new(*problemError)) { // nobody is there to read an answer
		c.Error(err)
		c.Abort()
		return
	}
	p := s.problemFor(c, sets.AsFault(err))
	if p.cause != nil {
		c.Error(p.cause)
	}
	if p.retry > 0 {
		c.Header("Retry-After", strconv.Itoa(p.retry))
	}
	if p.allow != "" {
		c.Header("Allow", p.allow)
	}
	if p.kind == notSignedIn {
		c.Header("WWW-Authenticate", `Bearer realm="Page Ladder"`)
	}
	s.write(c, p.kind, api.Problem{Detail: p.says, Faults: p.faults, Rows: p.rows, Count: p.count})
}

// plainErrors are those that say themselves what is wrong.
var plainErrors = []struct {
	err  error
	kind *Kind
	says string // "": the error's own words
}{
	{sets.ErrFields, badBody, ""}, {sets.ErrKey, badBody, ""}, {sets.ErrTable, badBody, ""}, {sets.ErrNoSource, badBody, ""},
	{sets.ErrCutOff, badRequest, "the file was cut off; nothing of it is kept"},
	{sets.ErrStale, stale, "the record has another revision by now; read it again"}, {errStaleRules, stale, ""},
	{sets.ErrSetTaken, taken, ""}, {sets.ErrKeyTaken, taken, "another record has this key"},
	{access.ErrUsed, notSignedIn, ""}, {access.ErrUnknown, notSignedIn, ""}, {access.ErrNoToken, nothingHere, ""},
}

// problemFor is the problem that an error is for the caller.
func (s *Service) problemFor(c *gin.Context, err error) *problemError {
	var own *problemError
	var refusal *paging.Refusal
	var rules rulesfile.Errors
	var value *sets.ValueError
	var fixed *sets.FixedError
	var count *sets.CountError
	var words *label.Error
	var bad *intake.BadRows
	var long *http.MaxBytesError
	var file *sets.FileError
	var data *sets.DataError
	switch {
	case errors.As(err, &own):
		return own
	case errors.Is(err, sets.ErrNoSet):
		return &problemError{kind: noSet, says: fmt.Sprintf("there is no record set named %q; /api/sets lists those that there are", pathParam(c, "set"))}
	case errors.Is(err, sets.ErrNoRecord):
		return &problemError{kind: noRecord, says: fmt.Sprintf("no record of %s has the key %s here", pathParam(c, "set"), c.Param("key"))}
	case errors.As(err, &refusal):
		k := badQuery
		if refusal.PastLast() {
			k = pastLast
		}
		return &problemError{kind: k, says: refusal.Faults[0].Param + ": " + refusal.Faults[0].Says, faults: refusal.Faults}
	case errors.As(err, &count):
		fault := paging.Fault{Param: "pl.total", Given: string(count.Asked), Why: "service.wrong",
			Says: "the set's rules count less than that; right would be none, or at_least where they count as far."}
		return &problemError{kind: badQuery, says: "pl.total: " + fault.Says, faults: []paging.Fault{fault}}
	case errors.As(err, &rules):
		faults := make([]paging.Fault, len(rules))
		for i, e := range rules {
			faults[i] = paging.Fault{Param: e.Entry, Given: e.Found, Why: "rules.wrong", Says: "right would be " + e.Want}
		}
		return &problemError{kind: badBody, says: rules[0].Error(), faults: faults}
	case errors.As(err, &value):
		return &problemError{kind: badBody, says: value.Error(), faults: []paging.Fault{{Param: value.Field, Given: value.Found, Why: "value.wrong", Says: "right would be " + value.Want}}}
	case errors.As(err, &words):
		return s.problemFor(c, &sets.ValueError{Field: "label", Found: words.Found, Want: words.Want})
	case errors.As(err, &fixed):
		return &problemError{kind: badBody, says: err.Error()}
	case errors.As(err, &bad):
		return &problemError{kind: badFile, says: bad.Error(), rows: wireRows(bad.Rows), count: bad.Count}
	case errors.As(err, &long):
		return &problemError{kind: tooLarge, says: fmt.Sprintf("the body is longer than %d bytes", long.Limit)}
	case errors.Is(err, sets.ErrTooLarge):
		return &problemError{kind: tooLarge, says: fmt.Sprintf("the file is longer than %d bytes", s.limits.ImportBytes)}
	case errors.As(err, &file):
		return &problemError{kind: badFile, says: file.Error()}
	case errors.As(err, &data):
		k := badBody
		if c.Request.Method == http.MethodGet || c.Request.Method == http.MethodHead {
			k = badQuery
		}
		return &problemError{kind: k, says: data.Error(), faults: []paging.Fault{{Why: "value.wrong", Says: data.Error()}}, cause: err}
	case errors.Is(err, sets.ErrReadOnly):
		return &problemError{kind: noMethod, says: err.Error(), allow: "GET, HEAD"}
	case errors.Is(err, errTooMany):
		return later(tooMany, 1, nil, "more than %g requests a second; wait a second", s.limits.Rate)
	}
	for _, plain := range plainErrors {
		if errors.Is(err, plain.err) {
			return &problemError{kind: plain.kind, says: cmp.Or(plain.says, err.Error())}
		}
	}
	switch {
	case errors.Is(err, sets.ErrSuperuser), errors.Is(err, sets.ErrSourceAway):
		return later(sourceAway, 10, err, "the set's source cannot be used at the moment")
	case sets.Unavailable(err):
		return later(databaseAway, 2, err, "the database cannot be reached at the moment; try again in a few seconds")
	case sets.TooSlow(err):
		return later(tooSlow, 10, err, "the answer took longer than %v", s.limits.RequestTime)
	}
	return &problemError{kind: internal, says: "something went wrong in the service; its log says what", cause: err}
}

// problemPages are what the types of problems resolve to.
func (s *Service) problemPages(c *gin.Context) error {
	name := c.Param("kind")
	page := &lists.Problems{Frame: s.frame("Problems"), All: s.prefix + "/problems", One: name != ""}
	for _, k := range kinds {
		if name == "" || name == k.Name {
			page.Kinds = append(page.Kinds, lists.Kind{Name: k.Name, Title: k.Title, When: k.When, Status: k.Status})
		}
	}
	if page.Kinds == nil {
		return problemOf(nothingHere, "there is no type of problem named %s", strconv.Quote(name))
	}
	htmlHeaders(c, lists.CSP)
	render(c, http.StatusOK, page)
	return nil
}

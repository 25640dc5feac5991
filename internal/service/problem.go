package service

import (
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

// problem answers an error.
func (s *Service) problem(c *gin.Context, k *Kind, detail string, faults ...paging.Fault) {
	s.write(c, k, api.Problem{Detail: detail, Faults: faults})
}

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

func retryAfter(c *gin.Context, seconds int) { c.Header("Retry-After", strconv.Itoa(seconds)) }

// fail answers an error of the store, of the core or of a body.
func (s *Service) fail(c *gin.Context, err error) {
	var refusal *paging.Refusal
	var rules rulesfile.Errors
	var value *sets.ValueError
	var fixed *sets.FixedError
	var bad *intake.BadRows
	var long *http.MaxBytesError
	var wrong *bodyError
	var file *sets.FileError
	var data *sets.DataError
	err = sets.AsFault(err)
	switch {
	case errors.Is(err, sets.ErrNoSet):
		s.problem(c, noSet, fmt.Sprintf("there is no record set named %q; /api/sets lists those that there are", pathParam(c, "set")))
	case errors.Is(err, sets.ErrNoRecord):
		s.problem(c, noRecord, fmt.Sprintf("no record of %s has the key %s here", pathParam(c, "set"), c.Param("key")))
	case errors.As(err, &refusal):
		k := badQuery
		if refusal.PastLast() {
			k = pastLast
		}
		s.problem(c, k, refusal.Faults[0].Param+": "+refusal.Faults[0].Says, refusal.Faults...)
	case errors.As(err, &rules):
		faults := make([]paging.Fault, len(rules))
		for i, e := range rules {
			faults[i] = paging.Fault{Param: e.Entry, Given: e.Found, Why: "rules.wrong", Says: "right would be " + e.Want}
		}
		s.problem(c, badBody, rules[0].Error(), faults...)
	case errors.As(err, &value):
		s.problem(c, badBody, value.Error(), paging.Fault{Param: value.Field, Given: value.Found, Why: "value.wrong", Says: "right would be " + value.Want})
	case errors.As(err, &fixed), errors.Is(err, sets.ErrFields), errors.Is(err, sets.ErrKey), errors.Is(err, sets.ErrTable):
		s.problem(c, badBody, err.Error())
	case errors.As(err, &wrong):
		s.problem(c, wrong.kind, wrong.says, wrong.faults...)
	case errors.As(err, &bad):
		s.write(c, badFile, api.Problem{Detail: bad.Error(), Rows: wireRows(bad.Rows), Count: bad.Count})
	case errors.As(err, &long):
		s.problem(c, tooLarge, fmt.Sprintf("the body is longer than %d bytes", long.Limit))
	case errors.Is(err, sets.ErrTooLarge):
		s.problem(c, tooLarge, fmt.Sprintf("the file is longer than %d bytes", s.limits.ImportBytes))
	case errors.Is(err, sets.ErrCutOff):
		s.problem(c, badRequest, "the file was cut off; nothing of it is kept")
	case errors.As(err, &file):
		s.problem(c, badFile, file.Error())
	case errors.As(err, &data):
		c.Error(err)
		k := badBody
		if c.Request.Method == http.MethodGet || c.Request.Method == http.MethodHead {
			k = badQuery
		}
		s.problem(c, k, data.Error(), paging.Fault{Why: "value.wrong", Says: data.Error()})
	case errors.Is(err, sets.ErrStale):
		s.problem(c, stale, "the record has another revision by now; read it again")
	case errors.Is(err, errStaleRules):
		s.problem(c, stale, err.Error())
	case errors.Is(err, sets.ErrSetTaken):
		s.problem(c, taken, err.Error())
	case errors.Is(err, sets.ErrKeyTaken):
		s.problem(c, taken, "another record has this key")
	case errors.Is(err, sets.ErrReadOnly):
		c.Header("Allow", "GET, HEAD")
		s.problem(c, noMethod, err.Error())
	case errors.Is(err, errTooMany):
		retryAfter(c, 1)
		s.problem(c, tooMany, fmt.Sprintf("more than %g requests a second; wait a second", s.limits.Rate))
	case errors.Is(err, access.ErrUsed):
		s.problem(c, notSignedIn, err.Error())
	case errors.Is(err, access.ErrUnknown):
		c.Header("WWW-Authenticate", `Bearer realm="Page Ladder"`)
		s.problem(c, notSignedIn, err.Error())
	case errors.Is(err, access.ErrNoToken):
		s.problem(c, nothingHere, err.Error())
	case errors.Is(err, sets.ErrNoSource):
		s.problem(c, badBody, err.Error())
	case errors.Is(err, sets.ErrSuperuser), errors.Is(err, sets.ErrSourceAway):
		c.Error(err)
		retryAfter(c, 10)
		s.problem(c, sourceAway, "the set's source cannot be used at the moment")
	case sets.Unavailable(err):
		c.Error(err)
		retryAfter(c, 2)
		s.problem(c, databaseAway, "the database cannot be reached at the moment; try again in a few seconds")
	case sets.TooSlow(err):
		c.Error(err)
		retryAfter(c, 10)
		s.problem(c, tooSlow, fmt.Sprintf("the answer took longer than %v", s.limits.RequestTime))
	case errors.Is(err, context.Canceled): // nobody is there to read an answer
		c.Error(err)
		c.Abort()
	default:
		c.Error(err)
		s.problem(c, internal, "something went wrong in the service; its log says what")
	}
}

// bodyError is the error for a body that cannot be used.
type bodyError struct {
	kind   *Kind
	says   string
	faults []paging.Fault
}

func (e *bodyError) Error() string { return e.says }

func wrongBody(k *Kind, format string, args ...any) error {
	return &bodyError{kind: k, says: fmt.Sprintf(format, args...)}
}

// problemPages are what the types of problems resolve to.
func (s *Service) problemPages(c *gin.Context) {
	name := c.Param("kind")
	page := &lists.Problems{Frame: s.frame("Problems"), All: s.prefix + "/problems", One: name != ""}
	for _, k := range kinds {
		if name == "" || name == k.Name {
			page.Kinds = append(page.Kinds, lists.Kind{Name: k.Name, Title: k.Title, When: k.When, Status: k.Status})
		}
	}
	if page.Kinds == nil {
		s.problem(c, nothingHere, "there is no type of problem named "+strconv.Quote(name))
		return
	}
	htmlHeaders(c, lists.CSP)
	render(c, http.StatusOK, page)
}

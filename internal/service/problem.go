package service

import (
	"cmp"
	"context"
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
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// write is the one place that writes an error answer.
func (s *Service) write(c *gin.Context, k *problem.Kind, p api.Problem) {
	p.Type, p.Title, p.Status = s.hosts.Public+"/problems/"+k.Name, k.Title, k.Status
	h := c.Writer.Header()
	h.Set("Cache-Control", "no-store")
	h.Del("ETag")
	c.Abort()
	if strings.HasPrefix(c.Request.URL.Path, "/lists/") { // for people
		htmlHeaders(c, lists.CSP)
		render(c, k.Status, &lists.Problem{Frame: s.frame(k.Title), Says: p.Detail, Now: p.Now})
		return
	}
	if err := answer.WriteProblem(c.Writer, k.Status, p); err != nil {
		c.Error(err)
	}
}

// fail answers an error of the store, of the core or of a body.
func (s *Service) fail(c *gin.Context, err error) {
	p := s.problemFor(c, sets.AsFault(err))
	if p.Cause != nil {
		c.Error(p.Cause)
	}
	if p.Retry > 0 {
		c.Header("Retry-After", strconv.Itoa(p.Retry))
	}
	if p.Allow != "" {
		c.Header("Allow", p.Allow)
	}
	if p.Kind == problem.NotSignedIn {
		c.Header("WWW-Authenticate", `Bearer realm="Page Ladder"`)
	}
	if p.Now != "" { // RFC 5829, section 3.2
		c.Header("Link", "<"+p.Now+`>; rel="latest-version"`)
	}
	s.write(c, p.Kind, api.Problem{Problem: answer.Problem{Detail: p.Says, Faults: p.Faults}, Rows: p.Rows, Count: p.Count, Now: p.Now, RefusalForm: p.List})
}

// plainErrors are those that say themselves what is wrong.
var plainErrors = []struct {
	err  error
	kind *problem.Kind
	says string // "": the error's own words
}{
	{sets.ErrFields, problem.BadBody, ""}, {sets.ErrKey, problem.BadBody, ""}, {sets.ErrTable, problem.BadBody, ""}, {sets.ErrNoSource, problem.BadBody, ""}, {sets.ErrNotAttached, problem.BadBody, ""}, {sets.ErrNotFollowed, problem.BadBody, ""},
	{sets.ErrCutOff, problem.BadRequest, "the file was cut off; nothing of it is kept"},
	{sets.ErrStale, problem.Stale, "the record has another revision by now; read it again"}, {errStaleRules, problem.Stale, ""},
	{sets.ErrKeyUsed, problem.KeyUsed, "another write of yours had this Idempotency-Key; right would be a new one"}, {sets.ErrSetTaken, problem.Taken, ""}, {sets.ErrKeyTaken, problem.Taken, "another record has this key"},
	{access.ErrUsed, problem.NotSignedIn, ""}, {access.ErrUnknown, problem.NotSignedIn, ""}, {access.ErrNoToken, problem.NoSuchPath, ""},
}

// problemFor is the problem that an error is for the caller.
func (s *Service) problemFor(c *gin.Context, err error) *problem.Error {
	var own *problem.Error
	var refusal *paging.Refusal
	var rules rulesfile.Errors
	var value *sets.ValueError
	var fixed *sets.FixedError
	var count *sets.CountError
	var gone *sets.GoneError
	var unseen *sets.BehindError
	var words *label.Error
	var bad *intake.BadRows
	var long *http.MaxBytesError
	var file *sets.FileError
	var data *sets.DataError
	var table *sets.TableError
	var cost *sets.CostError
	switch {
	case errors.As(err, &own):
		return own
	case errors.Is(err, sets.ErrNoSet):
		return &problem.Error{Kind: problem.NoSet, Says: fmt.Sprintf("there is no record set named %q", pathParam(c, "set"))}
	case errors.Is(err, sets.ErrNoRecord):
		return &problem.Error{Kind: problem.NoRecord, Says: fmt.Sprintf("no record of %s has the key %s", pathParam(c, "set"), c.Param("key"))}
	case errors.As(err, &refusal):
		k := problem.BadQuery
		if refusal.PastLast() {
			k = problem.PastLast
		}
		return &problem.Error{Kind: k, Says: refusal.Faults[0].Param + ": " + refusal.Faults[0].Says, Faults: refusal.Faults}
	case errors.As(err, &count):
		fault := paging.Fault{Param: "pl.total", Given: string(count.Wanted), Why: problem.WrongParam,
			Says: "the set's rules count less than that; right would be none, or at_least where they count as far."}
		return &problem.Error{Kind: problem.BadQuery, Says: "pl.total: " + fault.Says, Faults: []paging.Fault{fault}}
	case errors.As(err, &cost):
		return &problem.Error{Kind: problem.BadQuery, Says: "the query asks for too much at once: " + cost.Error()}
	case errors.As(err, &gone):
		return &problem.Error{Kind: problem.Gone, Says: gone.Error(), Now: s.now(c)}
	case errors.As(err, &unseen):
		s.forget(c)
		return &problem.Error{Kind: problem.NotShown, Says: unseen.Error() + "; ask without it for the list as it is"}
	case errors.As(err, &rules):
		return problem.FromRules(rules)
	case errors.As(err, &value):
		return &problem.Error{Kind: problem.BadBody, Says: value.Error(), Faults: []paging.Fault{{Param: value.Field, Given: value.Found, Why: problem.WrongValue, Says: value.Says()}}}
	case errors.As(err, &words):
		return s.problemFor(c, &sets.ValueError{Field: "label", Found: words.Found, Want: words.Want})
	case errors.As(err, &fixed):
		return &problem.Error{Kind: problem.BadBody, Says: err.Error()}
	case errors.As(err, &bad):
		return &problem.Error{Kind: problem.BadFile, Says: bad.Error(), Rows: wireRows(bad.Rows), Count: bad.Count}
	case errors.As(err, &long):
		return &problem.Error{Kind: problem.TooLarge, Says: fmt.Sprintf("the body is longer than %d bytes", long.Limit)}
	case errors.Is(err, sets.ErrTooLarge):
		return &problem.Error{Kind: problem.TooLarge, Says: fmt.Sprintf("the file is longer than %d bytes", s.limits.ImportBytes)}
	case errors.As(err, &file):
		return &problem.Error{Kind: problem.BadFile, Says: file.Error()}
	case errors.As(err, &data):
		k := problem.BadBody
		if c.Request.Method == http.MethodGet || c.Request.Method == http.MethodHead {
			k = problem.BadQuery
		}
		return &problem.Error{Kind: k, Says: data.Error(), Faults: []paging.Fault{{Why: problem.WrongValue, Says: data.Error()}}, Cause: err}
	case errors.Is(err, sets.ErrReadOnly):
		return &problem.Error{Kind: problem.NoMethod, Says: err.Error(), Allow: "GET, HEAD"}
	case errors.As(err, new(*sets.Lacking)):
		return &problem.Error{Kind: problem.NotYet, Says: err.Error()}
	case errors.Is(err, sets.ErrWriting):
		return problem.Later(problem.Writing, 1, nil, "a write with this Idempotency-Key is being done; send it again in a second")
	case errors.Is(err, sets.ErrNoTurn), errors.Is(err, sets.ErrUnconfirmed):
		return problem.Later(problem.Unconfirmed, 2, err, "%s", err)
	case errors.Is(err, access.ErrTooMany):
		return problem.Later(problem.TooMany, 1, nil, "more than %g requests a second; wait a second", s.limits.Rate)
	}
	for _, plain := range plainErrors {
		if errors.Is(err, plain.err) {
			return &problem.Error{Kind: plain.kind, Says: cmp.Or(plain.says, err.Error())}
		}
	}
	switch {
	case errors.As(err, &table):
		says := table.Says()
		if mayOwn(c) {
			says = table.Error()
		}
		return problem.Later(problem.TableChanged, 10, err, "%s", says)
	case errors.Is(err, sets.ErrSuperuser) && mayOwn(c):
		return problem.Later(problem.SourceAway, 10, err, "%s", sets.ErrSuperuser)
	case errors.Is(err, sets.ErrSuperuser), errors.Is(err, sets.ErrSourceAway):
		return problem.Later(problem.SourceAway, 10, err, "the set's source cannot be used at the moment")
	case sets.Unavailable(err), errors.Is(err, context.Canceled): // not by the caller: what it waited for has been let go
		return away(err)
	case sets.TooSlow(err):
		return problem.Later(problem.TooSlow, 10, err, "the answer took longer than %v", s.limits.RequestTime)
	}
	return &problem.Error{Kind: problem.Internal, Says: "something went wrong in the service; its log says what", Cause: err}
}

// away is the problem that the database is not there.
func away(err error) *problem.Error {
	if errors.As(err, new(*sets.Behind)) {
		return problem.Later(problem.DatabaseAway, 10, err, "the database is behind what has been seen of it; an operator has to say which server is right")
	}
	return problem.Later(problem.DatabaseAway, 2, err, "the database cannot be reached at the moment; try again in a few seconds")
}

// now is the address of what was asked for at a version as it is now.
func (s *Service) now(c *gin.Context) string {
	var rest []string
	for part := range query.Parts(c.Request.URL.RawQuery) {
		if part.Name() != api.VersionParam {
			rest = append(rest, string(query.AppendKept(nil, part.Raw())))
		}
	}
	address := s.hosts.Public + c.Request.URL.EscapedPath()
	if len(rest) > 0 {
		address += "?" + strings.Join(rest, "&")
	}
	return address
}

// problemPages are what the types of problems resolve to.
func (s *Service) problemPages(c *gin.Context) error {
	name := c.Param("kind")
	page := &lists.Problems{Frame: s.frame("Problems"), All: s.hosts.Prefix + "/problems", One: name != ""}
	for _, k := range problem.Kinds() {
		if name == "" || name == k.Name {
			page.Kinds = append(page.Kinds, lists.Kind{Name: k.Name, Title: k.Title, When: k.When, Status: k.Status})
		}
	}
	if page.Kinds == nil {
		return problem.Of(problem.NoSuchPath, "there is no type of problem named %s", strconv.Quote(name))
	}
	htmlHeaders(c, lists.CSP)
	render(c, http.StatusOK, page)
	return nil
}

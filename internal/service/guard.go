package service

import (
	"context"
	"errors"
	"net/http"
	"net/url"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/access"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
)

// guarded refuses requests that no route should see, and sets the headers of every answer.
func (s *Service) guarded(c *gin.Context) {
	h := c.Writer.Header()
	h["X-Content-Type-Options"] = nosniff
	h["Vary"] = vary
	if s.draining.Load() { // the next request goes elsewhere
		h["Connection"] = closed
	}
	if n := len(c.Request.URL.RawQuery); n > s.limits.QueryBytes || strings.Count(c.Request.URL.RawQuery, "&") >= s.limits.Params {
		s.fail(c, problem.Of(problem.UriTooLong, "a query has at most %d bytes and %d parameters here", s.limits.QueryBytes, s.limits.Params))
		return
	}
	switch preflight, err := s.hosts.Admit(h, c.Request); {
	case err != nil:
		s.fail(c, err)
	case preflight:
		c.AbortWithStatus(http.StatusNoContent)
	default:
		c.Next()
	}
}

// Header values shared by all answers.
var (
	nosniff = []string{"nosniff"}
	closed  = []string{"close"}
	vary    = []string{"Accept, Accept-Encoding, Accept-Language, Authorization, Cookie, Origin"}
)

// htmlHeaders sets the headers of every HTML page.
func htmlHeaders(c *gin.Context, policy string) {
	h := c.Writer.Header()
	h.Set("Content-Security-Policy", policy)
	h.Set("Referrer-Policy", "same-origin")
	h.Set("X-Frame-Options", "DENY")
	h.Set("Cross-Origin-Opener-Policy", "same-origin")
}

// Keys in a gin.Context.
const (
	callerKey = "caller"
	leftKey   = "left" // the caller has closed its side of the connection
)

// checked wraps a route's handler: an error of it is answered.
func (s *Service) checked(r route) gin.HandlerFunc {
	return func(c *gin.Context) {
		caller := c.Request.Context()
		if err := s.handle(c, &r); err != nil {
			if caller.Err() != nil { // perhaps nobody is there to read the answer; some only send nothing more
				c.Set(leftKey, true)
			}
			s.fail(c, err)
		}
	}
}

// handle identifies the caller, checks whether, how often and for how long it may call, and lets
// the route's handler answer.
func (s *Service) handle(c *gin.Context, r *route) error {
	// Every wait ends with the request's time limit, even that for identifying the caller. Routes
	// that take long get more time once the caller has been let in.
	request := c.Request.Context()
	ctx, cancel := context.WithTimeout(request, s.limits.RequestTime)
	defer cancel()
	c.Request = c.Request.WithContext(ctx)
	who, err := s.callerFor(c, r)
	if err != nil {
		return err
	}
	if ctx.Value(climbing{}) == nil && !s.rates.Allow(who.Name(c.ClientIP())) {
		return access.ErrTooMany
	}
	c.Set(callerKey, &who)
	if err := s.may(c, &who, r); err != nil {
		return err
	}
	if r.long {
		ctx, cancel := context.WithTimeout(request, s.limits.StreamTime)
		defer cancel()
		c.Request = c.Request.WithContext(ctx)
	}
	if c.Request.Body != nil && !r.long {
		c.Request.Body = http.MaxBytesReader(c.Writer, c.Request.Body, s.limits.BodyBytes)
	}
	if r.once && !r.long && c.Request.Header["Idempotency-Key"] != nil { // an import reads its file itself
		return s.onceOnly(c, r)
	}
	return r.handler(c)
}

// callerFor identifies the caller of a route, as far as the route needs it.
func (s *Service) callerFor(c *gin.Context, r *route) (access.Caller, error) {
	ctx := c.Request.Context()
	switch {
	case r.public:
		return access.Caller{}, nil
	case r.calculates:
		ctx = access.AsRemembered(ctx, s.store.Heard())
	}
	return s.gate.Caller(ctx, c.Request, c.ClientIP())
}

// may is nil if a caller may use a route. A set that a caller may not read does not exist for it.
func (s *Service) may(c *gin.Context, who *access.Caller, r *route) error {
	if who.Has(r.role, r.scope, pathParam(c, "set")) {
		return nil
	}
	if r.scope == access.ThisSet {
		name := pathParam(c, "set")
		if r.role == access.Reader {
			open, err := s.open(c.Request.Context(), name)
			if err != nil || open {
				return err
			}
		}
		if who.Role > access.Nobody && !who.May(access.Reader, name) {
			return problem.Of(problem.NoSet, "there is no record set named %q for this token", name)
		}
	}
	switch {
	case who.Role == access.Nobody:
		return errSignInFirst
	case who.Role >= r.role:
		return problem.Of(problem.NotAllowed, "this needs a token for all sets")
	}
	return problem.Of(problem.NotAllowed, "this needs the role %s; the token's is %s", r.role, who.Role)
}

var errSignInFirst = problem.Of(problem.NotSignedIn, "this needs a token: sign in, or send it in the Authorization header")

// open reports whether a set may be read without a token; one that does not exist may not.
func (s *Service) open(ctx context.Context, name string) (bool, error) {
	set, err := s.store.Latest(ctx, name)
	if errors.Is(err, sets.ErrNoSet) {
		return false, nil
	}
	if err != nil {
		return false, err
	}
	return set.Open, nil
}

// who is the caller of a request.
func who(c *gin.Context) *access.Caller {
	if caller, ok := c.Get(callerKey); ok {
		return caller.(*access.Caller)
	}
	return &access.Caller{}
}

// mayOwn reports whether the caller may change the set that a request is about, or all sets.
func mayOwn(c *gin.Context) bool {
	if set := pathParam(c, "set"); set != "" {
		return who(c).May(access.Owner, set)
	}
	return who(c).All(access.Owner)
}

// pathParam is a part of the path, decoded; "" if it cannot be decoded.
func pathParam(c *gin.Context, name string) string {
	text, err := url.PathUnescape(c.Param(name))
	if err != nil {
		return ""
	}
	return text
}

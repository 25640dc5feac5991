package service

import (
	"context"
	"fmt"
	"net"
	"net/http"
	"net/url"
	"slices"
	"strings"
	"sync"

	"github.com/gin-gonic/gin"
	lru "github.com/hashicorp/golang-lru/v2"
	"golang.org/x/time/rate"

	"pageladder.example/internal/tokens"
)

// guarded refuses what no route should see, and sets what every answer has.
func (s *Service) guarded(c *gin.Context) {
	h := c.Writer.Header()
	h["X-Content-Type-Options"] = nosniff
	h["Vary"] = vary
	host := c.Request.Host
	if at := strings.LastIndexByte(host, ':'); at > strings.LastIndexByte(host, ']') {
		host = host[:at]
	}
	if !s.hosts[strings.ToLower(strings.Trim(host, "[]"))] {
		s.problem(c, wrongHost, fmt.Sprintf("found host %.100q; start the service with --host %.100s, or with the right --public-url", c.Request.Host, host))
		return
	}
	if n := len(c.Request.URL.RawQuery); n > s.limits.QueryBytes || strings.Count(c.Request.URL.RawQuery, "&") >= s.limits.Params {
		s.problem(c, uriTooLong, fmt.Sprintf("a query has at most %d bytes and %d parameters here", s.limits.QueryBytes, s.limits.Params))
		return
	}
	if origin := c.GetHeader("Origin"); origin != "" && slices.Contains(s.origins, origin) {
		h.Set("Access-Control-Allow-Origin", origin)
		h.Set("Access-Control-Expose-Headers", "Link, Content-Location, ETag, Location, Paging, Adjusted, Retry-After, X-Request-Id")
		if c.Request.Method == http.MethodOptions && c.GetHeader("Access-Control-Request-Method") != "" {
			h.Set("Access-Control-Allow-Methods", "GET, HEAD, POST, PUT, PATCH, DELETE")
			h.Set("Access-Control-Allow-Headers", "Authorization, Content-Type, If-Match, If-None-Match, Accept, Accept-Language")
			h.Set("Access-Control-Max-Age", "600")
			c.AbortWithStatus(http.StatusNoContent)
			return
		}
	} else if err := crossOriginWrites.Check(c.Request); err != nil {
		s.problem(c, crossOrigin, "a browser sent this on behalf of another origin; that origin can be allowed with --cors-origin")
		return
	}
	c.Next()
}

// Header values that every answer shares.
var (
	nosniff = []string{"nosniff"}
	vary    = []string{"Accept, Accept-Encoding, Accept-Language, Authorization, Cookie, Origin"}
)

// htmlHeaders sets what every page of HTML has.
func htmlHeaders(c *gin.Context, policy string) {
	h := c.Writer.Header()
	h.Set("Content-Security-Policy", policy)
	h.Set("Referrer-Policy", "same-origin")
	h.Set("X-Frame-Options", "DENY")
	h.Set("Cross-Origin-Opener-Policy", "same-origin")
}

var crossOriginWrites = http.NewCrossOriginProtection()

const (
	callerKey     = "caller"
	sessionCookie = "pageladder_session"
)

// scope is what a caller needs a role for.
type scope int

const (
	everywhere scope = iota // no role at all
	thisSet                 // a role for the set of the path
	anySet                  // a role, be it for some sets alone
	allSets                 // a role for every set
)

// checked wraps a route's handler: who calls, may it, how often, for how long.
func (s *Service) checked(r route) gin.HandlerFunc {
	return func(c *gin.Context) {
		if r.calculates {
			c.Request = c.Request.WithContext(tokens.AsRemembered(c.Request.Context()))
		}
		who, err := s.caller(c)
		if err != nil {
			s.fail(c, err)
			return
		}
		c.Set(callerKey, who)
		if !s.rates.allow(&who, c) {
			retryAfter(c, 1)
			s.problem(c, tooMany, fmt.Sprintf("more than %g requests a second; wait a second", s.limits.Rate))
			return
		}
		if !s.may(c, &who, &r) {
			return
		}
		limit := s.limits.RequestTime
		if r.long {
			limit = s.limits.StreamTime
		}
		ctx, cancel := context.WithTimeout(c.Request.Context(), limit)
		defer cancel()
		c.Request = c.Request.WithContext(ctx)
		if c.Request.Body != nil && !r.long {
			c.Request.Body = http.MaxBytesReader(c.Writer, c.Request.Body, s.limits.BodyBytes)
		}
		r.handler(c)
	}
}

// caller tells who calls: by a token, in a session or, while there is no token,
// directly from this machine.
func (s *Service) caller(c *gin.Context) (tokens.Caller, error) {
	ctx := c.Request.Context()
	if header := c.GetHeader("Authorization"); header != "" {
		scheme, secret, _ := strings.Cut(header, " ")
		if !strings.EqualFold(scheme, "Bearer") {
			return tokens.Caller{}, tokens.ErrUnknown
		}
		return s.tokens.Caller(ctx, strings.TrimSpace(secret))
	}
	if cookie, err := c.Cookie(sessionCookie); err == nil {
		if who, err := s.tokens.InSession(ctx, cookie); err == nil {
			return who, nil
		}
	}
	any, err := s.tokens.Any(ctx)
	if err == nil && !any && direct(c.Request) {
		return tokens.Local, nil
	}
	return tokens.Caller{}, err
}

// direct tells whether a request comes from this machine without a proxy between.
func direct(r *http.Request) bool {
	for name := range r.Header {
		if name == "Forwarded" || name == "Via" || strings.HasPrefix(name, "X-Forwarded-") || name == "X-Real-Ip" {
			return false
		}
	}
	host, _, err := net.SplitHostPort(r.RemoteAddr)
	ip := net.ParseIP(host)
	return err == nil && ip != nil && ip.IsLoopback()
}

// may tells whether a caller may use a route, and answers where it may not. A set
// that a caller may not even read is not there for it.
func (s *Service) may(c *gin.Context, who *tokens.Caller, r *route) bool {
	switch {
	case r.scope == everywhere:
		return true
	case r.scope == thisSet && who.May(r.role, pathParam(c, "set")), r.scope == anySet && who.Role >= r.role, r.scope == allSets && who.All(r.role):
		return true
	}
	if r.scope == thisSet {
		name := pathParam(c, "set")
		if r.role == tokens.Reader && s.open(c.Request.Context(), name) {
			return true
		}
		if who.Role > tokens.Nobody && !who.May(tokens.Reader, name) {
			s.problem(c, noSet, fmt.Sprintf("there is no record set named %q for this token", name))
			return false
		}
	}
	if who.Role == tokens.Nobody {
		s.signInFirst(c)
		return false
	}
	says := fmt.Sprintf("this takes the role %s; the token's is %s", r.role, who.Role)
	if who.Role >= r.role {
		says = "this takes a token for all sets"
	}
	s.problem(c, notAllowed, says)
	return false
}

func (s *Service) signInFirst(c *gin.Context) {
	c.Header("WWW-Authenticate", `Bearer realm="Page Ladder"`)
	s.problem(c, notSignedIn, "send a token in the Authorization header, or sign in with one in the console")
}

// open tells whether a set may be read without a token.
func (s *Service) open(ctx context.Context, name string) bool {
	set := s.store.Current(name)
	if set == nil {
		var err error
		if set, err = s.store.Get(ctx, name); err != nil {
			return false
		}
	}
	return set.Open
}

// who is the caller of a request.
func who(c *gin.Context) *tokens.Caller {
	if caller, ok := c.Get(callerKey); ok {
		who := caller.(tokens.Caller)
		return &who
	}
	return &tokens.Caller{}
}

// pathParam is a part of the path, decoded; "" where it cannot be.
func pathParam(c *gin.Context, name string) string {
	text, err := url.PathUnescape(c.Param(name))
	if err != nil {
		return ""
	}
	return text
}

// rates bounds how often each caller asks.
type rates struct {
	rate  rate.Limit
	burst int
	mu    sync.Mutex
	of    *lru.Cache[string, *rate.Limiter]
}

const ratedCallers = 100_000 // the one that has not asked for longest is forgotten first

func newRates(perSecond float64, burst int) *rates {
	of, _ := lru.New[string, *rate.Limiter](ratedCallers) // the size is right
	return &rates{rate: rate.Limit(perSecond), burst: max(burst, 1), of: of}
}

func (r *rates) allow(who *tokens.Caller, c *gin.Context) bool {
	if r.rate <= 0 || who.Role == tokens.Owner && who.Token == 0 {
		return true
	}
	key := fmt.Sprint("token ", who.Token)
	if who.Token == 0 {
		key = c.ClientIP() // of a proxy that is trusted, what it forwards
	}
	r.mu.Lock()
	limiter, ok := r.of.Get(key)
	if !ok {
		limiter = rate.NewLimiter(r.rate, r.burst)
		r.of.Add(key, limiter)
	}
	r.mu.Unlock()
	return limiter.Allow()
}

// running bounds how much of something runs at the same time.
type running struct{ free chan struct{} }

func newRunning(most int) *running { return &running{make(chan struct{}, max(most, 1))} }

func (r *running) begin() bool {
	select {
	case r.free <- struct{}{}:
		return true
	default:
		return false
	}
}

func (r *running) end() { <-r.free }

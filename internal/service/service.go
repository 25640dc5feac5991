// Package service answers HTTP: the API under /api, lists as HTML under /lists, and
// the web console.
package service

import (
	"cmp"
	"context"
	"crypto/rand"
	"fmt"
	"io/fs"
	"log/slog"
	"net"
	"net/http"
	"runtime/debug"
	"strconv"
	"strings"
	"sync"
	"sync/atomic"
	"time"

	"github.com/gin-gonic/gin"
	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5/pgxpool"
	"github.com/klauspost/compress/gzhttp"
	"github.com/klauspost/compress/gzip"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/answers"
	"pageladder.example/internal/hosts"
	"pageladder.example/internal/metrics"
	"pageladder.example/internal/peers"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/server"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/upload"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/rulesfile"
)

// Limits are limits of one request and one caller.
type Limits struct {
	BodyBytes   int64         // of a body other than a file
	ImportBytes int64         // of a file
	QueryBytes  int           // of a query string
	Params      int           // parameters in a query
	RequestTime time.Duration // for one request
	StreamTime  time.Duration // for a stream or an import
	Rate        float64       // requests a second of one caller; 0: any number
	Burst       int           // requests that one caller may send at once on top of that
	Imports     int           // at the same time
	Streams     int           // at the same time
}

// DefaultLimits are the limits unless others are given.
var DefaultLimits = Limits{
	BodyBytes: 8 << 20, ImportBytes: sets.DefaultImportBytes, QueryBytes: 8 << 10, Params: 200,
	RequestTime: 20 * time.Second, StreamTime: time.Hour, Rate: 200, Burst: 400, Imports: 2, Streams: 4,
}

// Options are an operator's settings of a service.
type Options struct {
	Version   string
	PublicURL string   // its address for callers, with a path prefix if any; "": as they ask
	Hosts     []string // host names of the service, besides those of loopback and PublicURL
	Origins   []string // origins whose pages may call the API
	Proxies   []string // addresses or networks whose X-Forwarded-For is trusted
	Limits    Limits
	Answers   int // number of remembered answers; 0: none
	// Drain is the time between the end of Serve's context and that of the listener: /readyz is 503 meanwhile, so that
	// whoever leads callers to it leads them elsewhere before they would be refused.
	Drain time.Duration
}

// DefaultAnswers is the number of remembered answers unless configured otherwise.
const DefaultAnswers = 1_000

// Service answers requests about the record sets of one store.
type Service struct {
	store   *sets.Store
	tokens  *access.Keeper
	gate    access.Gate
	log     *slog.Logger
	version string
	limits  Limits
	hosts   *hosts.Hosts
	answers *lru.Cache[answers.Key, *keptAnswer]
	// envelopes are the shapes of rules that have one.
	envelopes *lru.Cache[*rulesfile.Rules, answer.Shape]
	rates     *access.Rates
	metrics   *metrics.Metrics
	imports   *access.Running
	streams   *access.Running
	files     *upload.Progress
	built     map[string]*answers.File // of the console's build
	routes    []route
	handler   http.Handler
	floors    *floors // nil: there are no replicas
	drain     time.Duration
	draining  atomic.Bool
	name      string // begins the ids of requests
	requests  atomic.Uint64
}

// Check says what is wrong with options.
func Check(o Options) error {
	_, err := hosts.New(o.PublicURL, o.Hosts, o.Origins)
	if err == nil {
		gin.SetMode(gin.ReleaseMode)
		err = gin.New().SetTrustedProxies(o.Proxies)
	}
	return err
}

// envelopesKept is the number of rules whose envelopes are kept ready.
const envelopesKept = 100

// New prepares a service. The console's files are index.html and assets/. The error is about the
// options.
func New(store *sets.Store, console fs.FS, log *slog.Logger, o Options) (*Service, error) {
	if o.Limits == (Limits{}) {
		o.Limits = DefaultLimits
	}
	at, err := hosts.New(o.PublicURL, o.Hosts, o.Origins)
	if err != nil {
		return nil, err
	}
	s := &Service{store: store, tokens: access.New(store.Pool(), store.Writes()), log: log, version: o.Version, limits: o.Limits, hosts: at, drain: o.Drain, name: rand.Text()[:8] + "-"}
	if o.Answers > 0 {
		s.answers, _ = lru.New[answers.Key, *keptAnswer](o.Answers) // the size is valid
		store.OnForget(s.answers.Purge)
	}
	s.tokens.Read = store.Read
	store.OnEnded(s.tokens.Ended)
	if len(store.Servers()) > 0 {
		s.floors = newFloors()
	}
	s.envelopes, _ = lru.New[*rulesfile.Rules, answer.Shape](envelopesKept) // likewise
	s.rates = access.NewRates(o.Limits.Rate, o.Limits.Burst)
	s.gate = access.Gate{Keeper: s.tokens, Rates: s.rates}
	s.metrics = metrics.New(store, s.version)
	s.imports, s.streams, s.files = access.NewRunning(o.Limits.Imports), access.NewRunning(o.Limits.Streams), upload.NewProgress()
	handler, err := s.handlers(console, o.Proxies)
	if err != nil {
		return nil, err
	}
	zip, err := gzhttp.NewWrapper(gzhttp.MinSize(answers.ZipFrom), gzhttp.CompressionLevel(gzip.BestSpeed))
	if err != nil {
		return nil, err
	}
	zipping := zip(handler)
	s.handler = http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if r.Header["Accept-Encoding"] == nil { // there is nothing to choose
			handler.ServeHTTP(w, r)
			return
		}
		zipping.ServeHTTP(w, r)
	})
	return s, nil
}

// ServeHTTP answers one request.
func (s *Service) ServeHTTP(w http.ResponseWriter, r *http.Request) { s.handler.ServeHTTP(w, r) }

// Tokens keeps who may call the service.
func (s *Service) Tokens() *access.Keeper { return s.tokens }

func (s *Service) handlers(console fs.FS, proxies []string) (http.Handler, error) {
	gin.SetMode(gin.ReleaseMode)
	r := gin.New()
	r.HandleMethodNotAllowed = true
	r.RedirectTrailingSlash = false
	r.UseEscapedPath, r.UnescapePathValues = true, false // a key may contain "/"
	if err := r.SetTrustedProxies(proxies); err != nil {
		return nil, fmt.Errorf("proxies: %w", err)
	}
	r.Use(s.observed, s.recovered, s.guarded)
	var err error
	if s.built, err = answers.ReadFiles(console, s.hosts.Prefix); err != nil {
		return nil, fmt.Errorf("the console's files: %w", err)
	}
	s.routes = s.table()
	offered := map[string][]string{}
	for _, route := range s.routes {
		handler := s.checked(route)
		r.Handle(route.method, route.path, handler)
		offered[route.path] = append(offered[route.path], route.method)
		if route.method == http.MethodGet { // net/http leaves out the body
			r.Handle(http.MethodHead, route.path, handler)
			offered[route.path] = append(offered[route.path], http.MethodHead)
		}
	}
	for path := range offered {
		r.OPTIONS(path, func(c *gin.Context) { // guarded has answered the preflight of an allowed origin
			c.Header("Allow", strings.Join(append(offered[path], http.MethodOptions), ", "))
			c.Status(http.StatusNoContent)
		})
	}
	r.NoMethod(func(c *gin.Context) {
		s.fail(c, problem.Of(problem.NoMethod, "%s is not offered at %s", c.Request.Method, c.Request.URL.Path))
	})
	r.NoRoute(s.consoleFile)
	return r, nil
}

// Serve answers requests on a listener until the context ends, and for Options.Drain after that; then it lets the
// running ones finish.
func (s *Service) Serve(ctx context.Context, l net.Listener) error {
	open, shut := context.WithCancel(context.WithoutCancel(ctx))
	var known sync.WaitGroup
	known.Go(func() {
		peers.Run(open, s.store.Pool(), peers.Self{ID: s.name[:8], Version: s.version, Address: cmp.Or(s.hosts.Public, "http://"+l.Addr().String())}, s.log)
	})
	defer known.Wait()
	defer shut()
	defer context.AfterFunc(ctx, func() {
		s.draining.Store(true)
		time.AfterFunc(s.drain, shut)
	})()
	return server.Serve(open, l, s, s.log, s.limits.QueryBytes)
}

// requestID names a request: a random part for the service, then a count.
func (s *Service) requestID() string {
	return string(strconv.AppendUint(append(make([]byte, 0, 24), s.name...), s.requests.Add(1), 36))
}

// observed gives each request an id, logs it and counts it.
func (s *Service) observed(c *gin.Context) {
	start := time.Now()
	id := s.requestID()
	c.Writer.Header()["X-Request-Id"] = []string{id}
	defer s.logRequest(c, id, start) // also if the answer is cut off
	c.Next()
}

// logRequest counts a request and writes its line of log.
func (s *Service) logRequest(c *gin.Context, id string, start time.Time) {
	took := time.Since(start)
	s.metrics.Request(c.FullPath(), c.Request.Method, c.Writer.Status(), took)
	level := slog.LevelInfo
	if c.Writer.Status() >= 500 && !c.GetBool(leftKey) {
		level = slog.LevelError
	}
	if !s.log.Enabled(c.Request.Context(), level) {
		return
	}
	attrs := []slog.Attr{
		slog.String("id", id), slog.String("method", c.Request.Method), slog.String("path", c.Request.URL.Path),
		slog.String("query", c.Request.URL.RawQuery), slog.Int("status", c.Writer.Status()),
		slog.Int("bytes", max(c.Writer.Size(), 0)), slog.Duration("took", took),
	}
	if caller, ok := c.Get(callerKey); ok {
		attrs = append(attrs, slog.Int64("token", caller.(*access.Caller).Token))
	}
	if err := c.Errors.Last(); err != nil {
		attrs = append(attrs, slog.String("err", err.Error()))
	}
	s.log.LogAttrs(c.Request.Context(), level, "request", attrs...)
}

// recovered answers an error of our own. If a stream cannot be finished the panic goes on to the
// server, which breaks the connection: gin's own recovery would end the answer as if it were
// complete.
func (s *Service) recovered(c *gin.Context) {
	defer func() {
		cause := recover()
		if cause == nil {
			return
		}
		if cause == http.ErrAbortHandler || c.Writer.Written() {
			s.log.Warn("answer cut off", "cause", cause, "path", c.Request.URL.Path)
			panic(http.ErrAbortHandler)
		}
		s.log.Error("panic", "cause", cause, "path", c.Request.URL.Path, "stack", string(debug.Stack()))
		s.fail(c, problem.Of(problem.Internal, "something went wrong in the service; its log says what"))
	}()
	c.Next()
}

// alive answers 200 while the process answers at all.
func (s *Service) alive(c *gin.Context) error {
	c.PureJSON(http.StatusOK, api.Health{Status: "ok", Version: s.version})
	return nil
}

// ready answers 200 while the database answers too, and the service is not about to end.
func (s *Service) ready(c *gin.Context) error {
	if s.draining.Load() {
		return problem.Later(problem.Ending, 2, nil, "the service is about to end")
	}
	ctx, cancel := context.WithTimeout(c.Request.Context(), 2*time.Second)
	defer cancel()
	health := api.Health{Status: "ok", Version: s.version}
	alone, err := s.store.Read(ctx, func(ctx context.Context, db *pgxpool.Pool) error { return db.Ping(ctx) })
	if err != nil {
		return away(err)
	}
	if alone != nil { // callers are still to be led to it
		health.Status = "reads"
		if since, alone := s.store.Alone(); alone {
			health.Since = &since
		}
	}
	for _, server := range s.store.Servers() {
		why, _, _ := strings.Cut(server.Wrong, ":") // the rest is for the operator
		health.Servers = append(health.Servers, api.Server{Source: server.Source, Name: server.Name, Answers: server.Answers && why == "", Why: why, Age: server.Age()})
	}
	c.PureJSON(http.StatusOK, health)
	return nil
}

func (s *Service) sendMetrics(c *gin.Context) error {
	s.metrics.ServeHTTP(c.Writer, c.Request)
	return nil
}

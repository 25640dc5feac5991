// Package service answers HTTP: the API under /api and the web console.
package service

import (
	"context"
	"errors"
	"io/fs"
	"log/slog"
	"net"
	"net/http"
	"time"

	"github.com/gin-gonic/gin"
	lru "github.com/hashicorp/golang-lru/v2"

	"pageladder.example/internal/sets"
)

// Time-outs of the server.
const (
	readHeaderTime = 5 * time.Second
	readTime       = 30 * time.Second
	writeTime      = 60 * time.Second
	idleTime       = 120 * time.Second
	requestTime    = 20 * time.Second // for the work of one request
	graceTime      = 15 * time.Second // for running requests when the service stops
)

// Service answers requests about the record sets of one store.
type Service struct {
	store   *sets.Store
	log     *slog.Logger
	version string
	answers *lru.Cache[answerKey, *keptAnswer]
	handler http.Handler
}

// New readies a service. The console's files hold index.html and assets/.
func New(store *sets.Store, console fs.FS, log *slog.Logger, version string) *Service {
	s := &Service{store: store, log: log, version: version}
	s.KeepAnswers(answersKept)
	s.handler = s.routes(console)
	return s
}

func (s *Service) routes(console fs.FS) http.Handler {
	gin.SetMode(gin.ReleaseMode)
	r := gin.New()
	r.HandleMethodNotAllowed = true
	r.RedirectTrailingSlash = false
	r.Use(s.logged, gin.CustomRecoveryWithWriter(nil, s.panicked), bounded)
	read := func(path string, handler gin.HandlerFunc) {
		r.GET(path, handler)
		r.HEAD(path, handler) // net/http leaves the body out
	}
	read("/healthz", s.health)
	read("/api/sets", s.listSets)
	read("/api/sets/:set", s.readSet)
	read("/api/sets/:set/records", s.readPage)
	r.NoMethod(func(c *gin.Context) {
		problem(c, http.StatusMethodNotAllowed, c.Request.Method+" is not offered at "+c.Request.URL.Path)
	})
	r.NoRoute(consoleFiles(console))
	return r
}

// KeepAnswers sets how many answers are remembered within a version; 0: none. It
// is called before the first request.
func (s *Service) KeepAnswers(n int) {
	s.answers = nil
	if n > 0 {
		s.answers, _ = lru.New[answerKey, *keptAnswer](n) // the size is right
	}
}

// ServeHTTP answers one request.
func (s *Service) ServeHTTP(w http.ResponseWriter, r *http.Request) { s.handler.ServeHTTP(w, r) }

// Serve answers requests on a listener until the context ends, then lets the
// running ones finish.
func (s *Service) Serve(ctx context.Context, l net.Listener) error {
	server := &http.Server{
		Handler:           s,
		ReadHeaderTimeout: readHeaderTime,
		ReadTimeout:       readTime,
		WriteTimeout:      writeTime,
		IdleTimeout:       idleTime,
		ErrorLog:          slog.NewLogLogger(s.log.Handler(), slog.LevelWarn),
	}
	failed := make(chan error, 1)
	go func() { failed <- server.Serve(l) }()
	select {
	case err := <-failed:
		return err
	case <-ctx.Done():
	}
	grace, cancel := context.WithTimeout(context.WithoutCancel(ctx), graceTime)
	defer cancel()
	if err := server.Shutdown(grace); err != nil {
		server.Close()
		return errors.New("some requests did not finish in time and were cut off")
	}
	return nil
}

// logged writes one line a request.
func (s *Service) logged(c *gin.Context) {
	start := time.Now()
	c.Next()
	level := slog.LevelInfo
	if c.Writer.Status() >= 500 {
		level = slog.LevelError
	}
	if !s.log.Enabled(c.Request.Context(), level) {
		return
	}
	attrs := []slog.Attr{
		slog.String("method", c.Request.Method), slog.String("path", c.Request.URL.Path),
		slog.String("query", c.Request.URL.RawQuery), slog.Int("status", c.Writer.Status()),
		slog.Int("bytes", max(c.Writer.Size(), 0)), slog.Duration("took", time.Since(start)),
	}
	if err := c.Errors.Last(); err != nil {
		attrs = append(attrs, slog.String("err", err.Error()))
	}
	s.log.LogAttrs(c.Request.Context(), level, "request", attrs...)
}

// bounded limits the time that one request may take, and says of every answer
// that its type is to be believed.
func bounded(c *gin.Context) {
	ctx, cancel := context.WithTimeout(c.Request.Context(), requestTime)
	defer cancel()
	c.Request = c.Request.WithContext(ctx)
	c.Header("X-Content-Type-Options", "nosniff")
	c.Next()
}

func (s *Service) panicked(c *gin.Context, cause any) {
	s.log.Error("panic", "cause", cause, "path", c.Request.URL.Path)
	problem(c, http.StatusInternalServerError, "something went wrong in the service; its log says what")
}

// health answers 200 while the process and its database are well.
func (s *Service) health(c *gin.Context) {
	ctx, cancel := context.WithTimeout(c.Request.Context(), 2*time.Second)
	defer cancel()
	if err := s.store.Ping(ctx); err != nil {
		c.Error(err)
		unavailable(c)
		return
	}
	c.JSON(http.StatusOK, gin.H{"status": "ok", "version": s.version})
}

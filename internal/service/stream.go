package service

import (
	"cmp"
	"context"
	"fmt"
	"net/http"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/control"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/shapes"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
)

// readAll streams every record that a query asks for, in one snapshot.
func (s *Service) readAll(c *gin.Context) error {
	sp, err := control.Read(c.Request.URL.RawQuery, shapes.Names())
	if err != nil {
		return err
	}
	shape, _, err := shapes.For(sp.Shape, c.Request.Header.Values("Accept"))
	if err != nil || shape.Name() == "html" {
		return problem.Of(problem.NotAcceptable, "found %.200q; right would be application/json, application/x-ndjson or text/csv, in which all records can come", cmp.Or(sp.Shape, strings.Join(c.Request.Header.Values("Accept"), ", ")))
	}
	if c.Request.Method == http.MethodHead {
		if _, err := s.setOf(c); err != nil {
			return err
		}
		c.Header("Content-Type", answer.StreamType(shape))
		c.Header("Cache-Control", "no-store")
		return nil
	}
	caller := who(c).Name(c.ClientIP())
	if says := s.streams.Begin(caller); says != "" {
		return problem.Later(problem.Busy, 5, nil, "streams: %s; try again later", says)
	}
	defer s.streams.End(caller)
	name := pathParam(c, "set")
	// Each wait for the next record has the time limit of a request.
	ctx, stalled := context.WithCancelCause(c.Request.Context())
	defer stalled(nil)
	watch := time.AfterFunc(s.limits.RequestTime, func() { stalled(context.DeadlineExceeded) })
	defer watch.Stop()
	var out *answer.Stream
	var rows func([]sets.Record) answer.Records
	request := sets.Request{Set: name, At: sp.Version, Query: c.Request.URL.RawQuery, Visibility: visibility(who(c), name)}
	if err := s.from(c, &request); err != nil {
		return err
	}
	begin := func(set *sets.Set, version int64, shown []intake.Field, ask paging.Ask) error {
		h := c.Writer.Header()
		h.Set("Content-Type", answer.StreamType(shape))
		h.Set("Cache-Control", "no-store")
		if version > 0 {
			h.Set("Paging", fmt.Sprintf("version=%d", version))
		}
		if text := answer.AdjustedHeader(append(ask.Adjusted(), sp.Repeated...)); text != "" {
			h.Set("Adjusted", text)
		}
		s.shown(c, name, request.Seen)
		c.Status(http.StatusOK)
		rows = shapes.RowsOf(shown)
		out = answer.NewStream(answer.Paced(c.Writer), shape, shapes.NamesOf(shown))
		return nil
	}
	err = s.store.Stream(ctx, request, begin, func(r sets.Record) error {
		watch.Stop()
		defer watch.Reset(s.limits.RequestTime)
		return out.Write(rows([]sets.Record{r}))
	})
	watch.Stop()
	if err != nil && context.Cause(ctx) == context.DeadlineExceeded {
		err = context.DeadlineExceeded
	}
	if err == nil {
		err = out.End()
	}
	if err != nil && out != nil {
		// What has been sent cannot be taken back: the connection is broken, so that nobody takes a
		// part for the whole.
		c.Error(err)
		panic(http.ErrAbortHandler)
	}
	return err
}

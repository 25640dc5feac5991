package service

import (
	"bufio"
	"context"
	"fmt"
	"net/http"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
)

const (
	streamBuffer = 64 << 10         // bytes that are sent at once
	streamWrite  = 30 * time.Second // longest time to take them
)

// readAll streams every record that a query asks for, of one snapshot.
func (s *Service) readAll(c *gin.Context) error {
	sp, err := readSpeaks(c)
	if err != nil {
		return err
	}
	shape, err := shapeFor(sp.shape, c.GetHeader("Accept"))
	if err != nil || shape.Name() == "html" {
		return problemOf(notAcceptable, "found %.200q; all records come as application/json, application/x-ndjson or text/csv", sp.shape+c.GetHeader("Accept"))
	}
	if c.Request.Method == http.MethodHead {
		if _, err := s.setOf(c); err != nil {
			return err
		}
		c.Header("Content-Type", streamType(shape))
		c.Header("Cache-Control", "no-store")
		return nil
	}
	caller := callerName(who(c), c)
	if says := s.streams.Begin(caller); says != "" {
		return later(busy, 5, nil, "streams: %s; try again later", says)
	}
	defer s.streams.End(caller)
	name := pathParam(c, "set")
	// Each wait for the next record ends with the time of a request.
	ctx, stalled := context.WithCancelCause(c.Request.Context())
	defer stalled(nil)
	watch := time.AfterFunc(s.limits.RequestTime, func() { stalled(context.DeadlineExceeded) })
	defer watch.Stop()
	out := &stream{c: c, shape: shape}
	err = s.store.Stream(ctx, sets.Request{Set: name, Query: c.Request.URL.RawQuery, Visibility: visibility(who(c), name)}, out.begin, func(r sets.Record) error {
		watch.Stop()
		defer watch.Reset(s.limits.RequestTime)
		return out.record(r)
	})
	watch.Stop()
	if err != nil && context.Cause(ctx) == context.DeadlineExceeded {
		err = context.DeadlineExceeded
	}
	if err == nil {
		err = out.end()
	}
	if err != nil && out.to != nil {
		// What has been sent cannot be taken back: the connection ends, so that nobody takes
		// a part for all.
		c.Error(err)
		panic(http.ErrAbortHandler)
	}
	return err
}

// stream writes the records of a set as they come.
type stream struct {
	c     *gin.Context
	shape Shape

	to      *bufio.Writer // nil until it has begun
	fields  []intake.Field
	objects sets.Objects
	line    []byte
	records int
}

// begin writes what stands before the records.
func (s *stream) begin(set *sets.Set, shown []intake.Field, ask *paging.Ask) error {
	s.fields, s.objects = shown, sets.ObjectsOf(shown)
	h := s.c.Writer.Header()
	h.Set("Content-Type", streamType(s.shape))
	h.Set("Cache-Control", "no-store")
	if !set.Attached() {
		h.Set("Paging", fmt.Sprintf("version=%d", set.Version))
	}
	if text := adjustedHeader(ask.Adjusted()); text != "" {
		h.Set("Adjusted", text)
	}
	s.c.Status(http.StatusOK)
	s.to = bufio.NewWriterSize(&paced{s.c.Writer, http.NewResponseController(s.c.Writer)}, streamBuffer)
	switch s.shape.(type) {
	case native, array:
		return s.to.WriteByte('[')
	case csvLines:
		_, err := s.to.Write(appendHead(nil, s.fields))
		return err
	}
	return nil
}

func (s *stream) record(r sets.Record) error {
	s.line = s.line[:0]
	switch s.shape.(type) {
	case csvLines:
		s.line = sets.AppendCSV(s.line, s.fields, r)
	case jsonLines:
		s.line = append(s.objects.Append(s.line, r), '\n')
	default:
		if s.records > 0 {
			s.line = append(s.line, ",\n"...)
		}
		s.line = s.objects.Append(s.line, r)
	}
	s.records++
	_, err := s.to.Write(s.line)
	return err
}

func (s *stream) end() error {
	switch s.shape.(type) {
	case native, array:
		if _, err := s.to.WriteString("]\n"); err != nil {
			return err
		}
	}
	return s.to.Flush()
}

// streamType is the media type of a stream: the native shape has nothing but the
// records here.
func streamType(shape Shape) string {
	if shape.Name() == "array" {
		return native{}.MediaType()
	}
	return shape.MediaType()
}

// paced gives each write a time of its own, so that a stream may take long and a
// reader that has stopped may not.
type paced struct {
	w       http.ResponseWriter
	control *http.ResponseController
}

func (p *paced) Write(b []byte) (int, error) {
	if err := p.control.SetWriteDeadline(time.Now().Add(streamWrite)); err != nil {
		return 0, err
	}
	return p.w.Write(b)
}

package service

import (
	"bufio"
	"compress/gzip"
	"context"
	"fmt"
	"io"
	"net/http"
	"strings"
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
func (s *Service) readAll(c *gin.Context) {
	sp, faults := readSpeaks(c)
	if len(faults) > 0 {
		s.problem(c, badQuery, faults[0].Param+": "+faults[0].Says, faults...)
		return
	}
	shape := shapeFor(sp.shape, c.GetHeader("Accept"))
	if shape == nil || shape.Name() == "html" {
		s.problem(c, notAcceptable, fmt.Sprintf("found %.200q; all records come as application/json, application/x-ndjson or text/csv", sp.shape+c.GetHeader("Accept")))
		return
	}
	if c.Request.Method == http.MethodHead {
		if _, err := s.setOf(c); err != nil {
			s.fail(c, err)
			return
		}
		c.Header("Content-Type", streamType(shape))
		c.Header("Cache-Control", "no-store")
		return
	}
	caller := callerName(who(c), c)
	if says := s.streams.Begin(caller); says != "" {
		retryAfter(c, 5)
		s.problem(c, busy, "streams: "+says+"; try again later")
		return
	}
	defer s.streams.End(caller)
	control := http.NewResponseController(c.Writer)
	var to *bufio.Writer
	var zip *gzip.Writer
	name := pathParam(c, "set")
	var fields []intake.Field
	var objects sets.Objects
	first := true
	var line []byte
	req := sets.Request{Set: name, Query: c.Request.URL.RawQuery, Sight: sight(who(c), name)}
	// Each wait for the next record ends with the time of a request.
	ctx, stalled := context.WithCancelCause(c.Request.Context())
	defer stalled(nil)
	watch := time.AfterFunc(s.limits.RequestTime, func() { stalled(context.DeadlineExceeded) })
	defer watch.Stop()
	err := s.store.Stream(ctx, req, func(set *sets.Set, shown []intake.Field, ask *paging.Ask) error {
		fields, objects = shown, sets.ObjectsOf(shown)
		mediaType := streamType(shape)
		h := c.Writer.Header()
		h.Set("Content-Type", mediaType)
		h.Set("Cache-Control", "no-store")
		if !set.Attached() {
			h.Set("Paging", fmt.Sprintf("version=%d", set.Version))
		}
		if text := adjustedHeader(ask.Adjusted()); text != "" {
			h.Set("Adjusted", text)
		}
		var out io.Writer = &paced{c.Writer, control}
		if acceptsGzip(c.GetHeader("Accept-Encoding")) {
			h.Set("Content-Encoding", "gzip")
			zip, _ = gzip.NewWriterLevel(out, gzip.BestSpeed) // the level is right
			out = zip
		}
		c.Status(http.StatusOK)
		to = bufio.NewWriterSize(out, streamBuffer)
		switch mediaType {
		case "application/json":
			line = append(line, '[')
		case csvLines{}.MediaType():
			line = appendHead(line, fields)
		}
		_, err := to.Write(line)
		return err
	}, func(r sets.Record) error {
		watch.Stop()
		defer watch.Reset(s.limits.RequestTime)
		line = line[:0]
		switch shape.Name() {
		case "csv":
			line = sets.AppendCSV(line, fields, r)
		case "ndjson":
			line = append(objects.Append(line, r), '\n')
		default:
			if !first {
				line = append(line, ",\n"...)
			}
			line = objects.Append(line, r)
		}
		first = false
		_, err := to.Write(line)
		return err
	})
	watch.Stop()
	if err != nil && context.Cause(ctx) == context.DeadlineExceeded {
		err = context.DeadlineExceeded
	}
	if err == nil && strings.HasPrefix(c.Writer.Header().Get("Content-Type"), "application/json") {
		_, err = to.WriteString("]\n")
	}
	if err == nil {
		err = to.Flush()
	}
	if err == nil && zip != nil {
		err = zip.Close()
	}
	switch {
	case err == nil:
	case to == nil:
		s.fail(c, err)
	default: // what has been sent cannot be taken back: the connection ends, so that nobody takes a part for all
		c.Error(err)
		panic(http.ErrAbortHandler)
	}
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
	w       io.Writer
	control *http.ResponseController
}

func (p *paced) Write(b []byte) (int, error) {
	if err := p.control.SetWriteDeadline(time.Now().Add(streamWrite)); err != nil {
		return 0, err
	}
	return p.w.Write(b)
}

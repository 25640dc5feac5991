package answer

import (
	"bufio"
	"io"
	"iter"
	"net/http"
	"time"
)

const (
	streamBuffer = 64 << 10         // bytes that are sent at once
	streamWrite  = 30 * time.Second // longest time to take them
)

// StreamType is the media type of a stream in a shape. A native stream contains only the records.
func StreamType(shape Shape) string {
	if shape.Name() == Array.Name() {
		return Native.MediaType()
	}
	return shape.MediaType()
}

// Stream writes records one after the other, without holding them all.
type Stream struct {
	to      *bufio.Writer // keeps an error for the next write
	shape   Shape
	line    []byte
	records int
}

// NewStream writes what comes before the records: in Native and Array the beginning of a list, in
// CSV the fields' names.
func NewStream(to io.Writer, shape Shape, fields []string) *Stream {
	s := &Stream{to: bufio.NewWriterSize(to, streamBuffer), shape: shape}
	switch shape.(type) {
	case native, array:
		s.to.WriteByte('[')
	case lines:
		s.to.Write(appendHead(nil, fields))
	}
	return s
}

// Write writes records.
func (s *Stream) Write(records Records) error {
	s.line = s.line[:0]
	for i := range records.Len() {
		switch s.shape.(type) {
		case lines:
			s.line = records.AppendLine(s.line, i)
		case objects:
			s.line = append(records.AppendObject(s.line, i), '\n')
		default:
			if s.records > 0 {
				s.line = append(s.line, ",\n"...)
			}
			s.line = records.AppendObject(s.line, i)
		}
		s.records++
	}
	_, err := s.to.Write(s.line)
	return err
}

// End writes what comes after the records, and sends everything.
func (s *Stream) End() error {
	switch s.shape.(type) {
	case native, array:
		s.to.WriteString("]\n")
	}
	return s.to.Flush()
}

// Paced gives each write of an answer its own time limit, so that a stream may take long, but a
// reader that has stopped does not hold it up.
func Paced(w http.ResponseWriter) io.Writer { return &paced{w, http.NewResponseController(w)} }

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

// WriteAll sends all records of a sequence as they come, in the shape that Accept asks for. An
// error before the first record is sent by Fail, which returns it if it should be logged. A later one, of the
// sequence or of sending, breaks the connection, so that the reader does not take a part for the whole: by the
// panic http.ErrAbortHandler, as net/http wants. If a framework recovers from panics, let this one pass.
func WriteAll[T any](w http.ResponseWriter, r *http.Request, records iter.Seq2[T, error], fields []string) error {
	shape, err := Negotiate(Shapes(), r.Header.Values("Accept"))
	if err != nil {
		return Fail(w, r, err)
	}
	var s *Stream
	begin := func(fields []string) {
		w.Header().Set("Content-Type", StreamType(shape))
		w.Header().Set("Cache-Control", "no-store")
		w.Header().Add("Vary", "Accept")
		s = NewStream(Paced(w), shape, fields)
	}
	for record, broken := range records {
		var one Records
		if err = broken; err == nil {
			one, err = RecordsOf([]T{record}, fields)
		}
		if err != nil {
			break
		}
		if s == nil {
			fields = one.Fields()
			begin(fields)
		}
		if err = s.Write(one); err != nil {
			break
		}
	}
	switch {
	case err != nil && s == nil:
		return Fail(w, r, err)
	case err == nil && s == nil:
		begin(fields)
	}
	if err == nil {
		err = s.End()
	}
	if err != nil {
		panic(http.ErrAbortHandler)
	}
	return nil
}

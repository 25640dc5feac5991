package shapes

import (
	"bufio"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
)

// StreamType is the media type of a stream: the native shape has nothing but the
// records there.
func StreamType(shape Shape) string {
	if shape.Name() == "array" {
		return Native.MediaType()
	}
	return shape.MediaType()
}

// Stream writes the records of a set as they come.
type Stream struct {
	to      *bufio.Writer // keeps an error for the next write
	shape   Shape
	fields  []intake.Field
	objects sets.Objects
	line    []byte
	records int
}

// NewStream writes what stands before the records.
func NewStream(to *bufio.Writer, shape Shape, fields []intake.Field) *Stream {
	s := &Stream{to: to, shape: shape, fields: fields, objects: sets.ObjectsOf(fields)}
	switch shape.(type) {
	case native, array:
		s.to.WriteByte('[')
	case csvLines:
		s.to.Write(appendHead(nil, fields))
	}
	return s
}

// Record writes a record.
func (s *Stream) Record(r sets.Record) error {
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

// End writes what stands after the records, and sends all of it.
func (s *Stream) End() error {
	switch s.shape.(type) {
	case native, array:
		s.to.WriteString("]\n")
	}
	return s.to.Flush()
}

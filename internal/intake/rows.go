package intake

import (
	"bufio"
	"bytes"
	"cmp"
	"context"
	"errors"
	"fmt"
	"io"
	"strings"
	"unicode/utf8"

	"github.com/go-json-experiment/json/jsontext"
)

// Format is the format of a file.
type Format string

// The formats.
const (
	CSV    Format = "csv"
	NDJSON Format = "ndjson"
	JSON   Format = "json" // one array of objects
	XLSX   Format = "xlsx"
)

// Encoding is how a CSV file's text is encoded.
type Encoding string

// The encodings; an empty one is found out.
const (
	UTF8        Encoding = "utf-8"
	Windows1252 Encoding = "windows-1252"
)

const (
	recordBytes  = 16 << 20 // longest record, as it stands in the file
	sniffedBytes = 64 << 10 // of a CSV file, to find its delimiter
	maxFields    = 1_600    // as many columns as a table of PostgreSQL can have
)

var errFields = fmt.Errorf("the file has more than %d fields", maxFields)

// cell is one value as it is in a file.
type cell struct {
	text    string
	missing bool
}

// row is one record as it is in a file.
type row struct {
	line  int // of the file, from 1; of XLSX, the sheet's row; in a JSON array, the element
	cells []cell
	raw   []byte // as it is in the file, if asked for
	bad   string // why it could not be read, if so
}

// rows reads a file record by record. The cells are valid until the next call.
type rows interface {
	// names are the fields' names in the file. JSON may add to them later; cells of earlier rows do
	// not have those.
	names() []string
	// next returns io.EOF after the last row.
	next() (row, error)
	// close frees what reading used.
	close() error
}

// open reads a file from its start.
func open(ctx context.Context, file io.ReadSeeker, o *Options) (rows, error) {
	if _, err := file.Seek(0, io.SeekStart); err != nil {
		return nil, err
	}
	switch o.Format {
	case CSV:
		return openCSV(file, o)
	case NDJSON:
		return openNDJSON(file), nil
	case JSON:
		return openJSON(file)
	case XLSX:
		return openXLSX(ctx, file, o.Sheet)
	}
	return nil, fmt.Errorf("the format %q is none of csv, ndjson, json, xlsx", o.Format)
}

// allowance limits reading to the length of one record, so that a quote that is never closed
// cannot load a whole file into memory.
type allowance struct {
	r    io.Reader
	left int
	err  error // when it is used up; nil: errLong
}

var errLong = fmt.Errorf("a record is longer than %d MB; is a quote or a bracket never closed?", recordBytes>>20)

func (a *allowance) Read(p []byte) (int, error) {
	if a.left <= 0 {
		return 0, cmp.Or(a.err, errLong)
	}
	n, err := a.r.Read(p)
	a.left -= n
	return n, err
}

func (a *allowance) renew() { a.left = recordBytes }

// jsonRows reads objects; their fields are put in the order in which they first occur.
type jsonRows struct {
	nextObject func() (text []byte, line int, err error)
	fields     []string
	index      map[string]int
	buf        []cell
	scratch    []byte
	text       bytes.Reader
	dec        jsontext.Decoder
}

func openNDJSON(file io.Reader) rows {
	lines := bufio.NewScanner(file)
	lines.Buffer(make([]byte, 64<<10), recordBytes)
	n := 0
	return &jsonRows{index: map[string]int{}, nextObject: func() ([]byte, int, error) {
		for lines.Scan() {
			n++
			if text := bytes.TrimSpace(lines.Bytes()); len(text) > 0 {
				return text, n, nil
			}
		}
		if err := lines.Err(); err != nil {
			return nil, n, fmt.Errorf("line %d: %w", n+1, err)
		}
		return nil, n, io.EOF
	}}
}

func openJSON(file io.Reader) (rows, error) {
	left := &allowance{r: file}
	left.renew()
	d := jsontext.NewDecoder(left)
	if first, err := d.ReadToken(); err != nil || first.Kind() != '[' {
		return nil, errors.New("the file should be one JSON array of objects")
	}
	n := 0
	return &jsonRows{index: map[string]int{}, nextObject: func() ([]byte, int, error) {
		left.renew()
		if d.PeekKind() == ']' {
			if _, err := d.ReadToken(); err != nil {
				return nil, n, fmt.Errorf("after element %d: %w", n, noEOF(err))
			}
			if _, err := d.ReadToken(); err != io.EOF {
				return nil, n, fmt.Errorf("after element %d: more follows behind the array, at byte %d", n, d.InputOffset())
			}
			return nil, n, io.EOF
		}
		n++
		text, err := d.ReadValue()
		if err != nil {
			return nil, n, fmt.Errorf("element %d: %w", n, noEOF(err))
		}
		return text, n, nil
	}}, nil
}

func noEOF(err error) error {
	if err == io.EOF {
		return io.ErrUnexpectedEOF
	}
	return err
}

func (j *jsonRows) names() []string { return j.fields }
func (j *jsonRows) close() error    { return nil }

func (j *jsonRows) next() (row, error) {
	text, line, err := j.nextObject()
	if err != nil {
		return row{}, err
	}
	r := row{line: line, raw: text}
	j.buf = j.buf[:0]
	for range j.fields {
		j.buf = append(j.buf, cell{missing: true})
	}
	if len(text) == 0 || text[0] != '{' {
		r.bad = "not a JSON object"
		return r, nil
	}
	if err := j.object(text); err != nil {
		r.bad = noEOF(err).Error()
		return r, nil
	}
	r.cells = j.buf
	return r, nil
}

// object reads the cells of one object, strictly: a repeated name is an error.
func (j *jsonRows) object(text []byte) error {
	j.text.Reset(text)
	j.dec.Reset(&j.text)
	if _, err := j.dec.ReadToken(); err != nil {
		return err
	}
	for j.dec.PeekKind() != '}' {
		name, err := j.dec.ReadValue()
		if err != nil {
			return err
		}
		if j.scratch, err = jsontext.AppendUnquote(j.scratch[:0], name); err != nil {
			return err
		}
		i, ok := j.index[string(j.scratch)]
		if !ok {
			if i = len(j.fields); i == maxFields {
				return errFields
			}
			j.index[string(j.scratch)] = i
			j.fields = append(j.fields, string(j.scratch))
			j.buf = append(j.buf, cell{})
		}
		value, err := j.dec.ReadValue()
		if err != nil {
			return err
		}
		if j.buf[i], err = j.cell(value); err != nil {
			return err
		}
	}
	if _, err := j.dec.ReadToken(); err != nil {
		return err
	}
	if _, err := j.dec.ReadToken(); err != io.EOF {
		return errors.New("more follows after the object")
	}
	return nil
}

// cell is a JSON value as a cell: a string's text, anything else as written.
func (j *jsonRows) cell(value jsontext.Value) (_ cell, err error) {
	switch value.Kind() {
	case 'n':
		return cell{missing: true}, nil
	case '"':
		j.scratch, err = jsontext.AppendUnquote(j.scratch[:0], value)
		return cell{text: string(j.scratch)}, err
	case '{', '[':
		err = value.Compact()
	}
	return cell{text: string(value)}, err
}

// sound says what is wrong with a cell's text; "" if nothing is.
func sound(text string) string {
	if !utf8.ValidString(text) {
		return "is not UTF-8; is the file windows-1252?"
	}
	if strings.IndexByte(text, 0) >= 0 {
		return "holds a NUL"
	}
	return ""
}

// several counts things.
func several(n int, what string) string {
	if n != 1 {
		what += "s"
	}
	return fmt.Sprintf("%d %s", n, what)
}

package intake

import (
	"bufio"
	"bytes"
	"encoding/csv"
	"errors"
	"fmt"
	"io"
	"strings"
	"unicode/utf8"

	"github.com/go-json-experiment/json/jsontext"
	"github.com/xuri/excelize/v2"
	"golang.org/x/text/encoding/charmap"
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
	recordBytes   = 16 << 20  // longest record, as it stands in the file
	unpackedBytes = 100 << 20 // largest XLSX, unpacked
	sniffedBytes  = 64 << 10  // of a CSV file, to find its delimiter
)

// cell is one value as it stands in a file.
type cell struct {
	text    string
	missing bool
}

// row is one record as it stands in a file.
type row struct {
	line  int // of the file, from 1; of XLSX, the sheet's row; of a JSON array, the element
	cells []cell
	bad   string // why it is no record, if it is not
}

// rows reads a file record by record. The cells are good until the next call.
type rows interface {
	// names are the fields' names as the file has them. JSON may add to them as
	// it goes on; the cells of earlier rows lack those.
	names() []string
	// next gives io.EOF after the last row.
	next() (row, error)
}

// open reads a file from its start.
func open(file io.ReadSeeker, o *Options) (rows, error) {
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
		return openXLSX(file, o.Sheet)
	}
	return nil, fmt.Errorf("the format %q is none of csv, ndjson, json, xlsx", o.Format)
}

// allowance reads on only as far as one record may be long, so that a quote that is
// never closed cannot bring a whole file into memory.
type allowance struct {
	r    io.Reader
	left int
}

var errLong = fmt.Errorf("a record is longer than %d MB; is a quote or a bracket never closed?", recordBytes>>20)

func (a *allowance) Read(p []byte) (int, error) {
	if a.left <= 0 {
		return 0, errLong
	}
	n, err := a.r.Read(p)
	a.left -= n
	return n, err
}

func (a *allowance) renew() { a.left = recordBytes }

// csvRows reads CSV, RFC 4180. An empty cell is a missing value and "" is empty
// text; encoding/csv does not tell the two apart, so the quotes are looked up in
// the line itself.
type csvRows struct {
	r    *csv.Reader
	head []string
	raw  *window
	most *allowance
	buf  []cell
}

// window keeps what encoding/csv has read and not yet given out, to look up how a
// cell was written.
type window struct {
	r     io.Reader
	text  []byte
	start int64 // offset in the file of text[0]
}

func (w *window) Read(p []byte) (int, error) {
	n, err := w.r.Read(p)
	w.text = append(w.text, p[:n]...)
	return n, err
}

// forget lets go of what stands before an offset.
func (w *window) forget(before int64) {
	if n := before - w.start; n > 1<<16 {
		w.text = append(w.text[:0], w.text[n:]...)
		w.start = before
	}
}

func openCSV(file io.Reader, o *Options) (rows, error) {
	text := bufio.NewReaderSize(file, sniffedBytes)
	if bom, _ := text.Peek(3); bytes.Equal(bom, []byte("\xEF\xBB\xBF")) {
		text.Discard(3)
	}
	var decoded io.Reader = text
	if o.Encoding == Windows1252 {
		decoded = charmap.Windows1252.NewDecoder().Reader(text)
	}
	if o.Delimiter == 0 {
		start, _ := text.Peek(sniffedBytes)
		o.Delimiter = delimiterOf(start)
	}
	most := &allowance{r: decoded}
	most.renew()
	c := &csvRows{raw: &window{r: most}, most: most}
	c.r = csv.NewReader(c.raw)
	c.r.Comma = o.Delimiter
	c.r.FieldsPerRecord = -1
	c.r.ReuseRecord = true
	head, err := c.r.Read()
	if err == io.EOF {
		return nil, errors.New("the file is empty; its first line should name the fields")
	}
	if err != nil {
		return nil, fmt.Errorf("the first line, which should name the fields: %w", err)
	}
	c.head = append([]string{}, head...)
	return c, nil
}

// delimiterOf finds what the first line has most of, outside quotes.
func delimiterOf(start []byte) rune {
	counts := map[byte]int{}
	quoted := false
	for _, b := range start {
		if b == '\n' && !quoted {
			break
		}
		if b == '"' {
			quoted = !quoted
		} else if !quoted {
			counts[b]++
		}
	}
	best := byte(',')
	for _, d := range []byte(";\t|") {
		if counts[d] > counts[best] {
			best = d
		}
	}
	return rune(best)
}

func (c *csvRows) names() []string { return c.head }

func (c *csvRows) next() (row, error) {
	begin := c.r.InputOffset()
	c.raw.forget(begin)
	c.most.renew()
	values, err := c.r.Read()
	var wrong *csv.ParseError
	switch {
	case err == io.EOF:
		return row{}, err
	case errors.As(err, &wrong):
		return row{line: wrong.StartLine, bad: "column " + fmt.Sprint(wrong.Column) + ": " + wrong.Err.Error()}, nil
	case err != nil:
		return row{}, err
	}
	line, _ := c.r.FieldPos(0)
	r := row{line: line}
	if len(values) != len(c.head) {
		r.bad = fmt.Sprintf("%d cells, and the first line names %d fields", len(values), len(c.head))
		return r, nil
	}
	c.buf = c.buf[:0]
	text := c.raw.text[begin-c.raw.start : c.r.InputOffset()-c.raw.start]
	empties := 0
	for _, v := range values {
		c.buf = append(c.buf, cell{text: v, missing: v == ""})
		if v == "" {
			empties++
		}
	}
	if empties > 0 && bytes.Contains(text, []byte(`""`)) {
		c.markEmptyText(text)
	}
	r.cells = c.buf
	return r, nil
}

// markEmptyText finds the cells that are "" in the line.
func (c *csvRows) markEmptyText(line []byte) {
	i, begin, quoted := 0, true, false
	for at := 0; at < len(line) && i < len(c.buf); at++ {
		switch b := line[at]; {
		case b == '"':
			if begin && c.buf[i].missing && at+1 < len(line) && line[at+1] == '"' {
				c.buf[i].missing = false
			}
			quoted = !quoted
			begin = false
		case !quoted && rune(b) == c.r.Comma:
			i, begin = i+1, true
		default:
			if b != '\n' && b != '\r' {
				begin = false
			}
		}
	}
}

// jsonRows reads objects whose fields are put in the order in which they are
// first seen.
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
	most := &allowance{r: file}
	most.renew()
	d := jsontext.NewDecoder(most)
	if first, err := d.ReadToken(); err != nil || first.Kind() != '[' {
		return nil, errors.New("the file should be one JSON array of objects")
	}
	n := 0
	return &jsonRows{index: map[string]int{}, nextObject: func() ([]byte, int, error) {
		most.renew()
		if d.PeekKind() == ']' {
			if _, err := d.ReadToken(); err != nil {
				return nil, n, fmt.Errorf("after element %d: %w", n, noEOF(err))
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

func (j *jsonRows) next() (row, error) {
	text, line, err := j.nextObject()
	if err != nil {
		return row{}, err
	}
	r := row{line: line}
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

// object reads the cells of one object, strictly: a name that stands twice is an
// error.
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
			i = len(j.fields)
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

// cell is a JSON value as a cell: a string's text, anything else as it is written.
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

// xlsxRows reads one sheet of a workbook.
type xlsxRows struct {
	file *excelize.File
	rows *excelize.Rows
	head []string
	line int
	buf  []cell
}

func openXLSX(file io.Reader, sheet string) (rows, error) {
	f, err := excelize.OpenReader(file, excelize.Options{UnzipSizeLimit: unpackedBytes, UnzipXMLSizeLimit: unpackedBytes})
	if err != nil {
		return nil, fmt.Errorf("not an XLSX workbook of at most %d MB unpacked: %w", unpackedBytes>>20, err)
	}
	if sheet == "" {
		sheet = f.GetSheetName(0)
	}
	r, err := f.Rows(sheet)
	if err != nil {
		return nil, fmt.Errorf("sheet %q (there are %s): %w", sheet, strings.Join(f.GetSheetList(), ", "), err)
	}
	x := &xlsxRows{file: f, rows: r, line: 1}
	if !r.Next() {
		return nil, fmt.Errorf("sheet %q is empty; its first row should name the fields", sheet)
	}
	if x.head, err = r.Columns(); err != nil {
		return nil, err
	}
	return x, nil
}

func (x *xlsxRows) names() []string { return x.head }

func (x *xlsxRows) next() (row, error) {
	for x.rows.Next() {
		x.line++
		values, err := x.rows.Columns()
		if err != nil {
			return row{}, fmt.Errorf("row %d: %w", x.line, err)
		}
		if len(values) == 0 { // an empty row within the sheet
			continue
		}
		r := row{line: x.line}
		if len(values) > len(x.head) {
			r.bad = fmt.Sprintf("%d cells, and the first row names %d fields", len(values), len(x.head))
			return r, nil
		}
		x.buf = x.buf[:0]
		for i := range x.head {
			c := cell{missing: true}
			if i < len(values) && values[i] != "" {
				c = cell{text: values[i]}
			}
			x.buf = append(x.buf, c)
		}
		r.cells = x.buf
		return r, nil
	}
	if err := x.rows.Error(); err != nil {
		return row{}, err
	}
	return row{}, io.EOF
}

// sound tells what is wrong with a cell's text, if anything is.
func sound(text string) string {
	if !utf8.ValidString(text) {
		return "is not UTF-8; is the file windows-1252?"
	}
	if strings.IndexByte(text, 0) >= 0 {
		return "holds a NUL"
	}
	return ""
}

package intake

import (
	"bufio"
	"bytes"
	"errors"
	"fmt"
	"io"
	"strings"
	"unicode/utf8"

	"golang.org/x/text/encoding/charmap"
)

// csvRows reads CSV, RFC 4180. It is our own reader, since encoding/csv loses what is needed: an
// empty cell is a missing value and "" an empty text, a line end within a cell stays as it is
// written, and lines may end with CR LF, LF or CR.
type csvRows struct {
	lines     *bufio.Reader
	delimiter []byte
	end       byte // of a line: '\n', or '\r' in a file whose lines end with CR only
	head      []string
	headLine  string // as it is in the file, if asked for
	line      int    // physical lines read

	raw    []byte   // the record as it stands in the file
	text   []byte   // its cells' text, one after the other
	cells  []csvEnd // where each ends
	buf    []cell
	long   []byte // a physical line that is longer than the reader's memory
	needed bool   // raw is kept
}

// csvEnd is where a cell ends in the text, and whether it was quoted.
type csvEnd struct {
	at     int
	quoted bool
}

func openCSV(file io.Reader, o *Options) (rows, error) {
	text := bufio.NewReaderSize(file, sniffedBytes)
	if bom, _ := text.Peek(3); bytes.Equal(bom, []byte("\xEF\xBB\xBF")) {
		text.Discard(3)
	}
	start, _ := text.Peek(sniffedBytes)
	if o.Delimiter == 0 {
		o.Delimiter = delimiterOf(start)
	}
	var decoded io.Reader = text
	if o.Encoding == Windows1252 {
		decoded = charmap.Windows1252.NewDecoder().Reader(text)
	}
	c := &csvRows{lines: bufio.NewReaderSize(decoded, sniffedBytes), delimiter: utf8.AppendRune(nil, o.Delimiter), end: lineEnd(start), needed: o.keepRaw}
	row, err := c.read(maxFields + 1)
	if err == io.EOF {
		return nil, errors.New("the file is empty; its first line should name the fields")
	}
	if err != nil {
		return nil, fmt.Errorf("the first line, which should name the fields: %w", err)
	}
	if len(c.cells) > maxFields {
		return nil, errFields
	}
	if row.bad != "" {
		return nil, fmt.Errorf("the first line, which should name the fields: %s", row.bad)
	}
	for _, cell := range row.cells {
		c.head = append(c.head, cell.text)
	}
	c.headLine = string(row.raw)
	return c, nil
}

// DelimiterNamed is the delimiter that a name stands for: a character, or comma,
// semicolon, tab or bar; "" is none.
func DelimiterNamed(name string) (rune, error) {
	if d, ok := map[string]rune{"": 0, "comma": ',', "semicolon": ';', "tab": '\t', "bar": '|'}[name]; ok {
		return d, nil
	}
	d, size := utf8.DecodeRuneInString(name)
	if size != len(name) || strings.ContainsRune("\"\r\n\uFFFD", d) {
		return 0, fmt.Errorf("found %.20q; right would be one character, or comma, semicolon, tab or bar", name)
	}
	return d, nil
}

// delimiterOf is the delimiter that occurs most often in the first line, outside quotes.
func delimiterOf(start []byte) rune {
	counts := map[byte]int{}
	quoted := false
	for _, b := range start {
		if (b == '\n' || b == '\r') && !quoted {
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

// lineEnd is how the first line ends: CR if no LF follows it.
func lineEnd(start []byte) byte {
	quoted := false
	for i, b := range start {
		switch {
		case b == '"':
			quoted = !quoted
		case quoted:
		case b == '\n':
			return '\n'
		case b == '\r' && i+1 < len(start) && start[i+1] != '\n':
			return '\r'
		}
	}
	return '\n'
}

func (c *csvRows) names() []string { return c.head }
func (c *csvRows) close() error    { return nil }

func (c *csvRows) next() (row, error) {
	r, err := c.read(len(c.head))
	if err == nil && r.bad == "" && len(c.cells) != len(c.head) {
		r.bad = fmt.Sprintf("%s, and the first line names %s", several(len(c.cells), "cell"), several(len(c.head), "field"))
		r.cells = nil
	}
	return r, err
}

// physical reads one line with its end; the last one may have none.
func (c *csvRows) physical() ([]byte, error) {
	line, err := c.lines.ReadSlice(c.end)
	if err == nil || err == io.EOF && len(line) > 0 {
		c.line++
		return line, nil
	}
	if err != bufio.ErrBufferFull {
		return nil, err
	}
	for c.long = append(c.long[:0], line...); err == bufio.ErrBufferFull; c.long = append(c.long, line...) {
		if len(c.long) > recordBytes {
			return nil, errLong
		}
		line, err = c.lines.ReadSlice(c.end)
	}
	if err != nil && err != io.EOF {
		return nil, err
	}
	c.line++
	return c.long, nil
}

// read reads one record. At most so many cells of it are kept; further ones are counted. A blank
// line is not a record.
func (c *csvRows) read(limit int) (row, error) {
	var line []byte
	for {
		var err error
		if line, err = c.physical(); err != nil {
			return row{}, err
		}
		if len(c.content(line)) > 0 {
			break
		}
	}
	r := row{line: c.line}
	c.text, c.cells, c.raw = c.text[:0], c.cells[:0], c.raw[:0]
	c.keep(line)
	rest := line
	for {
		quoted := len(rest) > 0 && rest[0] == '"'
		var err error
		var bad string
		if quoted {
			rest, bad, err = c.quoted(rest[1:], line)
		} else {
			rest, bad = c.plain(rest, line)
		}
		if err != nil {
			return row{}, err
		}
		if bad != "" {
			r.bad = bad
			return r, nil
		}
		if c.cells = append(c.cells, csvEnd{len(c.text), quoted}); len(c.cells) > limit {
			c.text = c.text[:c.cells[limit-1].at] // further cells are only counted
			c.cells[len(c.cells)-1].at = len(c.text)
			if len(c.cells) > countedCells {
				r.bad = fmt.Sprintf("more than %d cells", countedCells)
				return r, nil
			}
		}
		after, more := bytes.CutPrefix(rest, c.delimiter)
		if !more {
			break
		}
		rest = after
	}
	c.buf = c.buf[:0]
	text := string(c.text) // in one piece
	from := 0
	for _, end := range c.cells[:min(len(c.cells), limit)] {
		c.buf = append(c.buf, cell{text: text[from:end.at], missing: from == end.at && !end.quoted})
		from = end.at
	}
	r.cells, r.raw = c.buf, c.raw
	return r, nil
}

// countedCells is how many cells of a row that has too many are counted.
const countedCells = 100_000

func (c *csvRows) keep(line []byte) {
	if c.needed {
		c.raw = append(c.raw, line...)
	}
}

// content is a line without its end.
func (c *csvRows) content(line []byte) []byte {
	n := len(line)
	if n > 0 && line[n-1] == c.end {
		n--
		if n > 0 && c.end == '\n' && line[n-1] == '\r' {
			n--
		}
	}
	return line[:n]
}

// plain reads a cell without quotes.
func (c *csvRows) plain(rest, line []byte) (after []byte, bad string) {
	cell := c.content(rest)
	if at := bytes.Index(cell, c.delimiter); at >= 0 {
		cell = cell[:at]
	}
	if at := bytes.IndexByte(cell, '"'); at >= 0 {
		return nil, fmt.Sprintf(`column %d: bare " in non-quoted field`, len(line)-len(rest)+at+1)
	}
	c.text = append(c.text, cell...)
	return rest[len(cell):], ""
}

// quoted reads a cell behind its first quote, over as many lines as it takes.
func (c *csvRows) quoted(rest, line []byte) (after []byte, bad string, err error) {
	begin := len(c.text)
	for {
		at := bytes.IndexByte(rest, '"')
		if at < 0 {
			c.text = append(c.text, rest...)
			if len(c.text)-begin > recordBytes || len(c.raw) > recordBytes {
				return nil, "", errLong
			}
			if line, err = c.physical(); err == io.EOF {
				return nil, `a " is never closed`, nil
			} else if err != nil {
				return nil, "", err
			}
			c.keep(line)
			rest = line
			continue
		}
		c.text = append(c.text, rest[:at]...)
		rest = rest[at+1:]
		switch {
		case len(rest) > 0 && rest[0] == '"':
			c.text = append(c.text, '"')
			rest = rest[1:]
		case len(c.content(rest)) == 0 || bytes.HasPrefix(rest, c.delimiter):
			return rest, "", nil
		default:
			return nil, fmt.Sprintf(`column %d: extraneous or missing " in quoted-field`, len(line)-len(rest)), nil
		}
	}
}

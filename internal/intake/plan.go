package intake

import (
	"context"
	"errors"
	"fmt"
	"io"
	"math"
	"strconv"
	"strings"
	"unicode"
	"unicode/utf8"

	"pageladder.example/paging/value"
)

// Options say how to read a file. What is left out is detected.
type Options struct {
	Format    Format
	Delimiter rune     // of CSV: a comma, semicolon, tab or bar
	Encoding  Encoding // of CSV
	Sheet     string   // of XLSX: the first
	// Types declares the types of fields by their safe names.
	Types map[string]value.Type
	// Key names the key by safe names.
	Key []string
	// DecimalComma reads numbers such as "1.234,50", DayFirst dates such as "31.12.2026".
	DecimalComma, DayFirst bool
	// MakeKey makes a key, a row number, whatever the file holds.
	MakeKey bool
	keepRaw bool // rows keep their text as it is in the file

	// Progress is called now and then with the bytes and rows that have been read.
	Progress func(bytes int64, rows int64)
}

// BadRow is a row that could not be read.
type BadRow struct {
	Line   int // from 1; in a JSON array, the element
	Field  string
	Found  string
	Reason string
}

// BadRowsLimit limits the bad rows that are named.
const BadRowsLimit = 100

// BadRows is the error for a file with rows that could not be read.
type BadRows struct {
	Count int64    // all of them
	Rows  []BadRow // the first hundred
}

func (b *BadRows) Error() string {
	r := b.Rows[0]
	where := fmt.Sprintf("line %d", r.Line)
	if r.Field != "" {
		where += ", field " + r.Field
	}
	if b.Count == 1 {
		return fmt.Sprintf("1 row is no record: %s: %s", where, r.Reason)
	}
	return fmt.Sprintf("%d rows are no records; the first is %s: %s", b.Count, where, r.Reason)
}

// Plan is what is known of a file after reading it once: all its values have been seen.
type Plan struct {
	Options  Options
	Fields   []Field
	Key      []string // fields that identify a record
	AddedKey bool     // the key is a row number, generated because the file has none
	Rows     int64
	Samples  [][]string // of each field, a few values
	Offers   []Offer    // of each field, the option by which it would be more than text; ""

	columns []int  // index of each field in the file's rows; -1: generated
	local   []bool // each field's values are not in plain form
}

// RowNumber is the name of a key that is generated.
const RowNumber = "row_number"

// column is what is known of a field while the file is read.
type column struct {
	could    kinds // types that all values so far could have
	declared value.Type
	missing  bool  // some value is missing
	rising   bool  // whole numbers, each larger than the one before
	last     int64 // the value before
	samples  []string

	comma, dayFirst local // examined if no plain type fits, or if asked for
}

// lookEvery is the number of rows after which it is checked whether the caller is still there.
const lookEvery = 1_000

// NewPlan reads a file once, and finds its fields, their types and a key. Rows that could not be
// read are returned with the plan, and do not count in it. It ends with the context.
func NewPlan(ctx context.Context, file io.ReadSeeker, o Options) (*Plan, *BadRows, error) {
	if err := ctx.Err(); err != nil {
		return nil, nil, err
	}
	if o.Format == CSV && o.Encoding == "" {
		var err error
		if o.Encoding, err = encodingOf(file); err != nil {
			return nil, nil, err
		}
	}
	r, err := open(ctx, file, &o)
	if err != nil {
		return nil, nil, err
	}
	defer r.close()
	p := &Plan{Options: o}
	bad := &BadRows{}
	var columns []*column
	var names []string
	looked := 0
	for {
		row, err := r.next()
		if err == nil && looked%lookEvery == 0 {
			err = ctx.Err()
		}
		looked++
		if err == io.EOF {
			break
		}
		if err != nil {
			return nil, nil, err
		}
		for len(columns) < len(r.names()) { // JSON may bring a new field
			columns = append(columns, &column{could: allKinds, rising: true, last: math.MinInt64, missing: p.Rows > 0,
				comma: local{o.DecimalComma, allKinds}, dayFirst: local{o.DayFirst, allKinds}})
		}
		if len(names) < len(r.names()) {
			names = SafeNames(r.names())
			if err := p.declare(names, columns); err != nil {
				return nil, nil, err
			}
		}
		if row.bad == "" {
			row.bad = see(row.cells, columns, names, bad, row.line, &o)
		} else {
			bad.add(BadRow{Line: row.line, Reason: row.bad})
		}
		if row.bad == "" {
			p.Rows++
		}
		if o.Progress != nil && p.Rows%10_000 == 0 {
			o.Progress(position(file), p.Rows)
		}
	}
	if len(r.names()) == 0 {
		return nil, nil, errors.New("the file has no records and names no fields")
	}
	if names == nil {
		names = SafeNames(r.names())
		for range names {
			columns = append(columns, &column{})
		}
		if err := p.declare(names, columns); err != nil {
			return nil, nil, err
		}
	}
	p.settle(r.names(), names, columns)
	if bad.Count == 0 {
		bad = nil
	}
	return p, bad, p.findKey(columns)
}

func position(file io.Seeker) int64 {
	n, err := file.Seek(0, io.SeekCurrent)
	if err != nil {
		return 0
	}
	return n
}

func (b *BadRows) add(r BadRow) {
	b.Count++
	if len(b.Rows) < BadRowsLimit {
		b.Rows = append(b.Rows, r)
	}
}

// declare checks the declared types against the file's fields.
func (p *Plan) declare(names []string, columns []*column) error {
	for name, t := range p.Options.Types {
		at := indexOf(names, name)
		if at < 0 {
			if p.Options.Format == CSV || p.Options.Format == XLSX {
				return fmt.Errorf("the type of %q is declared, and the file has no such field (it has %s)", name, strings.Join(names, ", "))
			}
			continue
		}
		columns[at].declared = t
	}
	return nil
}

func indexOf(names []string, name string) int {
	for i, n := range names {
		if n == name {
			return i
		}
	}
	return -1
}

// see learns from one row; it returns what is wrong with it.
func see(cells []cell, columns []*column, names []string, bad *BadRows, line int, o *Options) string {
	for i, c := range cells {
		if c.missing {
			continue
		}
		reason := sound(c.text)
		if t := columns[i].declared; reason == "" && t != "" {
			if _, want := t.Canonical(o.plain(t, c.text)); want != "" {
				reason = "is not " + want
			}
		}
		if reason != "" {
			bad.add(BadRow{Line: line, Field: names[i], Found: clip(c.text), Reason: reason})
			return reason
		}
	}
	for i := range columns {
		if i >= len(cells) || cells[i].missing {
			columns[i].missing = true
			continue
		}
		columns[i].see(cells[i].text, o)
	}
	return ""
}

func clip(s string) string {
	s = strings.ToValidUTF8(s, "\uFFFD")
	if r := []rune(s); len(r) > 80 {
		return string(r[:80]) + "…"
	}
	return s
}

func (c *column) see(text string, o *Options) {
	if len(c.samples) < 3 {
		c.samples = append(c.samples, clip(text))
	}
	if before := c.could; before != 0 {
		if c.could &= kindsOf(text); c.could == 0 { // no plain type: whole numbers before it may have either form
			if !o.DecimalComma {
				c.comma = local{before&couldBigInteger != 0, before}
			}
			if !o.DayFirst {
				c.dayFirst = local{before == allKinds, allKinds}
			}
		}
	}
	if c.could == 0 || o.DecimalComma {
		c.comma.see(text, commaNumber, numberKinds)
	}
	if c.could == 0 || o.DayFirst {
		c.dayFirst.see(text, dayFirstDate, timeKinds)
	}
	if c.rising {
		n, err := strconv.ParseInt(text, 10, 64)
		c.rising = err == nil && n > c.last
		c.last = n
	}
}

// settle decides each field's type.
func (p *Plan) settle(labels, names []string, columns []*column) {
	for i, c := range columns {
		t := c.declared
		offer, isLocal := Offer(""), t != ""
		if t == "" && len(c.samples) > 0 {
			t, offer, isLocal = c.found(&p.Options)
		}
		if t == "" { // there was no value
			t = value.Text
		}
		p.Fields = append(p.Fields, Field{Name: names[i], Label: strings.TrimSpace(labels[i]), Type: t})
		p.Samples = append(p.Samples, c.samples)
		p.Offers = append(p.Offers, offer)
		p.local = append(p.local, isLocal)
		p.columns = append(p.columns, i)
	}
}

// found is the type of all values, considering the options; the option that would make the field
// more than text; and whether the values have one of the forms that options are for.
func (c *column) found(o *Options) (value.Type, Offer, bool) {
	switch {
	case o.DecimalComma && c.comma.all:
		return c.comma.could.narrowest(), "", true
	case o.DayFirst && c.dayFirst.all:
		return c.dayFirst.could.narrowest(), "", true
	case c.could == 0 && c.comma.all:
		return value.Text, OfferComma, false
	case c.could == 0 && c.dayFirst.all:
		return value.Text, OfferDayFirst, false
	}
	return c.could.narrowest(), "", false
}

// field is the index of a field; -1: none.
func (p *Plan) field(name string) int {
	for i := range p.Fields {
		if p.Fields[i].Name == name {
			return i
		}
	}
	return -1
}

// findKey takes the named key, or a field whose whole numbers rise from record to record and are
// never missing, or makes one.
func (p *Plan) findKey(columns []*column) error {
	for _, name := range p.Options.Key {
		switch at := p.field(name); {
		case at < 0:
			return fmt.Errorf("the key %q is no field of the file", name)
		case columns[at].missing:
			return fmt.Errorf("the key %q is missing in some records", name)
		case p.Fields[at].Type == value.JSON:
			return fmt.Errorf("the key %q is a list or an object", name)
		}
	}
	if p.Key = p.Options.Key; len(p.Key) > 0 {
		return nil
	}
	for i, c := range columns {
		if !p.Options.MakeKey && p.Rows > 0 && c.rising && !c.missing && p.Fields[i].Type == value.Integer {
			p.Key = []string{p.Fields[i].Name}
			return nil
		}
	}
	name := RowNumber
	for p.field(name) >= 0 {
		name += "_"
	}
	p.Fields = append([]Field{{Name: name, Label: "Row", Type: value.Integer}}, p.Fields...)
	p.Samples = append([][]string{{"1", "2", "3"}}, p.Samples...)
	p.Offers = append([]Offer{""}, p.Offers...)
	p.local = append([]bool{false}, p.local...)
	p.columns = append([]int{-1}, p.columns...)
	p.Key, p.AddedKey = []string{name}, true
	return nil
}

// systemColumns are the names of columns that every table of PostgreSQL has.
var systemColumns = []string{"tableoid", "xmin", "cmin", "xmax", "cmax", "ctid"}

// nameBytes is the longest name of a field; PostgreSQL truncates longer ones.
const nameBytes = 63

// SafeNames makes names that are easy to write in a query: lower case, letters and
// digits with "_" between, none twice.
func SafeNames(labels []string) []string {
	names := make([]string, len(labels))
	taken := map[string]bool{}
	next := map[string]int{} // number to try, by name
	for _, name := range systemColumns {
		taken[name] = true
	}
	for i, label := range labels {
		base := safeName(label)
		if base == "" {
			base = fmt.Sprintf("field_%d", i+1)
		}
		name := base
		for n := max(next[base], 2); taken[name]; n++ {
			name = fmt.Sprintf("%s_%d", base, n)
			next[base] = n + 1
		}
		taken[name] = true
		names[i] = name
	}
	return names
}

func safeName(label string) string {
	var b strings.Builder
	gap := false
	for _, r := range strings.ToLower(label) {
		if !unicode.IsLetter(r) && !unicode.IsDigit(r) {
			gap = b.Len() > 0
			continue
		}
		if b.Len()+utf8.RuneLen(r) > nameBytes-8 { // room for "_" and a number
			break
		}
		if gap {
			b.WriteByte('_')
			gap = false
		}
		b.WriteRune(r)
	}
	return b.String()
}

// encodingOf reports whether a file is UTF-8; otherwise it is taken for windows-1252.
func encodingOf(file io.ReadSeeker) (Encoding, error) {
	if _, err := file.Seek(0, io.SeekStart); err != nil {
		return "", err
	}
	buf := make([]byte, 1<<20)
	kept := 0 // bytes of a character cut by the block's end
	for {
		n, err := file.Read(buf[kept:])
		n += kept
		whole := n
		for back := 1; back < utf8.UTFMax && back <= n; back++ {
			if utf8.RuneStart(buf[n-back]) {
				if !utf8.FullRune(buf[n-back : n]) {
					whole = n - back
				}
				break
			}
		}
		if !utf8.Valid(buf[:whole]) {
			return Windows1252, nil
		}
		kept = copy(buf, buf[whole:n])
		switch {
		case err == io.EOF && kept > 0:
			return Windows1252, nil
		case err == io.EOF:
			return UTF8, nil
		case err != nil:
			return "", err
		}
	}
}

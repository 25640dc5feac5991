package intake

import (
	"archive/zip"
	"bufio"
	"bytes"
	"context"
	"encoding/binary"
	"encoding/xml"
	"errors"
	"fmt"
	"io"
	"path"
	"strconv"
	"strings"

	"github.com/xuri/excelize/v2"
)

// Limits of a workbook. The library that reads it needs memory for what it unpacks. So a file is
// first read through, a token at a time, and only what is within the limits is passed on.
const (
	unpackedBytes  = 100 << 20 // of the sheet and the shared strings
	partBytes      = 4 << 20   // of each other part that is needed
	sharedStrings  = 2_000_000
	sheetRows      = 1_048_576 // as many as a sheet can have
	xmlTokenBytes  = recordBytes + 1<<20
	workbookInRAM  = 1 << 20 // larger parts are unpacked into files while they are read
	workbookSheets = 10_000
	directoryBytes = 4 << 20 // of the archive's directory
)

// xlsxRows reads one sheet of a workbook.
type xlsxRows struct {
	file  *excelize.File
	rows  *excelize.Rows
	named []string
	line  int
	buf   []cell
}

func openXLSX(ctx context.Context, file io.ReadSeeker, sheet string) (rows, error) {
	checked, sheet, err := checkedWorkbook(ctx, file, sheet)
	if err != nil {
		return nil, err
	}
	f, err := excelize.OpenReader(bytes.NewReader(checked), excelize.Options{UnzipSizeLimit: unpackedBytes + 8*partBytes, UnzipXMLSizeLimit: workbookInRAM})
	if err != nil {
		return nil, fmt.Errorf("not an XLSX workbook: %w", err)
	}
	x := &xlsxRows{file: f, line: 1}
	if x.rows, err = f.Rows(sheet); err == nil {
		if !x.rows.Next() {
			err = fmt.Errorf("sheet %q is empty; its first row should name the fields", sheet)
		} else {
			x.named, err = x.rows.Columns()
		}
	}
	if err != nil {
		return nil, errors.Join(err, x.close())
	}
	return x, nil
}

func (x *xlsxRows) names() []string { return x.named }

func (x *xlsxRows) close() error {
	if x.rows != nil {
		x.rows.Close()
	}
	return x.file.Close() // with the files that it was unpacked into
}

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
		if len(values) > len(x.named) {
			r.bad = fmt.Sprintf("%s, and the first row names %s", several(len(values), "cell"), several(len(x.named), "field"))
			return r, nil
		}
		x.buf = x.buf[:0]
		for i := range x.named {
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

// checkedWorkbook reads a workbook through and makes one with only the parts that are needed for
// reading a sheet, each of them checked. It also returns the sheet's name.
func checkedWorkbook(ctx context.Context, file io.ReadSeeker, sheet string) ([]byte, string, error) {
	size, err := file.Seek(0, io.SeekEnd)
	if err != nil {
		return nil, "", err
	}
	at, ok := file.(io.ReaderAt)
	if !ok {
		return nil, "", errors.New("a workbook can only be read from a file")
	}
	if err := directoryFits(at, size); err != nil {
		return nil, "", err
	}
	archive, err := zip.NewReader(at, size)
	if err != nil {
		return nil, "", fmt.Errorf("not an XLSX workbook: %w", err)
	}
	w := workbook{ctx: ctx, parts: map[string]*zip.File{}}
	for _, f := range archive.File {
		name := strings.ToLower(strings.TrimPrefix(strings.ReplaceAll(f.Name, "\\", "/"), "/"))
		if _, twice := w.parts[name]; twice {
			return nil, "", fmt.Errorf("not an XLSX workbook: it holds %q twice", f.Name)
		}
		w.parts[name] = f
	}
	if err := w.find(sheet); err != nil {
		return nil, "", err
	}
	if err := w.strings(); err != nil {
		return nil, "", err
	}
	if err := w.cells(); err != nil {
		return nil, "", err
	}
	checked, err := w.stripped()
	return checked, w.sheet, err
}

// directoryFits checks that the archive's directory is not too large to be read into memory. It is
// before the record that ends the file: APPNOTE.TXT 4.3.16.
func directoryFits(at io.ReaderAt, size int64) error {
	const record, comment = 22, 1<<16 - 1
	tail := make([]byte, min(size, record+comment))
	if _, err := at.ReadAt(tail, size-int64(len(tail))); err != nil && err != io.EOF {
		return err
	}
	end := bytes.LastIndex(tail, []byte("PK\x05\x06"))
	if end < 0 || len(tail)-end < record {
		return errors.New("not an XLSX workbook: it is no ZIP archive, or it was cut off")
	}
	directory := int64(binary.LittleEndian.Uint32(tail[end+12:]))
	offset := int64(binary.LittleEndian.Uint32(tail[end+16:]))
	place := size - int64(len(tail)) + int64(end)
	if directory > directoryBytes || offset > place || place-offset > directoryBytes {
		return fmt.Errorf("not an XLSX workbook: the directory of its archive is larger than %d MB", directoryBytes>>20)
	}
	return nil
}

// workbook is what is known of a workbook while it is checked.
type workbook struct {
	ctx       context.Context
	parts     map[string]*zip.File // by lower-case name
	sheet     string               // the sheet's name
	sheetPart string
	lengths   []int32 // of the shared strings
	unpacked  int64
}

const (
	workbookPart = "xl/workbook.xml"
	relsPart     = "xl/_rels/workbook.xml.rels"
	stringsPart  = "xl/sharedstrings.xml"
)

var errLongText = fmt.Errorf("a text in it is longer than %d MB", recordBytes>>20)

// walk reads one part a token at a time. No token is longer than a cell may be.
func (w *workbook) walk(name string, limit int64, each func(xml.Token) error) error {
	f := w.parts[name]
	if f == nil {
		return fmt.Errorf("not an XLSX workbook: it has no %s", name)
	}
	part, err := f.Open()
	if err != nil {
		return fmt.Errorf("%s: %w", f.Name, err)
	}
	defer part.Close()
	// One byte more than it may have: the head of an entry may lie about its size.
	bounded := &io.LimitedReader{R: part, N: limit + 1}
	token := &allowance{r: bounded, err: errLongText}
	d := xml.NewDecoder(bufio.NewReaderSize(token, 64<<10))
	for n := 0; ; n++ {
		token.left = xmlTokenBytes
		if n%10_000 == 0 && w.ctx.Err() != nil {
			return w.ctx.Err()
		}
		t, err := d.RawToken()
		w.unpacked = limit - bounded.N
		switch {
		case bounded.N <= 0:
			return fmt.Errorf("%s is larger than %d MB unpacked", f.Name, limit>>20)
		case err == io.EOF:
			return nil
		case err != nil:
			return fmt.Errorf("%s: %w", f.Name, err)
		}
		if err := each(t); err != nil {
			return err
		}
	}
}

func attribute(t *xml.StartElement, name string) string {
	for _, a := range t.Attr {
		if a.Name.Local == name {
			return a.Value
		}
	}
	return ""
}

// find finds the part of a sheet; of none, the first.
func (w *workbook) find(sheet string) error {
	id := ""
	var names []string
	err := w.walk(workbookPart, partBytes, func(t xml.Token) error {
		e, ok := t.(xml.StartElement)
		if !ok || e.Name.Local != "sheet" {
			return nil
		}
		if len(names) == workbookSheets {
			return fmt.Errorf("the workbook has more than %d sheets", workbookSheets)
		}
		name := attribute(&e, "name")
		names = append(names, name)
		if id == "" && (sheet == "" || name == sheet) {
			w.sheet = name
			for _, a := range e.Attr { // r:id: the plain id is another thing
				if a.Name.Local == "id" && a.Name.Space != "" {
					id = a.Value
				}
			}
		}
		return nil
	})
	if err != nil {
		return err
	}
	if id == "" {
		return fmt.Errorf("sheet %q is not there (there are %.200s)", sheet, strings.Join(names[:min(len(names), 20)], ", "))
	}
	return w.walk(relsPart, partBytes, func(t xml.Token) error {
		if e, ok := t.(xml.StartElement); ok && e.Name.Local == "Relationship" && attribute(&e, "Id") == id {
			target := attribute(&e, "Target")
			if !strings.HasPrefix(target, "/") {
				target = path.Join("xl", target)
			}
			w.sheetPart = strings.ToLower(strings.TrimPrefix(target, "/"))
		}
		return nil
	})
}

// strings measures the shared strings.
func (w *workbook) strings() error {
	if w.parts[stringsPart] == nil {
		return nil
	}
	length, inText := 0, false
	return w.walk(stringsPart, unpackedBytes, func(t xml.Token) error {
		switch t := t.(type) {
		case xml.StartElement:
			switch t.Name.Local {
			case "si":
				length = 0
			case "t":
				inText = true
			}
		case xml.CharData:
			if inText {
				length += len(t)
			}
		case xml.EndElement:
			switch t.Name.Local {
			case "t":
				inText = false
			case "si":
				if length > recordBytes {
					return fmt.Errorf("the workbook's text number %d is longer than %d MB", len(w.lengths)+1, recordBytes>>20)
				}
				if len(w.lengths) == sharedStrings {
					return fmt.Errorf("the workbook has more than %d different texts; CSV holds any number", sharedStrings)
				}
				w.lengths = append(w.lengths, int32(length))
			}
		}
		return nil
	})
}

// cells checks the rows and cells of the sheet.
func (w *workbook) cells() error {
	rows, cells, bytes, value := 0, 0, 0, 0
	place, kind := "", ""
	inValue := false
	var index []byte
	return w.walk(w.sheetPart, unpackedBytes, func(t xml.Token) error {
		switch t := t.(type) {
		case xml.StartElement:
			switch t.Name.Local {
			case "row":
				rows++
				cells, bytes = 0, 0
				if n := attribute(&t, "r"); n != "" {
					number, err := strconv.Atoi(n)
					if err != nil || number < 1 || number > sheetRows {
						return fmt.Errorf("row %.40q of the sheet; right would be a number from 1 to %d", n, sheetRows)
					}
				}
				if rows > sheetRows {
					return fmt.Errorf("the sheet has more than %d rows", sheetRows)
				}
			case "c":
				cells++
				place, kind, value, index = attribute(&t, "r"), attribute(&t, "t"), 0, index[:0]
				if column := columnOf(place); cells > maxFields || column > maxFields {
					return fmt.Errorf("cell %.40s, row %d: a sheet has at most %d columns here", place, rows, maxFields)
				}
			case "v", "t":
				inValue = true
			}
		case xml.CharData:
			if inValue {
				value += len(t)
				if len(index) < 20 {
					index = append(index, t[:min(len(t), 20)]...)
				}
			}
		case xml.EndElement:
			switch t.Name.Local {
			case "v", "t":
				inValue = false
			case "c":
				if kind == "s" && value > 0 {
					n, err := strconv.Atoi(strings.TrimSpace(string(index)))
					if err != nil || n < 0 || n >= len(w.lengths) {
						return fmt.Errorf("cell %.40s, row %d: it is text number %.20s, and the workbook has %d", place, rows, index, len(w.lengths))
					}
					value = int(w.lengths[n])
				}
				if bytes += value; bytes > recordBytes {
					return fmt.Errorf("row %d: %w", rows, errLong)
				}
			}
		}
		return nil
	})
}

// columnOf is the column of a cell's place: 28 of "AB7"; 0 where it is not given.
func columnOf(place string) int {
	column := 0
	for i := 0; i < len(place) && i < 4; i++ {
		c := place[i] &^ 0x20
		if c < 'A' || c > 'Z' {
			break
		}
		column = column*26 + int(c-'A'+1)
	}
	return column
}

// stripped is the workbook with the checked parts and what else reading takes.
func (w *workbook) stripped() ([]byte, error) {
	var packed bytes.Buffer
	to := zip.NewWriter(&packed)
	for name, f := range w.parts {
		switch {
		case name == workbookPart, name == relsPart, name == stringsPart, name == w.sheetPart:
		case name == "[content_types].xml", name == "_rels/.rels", name == "xl/styles.xml", strings.HasPrefix(name, "xl/theme/"):
			if err := w.walk(name, partBytes, func(xml.Token) error { return nil }); err != nil {
				return nil, err
			}
		default:
			continue
		}
		if f.CompressedSize64 > unpackedBytes {
			return nil, fmt.Errorf("%s is larger than %d MB", f.Name, unpackedBytes>>20)
		}
		if err := to.Copy(f); err != nil {
			return nil, fmt.Errorf("%s: %w", f.Name, err)
		}
	}
	err := to.Close()
	return packed.Bytes(), err
}

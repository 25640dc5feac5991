package intake

import (
	"context"
	"io"
)

// Reader reads a file record by record, as the records are in it.
type Reader struct{ rows rows }

// Row is one record as it is in a file. Its memory is valid until the next one.
type Row struct {
	Line  int    // of the file, from 1; in a JSON array, the element
	Raw   []byte // with its line end, in CSV
	Cells []Cell // in the order of the names; of JSON, as many as have been seen
	Bad   string // why it could not be read, if so
}

// Cell is one value as it is in a file: of JSON a string's text, anything else as written.
type Cell struct {
	Text    string
	Missing bool
}

// Read opens a file of records. Options that are left out are detected.
func Read(ctx context.Context, file io.ReadSeeker, o Options) (*Reader, error) {
	if o.Format == CSV && o.Encoding == "" {
		var err error
		if o.Encoding, err = encodingOf(file); err != nil {
			return nil, err
		}
	}
	o.keepRaw = true
	r, err := open(ctx, file, &o)
	return &Reader{r}, err
}

// Names are the fields' names in the file; for JSON their number may grow.
func (r *Reader) Names() []string { return r.rows.names() }

// Head is the header line of a CSV file, as it is.
func (r *Reader) Head() string {
	if c, ok := r.rows.(*csvRows); ok {
		return c.headLine
	}
	return ""
}

// Next returns the next record; io.EOF after the last.
func (r *Reader) Next() (Row, error) {
	row, err := r.rows.next()
	if err != nil {
		return Row{}, err
	}
	cells := make([]Cell, len(row.cells))
	for i, c := range row.cells {
		cells[i] = Cell{c.text, c.missing}
	}
	return Row{row.line, row.raw, cells, row.bad}, nil
}

// Close frees what reading used; the file stays open.
func (r *Reader) Close() error { return r.rows.close() }

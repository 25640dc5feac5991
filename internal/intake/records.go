package intake

import (
	"context"
	"encoding/csv"
	"fmt"
	"io"
	"strconv"

	"pageladder.example/internal/csvcell"
	"pageladder.example/paging/value"
)

// WriteRecords reads the file again and writes its records as CSV without a header line, in the
// order of the plan's fields, each value in its type's canonical form. Rows that could not be read
// go to aside, with the reason; without aside they are skipped.
func (p *Plan) WriteRecords(ctx context.Context, file io.ReadSeeker, to io.Writer, aside io.Writer) error {
	o := p.Options
	r, err := open(ctx, file, &o)
	if err != nil {
		return err
	}
	defer r.close()
	var setAside *csv.Writer
	if aside != nil {
		setAside = csv.NewWriter(aside)
		if err := setAside.Write(append([]string{"line", "reason"}, r.names()...)); err != nil {
			return err
		}
		defer setAside.Flush()
	}
	buf := make([]byte, 0, 1<<16)
	for n, looked := int64(1), 0; ; looked++ {
		row, err := r.next()
		if err == nil && looked%lookEvery == 0 {
			err = ctx.Err()
		}
		if err == io.EOF {
			break
		}
		if err != nil {
			return err
		}
		from := len(buf)
		reason := row.bad
		if reason == "" {
			buf, reason = p.appendRecord(buf, row.cells, n)
		}
		if reason != "" {
			buf = buf[:from]
			if setAside != nil {
				line := []string{strconv.Itoa(row.line), reason}
				for _, c := range row.cells {
					line = append(line, c.text)
				}
				if err := setAside.Write(line); err != nil {
					return err
				}
			}
			continue
		}
		n++
		if len(buf) > 1<<16-1<<12 {
			if _, err := to.Write(buf); err != nil {
				return err
			}
			buf = buf[:0]
			if o.Progress != nil {
				o.Progress(position(file), n)
			}
		}
	}
	_, err = to.Write(buf)
	return err
}

// appendRecord writes one row; it returns what is wrong with it.
func (p *Plan) appendRecord(dst []byte, cells []cell, number int64) (_ []byte, reason string) {
	for i, f := range p.Fields {
		if i > 0 {
			dst = append(dst, ',')
		}
		at := p.columns[i]
		switch {
		case at < 0:
			dst = strconv.AppendInt(dst, number, 10)
		case at >= len(cells) || cells[at].missing:
		case f.Type == value.Text:
			if wrong := sound(cells[at].text); wrong != "" {
				return dst, f.Name + " " + wrong
			}
			dst = csvcell.Append(dst, cells[at].text, false)
		default:
			value, want := cells[at].text, ""
			if p.local[i] {
				value = p.Options.plain(f.Type, value)
			}
			if p.Options.Types[f.Name] != "" { // detected types fit every value; declared ones may not
				value, want = f.Type.Canonical(value)
			}
			if want != "" {
				return dst, fmt.Sprintf("%s is not %s", f.Name, want)
			}
			dst = csvcell.Append(dst, value, false)
		}
	}
	return append(dst, '\n'), ""
}

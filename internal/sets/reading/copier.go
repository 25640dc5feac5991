package reading

import "sync"

// copier copies rows, whose memory belongs to the connection, into few pieces of memory. It can be
// used again when nobody reads its records any more.
type copier struct {
	records []Record
	values  [][]byte
	text    []byte
}

const (
	copiedAtOnce = 4 << 10 // bytes of text, at first
	copierKept   = 1 << 20 // limit of bytes that a copier keeps to be used again
)

var copiers = sync.Pool{New: func() any { return new(copier) }}

// release prepares a copier for other rows.
func (c *copier) release() {
	if c == nil || cap(c.text)+24*(cap(c.values)+cap(c.records)) > copierKept {
		return
	}
	c.records, c.values, c.text = c.records[:0], c.values[:0], c.text[:0]
	copiers.Put(c)
}

func (c *copier) copy(raw [][]byte) {
	first := len(c.values)
	for _, v := range raw {
		if v == nil {
			c.values = append(c.values, nil)
			continue
		}
		if c.text == nil || len(c.text)+len(v) > cap(c.text) { // an empty text is a text, so it must not be nil
			c.text = make([]byte, 0, max(len(v), 2*cap(c.text), copiedAtOnce))
		}
		from := len(c.text)
		c.text = append(c.text, v...)
		c.values = append(c.values, c.text[from:len(c.text):len(c.text)])
	}
	c.records = append(c.records, c.values[first:len(c.values):len(c.values)])
}

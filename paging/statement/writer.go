package statement

import (
	"strconv"
	"strings"
)

// Statement is one statement: its text, and its arguments in the order of their
// placeholders.
type Statement struct {
	SQL  string
	Args []any
}

// writer writes part of a statement.
type writer struct {
	dialect Dialect
	sql     strings.Builder
	args    []any
	before  int // number of arguments before this part
}

func (w *writer) text(parts ...string) {
	for _, p := range parts {
		w.sql.WriteString(p)
	}
}

func (w *writer) int(n int64) {
	var digits [20]byte
	w.sql.Write(strconv.AppendInt(digits[:0], n, 10))
}

// place writes a placeholder.
func (w *writer) place(value any) {
	w.args = append(w.args, value)
	w.number(len(w.args))
}

// number writes the placeholder of the n-th argument of this part.
func (w *writer) number(n int) {
	if w.dialect != PostgreSQL {
		w.sql.WriteByte('?')
		return
	}
	w.sql.WriteByte('$')
	w.int(int64(w.before + n))
}

// argument writes a value.
func (w *writer) argument(a *argument) {
	w.text(a.before)
	w.place(a.value)
	w.text(a.after)
}

// again writes the n-th argument of this part once more.
func (w *writer) again(n int, a *argument) {
	if w.dialect != PostgreSQL {
		w.argument(a)
		return
	}
	w.text(a.before)
	w.number(n)
	w.text(a.after)
}

// none is a condition that no record meets.
const none = "1 = 0"

func either(first bool, one, other string) string {
	if first {
		return one
	}
	return other
}

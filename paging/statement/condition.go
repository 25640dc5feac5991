package statement

import (
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// condition writes one filter. A record without a value is not equal to anything, so that
// "not" finds it.
func (w *writer) condition(c *column, by *paging.Condition) {
	switch by.Op {
	case paging.None:
		w.text(c.expr, either(by.Values[0] == "true", " is null", " is not null"))
	case paging.Min:
		w.bound(c, by.Values[0], false)
	case paging.Max:
		w.bound(c, by.Values[0], true)
	case paging.Not:
		if c.field.Nullable {
			w.text("(")
		}
		w.text("not (")
		w.equals(c, by.Values)
		w.text(")")
		if c.field.Nullable {
			w.text(" or ", c.expr, " is null)")
		}
	case paging.Equals:
		w.text("(")
		w.equals(c, by.Values)
		w.text(")")
	default:
		w.text("(")
		for i, v := range by.Values {
			if i > 0 {
				w.text(" or ")
			}
			w.like(c, by.Op, v)
		}
		w.text(")")
	}
}

// equals writes that a column has one of some values.
func (w *writer) equals(c *column, values []string) {
	if len(values) > 1 && w.dialect == PostgreSQL && c.kind != value.Time && !c.field.Native { // which may have no arrays
		w.text(c.expr, " = any(")
		w.place(arrayText(values))
		w.text(castTo(c.kind, values...), "[])")
		return
	}
	for i, v := range values {
		if i > 0 {
			w.text(" or ")
		}
		w.equal(c, v)
	}
}

func (w *writer) equal(c *column, v string) {
	if c.kind == value.Time && isDay(v) {
		w.bound(c, v, false)
		w.text(" and ")
		w.bound(c, v, true)
		return
	}
	a := w.dialect.bind(c, v)
	if a.above {
		w.text(none)
		return
	}
	w.text(c.expr, " = ")
	w.argument(&a)
	switch {
	case !c.isText():
	case w.dialect == SQLite: // a column may have a collation in which case is nothing
		w.text(" collate binary")
	case w.dialect == MySQL:
		// Its collations take texts as equal that differ in case, accents or spaces at
		// the end. The comparison before this one can use an index.
		w.text(" and ", exactText(c), " = cast(")
		w.again(len(w.args), &a)
		w.text(" as binary)")
	}
}

// exactText is a text of MySQL's, byte by byte.
func exactText(c *column) string { return "cast(convert(" + c.expr + " using utf8mb4) as binary)" }

// bound writes that a column is at least a value or, with upper, at most. Of a date that
// stands for a whole day, that is from its first moment or until its last.
func (w *writer) bound(c *column, v string, limit bool) {
	var a argument
	compare := " >= "
	switch {
	case c.kind == value.Time && isDay(v):
		at, _ := parseTime(v) // canonical
		if limit {
			at, compare = at.AddDate(0, 0, 1), " < "
		}
		if at.Year() > 9999 && w.dialect != PostgreSQL { // which they have no times in
			w.text(c.expr, " is not null")
			return
		}
		a = w.dialect.moment(c, at, false)
	default:
		a = w.dialect.bind(c, v)
		switch {
		case limit:
			compare = " <= "
		case a.above:
			compare = " > "
		}
	}
	w.text(c.expr, compare)
	w.argument(&a)
}

// like writes that a text has a part, or starts with one, without regard to case.
func (w *writer) like(c *column, op paging.Operator, v string) {
	text := c.lower
	if text != "" || w.dialect != PostgreSQL {
		v = strings.ToLower(v)
	}
	if text == "" {
		text = "lower(" + c.expr + ")"
	}
	switch w.dialect {
	case SQLite: // its LIKE takes patterns up to a length alone
		w.text("instr(", text, ", ")
		w.place(v)
		w.text(either(op == paging.Starts, ") = 1", ") > 0"))
	case MySQL:
		w.text("convert(", text, " using utf8mb4) collate utf8mb4_bin like ")
		w.place(pattern(op == paging.Has, v))
		w.text(" escape '!'")
	default:
		if c.lower != "" {
			w.text(c.lower, " like ")
		} else {
			w.text(c.expr)
			if c.field.Native {
				w.text("::text")
			}
			w.text(" ilike ")
		}
		w.place(pattern(op == paging.Has, v))
		w.text("::text escape '!'")
	}
}

// pattern is a pattern of LIKE for texts that start with a text, or have it anywhere.
func pattern(anywhere bool, text string) string {
	text = likeEscape.Replace(text) + "%"
	if anywhere {
		text = "%" + text
	}
	return text
}

// likeEscape is no backslash, which MySQL takes away, or not, as it is set up.
var likeEscape = strings.NewReplacer(`!`, `!!`, `%`, `!%`, `_`, `!_`)

// arrayText writes an array of texts as PostgreSQL reads one, for any driver.
func arrayText(values []string) string {
	var b strings.Builder
	for i, v := range values {
		b.WriteString(either(i == 0, `{"`, `","`))
		b.WriteString(arrayEscape.Replace(v))
	}
	b.WriteString(`"}`)
	return b.String()
}

var arrayEscape = strings.NewReplacer(`\`, `\\`, `"`, `\"`)

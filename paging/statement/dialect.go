package statement

import (
	"strconv"
	"strings"
)

// Dialect is the SQL of one kind of database.
type Dialect uint8

// The dialects.
const (
	PostgreSQL Dialect = iota + 1 // 13 and newer, encoded in UTF8
	MySQL                         // MySQL 8 and MariaDB 10.6, and newer, over a connection in utf8mb4
	SQLite                        // 3.35 and newer
)

func (d Dialect) String() string {
	switch d {
	case PostgreSQL:
		return "PostgreSQL"
	case MySQL:
		return "MySQL"
	case SQLite:
		return "SQLite"
	}
	return "no dialect"
}

// placeholder is the n-th placeholder of a statement.
func (d Dialect) placeholder(n int) string {
	if d == PostgreSQL {
		return "$" + strconv.Itoa(n)
	}
	return "?"
}

// Quote writes a name as SQL, whatever its characters. A NUL, which no name can have, is
// left out.
func (d Dialect) Quote(name string) string {
	quote := `"`
	if d == MySQL {
		quote = "`"
	}
	return quote + strings.ReplaceAll(strings.ReplaceAll(name, "\x00", ""), quote, quote+quote) + quote
}

// scan reads SQL that a developer wrote and counts its placeholders. It says what is wrong if the
// text cannot be part of a statement: it ends the statement or contains a comment, or a quote or a
// bracket is left open.
func (d Dialect) scan(sql string) (placeholders int, wrong string) {
	var open []byte // closing brackets that are awaited
	for i := 0; i < len(sql); i++ {
		switch c := sql[i]; {
		case c == '\'' || c == '"' || c == '`' && d != PostgreSQL:
			end := d.quoteEnd(sql, i)
			if end < 0 {
				return 0, "a quote that is not closed"
			}
			i = end
		case c == '(':
			open = append(open, ')')
		case c == '[':
			open = append(open, ']')
		case c == ')' || c == ']':
			if len(open) == 0 || open[len(open)-1] != c {
				return 0, "a bracket that was not opened"
			}
			open = open[:len(open)-1]
		case c == ';', c == 0, c == '#' && d == MySQL, strings.HasPrefix(sql[i:], "--"), strings.HasPrefix(sql[i:], "/*"):
			return 0, "an end of the statement, or a comment"
		case c == '?' && d != PostgreSQL:
			placeholders++
			if i+1 < len(sql) && isDigit(sql[i+1]) {
				return 0, "a numbered placeholder; right would be ? alone"
			}
		case c == '$' && d == PostgreSQL:
			n := 0
			for i+1 < len(sql) && isDigit(sql[i+1]) && n <= maxValues {
				i++
				n = 10*n + int(sql[i]-'0')
			}
			if n == 0 {
				return 0, "a $ that begins no placeholder"
			}
			placeholders = max(placeholders, n)
		}
	}
	if len(open) > 0 {
		return 0, "a bracket that is not closed"
	}
	return placeholders, ""
}

func isDigit(c byte) bool { return '0' <= c && c <= '9' }

// quoteEnd is the end of the quoted text that begins at i; below 0 if it has none. A doubled quote
// begins another one, right after.
func (d Dialect) quoteEnd(sql string, i int) int {
	for j := i + 1; j < len(sql); j++ {
		switch {
		case sql[j] == '\\' && d == MySQL && sql[i] != '`':
			j++
		case sql[j] == sql[i]:
			return j
		}
	}
	return -1
}

// isName reports whether SQL is a name alone, such as a.cargo or "a b"."c", which needs no
// brackets around it.
func (d Dialect) isName(sql string) bool {
	for i := 0; i < len(sql); i++ {
		switch c := sql[i]; {
		case c == '"' && d != MySQL || c == '`' && d != PostgreSQL:
			i = d.quoteEnd(sql, i)
		case c == '_', c == '.', isDigit(c), 'a' <= c && c <= 'z', 'A' <= c && c <= 'Z', c >= 0x80:
		default:
			return false
		}
	}
	return sql != ""
}

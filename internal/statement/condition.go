package statement

import (
	"fmt"
	"slices"
	"strconv"
	"strings"
	"time"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// SQLType is the type that values of a type are cast to.
func SQLType(t value.Type) string { return sqlTypes[t] }

// sqlTypes are the types that values are cast to. Text takes the collation of the
// column that it is held against.
var sqlTypes = map[value.Type]string{
	value.Text: "text", value.Integer: "bigint", value.Decimal: "numeric", value.BigInteger: "numeric",
	value.BigDecimal: "numeric", value.Boolean: "boolean", value.Date: "date", value.Time: "timestamptz", value.JSON: "jsonb",
}

// castTo is the type that values of a field are cast to. A big integer that fits
// becomes a bigint, so that an index on a bigint column of a source is of use; any
// number column can be held against one.
func castTo(t value.Type, values ...string) string {
	if t != value.BigInteger {
		return sqlTypes[t]
	}
	for _, v := range values {
		if _, err := strconv.ParseInt(v, 10, 64); err != nil {
			return sqlTypes[t]
		}
	}
	return "bigint"
}

// condition writes one filter. A record without a value is not equal to
// anything, so that "not" finds it.
func (q *Question) condition(c *paging.Condition) string {
	if f := q.table.field(c.Field); f != nil && f.Own && c.Op != paging.None {
		return q.ownCondition(c)
	}
	column, sqlType := Column(c.Field), castTo(c.Type, c.Values...)
	one := func() string { return q.arg(c.Values[0], sqlType) }
	if c.Type == value.Time && slices.ContainsFunc(c.Values, IsDay) {
		return q.onDays(c)
	}
	switch c.Op {
	case paging.Equals:
		if len(c.Values) == 1 {
			return column + " = " + one()
		}
		return column + " = any(" + q.arg(c.Values, sqlType+"[]") + ")"
	case paging.Not:
		return "(" + column + " <> all(" + q.arg(c.Values, sqlType+"[]") + ") or " + column + " is null)"
	case paging.Min:
		return column + " >= " + one()
	case paging.Max:
		return column + " <= " + one()
	case paging.None:
		if c.Values[0] == "true" {
			return column + " is null"
		}
		return column + " is not null"
	}
	either := make([]string, len(c.Values))
	for i, v := range c.Values {
		either[i] = column + " ilike " + q.arg(likePattern(c.Op, v), "text")
	}
	return "(" + strings.Join(either, " or ") + ")"
}

// ownCondition writes a filter of a field whose values the source compares by its own
// type: a placeholder without a cast takes the type of the column.
func (q *Question) ownCondition(c *paging.Condition) string {
	column := Column(c.Field)
	place := func(value string) string {
		q.args = append(q.args, value)
		return "$" + strconv.Itoa(len(q.args))
	}
	either := make([]string, len(c.Values))
	for i, v := range c.Values {
		switch c.Op {
		case paging.Min:
			either[i] = column + " >= " + place(v)
		case paging.Max:
			either[i] = column + " <= " + place(v)
		case paging.Has, paging.Starts:
			either[i] = column + "::text ilike " + q.arg(likePattern(c.Op, v), "text")
		default:
			either[i] = column + " = " + place(v)
		}
	}
	any := "(" + strings.Join(either, " or ") + ")"
	if c.Op == paging.Not {
		return "(not " + any + " or " + column + " is null)"
	}
	return any
}

// IsDay tells whether a value of a time is a date alone, which stands for the whole
// day in UTC.
func IsDay(value string) bool { return len(value) == len(time.DateOnly) }

// onDays writes a filter of times of which some are whole days.
func (q *Question) onDays(c *paging.Condition) string {
	column := Column(c.Field)
	midnight := func(day string, plus int) string {
		return fmt.Sprintf("((%s + %d)::timestamp at time zone 'UTC')", q.arg(day, "date"), plus)
	}
	switch c.Op {
	case paging.Min:
		return column + " >= " + midnight(c.Values[0], 0)
	case paging.Max:
		return column + " < " + midnight(c.Values[0], 1)
	}
	either := make([]string, len(c.Values))
	for i, v := range c.Values {
		if IsDay(v) {
			either[i] = column + " >= " + midnight(v, 0) + " and " + column + " < " + midnight(v, 1)
		} else {
			either[i] = column + " = " + q.arg(v, sqlTypes[value.Time])
		}
	}
	any := "(" + strings.Join(either, " or ") + ")"
	if c.Op == paging.Not {
		return "(not " + any + " or " + column + " is null)"
	}
	return any
}

// likePattern is the pattern of a "has" or "starts".
func likePattern(op paging.Operator, value string) string {
	pattern := likeEscape.Replace(value) + "%"
	if op == paging.Has {
		pattern = "%" + pattern
	}
	return pattern
}

var likeEscape = strings.NewReplacer(`\`, `\\`, `%`, `\%`, `_`, `\_`)

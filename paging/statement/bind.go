package statement

import (
	"fmt"
	"math/big"
	"slices"
	"strconv"
	"strings"
	"time"

	"pageladder.example/paging/value"
)

// argument is a value in the form that a database compares rightly.
type argument struct {
	value         any
	before, after string // around its placeholder: a cast
	above         bool   // the database cannot store the value; this is the next one below it
}

// bind prepares a value, in its type's canonical form, to be compared with a column.
func (d Dialect) bind(c *column, v string) argument {
	switch {
	case c.field.Native:
		return argument{value: v}
	case c.kind == value.Time:
		return d.bindTime(c, v)
	case d == PostgreSQL:
		return argument{value: v, after: castTo(c.kind, v)}
	}
	switch c.kind {
	case value.Boolean:
		if v == "true" {
			return d.bindInteger(1)
		}
		return d.bindInteger(0)
	case value.Integer, value.BigInteger, value.Decimal, value.BigDecimal:
		if n, err := strconv.ParseInt(v, 10, 64); err == nil {
			return d.bindInteger(n)
		}
		if d == MySQL {
			return bindDecimal(v)
		}
		f, _ := strconv.ParseFloat(v, 64) // canonical; infinite if it is beyond a float
		return argument{value: f}
	case value.Date:
		if d == MySQL {
			return argument{value: v, before: "cast(", after: " as date)"}
		}
	}
	return argument{value: v}
}

// bindInteger prepares a whole number. A driver may send it as a text or a float, as which MySQL would
// compare it.
func (d Dialect) bindInteger(n int64) argument {
	if d == MySQL {
		return argument{value: n, before: "cast(", after: " as signed)"}
	}
	return argument{value: n}
}

// castTypes are the casts by which PostgreSQL knows the types of values. Text takes the
// collation of the column that it is compared with.
var castTypes = map[value.Type]string{
	value.Text: "::text", value.Integer: "::bigint", value.Decimal: "::numeric", value.BigInteger: "::numeric",
	value.BigDecimal: "::numeric", value.Boolean: "::boolean", value.Date: "::date", value.Time: "::timestamptz", value.JSON: "::jsonb",
}

// castTo is the cast by which PostgreSQL knows the type of values. A big integer that
// fits becomes a bigint, so that an index on a bigint column is of use; any column of
// numbers can be compared with one.
func castTo(t value.Type, values ...string) string {
	if t == value.BigInteger && !slices.ContainsFunc(values, func(v string) bool { _, err := strconv.ParseInt(v, 10, 64); return err != nil }) {
		return "::bigint"
	}
	return castTypes[t]
}

// The digits of MySQL's DECIMAL: in all, and after the point.
const (
	decimalDigits   = 65
	decimalFraction = 30
)

// bindDecimal prepares a number for MySQL, which would compare a number in a text as a float. No
// DECIMAL has more digits than these; a larger number is compared with floats only.
func bindDecimal(v string) argument {
	digits, negative := strings.CutPrefix(v, "-")
	whole, fraction, _ := strings.Cut(digits, ".")
	if len(whole) > decimalDigits {
		f, _ := strconv.ParseFloat(v, 64)
		if f > 1e308 || f < -1e308 { // MySQL has no infinities
			f = max(min(f, 1.7e308), -1.7e308)
		}
		return argument{value: f}
	}
	scale := min(len(fraction), decimalFraction, decimalDigits-len(whole))
	a := argument{value: v, before: "cast(", after: " as decimal(65," + strconv.Itoa(scale) + "))", above: scale < len(fraction)}
	if a.above {
		floor, _ := new(big.Int).SetString(whole+fraction[:scale], 10) // in units of its last digit
		if negative {
			floor.Neg(floor.Add(floor, big.NewInt(1)))
		}
		a.value = new(big.Rat).SetFrac(floor, new(big.Int).Exp(big.NewInt(10), big.NewInt(int64(scale)), nil)).FloatString(scale)
	}
	return a
}

// precision is the shortest span that a column of times distinguishes.
type precision time.Duration

const microseconds = precision(time.Microsecond)

// bindTime prepares a time or, as its midnight, a date.
func (d Dialect) bindTime(c *column, v string) argument {
	at, err := parseTime(v)
	if err != nil { // as PostgreSQL writes it: see Question.From
		return argument{value: v, after: "::timestamptz"}
	}
	floor := at.Truncate(time.Duration(c.precise))
	return d.moment(c, floor, floor.Before(at))
}

// moment is a time that a column can hold.
func (d Dialect) moment(c *column, at time.Time, above bool) argument {
	switch {
	case d == PostgreSQL && c.field.Native:
		return argument{value: at.Format(time.RFC3339Nano), above: above}
	case d == PostgreSQL:
		return argument{value: at.Format(time.RFC3339Nano), after: "::timestamptz", above: above}
	case d == MySQL:
		return argument{value: at.Format("2006-01-02 15:04:05.000000"), before: "cast(", after: " as datetime(6))", above: above}
	case c.layout == "unix":
		return argument{value: at.Unix(), above: above}
	case c.layout == "unixmilli":
		return argument{value: at.UnixMilli(), above: above}
	}
	return argument{value: at.Format(c.layout), above: above}
}

// parseTime reads a canonical time, or a date as its midnight in UTC.
func parseTime(v string) (time.Time, error) {
	if isDay(v) {
		return time.Parse(time.DateOnly, v)
	}
	at, err := time.Parse(time.RFC3339Nano, v)
	return at.UTC(), err
}

// isDay reports whether a value of a time in a condition is a date, which means the whole day in
// UTC: see paging.Condition.
func isDay(value string) bool { return len(value) == len(time.DateOnly) }

// layoutOf checks how SQLite stores times, and returns the span that this distinguishes.
func layoutOf(layout string) (string, precision, error) {
	switch layout {
	case "":
		return "2006-01-02T15:04:05Z", precision(time.Second), nil
	case "unix":
		return layout, precision(time.Second), nil
	case "unixmilli":
		return layout, precision(time.Millisecond), nil
	}
	// Texts sort like their times if all have the same width and a later time's text is never
	// smaller. Some examples show that.
	at := time.Date(1987, 6, 5, 4, 3, 2, 0, time.UTC)
	width, fine := len(at.Format(layout)), precision(time.Second)
	for _, unit := range []time.Duration{time.Millisecond, time.Microsecond, time.Nanosecond} {
		if at.Format(layout) != at.Add(unit).Format(layout) {
			fine = precision(unit)
		}
	}
	for _, later := range []time.Time{at.Add(100 * time.Millisecond), at.Add(time.Second), at.Add(59 * time.Second), at.Add(time.Hour),
		at.Add(18 * time.Hour), at.AddDate(0, 0, 1), at.AddDate(0, 0, 9), at.AddDate(0, 5, 0), at.AddDate(1, 0, 0), at.AddDate(900, 0, 0)} {
		same := later.Sub(at) < time.Second && fine == precision(time.Second)
		if text := later.Format(layout); len(text) != width || text <= at.Format(layout) && !same {
			return "", 0, fmt.Errorf("found %.100q, which writes %s and later %s; right would be a layout of one width, from the year down to the second", layout, at.Format(layout), text)
		}
		at = later.Truncate(time.Second)
	}
	return layout, fine, nil
}

package paging

import (
	"cmp"
	"encoding/json"
	"slices"
	"strconv"
	"strings"
	"time"
	"unicode/utf8"
)

// Type is the type of a field's values.
type Type string

// The types. How a value is written in a query stands beside each.
const (
	Text       Type = "text"        // anything but NUL, valid UTF-8
	Integer    Type = "integer"     // digits with an optional sign, within ±(2^53−1)
	Decimal    Type = "decimal"     // digits, sign and point optional, up to 15 significant digits
	BigInteger Type = "big_integer" // digits with an optional sign, up to 1,000 of them
	BigDecimal Type = "big_decimal" // digits, sign and point optional, up to 1,000 of them
	Boolean    Type = "boolean"     // true or false
	Date       Type = "date"        // RFC 3339 full-date: 2026-03-01
	Time       Type = "time"        // RFC 3339 date-time; a date alone is its midnight in UTC, and in a filter the whole day
	JSON       Type = "json"        // a list or an object; is not filtered by but for "none"
)

// Operator is how a filter compares.
type Operator string

// The operators and the parameter that each is asked by, for a field "berth".
const (
	Equals Operator = "equals" // berth=N4; given twice is either
	Not    Operator = "not"    // berth.not=N4; given twice is neither
	Min    Operator = "min"    // tonnage.min=500, inclusive
	Max    Operator = "max"    // tonnage.max=900, inclusive
	None   Operator = "none"   // cargo.none=true: has no value; false: has one
	Has    Operator = "has"    // vessel.has=gull, without regard to case
	Starts Operator = "starts" // vessel.starts=Sea, without regard to case
)

// operatorsOf are the operators that a type has.
var operatorsOf = map[Type][]Operator{
	Text:       {Equals, Not, None, Has, Starts},
	Integer:    {Equals, Not, Min, Max, None},
	Decimal:    {Equals, Not, Min, Max, None},
	BigInteger: {Equals, Not, Min, Max, None},
	BigDecimal: {Equals, Not, Min, Max, None},
	Boolean:    {Equals, Not, None},
	Date:       {Equals, Not, Min, Max, None},
	Time:       {Equals, Not, Min, Max, None},
	JSON:       {None},
}

// FilterRule is one field that callers may filter by.
type FilterRule struct {
	// Field is the field.
	Field string `json:"field"`
	// Type is the type of its values. Left out: text.
	Type Type `json:"type,omitempty"`
	// Operators are those that are offered. Left out: all that the type has.
	Operators []Operator `json:"operators,omitempty"`
	// Param is the parameter's name. Left out: the field's, or "field.NAME" where
	// that is another parameter's or begins with "pl.".
	Param string `json:"param,omitempty"`
}

// Condition is one filter in force. Several values of one field and operator are
// one condition. Where the type is Time, a value that is a date alone stands for that
// whole day in UTC: equal to it is any time of the day, Min begins with its first
// moment and Max ends with its last.
type Condition struct {
	Field  string   `json:"field"`
	Type   Type     `json:"type"`
	Op     Operator `json:"op"`
	Values []string `json:"values"` // as the type's values are written, in canonical form
}

func (f *FilterRule) valueType() Type {
	if f.Type == "" {
		return Text
	}
	return f.Type
}

func (f *FilterRule) operators() []Operator {
	if len(f.Operators) > 0 {
		return f.Operators
	}
	return operatorsOf[f.valueType()]
}

// Offered are the operators that a filter is offered by.
func (r *Rules) Offered(f *FilterRule) []Operator { return slices.Clone(f.operators()) }

// fieldPrefix sets a field's name apart from another parameter's.
const fieldPrefix = "field."

// servicePrefix begins the parameters that speak to a service.
const servicePrefix = "pl."

// FilterParam is the name of a filter's parameter.
func (r *Rules) FilterParam(f *FilterRule) string {
	switch {
	case f.Param != "":
		return f.Param
	case r.reserved(f.Field):
		return fieldPrefix + f.Field
	}
	return f.Field
}

// reserved tells whether a name is that of another parameter.
func (r *Rules) reserved(name string) bool {
	return strings.HasPrefix(name, servicePrefix) || slices.Contains(r.params(), name)
}

// filter finds the filter and the operator that a parameter asks for. The
// operator is "" where the filter is known and what follows its name is not.
func (r *Rules) filter(name string) (f *FilterRule, op Operator) {
	if f := r.filterNamed(name); f != nil {
		return f, Equals
	}
	dot := strings.LastIndexByte(name, '.')
	if dot < 0 {
		return nil, ""
	}
	if f = r.filterNamed(name[:dot]); f != nil {
		op = Operator(name[dot+1:])
		if op == Equals { // is asked by the name alone
			op = ""
		}
	}
	return f, op
}

func (r *Rules) filterNamed(name string) *FilterRule {
	field, prefixed := strings.CutPrefix(name, fieldPrefix)
	for i := range r.Filters {
		f := &r.Filters[i]
		switch {
		case f.Param != "":
			if f.Param == name {
				return f
			}
		case f.Field == name && !strings.HasPrefix(name, servicePrefix), // r.params() never come here
			prefixed && f.Field == field && r.reserved(field):
			return f
		}
	}
	return nil
}

// readFilter reads a parameter that asks for a filter.
func (a *Ask) readFilter(i int, name string, f *FilterRule, op Operator) {
	given := a.parts[i].value()
	if given == "" { // plain forms send those
		return
	}
	bad := func(why Code, reason string) {
		if a.ruled().refuses(why) {
			a.refuse(quoted(name), given, why, reason)
			return
		}
		a.parts[i].role = roleDropped
		a.adjust(quoted(name), given, "", why, reason)
	}
	if !slices.Contains(f.operators(), op) {
		bad(FilterUnknownOperator, quote(name)+" is no way to filter by "+f.Field+" (offered: "+a.ruled().operatorNames(f)+")")
		return
	}
	t := f.valueType()
	if op == None {
		t = Boolean
	}
	value, want := t.Canonical(given)
	if day := strings.Trim(given, " \t"); want == "" && t == Time && len(day) == len(time.DateOnly) {
		value = day // stands for the whole day: see Condition
	}
	if want != "" {
		bad(FilterBadValue, quote(given)+" is not "+want)
		return
	}
	for j := range a.conditions {
		if c := &a.conditions[j]; c.Field == f.Field && c.Op == op {
			if op == Min || op == Max || op == None { // one bound holds: the last
				a.fault(name, c.Values[0], value, ParamRepeated, name+" is given more than once and the last one counts")
				a.dropEarlier(i, name)
				c.Values = []string{value}
			} else {
				c.Values = append(c.Values, value)
			}
			return
		}
	}
	if a.conditions == nil {
		a.conditions = make([]Condition, 0, len(a.parts)-i)
		a.values = make([]string, 0, len(a.parts)-i)
	}
	n := len(a.values)
	a.values = append(a.values, value)
	a.conditions = append(a.conditions, Condition{Field: f.Field, Type: f.valueType(), Op: op, Values: a.values[n : n+1 : n+1]})
}

// dropEarlier leaves the parameters of a name that stand before i off the links.
func (a *Ask) dropEarlier(i int, name string) {
	for j := range i {
		if a.parts[j].name == name {
			a.parts[j].role = roleDropped
		}
	}
}

// operatorNames lists a filter's parameters: "tonnage, tonnage.min".
func (r *Rules) operatorNames(f *FilterRule) string {
	names := make([]string, 0, len(f.operators()))
	for _, op := range f.operators() {
		names = append(names, r.OperatorParam(f, op))
	}
	return strings.Join(names, ", ")
}

// OperatorParam is the name of the parameter that asks for one operator of a
// filter.
func (r *Rules) OperatorParam(f *FilterRule, op Operator) string {
	if op == Equals {
		return r.FilterParam(f)
	}
	return r.FilterParam(f) + "." + string(op)
}

const bigDigits = 1000 // longest big number that is read

// Canonical checks a value and writes it in the one form that its type has. For
// a bad value, want says what would be right.
func (t Type) Canonical(s string) (value, want string) {
	trimmed := strings.Trim(s, " \t")
	switch t {
	case Text:
		if strings.IndexByte(s, 0) >= 0 || !utf8.ValidString(s) {
			return "", "text in UTF-8 without a NUL"
		}
		return s, ""
	case Integer, BigInteger:
		digits, ok := number(trimmed, false)
		if !ok {
			return "", "a whole number"
		}
		if n, err := strconv.ParseInt(digits, 10, 64); t == Integer && (err != nil || n > maxJSON || n < -maxJSON) {
			return "", "a whole number within ±9007199254740991"
		}
		return digits, ""
	case Decimal, BigDecimal:
		digits, ok := number(trimmed, true)
		if !ok {
			return "", "a number such as -12.5"
		}
		if t == Decimal && len(strings.Trim(strings.Replace(digits, ".", "", 1), "-0")) > 15 {
			return "", "a number of at most 15 significant digits"
		}
		return digits, ""
	case Boolean:
		if trimmed != "true" && trimmed != "false" {
			return "", "true or false"
		}
		return trimmed, ""
	case Date:
		if !isDate(trimmed) {
			return "", "a date such as 2026-03-01"
		}
		return trimmed, ""
	case Time:
		if isDate(trimmed) {
			return trimmed + "T00:00:00Z", ""
		}
		// the "+" of an offset that was not escaped has been read as a space
		at, err := time.Parse(time.RFC3339Nano, strings.ToUpper(strings.Replace(trimmed, " ", "+", 1)))
		if err == nil {
			at = at.UTC()
		}
		if err != nil || at.Year() < 1 || at.Year() > 9999 {
			return "", "a time such as 2026-03-01T06:30:00Z"
		}
		return at.Format(time.RFC3339Nano), ""
	}
	if t == JSON && json.Valid([]byte(s)) {
		if !storable(s) {
			return "", "JSON without \\u0000 and with numbers of at most 1,000 digits"
		}
		return s, ""
	}
	return "", "a value of type " + string(t)
}

// isDate checks an RFC 3339 full-date of the years 1 to 9999.
func isDate(s string) bool {
	at, err := time.Parse(time.DateOnly, s)
	return err == nil && at.Year() >= 1
}

// storable tells whether JSON can be kept by a database: no escape of a NUL in a
// string, and no number of more than 1,000 digits or with an exponent beyond ±1,000.
func storable(text string) bool {
	inString := false
	for i := 0; i < len(text); i++ {
		c := text[i]
		switch {
		case c == '"':
			inString = !inString
		case inString && c == '\\':
			if strings.HasPrefix(text[i+1:], "u0000") {
				return false
			}
			i++ // whatever is escaped
		case !inString && (c == '-' || '0' <= c && c <= '9'):
			end := i + 1
			for end < len(text) && strings.IndexByte("0123456789+-.eE", text[end]) >= 0 {
				end++
			}
			digits, exponent, _ := strings.Cut(strings.ToLower(text[i:end]), "e")
			if n, err := strconv.Atoi(cmp.Or(exponent, "0")); err != nil || n < -bigDigits || n > bigDigits || len(digits) > bigDigits {
				return false
			}
			i = end - 1
		}
	}
	return true
}

// number checks ASCII digits with an optional sign and, where a fraction may
// follow, an optional point between digits. It drops what says nothing: a "+",
// leading zeros, the zeros that end a fraction.
func number(s string, fraction bool) (canonical string, ok bool) {
	sign := ""
	if s != "" && (s[0] == '+' || s[0] == '-') {
		if s[0] == '-' {
			sign = "-"
		}
		s = s[1:]
	}
	whole, rest, pointed := strings.Cut(s, ".")
	if len(s) > bigDigits || !digits(whole) || pointed && (!fraction || !digits(rest)) {
		return "", false
	}
	whole, rest = strings.TrimLeft(whole, "0"), strings.TrimRight(rest, "0")
	if whole == "" {
		whole = "0"
	}
	if rest != "" {
		whole += "." + rest
	}
	if whole == "0" {
		sign = ""
	}
	return sign + whole, true
}

func digits(s string) bool {
	for i := range len(s) {
		if s[i] < '0' || s[i] > '9' {
			return false
		}
	}
	return s != ""
}

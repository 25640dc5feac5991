package paging

import (
	"slices"
	"strings"
	"time"

	"pageladder.example/paging/code"
	"pageladder.example/paging/value"
)

// Operator is how a filter compares.
type Operator string

// The operators and the parameter of each, for a field "berth".
const (
	Equals Operator = "equals" // berth=N4; given twice is either
	Not    Operator = "not"    // berth.not=N4; given twice is neither
	Min    Operator = "min"    // tonnage.min=500, inclusive
	Max    Operator = "max"    // tonnage.max=900, inclusive
	None   Operator = "none"   // cargo.none=true: has no value; false: has one
	Has    Operator = "has"    // vessel.has=gull, without regard to case
	Starts Operator = "starts" // vessel.starts=Sea, without regard to case
)

var operatorsOf = map[value.Type][]Operator{
	value.Text:       {Equals, Not, None, Has, Starts},
	value.Integer:    {Equals, Not, Min, Max, None},
	value.Decimal:    {Equals, Not, Min, Max, None},
	value.BigInteger: {Equals, Not, Min, Max, None},
	value.BigDecimal: {Equals, Not, Min, Max, None},
	value.Boolean:    {Equals, Not, None},
	value.Date:       {Equals, Not, Min, Max, None},
	value.Time:       {Equals, Not, Min, Max, None},
	value.JSON:       {None},
}

// FilterRule is one field that callers may filter by.
type FilterRule struct {
	// Field is the field's name.
	Field string `json:"field"`
	// Type is the type of its values; a value that is not of the type is refused. Left out: text.
	Type value.Type `json:"type,omitempty"`
	// Operators are the comparisons that are offered. Left out: all that the type has.
	Operators []Operator `json:"operators,omitempty"`
	// Param is the parameter's name. Left out: the field's, or "field.NAME" where
	// that is another parameter's or begins with "pl.". Behind a name that ends in a
	// bracket, operators stand in brackets too, filter[tonnage][min]; a dot is read as well.
	Param string `json:"param,omitempty"`
}

// Condition is one filter in force. Several values of one field and operator are
// one condition. Where the type is Time, a value that is a date alone stands for that
// whole day in UTC: equal to it is any time of the day, Min begins with its first
// moment and Max ends with its last.
type Condition struct {
	Field  string     `json:"field"`
	Type   value.Type `json:"type"`
	Op     Operator   `json:"op"`
	Values []string   `json:"values"` // as the type's values are written, in canonical form

	Param   string `json:"param,omitempty"`   // the parameter that asked for it
	Without string `json:"without,omitempty"` // in an answer: the address of the list without it
}

func (f *FilterRule) valueType() value.Type {
	if f.Type == "" {
		return value.Text
	}
	return f.Type
}

func (f *FilterRule) operators() []Operator {
	if len(f.Operators) > 0 {
		return f.Operators
	}
	return operatorsOf[f.valueType()]
}

// fieldPrefix sets a field's name apart from another parameter's.
const fieldPrefix = "field."

// filterParam is the name of a filter's parameter.
func (r *Rules) filterParam(f *FilterRule) string {
	switch {
	case f.Param != "":
		return r.Prefix + f.Param
	case r.reserved(f.Field):
		return r.Prefix + fieldPrefix + f.Field
	}
	return r.Prefix + f.Field
}

// reserved reports whether a name, without the prefix, is that of another parameter.
func (r *Rules) reserved(name string) bool {
	return r.aside(name) || slices.Contains(r.paramNames(), r.Prefix+name)
}

// filter finds the filter and the operator that a parameter asks for. The
// operator is "" where the filter is known and what follows its name is not.
func (r *Rules) filter(name string) (f *FilterRule, op Operator) {
	if f := r.filterNamed(name); f != nil {
		return f, Equals
	}
	base, operator := splitOperator(name)
	if f = r.filterNamed(base); f == nil || bracketed(name) && !bracketed(base) {
		return nil, ""
	}
	if op = Operator(operator); op == Equals { // has the name alone as its parameter
		op = ""
	}
	return f, op
}

// splitOperator takes off the operator at the end of a parameter's name: tonnage.min,
// filter[tonnage][min] or filter[tonnage].min. Without one the base is "", which no filter
// is called.
func splitOperator(name string) (base, operator string) {
	if bracketed(name) {
		open := max(strings.LastIndexByte(name, '['), 0)
		return name[:open], strings.TrimPrefix(name[open:len(name)-1], "[")
	}
	dot := max(strings.LastIndexByte(name, '.'), 0)
	return name[:dot], strings.TrimPrefix(name[dot:], ".")
}

// bracketed reports whether a parameter's operators stand in brackets behind its name.
func bracketed(name string) bool { return strings.HasSuffix(name, "]") }

func (r *Rules) filterNamed(name string) *FilterRule {
	name, ours := strings.CutPrefix(name, r.Prefix)
	if !ours {
		return nil
	}
	field, prefixed := strings.CutPrefix(name, fieldPrefix)
	for i := range r.Filters {
		f := &r.Filters[i]
		switch {
		case f.Param != "":
			if f.Param == name {
				return f
			}
		case f.Field == name && !r.reserved(name), // one name has one meaning
			prefixed && f.Field == field && r.reserved(field):
			return f
		}
	}
	return nil
}

// readFilter reads a parameter that asks for a filter.
func (a *ask) readFilter(i int, name string, f *FilterRule, op Operator) {
	given := a.parts[i].Value()
	if given == "" { // plain forms send those
		return
	}
	bad := func(why code.Code, reason string) {
		if a.ruled().refuses(why) {
			a.refuse(quoted(name), given, why, reason)
			return
		}
		a.parts[i].role = roleDropped
		a.adjust(quoted(name), given, "", why, reason)
	}
	if !slices.Contains(f.operators(), op) {
		bad(code.FilterUnknownOperator, quote(name)+" is no way to filter by "+f.Field+" (offered: "+a.ruled().operatorNames(f)+")")
		return
	}
	t := f.valueType()
	if op == None {
		t = value.Boolean
	}
	canonical, want := t.Canonical(given)
	if day := strings.Trim(given, " \t"); want == "" && t == value.Time && len(day) == len(time.DateOnly) {
		canonical = day // stands for the whole day: see Condition
	}
	if want != "" {
		bad(code.FilterBadValue, quote(given)+" is not "+want)
		return
	}
	for j := range a.conditions {
		if c := &a.conditions[j]; c.Field == f.Field && c.Op == op {
			if op == Min || op == Max || op == None { // one bound holds: the last
				a.fault(name, c.Values[0], canonical, code.ParamRepeated, name+" is given more than once and the last one counts")
				a.dropEarlier(i, name)
				c.Values = []string{canonical}
			} else {
				c.Values = append(c.Values, canonical)
			}
			return
		}
	}
	if a.conditions == nil {
		a.conditions = make([]Condition, 0, len(a.parts)-i)
		a.values = make([]string, 0, len(a.parts)-i)
	}
	n := len(a.values)
	a.values = append(a.values, canonical)
	a.conditions = append(a.conditions, Condition{Field: f.Field, Type: f.valueType(), Op: op, Values: a.values[n : n+1 : n+1], Param: name})
}

// dropEarlier leaves the parameters of a name that stand before i off the links. The
// last of them that has a value dropped those before it.
func (a *ask) dropEarlier(i int, name string) {
	for j := i - 1; j >= 0; j-- {
		if part := &a.parts[j]; part.Name() == name && part.role != roleDropped {
			part.role = roleDropped
			if part.Value() != "" {
				return
			}
		}
	}
}

// operatorNames lists a filter's parameters: "tonnage, tonnage.min".
func (r *Rules) operatorNames(f *FilterRule) string {
	names := make([]string, 0, len(f.operators()))
	for _, op := range f.operators() {
		names = append(names, r.operatorParam(f, op))
	}
	return strings.Join(names, ", ")
}

// operatorParam is the name of the parameter that asks for one operator of a filter.
func (r *Rules) operatorParam(f *FilterRule, op Operator) string {
	return withOperator(r.filterParam(f), op)
}

// ParamFor is the name of the parameter that asks for one operator of the filter, in
// resolved rules.
func (f FilterRule) ParamFor(op Operator) string { return withOperator(f.Param, op) }

func withOperator(param string, op Operator) string {
	if op == Equals {
		return param
	}
	if bracketed(param) {
		return param + "[" + string(op) + "]"
	}
	return param + "." + string(op)
}

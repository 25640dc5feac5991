// Package uritemplate expands URI templates, RFC 6570.
package uritemplate

import (
	"fmt"
	"strings"

	"pageladder.example/paging/query"
)

// Template is an RFC 6570 template, without the operators "+" and "#" and without
// prefixes. It is our own, since values must come out as UTF-8 whatever they hold.
type Template []part

// part is literal text, or an expression where there are variables.
type part struct {
	literal   string
	operator  byte // 0: none
	variables []Variable
}

// Variable is one variable of a template.
type Variable struct {
	Text     string // as it stands in the template
	Name     string // decoded: the parameter's
	Exploded bool   // each of several values stands by itself
}

// Parse reads a template, RFC 6570 section 2.
func Parse(text string) (t Template, err error) {
	for text != "" {
		literal, rest, found := strings.Cut(text, "{")
		if strings.Contains(literal, "}") {
			return nil, fmt.Errorf(`a "}" without its "{"`)
		}
		if literal != "" {
			t = append(t, part{literal: string(query.AppendKept(nil, literal))})
		}
		if !found {
			return t, nil
		}
		expression, after, closed := strings.Cut(rest, "}")
		if !closed {
			return nil, fmt.Errorf(`a "{" without its "}"`)
		}
		p, err := parseExpression(expression)
		if err != nil {
			return nil, err
		}
		t = append(t, p)
		text = after
	}
	return t, nil
}

func parseExpression(text string) (p part, err error) {
	list := text
	switch {
	case text == "":
		return p, fmt.Errorf("an expression without a variable")
	case strings.IndexByte("+#", text[0]) >= 0:
		return p, fmt.Errorf("the operator %q lets values leave their place", text[:1])
	case strings.IndexByte("./;?&", text[0]) >= 0:
		p.operator, list = text[0], text[1:]
	}
	for spec := range strings.SplitSeq(list, ",") {
		if strings.Contains(spec, ":") {
			return p, fmt.Errorf("the prefix in %q would cut values short", spec)
		}
		name, exploded := strings.CutSuffix(spec, "*")
		if !isVariable(name) {
			return p, fmt.Errorf("%.200q is no variable: letters, digits, \"_\" and escapes, \".\" between", name)
		}
		p.variables = append(p.variables, Variable{name, query.Decode(name), exploded})
	}
	return p, nil
}

// isVariable checks a variable's name, RFC 6570 section 2.3.
func isVariable(name string) bool {
	for piece := range strings.SplitSeq(name, ".") {
		if piece == "" {
			return false
		}
		for i := 0; i < len(piece); i++ {
			switch c := piece[i]; {
			case '0' <= c && c <= '9', 'a' <= c && c <= 'z', 'A' <= c && c <= 'Z', c == '_':
			case c == '%' && query.IsEscape(piece[i:]):
				i += 2
			default:
				return false
			}
		}
	}
	return true
}

// Variables are the template's variables, in their order.
func (t Template) Variables() (all []Variable) {
	for i := range t {
		all = append(all, t[i].variables...)
	}
	return all
}

// Expand fills the template, RFC 6570 section 3.2. A variable without values is
// left out.
func (t Template) Expand(values map[string][]string) string {
	var dst []byte
	for _, part := range t {
		dst = append(dst, part.literal...)
		first, between := part.operator, part.operator
		switch part.operator {
		case 0:
			between = ','
		case '?':
			between = '&'
		}
		named := part.operator == ';' || part.operator == '?' || part.operator == '&'
		begun := false
		begin := func(v *Variable, empty bool) {
			switch {
			case begun:
				dst = append(dst, between)
			case first != 0:
				dst = append(dst, first)
			}
			begun = true
			if named {
				dst = append(dst, v.Text...)
				if part.operator != ';' || !empty {
					dst = append(dst, '=')
				}
			}
		}
		for i := range part.variables {
			v := &part.variables[i]
			list := values[v.Name]
			for n, value := range list {
				if n == 0 || v.Exploded {
					begin(v, value == "" && (v.Exploded || len(list) == 1))
				} else {
					dst = append(dst, ',')
				}
				dst = query.AppendUnreserved(dst, value)
			}
		}
	}
	return string(dst)
}

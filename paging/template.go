package paging

import (
	"fmt"
	"strings"

	"pageladder.example/paging/query"
)

// uriTemplate is an RFC 6570 template, without the operators "+" and "#" and without
// prefixes. It is our own, since values must come out as UTF-8 whatever they hold.
type uriTemplate []templatePart

// templatePart is literal text, or an expression where there are variables.
type templatePart struct {
	literal   string
	operator  byte // 0: none
	variables []templateVariable
}

type templateVariable struct {
	text     string // as it stands in the template
	name     string // decoded: the parameter's
	exploded bool
}

// parseTemplate reads a template, RFC 6570 section 2.
func parseTemplate(text string) (t uriTemplate, err error) {
	for text != "" {
		literal, rest, found := strings.Cut(text, "{")
		if strings.Contains(literal, "}") {
			return nil, fmt.Errorf(`a "}" without its "{"`)
		}
		if literal != "" {
			t = append(t, templatePart{literal: string(query.AppendKept(nil, literal))})
		}
		if !found {
			return t, nil
		}
		expression, after, closed := strings.Cut(rest, "}")
		if !closed {
			return nil, fmt.Errorf(`a "{" without its "}"`)
		}
		part, err := parseExpression(expression)
		if err != nil {
			return nil, err
		}
		t = append(t, part)
		text = after
	}
	return t, nil
}

func parseExpression(text string) (part templatePart, err error) {
	list := text
	switch {
	case text == "":
		return part, fmt.Errorf("an expression without a variable")
	case strings.IndexByte("+#", text[0]) >= 0:
		return part, fmt.Errorf("the operator %q lets values leave their place", text[:1])
	case strings.IndexByte("./;?&", text[0]) >= 0:
		part.operator, list = text[0], text[1:]
	}
	for spec := range strings.SplitSeq(list, ",") {
		if strings.Contains(spec, ":") {
			return part, fmt.Errorf("the prefix in %q would cut values short", spec)
		}
		name, exploded := strings.CutSuffix(spec, "*")
		if !isVariable(name) {
			return part, fmt.Errorf("%q is no variable: letters, digits, \"_\" and escapes, \".\" between", quoted(name))
		}
		part.variables = append(part.variables, templateVariable{name, query.Decode(name), exploded})
	}
	return part, nil
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

// expand fills the template, RFC 6570 section 3.2. A variable without values is
// left out.
func (t uriTemplate) expand(values map[string][]string) string {
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
		begin := func(v *templateVariable, empty bool) {
			switch {
			case begun:
				dst = append(dst, between)
			case first != 0:
				dst = append(dst, first)
			}
			begun = true
			if named {
				dst = append(dst, v.text...)
				if part.operator != ';' || !empty {
					dst = append(dst, '=')
				}
			}
		}
		for i := range part.variables {
			v := &part.variables[i]
			list := values[v.name]
			for n, value := range list {
				if n == 0 || v.exploded {
					begin(v, value == "" && (v.exploded || len(list) == 1))
				} else {
					dst = append(dst, ',')
				}
				dst = query.AppendUnreserved(dst, value)
			}
		}
	}
	return string(dst)
}

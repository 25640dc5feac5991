package fetch

import (
	"fmt"
	"strings"
)

// steps are the links of a page, by relation: first, prev, next, last, self.
type steps map[string]string

var relations = map[string]string{"first": "first", "prev": "prev", "previous": "prev", "next": "next", "last": "last", "self": "self"}

// add adds a link; the first of each relation counts.
func (s steps) add(relation, address string) {
	if name := relations[strings.ToLower(relation)]; name != "" && s[name] == "" {
		s[name] = address
	}
}

// readLinkHeader reads Link headers, RFC 8288 section 3. What comes before a fault in them
// is kept.
func readLinkHeader(values []string) (steps, error) {
	found := steps{}
	for _, text := range values {
		for text = strings.Trim(text, " \t,"); text != ""; text = strings.TrimLeft(text, " \t,") {
			target, rest, ok := cutBetween(text, "<", ">")
			if !ok {
				return found, fmt.Errorf("no <address> at %.40q", text)
			}
			text = rest
			relation, seen := "", false
			for {
				text = strings.TrimLeft(text, " \t")
				if !strings.HasPrefix(text, ";") {
					break
				}
				var name, value string
				var err error
				if name, value, text, err = readLinkParam(text[1:]); err != nil {
					return found, err
				}
				if strings.EqualFold(name, "rel") && !seen {
					relation, seen = value, true
				}
			}
			if text != "" && text[0] != ',' {
				return found, fmt.Errorf("neither a comma nor a semicolon at %.40q", text)
			}
			for r := range strings.FieldsSeq(relation) {
				found.add(r, target)
			}
		}
	}
	return found, nil
}

// readLinkParam reads a parameter: a token, or a token and a token or quoted string.
func readLinkParam(text string) (name, value, rest string, err error) {
	text = strings.TrimLeft(text, " \t")
	end := strings.IndexAny(text, "=;, \t")
	if end < 0 {
		end = len(text)
	}
	name, rest = text[:end], strings.TrimLeft(text[end:], " \t")
	after, hasValue := strings.CutPrefix(rest, "=")
	if !hasValue {
		return name, "", rest, nil
	}
	rest = strings.TrimLeft(after, " \t")
	if !strings.HasPrefix(rest, `"`) {
		end := strings.IndexAny(rest, ";, \t")
		if end < 0 {
			end = len(rest)
		}
		return name, rest[:end], rest[end:], nil
	}
	var b strings.Builder
	for i := 1; i < len(rest); i++ {
		switch rest[i] {
		case '\\':
			if i++; i < len(rest) {
				b.WriteByte(rest[i])
			}
		case '"':
			return name, b.String(), rest[i+1:], nil
		default:
			b.WriteByte(rest[i])
		}
	}
	return name, "", "", fmt.Errorf("a quoted text without its end at %.40q", text)
}

// cutBetween takes what stands between two marks off the front of a text.
func cutBetween(text, open, end string) (inside, rest string, ok bool) {
	after, ok := strings.CutPrefix(text, open)
	if !ok {
		return "", text, false
	}
	return strings.Cut(after, end)
}

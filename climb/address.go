package climb

import (
	"net/url"
	"slices"
	"strings"

	"pageladder.example/paging/query"
)

// An address may hold expressions of RFC 6570 ("{page}", "{?size,sort}", also with "/" and
// "&"). A value for one of their variables goes into the expression's place as text that
// begins with "\x00"; what got none is left out by expand.

// set gives a parameter of an address a value, in its place or at the end of the query.
func set(address, name, value string) string {
	encoded := string(query.AppendUnreserved(nil, name)) + "=" + string(query.AppendUnreserved(nil, value))
	return setParam(address, name, encoded)
}

// setParam puts "name=value", encoded, into an address.
func setParam(address, name, raw string) string {
	name = query.Decode(name)
	if filled, ok := fill(address, name, raw); ok {
		return filled
	}
	head, _, _ := strings.Cut(address, "#") // what follows a "#" is not sent
	path, q, _ := strings.Cut(head, "?")
	if at := strings.Index(path, "{"); at >= 0 && strings.Contains(head, "{?") { // the "?" is an expression's
		path, q = head, ""
	}
	var parts []string
	found := false
	for part := range query.Parts(q) {
		if part.Name() != name {
			parts = append(parts, part.Raw())
		} else if !found {
			parts, found = append(parts, raw), true
		}
	}
	if !found {
		parts = append(parts, raw)
	}
	if strings.Contains(path, "{?") {
		return path + "{&" + "\x00" + raw + "}"
	}
	return path + "?" + strings.Join(parts, "&")
}

// fill gives a variable of an address's expressions a value.
func fill(address, name, raw string) (string, bool) {
	for at := 0; ; {
		open := strings.IndexByte(address[at:], '{')
		if open < 0 {
			return address, false
		}
		open += at
		length := strings.IndexByte(address[open:], '}')
		if length < 0 {
			return address, false
		}
		variables := strings.Split(address[open+1:open+length], ",")
		for i, v := range variables {
			operator := ""
			if i == 0 && v != "" && strings.ContainsAny(v[:1], "/?&") {
				operator, v = v[:1], v[1:]
			}
			its, _, _ := strings.Cut(strings.TrimPrefix(v, "\x00"), "=")
			if query.Decode(strings.TrimSuffix(its, "*")) != name {
				continue
			}
			variables[i] = operator + "\x00" + raw
			return address[:open+1] + strings.Join(variables, ",") + address[open+length:], true
		}
		at = open + length
	}
}

// expand writes an address without its expressions.
func expand(address string) string {
	if !strings.Contains(address, "{") {
		return address
	}
	var b strings.Builder
	for {
		before, rest, found := strings.Cut(address, "{")
		b.WriteString(before)
		if !found {
			return b.String()
		}
		var list string
		list, address, _ = strings.Cut(rest, "}")
		operator := byte(0)
		if list != "" && strings.IndexByte("/?&", list[0]) >= 0 {
			operator, list = list[0], list[1:]
		}
		first := true
		for v := range strings.SplitSeq(list, ",") {
			raw, given := strings.CutPrefix(v, "\x00")
			if !given {
				continue
			}
			switch {
			case operator == '/':
				b.WriteByte('/')
			case operator != 0:
				b.WriteByte("?&"[min(1, strings.Count(b.String(), "?"))])
			case !first:
				b.WriteByte(',')
			}
			first = false
			if operator == '?' || operator == '&' {
				b.WriteString(raw)
			} else {
				_, value, _ := strings.Cut(raw, "=")
				b.WriteString(value)
			}
		}
	}
}

// cutExpressions is an address without its expressions, whatever is in them.
func cutExpressions(address string) string {
	for {
		before, rest, found := strings.Cut(address, "{")
		if !found {
			return address
		}
		_, after, _ := strings.Cut(rest, "}")
		address = before + after
	}
}

// resolve makes an address that an answer gives absolute; ok is false where it is none.
func resolve(from, given string) (string, bool) {
	if given == "" || len(given) > maxAddress || strings.ContainsAny(given, "\r\n\x00") {
		return "", false
	}
	base, err := url.Parse(from)
	if err != nil {
		return "", false
	}
	to, err := url.Parse(strings.TrimSpace(given))
	if err != nil {
		return "", false
	}
	// The query is taken as it was given: url.URL would keep it, and ResolveReference does.
	all := base.ResolveReference(to)
	all.Fragment, all.RawFragment = "", ""
	if all.Scheme != "http" && all.Scheme != "https" {
		return "", false
	}
	return all.String(), true
}

// sameHost reports whether two addresses are at one scheme, host and port.
func sameHost(a, b string) bool {
	x, err := url.Parse(a)
	y, err2 := url.Parse(b)
	return err == nil && err2 == nil && x.Scheme == y.Scheme && strings.EqualFold(hostPort(x), hostPort(y))
}

func hostPort(u *url.URL) string {
	if u.Port() != "" {
		return u.Host
	}
	return u.Host + map[string]string{"http": ":80", "https": ":443"}[u.Scheme]
}

// queryOf is the query of an address.
func queryOf(address string) string {
	_, q, _ := strings.Cut(address, "?")
	q, _, _ = strings.Cut(q, "#")
	return q
}

// rawParts are an address's parameters as they stand in it.
func rawParts(address string) []string {
	var all []string
	for part := range query.Parts(queryOf(address)) {
		all = append(all, part.Raw())
	}
	return all
}

// changed are the parameters of b that a has not, or has otherwise.
func changed(a, b string) []query.Pair {
	had := query.Pairs(queryOf(a))
	return slices.DeleteFunc(query.Pairs(queryOf(b)), func(p query.Pair) bool { return slices.Contains(had, p) })
}

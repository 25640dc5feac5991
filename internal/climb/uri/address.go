// Package uri handles addresses as text, so that not a byte of them changes.
package uri

import (
	"net/url"
	"slices"
	"strings"

	"pageladder.example/internal/uritemplate"
	"pageladder.example/paging/query"
)

// MaxBytes is the longest address.
const MaxBytes = 8 << 10

// Param is a parameter as it is sent: its name without escapes, and "name=value" with them.
type Param struct{ Name, Raw string }

// Of is a parameter with a value.
func Of(name, value string) Param {
	return Param{name, string(query.AppendUnreserved(nil, name)) + "=" + string(query.AppendUnreserved(nil, value))}
}

// With is an address with parameters, of which the last of a name counts. In a template, RFC 6570, variables of
// their names take them, and variables without one are left out; others go into the query, in their place or at its end.
func With(address string, params ...Param) string {
	template, err := uritemplate.Parse(address)
	if err != nil || !strings.Contains(address, "{") {
		return withQuery(address, params)
	}
	var others []Param
	values := map[string][]string{}
	for _, p := range params {
		if slices.ContainsFunc(template.Variables(), func(v uritemplate.Variable) bool { return v.Name == p.Name }) {
			_, value, _ := strings.Cut(p.Raw, "=")
			values[p.Name] = []string{query.Decode(value)}
		} else {
			others = append(others, p)
		}
	}
	return withQuery(template.Expand(values), others)
}

// withQuery puts parameters into an address's query.
func withQuery(address string, params []Param) string {
	address, _, _ = strings.Cut(address, "#") // what follows a "#" is not sent
	for _, p := range params {
		path, q, _ := strings.Cut(address, "?")
		var parts []string
		found := false
		for part := range query.Parts(q) {
			if part.Name() != p.Name {
				parts = append(parts, part.Raw())
			} else if !found {
				parts, found = append(parts, p.Raw), true
			}
		}
		if !found {
			parts = append(parts, p.Raw)
		}
		address = path + "?" + strings.Join(parts, "&")
	}
	return address
}

// CutExpressions is an address without its expressions, whatever is in them.
func CutExpressions(address string) string {
	for {
		before, rest, found := strings.Cut(address, "{")
		if !found {
			return address
		}
		_, after, _ := strings.Cut(rest, "}")
		address = before + after
	}
}

// Resolve makes an address that an answer gives absolute; ok is false where it is none.
func Resolve(from, given string) (string, bool) {
	if given == "" || len(given) > MaxBytes || strings.ContainsAny(given, "\r\n\x00") {
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

// SameHost reports whether two addresses are at one scheme, host and port.
func SameHost(a, b string) bool {
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

// QueryOf is the query of an address.
func QueryOf(address string) string {
	_, q, _ := strings.Cut(address, "?")
	q, _, _ = strings.Cut(q, "#")
	return q
}

// RawParts are an address's parameters as they stand in it.
func RawParts(address string) []string {
	var all []string
	for part := range query.Parts(QueryOf(address)) {
		all = append(all, part.Raw())
	}
	return all
}

// Changed are the parameters of b that a has not, or has otherwise.
func Changed(a, b string) []query.Pair {
	had := query.Pairs(QueryOf(a))
	return slices.DeleteFunc(query.Pairs(QueryOf(b)), func(p query.Pair) bool { return slices.Contains(had, p) })
}

package body

import (
	"bytes"
	"encoding/json"
	"fmt"
	"slices"
	"strings"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

const faultsLimit = 100 // of one body

// Values turns JSON into a record's values. Objects are merged into the current ones, as in RFC
// 7396. All wrong values are reported, up to a hundred.
func Values(set *sets.Set, object map[string]json.RawMessage, now sets.Record) (sets.Values, error) {
	all := sets.Values{}
	var faults []paging.Fault
	names := make([]string, 0, len(object))
	for name := range object {
		names = append(names, name)
	}
	slices.Sort(names)
	for _, name := range names {
		if len(faults) == faultsLimit {
			break
		}
		at := slices.IndexFunc(set.Fields, func(f intake.Field) bool { return f.Name == name })
		if at < 0 {
			faults = append(faults, paging.Fault{Param: fmt.Sprintf("%.200s", name), Given: fmt.Sprintf("%.200s", object[name]), Why: problem.WrongValue, Says: "is no field of " + set.Name})
			continue
		}
		var current []byte
		if now != nil {
			current = now[at]
		}
		text, want := textOf(set.Fields[at].Type, object[name], current)
		if want != "" {
			faults = append(faults, paging.Fault{Param: name, Given: fmt.Sprintf("%.200s", object[name]), Why: problem.WrongValue, Says: fmt.Sprintf("found %.200s; right would be %s", object[name], want)})
			continue
		}
		all[name] = text
	}
	if len(faults) > 0 {
		return nil, &problem.Error{Kind: problem.BadBody, Says: faults[0].Param + ": " + faults[0].Says, Faults: faults}
	}
	return all, nil
}

// textOf turns one JSON value into a value's text; nil is a missing one.
func textOf(t value.Type, raw json.RawMessage, now []byte) (canonical *string, want string) {
	text := strings.TrimSpace(string(raw))
	if text == "null" {
		return nil, ""
	}
	switch t {
	case value.JSON:
		if text[0] != '{' && text[0] != '[' {
			return nil, "a list, an object or null"
		}
		merged, err := merged(now, raw)
		if err != nil {
			return nil, "a list, an object or null"
		}
		text = string(merged)
	case value.Integer, value.Decimal:
		if text[0] == '"' {
			return nil, "a number or null"
		}
	case value.Boolean:
		if text != "true" && text != "false" {
			return nil, "true, false or null"
		}
	default:
		if text[0] != '"' {
			return nil, "a string or null"
		}
		var s string
		if err := json.Unmarshal(raw, &s); err != nil {
			return nil, "a string or null"
		}
		text = s
	}
	text, want = t.Canonical(text)
	return &text, want
}

// merged applies a merge patch, RFC 7396 section 2, to a value; nil: there is none. Why it is our
// own: docs/decisions/017-merge-patch.md.
func merged(value, patch []byte) ([]byte, error) {
	var to, change any
	decode := func(text []byte, into *any) error {
		d := json.NewDecoder(bytes.NewReader(text))
		d.UseNumber()
		return d.Decode(into)
	}
	if len(value) > 0 {
		if err := decode(value, &to); err != nil {
			return nil, err
		}
	}
	if err := decode(patch, &change); err != nil {
		return nil, err
	}
	return json.Marshal(merge(to, change))
}

func merge(target, patch any) any {
	changes, ok := patch.(map[string]any)
	if !ok {
		return patch
	}
	object, ok := target.(map[string]any)
	if !ok {
		object = map[string]any{}
	}
	for name, value := range changes {
		if value == nil {
			delete(object, name)
		} else {
			object[name] = merge(object[name], value)
		}
	}
	return object
}

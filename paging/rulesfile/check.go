package rulesfile

import (
	"errors"
	"fmt"
	"maps"
	"regexp"
	"slices"
	"strconv"
	"strings"

	"pageladder.example/paging"
)

// Error is one entry of rules that is wrong.
type Error = paging.RuleError

// Errors are all that is wrong with rules.
type Errors []Error

// Error is the first mistake, and the number of further ones.
func (e Errors) Error() string {
	if len(e) == 0 {
		return "rulesfile: the rules have mistakes"
	}
	text := "rulesfile: " + e[0].Error()
	if more := len(e) - 1; more > 0 {
		text += fmt.Sprintf(" (and %d more)", more)
	}
	return text
}

const nameBytes = 200 // of a field's name

// Check reports everything that is wrong with the rules, up to a hundred faults: nil, or Errors.
func (r *Rules) Check() error {
	var errs Errors
	wrong := func(entry, found, want string) {
		if len(errs) < rulesFaults {
			errs = append(errs, Error{Entry: entry, Found: found, Want: want})
		}
	}
	list := r.Rules
	list.Aside = Aside
	if all, ok := list.Check().(interface{ Unwrap() []error }); ok {
		for _, err := range all.Unwrap() {
			if one := (Error{}); errors.As(err, &one) {
				errs = append(errs, one)
			}
		}
	}
	for i, fields := range r.Indexes {
		entry := fmt.Sprintf("indexes[%d]", i)
		if len(fields) == 0 {
			wrong(entry, "no fields", "a list of fields")
		}
		seen := make(map[string]bool, len(fields))
		for j, name := range fields {
			switch {
			case name == "" || len(name) > nameBytes:
				wrong(fmt.Sprintf("%s[%d]", entry, j), strconv.Quote(bounded(name)), "a field's name")
			case seen[name]:
				wrong(fmt.Sprintf("%s[%d]", entry, j), strconv.Quote(name), "each field once")
			}
			seen[name] = true
		}
	}
	for _, mistake := range r.Envelope.Check() {
		wrong("envelope."+mistake.Name, mistake.Found, mistake.Want)
	}
	r.Markup.check(wrong)
	if r.Language != "" && !languageTag.MatchString(r.Language) {
		wrong("language", strconv.Quote(bounded(r.Language)), `a BCP 47 tag such as "en" or "pt-BR"`)
	}
	if len(errs) > 0 {
		return errs
	}
	return nil
}

var (
	languageTag = regexp.MustCompile(`^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$`)
	classList   = regexp.MustCompile(`^[A-Za-z0-9_:/.\[\]-]+( [A-Za-z0-9_:/.\[\]-]+)*$`)
	classParts  = []string{"nav", "list", "item", "link", "current", "gap", "dead"}
	indexes     = []string{"pages", "first", "all", "none"}
	styles      = []MarkupStyle{StylePlain, StyleBootstrap, StyleClassed}
)

func (m *MarkupRules) check(wrong func(entry, found, want string)) {
	if m.Style != "" && !slices.Contains(styles, m.Style) {
		wrong("markup.style", strconv.Quote(bounded(string(m.Style))), wordList(styles))
	}
	if m.Index != "" && !slices.Contains(indexes, m.Index) {
		wrong("markup.index", strconv.Quote(bounded(m.Index)), wordList(indexes))
	}
	if len(m.Age) > nameBytes {
		wrong("markup.age", strconv.Quote(bounded(m.Age)), "a field's name")
	}
	if len(m.Classes) > 0 && m.Style != StyleClassed {
		wrong("markup.classes", "classes", `none, or markup.style "classed"`)
	}
	for _, part := range slices.Sorted(maps.Keys(m.Classes)) {
		switch {
		case !slices.Contains(classParts, part):
			wrong("markup.classes."+bounded(part), "an unknown part", "one of "+wordList(classParts))
		case !classList.MatchString(m.Classes[part]):
			wrong("markup.classes."+part, strconv.Quote(bounded(m.Classes[part])), "class names with one space between")
		}
	}
}

func wordList[T ~string](words []T) string {
	all := make([]string, len(words))
	for i, w := range words {
		all[i] = strconv.Quote(string(w))
	}
	return strings.Join(all, ", ")
}

// bounded makes a text fit for a message: valid UTF-8, of about 200 bytes at most.
func bounded(s string) string {
	if len(s) > 200 {
		s = strings.ToValidUTF8(s[:200], "") + "…"
	}
	return strings.ToValidUTF8(s, "\uFFFD")
}

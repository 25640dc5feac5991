package main

import (
	"fmt"
	"math/rand/v2"
	"regexp"
	"slices"
)

// seeking gives questions for pages after a cursor, at any depth, and the pairs that they are compared in.
func seeking(list string, w *writer, pages int, only *regexp.Regexp) (questions []question, compared [][2]string, err error) {
	const cursors = 300 // of as many pages
	for _, sort := range []string{"id", "-height_cm", "read_at", "gauge"} {
		at := "" // halfway
		tokens := make([]string, cursors)
		conditions := func(token string) string { return "?sort=" + sort + "&after=" + token }
		still := question{name: "ours, after a cursor by " + sort, base: list, query: func() string { return conditions(tokens[rand.IntN(cursors)]) }}
		under := question{name: still.name + ", under the writer", base: list, query: still.query, writing: w.change}
		// As page 1 is: the same page over and over, whose records are in the processors' caches.
		halfway := question{name: "ours, after the cursor halfway by " + sort, base: list, query: func() string { return conditions(at) }}
		first := question{name: "ours, page 1 by " + sort, base: list, query: func() string { return "?sort=" + sort }}
		firstUnder := question{name: first.name + ", under the writer", base: list, query: first.query, writing: w.change}
		all := []question{still, under, halfway, firstUnder, first}
		switch sort { // which are measured already
		case "id":
			all, first.name, firstUnder.name = all[:3], "ours, page 1", "ours, page 1, under the writer"
		case "-height_cm":
			all = all[:4]
		}
		if !slices.ContainsFunc(all, func(q question) bool { return only.MatchString(q.name) }) {
			continue
		}
		if err := warm(list, "sort="+sort, pages); err != nil {
			return nil, nil, err
		}
		for i := range tokens {
			if tokens[i], err = cursorOf(fmt.Sprintf("%s?page=%d&sort=%s", list, 1+rand.IntN(pages-1), sort)); err != nil {
				return nil, nil, err
			}
		}
		if at, err = cursorOf(fmt.Sprintf("%s?page=%d&sort=%s", list, pages/2, sort)); err != nil {
			return nil, nil, err
		}
		questions = append(questions, all...)
		compared = append(compared, [2]string{halfway.name, first.name}, [2]string{still.name, first.name}, [2]string{under.name, firstUnder.name})
	}
	return questions, compared, nil
}

// cursorOf is the cursor that leads on from a page.
func cursorOf(address string) (string, error) {
	p, err := pageOf(address)
	if err == nil && p.Cursors.After == "" {
		err = fmt.Errorf("no cursor at %s", address)
	}
	if err != nil {
		return "", err
	}
	return p.Cursors.After, nil
}

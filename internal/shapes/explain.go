package shapes

import (
	"fmt"
	"slices"
	"strings"
	"time"

	"pageladder.example/api"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
)

// Several counts things.
func Several[N int | int64](n N, what string) string {
	if n != 1 {
		what += "s"
	}
	return fmt.Sprintf("%d %s", n, what)
}

// Explain describes how a page came about, step by step.
func Explain(page *sets.Page, about *api.About, t *sets.Explain, seen *sets.Sighting, linked time.Duration, owner bool) *api.Explain {
	m := &api.Explain{Cursors: cursors(page)}
	meta := &about.Paging
	step := func(name string, took time.Duration, format string, args ...any) {
		m.Steps = append(m.Steps, api.Step{Step: name, Took: took.Microseconds(), Says: fmt.Sprintf(format, args...)})
	}
	read := "no filter"
	if n := len(meta.Filters); n > 0 {
		read = Several(n, "filter")
	}
	read += ", sorted by " + meta.Sort
	if meta.Search != "" {
		read += fmt.Sprintf(", search for %q", meta.Search)
	}
	if page.Set.Fixed != "" {
		read += ", besides the set's fixed filter where it binds"
	}
	if page.Held != nil {
		read += fmt.Sprintf(", held at version %d: %s since", page.Held.Version, Several(page.Held.Changes, "change"))
	}
	step("read", t.Times.Read, "%s; %d adjusted", read, len(about.Adjusted))
	total := page.Settled.Total()
	count := Several(total.Records(), "record")
	switch total.Is() {
	case paging.TotalAtLeast:
		count = "at least " + count
	case paging.TotalNone:
		count = "no total"
	}
	step("count", t.Times.Count, "%s (%s)", count, t.Counted)
	settle := ""
	switch at, backward := page.Settled.Ask().Cursor(); {
	case at != nil && backward:
		settle = "the page before the cursor; no row is counted"
	case at != nil:
		settle = "the page after the cursor; no row is counted"
	case meta.Page == nil || *meta.Offset != (*meta.Page-1)*int64(meta.Size): // an offset that is used as it is
		settle = fmt.Sprintf("offset %d, as it was asked for", *meta.Offset)
	default:
		settle = fmt.Sprintf("(%d − 1) × %d = offset %d", *meta.Page, meta.Size, *meta.Offset)
	}
	switch {
	case meta.TotalPages != nil && total.Records() == 0:
		settle += "; an empty list has one empty page"
	case meta.TotalPages != nil:
		settle += fmt.Sprintf("; ceil(%d ÷ %d) = %s", total.Records(), meta.Size, Several(*meta.TotalPages, "page"))
	}
	if meta.FirstRow != nil {
		settle += fmt.Sprintf("; rows %d–%d", *meta.FirstRow, *meta.LastRow)
	}
	step("settle", t.Times.Settle, "%s", settle)
	cut := "nothing to read"
	if t.Access != "" {
		cut = Several(meta.RowsHere, "record") + " read " + t.Access
	}
	switch {
	case seen == nil || seen.Server == "":
	case seen.Stale:
		cut += fmt.Sprintf(", on %s, alone: the primary does not answer, and the records are %s old at most", seen.Server, ago(time.Since(seen.AsOf)))
	case seen.Replica:
		cut += fmt.Sprintf(", on %s, whose records are %s old at most", seen.Server, ago(time.Since(seen.AsOf)))
	default:
		cut += ", on the primary"
	}
	step("cut", t.Times.Cut, "%s", cut)
	if keep := kept(t); keep != "" {
		step("keep", t.Times.Keep, "%s", keep)
	}
	step("link", linked, "%s", Several(len(about.Ladder)+len(about.Sizes)+len(about.Sorts), "link"))
	if owner {
		m.SQL = t.SQL
	}
	return m
}

// cursors describe the cursor that a page was asked for by, and its own.
func cursors(page *sets.Page) (answer []api.CursorContents) {
	ask := page.Settled.Ask()
	rules := ask.Rules()
	say := func(which string, behind bool, values []*string) {
		if values == nil {
			return
		}
		c := api.CursorContents{Which: which, Behind: behind}
		for i, o := range ask.Order() {
			v := api.PlaceValue{Field: o.Field, Value: values[i]}
			if len(rules.Show) > 0 && !slices.Contains(rules.Show, o.Field) {
				v.Value, v.Sealed = nil, true
			}
			c.Values = append(c.Values, v)
		}
		answer = append(answer, c)
	}
	if at, _ := ask.Cursor(); at != nil {
		say("asked", at.Behind, at.Values)
	}
	first, last := page.Places()
	say("after", true, last)
	say("before", false, first)
	return answer
}

// ago is a time in words, as exact as it is worth reading.
func ago(d time.Duration) string {
	switch {
	case d < time.Second:
		return fmt.Sprintf("%d ms", d.Milliseconds())
	case d < time.Minute:
		return fmt.Sprintf("%.1f s", d.Seconds())
	}
	return d.Round(time.Second).String()
}

// kept describes what was remembered, since when, and what was added to it from the change log.
func kept(t *sets.Explain) string {
	var says []string
	for _, k := range t.Known {
		says = append(says, fmt.Sprintf("%s known since version %d, %s ago", k.What, k.Version, ago(k.Age)))
	}
	if t.Folded > 0 {
		says = append(says, Several(t.Folded, "image")+" of changed records added")
	}
	for _, why := range t.Anew {
		says = append(says, "what was remembered could not be used: "+why)
	}
	return strings.Join(says, "; ")
}

package shapes

import (
	"fmt"
	"slices"
	"strings"
	"time"

	"pageladder.example/api"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
)

// Several counts things.
func Several[N int | int64](n N, what string) string {
	if n != 1 {
		what += "s"
	}
	return fmt.Sprintf("%d %s", n, what)
}

// Explain tells how a page was made, step by step.
func Explain(page *sets.Page, about *api.About, t *sets.Explain, linked time.Duration, owner bool) *api.Explain {
	m := &api.Explain{}
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
	case at != nil:
		settle = settleBy(page, at, backward)
	case meta.Page == nil || *meta.Offset != (*meta.Page-1)*int64(meta.Size): // an offset that is taken as it is
		settle = fmt.Sprintf("offset %d, as it was asked for", *meta.Offset)
	default:
		settle = fmt.Sprintf("(%d − 1) × %d = offset %d", *meta.Page, meta.Size, *meta.Offset)
	}
	switch {
	case meta.TotalPages != nil && total.Records() == 0:
		settle += "; no records are one empty page"
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

// settleBy tells of a page that was asked for by a cursor where it is.
func settleBy(page *sets.Page, at *cursor.Place, backward bool) string {
	ask := page.Settled.Ask()
	which, side := "after", "before"
	if backward {
		which = "before"
	}
	if at.Behind {
		side = "behind"
	}
	rules := ask.Rules()
	values := make([]string, len(at.Values))
	for i, o := range ask.Order() {
		switch value := at.Values[i]; {
		case len(rules.Show) > 0 && !slices.Contains(rules.Show, o.Field):
			values[i] = o.Field + " sealed"
		case value == nil:
			values[i] = o.Field + " missing"
		default:
			values[i] = fmt.Sprintf("%s %q", o.Field, *value)
		}
	}
	return fmt.Sprintf("what comes %s the place right %s the record of %s; no row is counted", which, side, strings.Join(values, ", "))
}

// kept tells what was known before, since when, and what of the change log was added to it.
func kept(t *sets.Explain) string {
	var says []string
	for _, k := range t.Known {
		says = append(says, fmt.Sprintf("%s known since version %d, %s ago", k.What, k.Version, k.Age.Round(time.Millisecond)))
	}
	if t.Folded > 0 {
		says = append(says, Several(t.Folded, "image")+" of changed records added")
	}
	for _, why := range t.Anew {
		says = append(says, "not by what was known: "+why)
	}
	return strings.Join(says, "; ")
}

package relation

import (
	"context"
	"fmt"
	"slices"
	"strconv"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging/statement"
)

// This file reads what a change log has of a list.

// Reasons why a log is of no use.
const (
	NoLog      = "the table has no change log that works"
	AnotherLog = "the change log is another one by now"
	NoMoreLog  = "the change log is gone"
	lacksField = "the change log lacks a field of the question"
	cutText    = "a text that is too long to be logged has changed"
)

// Since reads the changes after a mark and until the view's.
func (q *question) Since(ctx context.Context, after view.Mark, want view.Want) (*view.Changes, error) {
	if q.in.Shown.Number == after.Number && q.in.Shown.Covers(after) {
		return &view.Changes{Until: q.in.Shown}, nil
	}
	if _, ages := after.State.(view.Aging); ages {
		if !q.in.Shown.Covers(after) {
			return nil, &view.LostError{Why: "it is older than the owner allows"}
		}
		return &view.Changes{Until: after}, nil
	}
	lost := func(why string, fields ...string) (*view.Changes, error) {
		q.in.Kind.Lost(q.in, why)
		return nil, &view.LostError{Why: why, Fields: fields}
	}
	from, ok := after.State.(LogState)
	switch {
	case q.in.Table.logged == nil:
		return lost(NoLog)
	case !ok || from.Log != q.in.State.Log:
		return lost("it was known by another change log")
	}
	logged, err := q.readLog(ctx, from.Mark, &want)
	if code := postgres.Code(err); code == postgres.NoTable || code == postgres.NoColumn {
		return lost(NoMoreLog)
	}
	if err != nil {
		return nil, err
	}
	switch p := logged.proof; {
	case p.Log != "" && p.Log != from.Log:
		return lost(AnotherLog)
	case p.Gap != "":
		return lost(p.Gap)
	case p.Cut:
		return lost(cutText, slices.DeleteFunc(q.in.Table.longOf(want.Fields), func(f string) bool { return slices.Contains(logged.texts, f) })...)
	case int64(len(logged.All)) > want.Limit:
		return lost("more has changed than is brought on: " + strconv.FormatInt(want.Limit, 10) + " images")
	}
	logged.Looked, logged.Until = logged.proof.Images, q.in.Shown
	return &logged.Changes, nil
}

// logged are changes with the log's proof that they are all.
type logged struct {
	view.Changes
	proof changes.Proof
	texts []string // fields of the filters whose texts may be missing from the log
}

// readLog reads changes. Without fields it sums up those of one origin.
func (q *question) readLog(ctx context.Context, after changes.Mark, want *view.Want) (*logged, error) {
	t := q.in.Table
	own, _ := t.ownFor(q.selection.Sees)
	n := len(own.Args)
	window := changes.Window{After: after, Until: q.in.State}
	within, args := window.Condition(alias, n+1)
	own = And(own, statement.Where{SQL: fmt.Sprintf("%s and %s in (%d, %d) and %s", changes.Intact, logColumn(changes.Side), changes.Before, changes.After, within), Args: args})
	question, err := t.logged.Ask(q.selection.Ask, own)
	if err == nil && q.selection.Except != "" {
		question, err = question.Without(q.selection.Except)
	}
	if err != nil {
		return nil, &view.LostError{Why: lacksField}
	}
	fields := []string{originField, sideField}
	if want.Places {
		fields = append(fields, placeField)
	}
	before := len(fields)
	images, err := question.Unordered(append(fields, want.Fields...), statement.Region{})
	if err != nil {
		return nil, &view.LostError{Why: lacksField}
	}
	q.note(images)
	sql, columns := images.SQL+" limit "+strconv.FormatInt(want.Limit+1, 10), "origin"
	if len(want.Fields) == 0 && !want.Places {
		sql = "select origin, sum(side) from (" + images.SQL + ") as changed (origin, side) group by origin"
	}
	found := &logged{texts: t.longOf(q.looked())}
	db, done, err := q.in.Kind.LogReader(ctx, q.in, want.Far)
	if err != nil {
		return nil, err
	}
	defer done()
	rows, err := db.Query(ctx, t.Log.Proved(&window, n+1, append(slices.Clone(found.texts), t.longOf(want.Fields)...), sql, columns)+" order by i.origin", postgres.Texts(images.Args)...)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	for first := true; rows.Next(); first = false {
		raw := rows.RawValues()
		if first { // it is the same in all rows
			found.proof = changes.ReadProof(string(raw[0]))
		}
		if raw[1] == nil { // nothing has changed
			continue
		}
		raw = raw[1:]
		origin, err := strconv.ParseInt(string(raw[0]), 10, 64)
		if err != nil {
			return nil, err
		}
		c := view.Change{Origin: q.in.Kind.Origin(q.in, origin)}
		if c.By, err = strconv.ParseInt(string(raw[1]), 10, 64); err != nil {
			return nil, err
		}
		if want.Places {
			c.Place = string(raw[2])
		}
		c.Values = copied(raw[before:])
		found.All = append(found.All, c)
	}
	return found, rows.Err()
}

// copied copies values, whose memory belongs to the connection.
func copied(raw [][]byte) [][]byte {
	if len(raw) == 0 {
		return nil
	}
	size := 0
	for _, v := range raw {
		size += len(v)
	}
	text, values := make([]byte, 0, size), make([][]byte, len(raw))
	for i, v := range raw {
		if v != nil {
			from := len(text)
			text = append(text, v...)
			values[i] = text[from:len(text):len(text)]
		}
	}
	return values
}

// looked are the fields that the question's conditions look at.
func (q *question) looked() []string {
	var names []string
	for _, c := range append(q.selection.Conditions(), q.in.On.BindsFor(q.selection.Sees)...) {
		names = append(names, c.Field)
	}
	if q.selection.Ask.Search() != "" {
		names = append(names, q.selection.Ask.Rules().Search...)
	}
	return names
}

// And joins two conditions.
func And(a, b statement.Where) statement.Where {
	if a.SQL != "" {
		b.SQL = "(" + a.SQL + ") and " + b.SQL
	}
	return statement.Where{SQL: b.SQL, Args: append(a.Args[:len(a.Args):len(a.Args)], b.Args...)}
}

// LogState is a state that a change log knows.
type LogState struct{ changes.Mark }

package relation

import (
	"cmp"
	"context"
	"errors"
	"slices"
	"strconv"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/order"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/view"
	"pageladder.example/paging"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// question is a question of a view of PostgreSQL.
type question struct {
	*statement.Question
	in        *View
	selection view.Selection
	own       statement.Where // of every statement on the table
	name      string
	held      *held // of a list held still
}

func (q *question) View() view.View            { return q.in }
func (q *question) Selection() *view.Selection { return &q.selection }
func (q *question) Name() string               { return q.name }

func (q *question) Mark() view.Mark {
	if q.held != nil && q.held.fixed != "" {
		return view.Mark{}
	}
	return q.in.Mark()
}

// Ask makes a question.
func (v *View) Ask(selection view.Selection) (view.Question, error) {
	q, err := v.question(selection)
	if err != nil {
		return nil, err
	}
	return q, nil
}

func (v *View) question(selection view.Selection) (*question, error) {
	q := &question{in: v, selection: selection}
	q.name = v.Kind.ListName(v) + " " + filterKey(&q.selection, v.On.BindsFor(selection.Sees))
	if v.held != nil {
		q.name += " @" + strconv.FormatInt(v.held.Version, 10)
		return q, q.hold()
	}
	own, records := v.Table.ownFor(selection.Sees)
	q.own = v.Kind.Against(v, own)
	var err error
	if q.Question, err = records.Ask(selection.Ask, q.own); err == nil && selection.Except != "" {
		q.Question, err = q.Question.Without(selection.Except)
	}
	return q, err
}

// filterKey names what an ask filters and searches, under a fixed filter. It is equal for equal
// filters, and "" if there are none.
func filterKey(selection *view.Selection, fixed []paging.Condition) string {
	ask, conditions, search := selection.Ask, selection.Conditions(), selection.Ask.Search()
	if len(conditions)+len(fixed) == 0 && search == "" {
		return ""
	}
	slices.SortFunc(conditions, func(a, b paging.Condition) int { return cmp.Or(cmp.Compare(a.Field, b.Field), cmp.Compare(a.Op, b.Op)) })
	key := strconv.AppendQuote(make([]byte, 0, 128), search)
	if search != "" {
		for _, field := range ask.Rules().Search {
			key = strconv.AppendQuote(append(key, ' '), field)
		}
	}
	for _, all := range [][]paging.Condition{fixed, conditions} {
		for i := range all {
			c, values := &all[i], all[i].Values
			if len(values) > 1 { // their order does not matter
				values = slices.Sorted(slices.Values(values))
			}
			key = append(strconv.AppendQuote(append(key, ' '), c.Field), c.Op...)
			for _, v := range values {
				key = strconv.AppendQuote(key, v)
			}
		}
		key = append(key, ';')
	}
	return string(key)
}

// Filtered reports whether the list is a part of the set's records.
func (q *question) Filtered() bool {
	return len(q.selection.Conditions()) > 0 || q.selection.Ask.Search() != "" || len(q.in.On.BindsFor(q.selection.Sees)) > 0
}

// Records is the number of records of the list, if the view has it.
func (q *question) Records() (int64, bool) {
	if q.Filtered() || q.held != nil {
		return 0, false
	}
	return q.in.Kind.Records(q.in)
}

// Order is how places compare. The order of values of a source is its database's, except for types
// that both have.
func (q *question) Order() order.Order {
	by := q.Question.Order()
	fields := make(order.Order, len(by))
	for i, o := range by {
		fields[i] = order.Field{Desc: o.Desc, NullsFirst: o.NullsFirst}
		if f := q.in.On.Field(o.Field); q.in.Kind.Knows(f) {
			fields[i].Type = f.Type
		}
	}
	return fields
}

// sorted are the names of the fields of the order.
func (q *question) sorted() []string {
	by := q.Question.Order()
	names := make([]string, len(by))
	for i, o := range by {
		names[i] = o.Field
	}
	return names
}

// Place is the place of a record with some values in the fields of the order, as Row has them.
func (q *question) Place(order [][]byte) ([]*string, error) {
	values := make([]any, len(order))
	for i, raw := range order {
		if raw != nil {
			values[i] = string(raw)
		}
	}
	return q.Question.Place(values)
}

// reversed is the same question in the opposite order.
func (q *question) reversed() *question {
	r := *q
	r.Question = q.Question.Reversed()
	if q.held != nil {
		r.held = q.held.reversed()
	}
	return &r
}

// regions are the regions of a question that a window begins in, in the window's direction.
func (q *question) regions(w *view.Window) ([]statement.Region, error) {
	switch {
	case w.From == nil:
		return q.Regions(), nil
	case w.Upto: // in the opposite order, those from it on
		back := *w
		back.Upto = false
		regions, err := q.reversed().regions(&back)
		slices.Reverse(regions)
		return regions, err
	case w.After:
		return q.Question.After(w.From)
	}
	return q.Question.From(w.From)
}

// db is where a statement on the list is run: a question without filters has connections of
// its own.
func (q *question) db() postgres.Querier {
	switch pools := q.in.Kind.Pools(q.in); {
	case q.in.Tx != nil:
		return q.in.Tx
	case !q.Filtered():
		return pools.Plain
	default:
		return pools.Main
	}
}

// reading is one Read in progress.
type reading struct {
	q          *question
	w          view.Window
	each       func(*view.Row) error
	row        view.Row // that is given to it
	statements int      // statements
	stamp      []byte   // of the last statement that returned a record; nil if the last one did not
	seen       view.Seen
}

// Read reads a window, region by region.
func (q *question) Read(ctx context.Context, w view.Window, each func(*view.Row) error) (view.Seen, error) {
	onward := q
	if w.Backward && !w.Upto {
		onward = q.reversed()
	}
	r := reading{q: onward, w: w, each: each, seen: view.Seen{View: q.in}}
	regions, err := onward.regions(&r.w)
	if err == nil && w.Limit == 0 {
		err = q.atLength(ctx)
	}
	if err == nil {
		err = r.walk(ctx, regions)
	}
	if err != nil {
		if w.From != nil {
			err = misplaced(err)
		}
		return r.seen, err
	}
	if q.in.Tx != nil || !q.in.stamped() {
		return r.seen, nil
	}
	if r.stamp == nil { // nothing was read that has one
		r.statements++
		if r.stamp, err = q.in.AskStamp(ctx, q.db()); err != nil {
			return r.seen, err
		}
	}
	// Versions only rise, and every change of a record raises the version in its own transaction: if the
	// last statement saw the expected one, so did all statements before it.
	seen, err := q.in.Kind.Seen(q.in, r.stamp)
	if err != nil {
		return r.seen, err
	}
	if seen != q.in && r.statements > 1 {
		return r.seen, &view.Moved{Why: "between two statements"}
	}
	r.seen.View = seen
	return r.seen, nil
}

// atLength prepares for a window without an end: that may take long, and whatever is known to go wrong
// does so before the first record.
func (q *question) atLength(ctx context.Context) error {
	if q.in.Tx != nil {
		if _, err := q.in.Tx.Exec(ctx, "set local statement_timeout = 0"); err != nil { // a source has a limit
			return err
		}
	}
	if q.held == nil {
		return nil
	}
	lost := q.held.cuts()
	cuts, err := postgres.Int(ctx, q.db(), lost.SQL, lost.Args...)
	if err == nil && cuts > 0 {
		err = &view.GoneError{Mark: q.held.mark.Version, Why: textLost}
	}
	return err
}

func (r *reading) walk(ctx context.Context, regions []statement.Region) error {
	w := &r.w
	if w.Limit == 0 {
		for i, g := range regions {
			skip := int64(0)
			if i == 0 {
				skip = w.Skip
			}
			if _, err := r.region(ctx, g, skip, 0); err != nil {
				return err
			}
		}
		return nil
	}
	return statement.Walk(regions, w.Skip, w.Limit,
		func(g statement.Region, offset int64, limit int) (int, error) {
			return r.region(ctx, g, offset, limit)
		},
		func(g statement.Region, limit int64) (int64, error) { return r.size(ctx, g, limit) })
}

// region reads records of one region. Every statement returns the stamp of its own snapshot.
func (r *reading) region(ctx context.Context, g statement.Region, offset int64, limit int) (int, error) {
	q, w := r.q, &r.w
	var sorted []string
	if w.Order {
		sorted = q.sorted()
	}
	columns, rows := append(make([]string, 0, 3+len(sorted)+len(w.Fields)), stampField), q.Rows
	if q.held != nil {
		columns, rows = append(columns, foundField, q.in.Table.fateField()), q.held.rows
	}
	number := len(columns)
	columns = append(append(columns, sorted...), w.Fields...)
	values := number + len(sorted)
	page, err := rows(columns, g, offset, limit)
	if err != nil {
		return 0, err
	}
	q.note(page)
	r.statements++
	result, err := q.db().Query(ctx, page.SQL, postgres.Texts(page.Args)...)
	if err != nil {
		return 0, err
	}
	defer result.Close()
	n := 0
	for ; result.Next(); n++ {
		raw := result.RawValues()
		if n == 0 && q.in.stamped() {
			r.stamp = append([]byte{}, raw[0]...)
		}
		if q.held != nil {
			if r.seen.Looked, r.row.Fate, err = q.held.whole(raw[1], raw[2]); err != nil {
				return n, err
			}
		}
		r.row.Order, r.row.Values = raw[number:values], raw[values:]
		if err := r.each(&r.row); err != nil {
			return n, err
		}
	}
	if n == 0 {
		r.stamp = nil
	}
	return n, result.Err()
}

// size counts a region's records, up to a bound.
func (r *reading) size(ctx context.Context, g statement.Region, limit int64) (int64, error) {
	r.statements++
	return r.q.size(ctx, g, limit)
}

func (q *question) size(ctx context.Context, g statement.Region, limit int64) (int64, error) {
	counted := q.Question.Count(g, limit)
	if q.held != nil {
		counted = q.held.count(g, limit)
	}
	return postgres.Int(ctx, q.db(), counted.SQL, counted.Args...)
}

// note explains a statement.
func (q *question) note(s statement.Statement) {
	if q.selection.Explain != nil {
		q.selection.Explain.Ask(q.in.Kind.Unstamped(q.in, s.SQL))
	}
}

// misplaced is an error of reading from a place as the place's own, if it is that.
func misplaced(err error) error {
	var place *statement.PlaceError
	switch {
	case errors.As(err, &place):
		return &view.PlaceError{Says: "holds " + place.Found + " for " + place.Field + "; right would be " + place.Want}
	case postgres.IsDataException(postgres.Code(err)):
		return &view.PlaceError{Says: "holds a value that is not of its field's type"}
	}
	return err
}

// whole is the question as one on a table, for any query.
func (q *question) whole() (*statement.Question, error) {
	if q.held == nil {
		return q.Question, nil
	}
	return q.held.tableOf(q)
}

// UpTo counts the records up to a place: in the opposite order, those from it on.
func (q *question) UpTo(ctx context.Context, place []*string) (n int64, err error) {
	back := q.reversed()
	regions, err := back.Question.From(place)
	if err != nil {
		return 0, err
	}
	for _, g := range regions {
		more, err := back.size(ctx, g, 1<<62)
		if err != nil {
			return 0, err
		}
		n += more
	}
	return n, nil
}

// Values counts a field's values.
func (q *question) Values(ctx context.Context, field string, limit int, ranked bool) ([]view.Value, error) {
	question, err := q.whole()
	if err != nil {
		return nil, err
	}
	counted, err := question.Facet(field, limit)
	if err != nil {
		return nil, err
	}
	q.note(counted)
	rows, err := q.db().Query(ctx, counted.SQL, counted.Args...)
	if err != nil {
		return nil, err
	}
	boolean := q.in.On.Field(field).Type == value.Boolean
	found, err := pgx.CollectRows(rows, func(row pgx.CollectableRow) (v view.Value, err error) {
		if err = row.Scan(&v.Text, &v.Count); boolean && v.Text != nil { // cast to a text it is written in full
			*v.Text = (*v.Text)[:1]
		}
		return v, err
	})
	if err != nil || !ranked {
		return found, err
	}
	texts := make([]*string, len(found))
	for i := range found {
		texts[i] = found[i].Text
	}
	base, collation := q.in.Table.compared(field)
	if rows, err = q.db().Query(ctx, "select n from unnest($1::text[]) with ordinality as given (value, n) order by value::"+base+" "+collation+" nulls last", texts); err != nil {
		return nil, err
	}
	rank, n := 0, 0
	_, err = pgx.ForEachRow(rows, []any{&n}, func() error { found[n-1].Rank = rank; rank++; return nil })
	return found, err
}

// Snapshot asks the same question in one snapshot.
func (q *question) Snapshot(ctx context.Context, do func(view.Question) error) error {
	if q.in.Tx != nil {
		return do(q)
	}
	v, err := q.in.Kind.Snapshot(ctx, q.in)
	if err != nil {
		return err
	}
	defer v.Close()
	there, err := v.question(q.selection)
	if err != nil {
		return err
	}
	return do(there)
}

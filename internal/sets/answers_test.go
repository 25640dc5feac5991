package sets_test

import (
	"context"
	"errors"
	"fmt"
	"math/rand/v2"
	"net/url"
	"slices"
	"strconv"
	"strings"
	"sync"
	"sync/atomic"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/stretchr/testify/assert"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
)

// The queries on the changing set, and the comparison of their answers with the
// archive.

// asking is one question, as a query and as SQL.
type asking struct {
	query, where, order string
	facet               string
}

// draw draws a question.
func draw(pick *rand.Rand) asking {
	var a asking
	where := []string{"true"}
	parts := []string{}
	filter := func(query, sql string) { parts, where = append(parts, query), append(where, "("+sql+")") }
	switch pick.IntN(12) {
	case 0:
		filter("ok=true", "ok")
	case 1:
		filter("amount.min=3", "amount >= 3")
	case 2:
		filter("name.not=a", "name is null or name <> 'a'")
	case 3:
		filter("name.has=gull", "name ilike '%gull%'")
	case 4:
		filter("amount.none=true", "amount is null")
	case 5:
		filter("at=2026-03-05", "at >= '2026-03-05 00:00:00+00' and at < '2026-03-06 00:00:00+00'")
	case 6:
		filter("q=gu", "exists (select from unnest(pageladder.words(name)) w where w like 'gu%')")
	case 7:
		filter("price.max=1.5&ok=false", "price <= 1.5 and not ok")
	}
	var sorts, orders []string
	fields := []string{"id", "name", "amount", "at", "price", "ok"}
	pick.Shuffle(len(fields), func(i, j int) { fields[i], fields[j] = fields[j], fields[i] })
	direction := ""
	for _, f := range fields[:1+pick.IntN(3)] {
		desc := pick.IntN(2) == 0
		direction = map[bool]string{true: "-", false: ""}[desc]
		i := slices.IndexFunc(modelFields, func(x intake.Field) bool { return x.Name == f })
		nulls := map[bool]string{true: " nulls first", false: " nulls last"}[i%2 == 0 && i > 0]
		sorts = append(sorts, direction+f)
		orders = append(orders, f+map[bool]string{true: " desc", false: ""}[desc]+nulls)
		if f == "id" {
			break
		}
	}
	a.order = strings.Join(append(orders, "id"+map[bool]string{true: " desc", false: ""}[direction == "-"]), ", ")
	a.where = strings.Join(where, " and ")
	a.query = strings.Join(append(parts, "sort="+url.QueryEscape(strings.Join(sorts, ","))), "&")
	if pick.IntN(6) == 0 {
		a.facet = []string{"name", "ok", "amount"}[pick.IntN(3)]
	}
	return a
}

// draw draws a question that the model can hold.
func (m *model) draw(pick *rand.Rand) asking {
	for {
		if a := draw(pick); m.other == "" || !strings.HasPrefix(a.query, "q=") {
			return a
		}
	}
}

// underFacet reports whether the field of the facet has no filter in the query: facets are counted under the others.
func (a *asking) underFacet() bool {
	return !strings.Contains(a.query, a.facet+"=") && !strings.Contains(a.query, a.facet+".")
}

// given are marks that pages have named, and what they saw of a followed table.
type given struct {
	mu  sync.Mutex
	all []mark
}

type mark struct {
	version      int64
	saw, sawUpTo string
	noted        time.Time
}

func (g *given) note(page *sets.Page) {
	if page.Version() == 0 {
		return
	}
	g.mu.Lock()
	defer g.mu.Unlock()
	one := mark{version: page.Version(), noted: time.Now()}
	if page.Set.Attached() {
		one.saw, one.sawUpTo = sets.Saw(page, "xid"), sets.SawAll(page)
		for len(g.all) > 0 && time.Since(g.all[0].noted) > (settledAfter-2)*time.Second { // its history is settled soon: on a slow machine 300 marks are of a longer time
			g.all = g.all[1:]
		}
	}
	if n := len(g.all); n > 0 && g.all[n-1].version == one.version {
		return
	}
	g.all = append(g.all, one)
	g.all = g.all[max(len(g.all)-300, 0):]
}

// draw draws the version of one of them, of the last ones more often; 0 where there is none.
func (g *given) draw(pick *rand.Rand) int64 {
	g.mu.Lock()
	defer g.mu.Unlock()
	if len(g.all) == 0 {
		return 0
	}
	return g.all[len(g.all)-1-pick.IntN(1+pick.IntN(len(g.all)))].version
}

func (g *given) of(version int64) (found mark) {
	g.mu.Lock()
	defer g.mu.Unlock()
	for _, one := range g.all {
		if one.version == version {
			found = one
		}
	}
	return found
}

// ask asks until the end, and compares each answer with the archive.
func (m *model) ask(ctx context.Context, stores []*sets.Store, seed uint64) error {
	pick := rand.New(rand.NewPCG(seed, 16))
	var questions []asking // few, so that what is known of them is used
	for range 25 {
		questions = append(questions, m.draw(pick))
	}
	fixed := map[string]string{"": "true", "ok=true": "ok", "amount.min=0&name.not=a": "amount >= 0 and (name is null or name <> 'a')"}
	var a asking
	cursors := map[string][]string{} // that pages of a question had lately
	var seen sighted
	for held := true; ctx.Err() == nil && m.requests.Load() < *modelQuestions; {
		if held {
			a = questions[pick.IntN(len(questions))]
		}
		if pick.IntN(50) == 0 {
			questions[pick.IntN(len(questions))] = m.draw(pick)
		}
		size := []int{2, 3, 5, 7}[pick.IntN(4)]
		number := 1 + pick.IntN(m.records/size+3)
		query := fmt.Sprintf("%s&size=%d&page=%d", a.query, size, number)
		if had := cursors[a.query]; len(had) > 0 && pick.IntN(3) == 0 {
			query = fmt.Sprintf("%s&size=%d&%s=%s", a.query, size, []string{"after", "before"}[pick.IntN(2)], had[pick.IntN(len(had))])
		}
		explain := &sets.Explain{}
		req := sets.Request{Set: "changing", Query: query, Visibility: pick.IntN(4) > 0, Explain: explain}
		if a.facet != "" && a.underFacet() {
			req.Facets = []string{a.facet}
		}
		// Each query is answered now and at an earlier state.
		if held = !held; held {
			req.At = m.marks.draw(pick)
		}
		store := stores[pick.IntN(len(stores))]
		m.anywhere(&req, pick, &seen)
		page, err := store.Page(ctx, req)
		var gone *sets.GoneError
		if req.At > 0 && errors.As(err, &gone) {
			m.gone.Add(1)
			continue
		}
		if err != nil {
			if ctx.Err() != nil {
				return nil
			}
			if m.paused(err) {
				continue
			}
			return fmt.Errorf("%s, held at %d: %w", query, req.At, err)
		}
		if err := m.neverBack(ctx, &req, page, &seen); err != nil {
			if ctx.Err() != nil {
				return nil
			}
			return fmt.Errorf("%s: %w", query, err)
		}
		where := a.where
		if req.Visibility == sets.Filtered {
			where += " and (" + fixed[page.Set.Fixed] + ")"
		}
		if page.Held != nil {
			m.held.Add(1)
			if req.Visibility == sets.Filtered && page.Set.Fixed != "" { // and now
				where += fmt.Sprintf(" and exists (select from archive n where n.version = %d and n.id = a.id and (%s))", page.Set.Version, fixed[page.Set.Fixed])
			}
		} else {
			m.marks.note(page)
		}
		if err := m.holds(ctx, page, where, a, size); err != nil {
			if ctx.Err() != nil {
				return nil
			}
			return fmt.Errorf("%s at version %d, by %s, %v, %v, %v: %w", query, page.Set.Version, explain.Access, explain.Counted, explain.Known, explain.Anew, err)
		}
		if at, _ := page.Settled.Ask().Cursor(); at != nil {
			m.byCursor.Add(1)
		}
		if c := page.Settled.Cursors(); c != nil {
			had := append(cursors[a.query], c.After, c.Before)
			cursors[a.query] = had[max(len(had)-20, 0):]
		}
		m.requests.Add(1)
		m.folded.Add(explain.Folded)
		if len(explain.Known) > 0 {
			m.kept.Add(1)
		}
		way, _, _ := strings.Cut(explain.Access, ",")
		n, _ := m.ways.LoadOrStore(way, &atomic.Int64{})
		n.(*atomic.Int64).Add(1)
		page.Release()
	}
	return nil
}

// hold compares an answer with the archive.
func (m *model) hold(ctx context.Context, page *sets.Page, where string, a asking, size int) error {
	version := page.Set.Version
	if page.Held != nil {
		version = page.Held.Version
	}
	// A standby may show a commit before the primary does.
	for began := time.Now(); ; time.Sleep(time.Millisecond) {
		var there bool
		err := m.pool.QueryRow(ctx, "select exists (select from archived where version = $1) and exists (select from archived where version = $2)", version, page.Set.Version).Scan(&there)
		switch {
		case err != nil:
			return err
		case !there && time.Since(began) < time.Minute:
			continue
		case !there:
			return errors.New("no such version was ever committed")
		}
		break
	}
	if err := m.holdIn(ctx, fmt.Sprintf("(select * from archive where version = %d) a", version), page, where, a, size); err != nil || page.Held == nil {
		return err
	}
	return m.holdFates(ctx, page)
}

// holdFates checks what a page of a held list says has become of its records.
func (m *model) holdFates(ctx context.Context, page *sets.Page) error {
	for i, r := range page.Records {
		const fields = "(name, amount, at, price, ok)"
		var want sets.Fate
		err := m.pool.QueryRow(ctx, `select case when n.id is null then 'gone' when `+strings.NewReplacer("(", "(h.", ", ", ", h.").Replace(fields)+` is distinct from `+strings.NewReplacer("(", "(n.", ", ", ", n.").Replace(fields)+` then 'changed' else '' end
			from archive h left join archive n on n.version = $2 and n.id = h.id where h.version = $1 and h.id = $3::text::bigint`, page.Held.Version, page.Set.Version, string(r[0])).Scan(&want)
		found := sets.Same
		if page.Fates != nil {
			found = page.Fates[i]
		}
		if err != nil || found != want {
			return fmt.Errorf("record %d: found the fate %q; right would be %q: %w", i+1, found, want, err)
		}
		if found != sets.Same && page.Held.Changes == 0 {
			return errors.New("found no changes since, and a record that has changed")
		}
	}
	return nil
}

// holdIn compares an answer with records that are had from somewhere in SQL.
func (m *model) holdIn(ctx context.Context, from string, page *sets.Page, where string, a asking, size int) error {
	if at, _ := page.Settled.Ask().Cursor(); at != nil {
		return m.holdCursor(ctx, from, page, where, a, size)
	}
	var total int64
	switch err := m.pool.QueryRow(ctx, "select count(*) from "+from+" where "+where).Scan(&total); {
	case err != nil:
		return err
	case page.Settled.Total().Is() != paging.TotalExact || page.Settled.Total().Records() != total:
		return fmt.Errorf("found a total of %d; right would be %d", page.Settled.Total().Records(), total)
	}
	want, err := m.rows(ctx, "null", from+" where "+where+" order by "+a.order+" limit $1 offset $2", size, page.Settled.Offset())
	if err != nil {
		return err
	}
	if err := same(page, want); err != nil {
		return err
	}
	for field, found := range page.Facets {
		rows, err := m.pool.Query(ctx, "select "+field+"::text as c1, count(*) from "+from+" where "+where+" group by "+field+" order by count(*) desc, "+field+" nulls last limit 50")
		if err != nil {
			return err
		}
		want, err := pgx.CollectRows(rows, pgx.RowToStructByPos[sets.Facet])
		if err != nil {
			return err
		}
		if !assert.ObjectsAreEqual(want, found) {
			return fmt.Errorf("facets of %s: found %d of %d", field, len(found), len(want))
		}
	}
	return nil
}

// rows are records as texts, and behind them what is derived from them.
func (m *model) rows(ctx context.Context, more, from string, args ...any) ([][7]*string, error) {
	rows, err := m.pool.Query(ctx, "select id::text as c1, name as c2, amount::text as c3, at::text as c4, price::text as c5, case when ok then 't' else 'f' end || case when ok is null then null else '' end as c6, "+more+" as c7 from "+from, args...)
	if err != nil {
		return nil, err
	}
	return pgx.CollectRows(rows, func(row pgx.CollectableRow) (r [7]*string, err error) {
		err = row.Scan(&r[0], &r[1], &r[2], &r[3], &r[4], &r[5], &r[6])
		return r, err
	})
}

// holdCursor compares a page that was asked for by a cursor with records that are had from somewhere in SQL. The
// database itself sorts the cursor among them, as if it were a record.
func (m *model) holdCursor(ctx context.Context, from string, page *sets.Page, where string, a asking, size int) error {
	at, backward := page.Settled.Ask().Cursor()
	values := map[string]*string{}
	for i, o := range page.Settled.Ask().Order() {
		values[o.Field] = at.Values[i]
	}
	gap := -1
	if at.Behind {
		gap = 1
	}
	all, err := m.rows(ctx, "nullif(gap, 0)::text", fmt.Sprintf(`(select id, name, amount, at, price, ok, 0 as gap from %s where %s
		union all select $1::text::bigint, $2::text, $3::text::bigint, $4::text::timestamptz, $5::text::numeric, $6::text::boolean, %d) s order by %s, gap`, from, where, gap, a.order),
		values["id"], values["name"], values["amount"], values["at"], values["price"], values["ok"])
	if err != nil {
		return err
	}
	before := slices.IndexFunc(all, func(r [7]*string) bool { return r[6] != nil })
	first, last := before+1, min(before+1+size, len(all)) // the cursor stands at before
	if backward {
		first, last = max(before-size, 0), before
	}
	if err := same(page, all[first:last]); err != nil {
		return err
	}
	metadata := page.Settled.Metadata()
	isFirst, isLast := first == 0 || first == 1 && before == 0, last == len(all) || last == before && before == len(all)-1
	if metadata.IsFirst != isFirst || metadata.IsLast != isLast {
		return fmt.Errorf("found first %t and last %t; right would be %t and %t", metadata.IsFirst, metadata.IsLast, isFirst, isLast)
	}
	return nil
}

// same compares the records of a page with what they should be.
func same(page *sets.Page, want [][7]*string) error {
	if len(want) != len(page.Records) {
		return fmt.Errorf("found %d records; right would be %d", len(page.Records), len(want))
	}
	for i, r := range want {
		for f, v := range r[:6] {
			found := page.Records[i][f]
			if (v == nil) != (found == nil) || v != nil && string(found) != *v {
				return fmt.Errorf("record %d of %d, %s: found %q; right would be %s", i+1, len(want), modelFields[f].Name, found, shown(v))
			}
		}
	}
	return nil
}

func shown(v *string) string {
	if v == nil {
		return "none"
	}
	return strconv.Quote(*v)
}

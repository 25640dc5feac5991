package vectors

import (
	"bytes"
	"encoding/json"
	"errors"
	"strconv"
	"time"

	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
)

// Integer is a whole number. In JSON one beyond ±(2^53−1), which not every reader keeps, is a string of its digits.
type Integer int64

// MarshalJSON writes the number.
func (n Integer) MarshalJSON() ([]byte, error) {
	digits := strconv.AppendInt(nil, int64(n), 10)
	if n > value.MaxInteger || n < -value.MaxInteger {
		return strconv.AppendQuote(nil, string(digits)), nil
	}
	return digits, nil
}

// UnmarshalJSON reads a number.
func (n *Integer) UnmarshalJSON(from []byte) error {
	number, err := strconv.ParseInt(string(bytes.Trim(from, `"`)), 10, 64)
	*n = Integer(number)
	return err
}

// Result is what becomes of a case: exactly one of these, as JSON.
type Result struct {
	// Rules are the mistakes of the rules: each with entry, found and want.
	Rules json.RawMessage `json:"rules,omitempty"`
	// Base is what is wrong with the base.
	Base string `json:"base,omitempty"`
	// Refusal is the refusal of the query: its faults, and the step that refused it.
	Refusal json.RawMessage `json:"refusal,omitempty"`
	// Answer is the answer.
	Answer json.RawMessage `json:"answer,omitempty"`
}

type ruleError struct {
	Entry string `json:"entry"`
	Found string `json:"found"`
	Want  string `json:"want"`
}

type refusal struct {
	Step   string         `json:"step"` // "read", "settle", "received"
	Faults []paging.Fault `json:"faults"`
}

// answer is all that a settled page gives.
type answer struct {
	Metadata paging.Metadata     `json:"metadata"`
	Adjusted []paging.Adjustment `json:"adjusted"`
	Order    []paging.Order      `json:"order"`
	Fields   []string            `json:"fields,omitempty"`
	Fetch    int                 `json:"fetch"`
	Cursor   *place              `json:"cursor,omitempty"`
	Cursors  *cursor.Pair        `json:"cursors,omitempty"`
	Steps    paging.Steps        `json:"steps"`
	Drawn    bool                `json:"ends_drawn,omitempty"`
	Ladder   []paging.Rung       `json:"ladder"`
	Sizes    []paging.SizeLink   `json:"sizes"`
	Sorts    []paging.SortLink   `json:"sorts"`
	With     *string             `json:"with,omitempty"`
	SizeForm form                `json:"size_form"`
	JumpForm form                `json:"jump_form"`
	Words    *words              `json:"words,omitempty"`
}

// place is a cursor of the query.
type place struct {
	Values   []*Text `json:"values"`
	Behind   bool    `json:"behind,omitempty"`
	Backward bool    `json:"backward,omitempty"`
}

type form struct {
	Action string    `json:"action"`
	Param  string    `json:"param"`
	ByRow  bool      `json:"by_row,omitempty"`
	Value  int64     `json:"value"`
	Max    int64     `json:"max,omitempty"`
	Hidden [][2]Text `json:"hidden,omitempty"`
}

// words are what is said in the case's language.
type words struct {
	Summary string   `json:"summary"`
	Rungs   []string `json:"rungs"` // the name of each
}

// ResultOf is what becomes of a case in package paging. The error is for rules that are no JSON of rules.
func ResultOf(c *Case) (Result, error) {
	rules := &paging.Rules{List: c.List, Aside: c.Aside}
	if err := json.Unmarshal(c.Rules, rules); err != nil {
		return Result{}, err
	}
	base := paging.Base{}
	if c.Base != "" {
		var err error
		if base, err = paging.ParseBase(c.Base, rules.Origins...); err != nil {
			return Result{Base: err.Error()}, nil
		}
	}
	if c.Outside {
		base = base.Outside()
	}
	ask, err := rules.Read(string(c.Query))
	if mistakes := mistakesOf(err); mistakes != nil {
		return Result{Rules: plain(mistakes)}, nil
	}
	if err != nil {
		return refused("read", err)
	}
	page, err := ask.Settle(c.Total.total())
	if err != nil {
		return refused("settle", err)
	}
	fetch := page.Fetch()
	if c.Received != nil {
		if page, err = page.Received(*c.Received); err != nil {
			return refused("received", err)
		}
	}
	if c.Ends != nil {
		page = page.Ends(plainTexts(c.Ends.First), plainTexts(c.Ends.Last), c.Ends.Behind)
	}
	return Result{Answer: plain(answerOf(c, page, base, fetch))}, nil
}

func answerOf(c *Case, page paging.Page, base paging.Base, fetch int) *answer {
	links := page.On(base)
	sizeForm, jumpForm := links.Forms()
	steps := links.Steps()
	a := &answer{Metadata: page.Metadata(), Adjusted: page.Ask().Adjusted(), Order: page.Ask().Order(), Fields: page.Ask().Fields(), Fetch: fetch,
		Cursors: page.Cursors(), Steps: steps, Drawn: steps.EndsDrawn, Ladder: links.Ladder(), Sizes: links.Sizes(), Sorts: links.Sorts(),
		SizeForm: formOf(sizeForm), JumpForm: formOf(jumpForm)}
	if at, backward := page.Ask().Cursor(); at != nil {
		a.Cursor = &place{Values: []*Text{}, Behind: at.Behind, Backward: backward}
		for _, v := range at.Values {
			a.Cursor.Values = append(a.Cursor.Values, (*Text)(v))
		}
	}
	if c.With != nil {
		a.With = new(links.With(c.With.Param, c.With.Values...))
	}
	if c.Language == "" {
		return a
	}
	view := markup.Of(page, base, markup.LanguageFor(c.Language))
	a.Words = &words{Summary: view.Summary(), Rungs: []string{}}
	for _, rung := range view.Ladder {
		name := view.PageName(rung)
		if rung.Kind == paging.RungGap {
			name = view.GapName(rung)
		}
		a.Words.Rungs = append(a.Words.Rungs, name)
	}
	return a
}

func (t Total) total() paging.Total {
	switch n := int64(t.Records); t.Is {
	case paging.TotalAtLeast:
		return paging.AtLeast(n)
	case paging.TotalNone:
		return paging.NotCounted()
	case paging.TotalRemembered:
		return paging.Remembered(n, time.Duration(t.Age)*time.Second)
	default:
		return paging.Exact(n)
	}
}

func mistakesOf(err error) (all []ruleError) {
	several, ok := err.(interface{ Unwrap() []error })
	if !ok {
		return nil
	}
	for _, one := range several.Unwrap() {
		var m paging.RuleError
		if errors.As(one, &m) {
			all = append(all, ruleError(m))
		}
	}
	return all
}

func refused(step string, err error) (Result, error) {
	var r *paging.Refusal
	if !errors.As(err, &r) {
		return Result{}, err
	}
	return Result{Refusal: plain(refusal{step, r.Faults})}, nil
}

func plainTexts(texts []*Text) []*string {
	if texts == nil {
		return nil
	}
	all := make([]*string, len(texts))
	for i, t := range texts {
		all[i] = (*string)(t)
	}
	return all
}

func formOf(f paging.Form) form {
	written := form{Action: f.Action, Param: f.Param, ByRow: f.ByRow, Value: f.Value, Max: f.Max}
	for _, p := range f.Hidden {
		written.Hidden = append(written.Hidden, pairOf(p))
	}
	return written
}

func pairOf(p query.Pair) [2]Text { return [2]Text{Text(p.Name), Text(p.Value)} }

// plain is a value as JSON with its names in alphabetical order, and with whole numbers written as Integer.
func plain(v any) json.RawMessage {
	text, err := json.Marshal(v)
	if err != nil {
		panic(err) // these types are always written
	}
	decoder := json.NewDecoder(bytes.NewReader(text))
	decoder.UseNumber()
	var tree any
	if err := decoder.Decode(&tree); err != nil {
		panic(err)
	}
	var written bytes.Buffer
	encoder := json.NewEncoder(&written)
	encoder.SetEscapeHTML(false)
	if err := encoder.Encode(wholes(tree)); err != nil {
		panic(err)
	}
	return bytes.TrimSpace(written.Bytes())
}

// wholes has each number of a tree written as Integer.
func wholes(tree any) any {
	switch v := tree.(type) {
	case json.Number:
		n, err := v.Int64()
		if err != nil {
			return v
		}
		return Integer(n)
	case []any:
		for i := range v {
			v[i] = wholes(v[i])
		}
	case map[string]any:
		for name := range v {
			v[name] = wholes(v[name])
		}
	}
	return tree
}

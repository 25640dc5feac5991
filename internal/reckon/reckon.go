// Package reckon answers pages of lists that the caller keeps: from a total, or from the records
// themselves.
package reckon

import (
	"bytes"
	"cmp"
	"encoding/json"
	"errors"
	"fmt"
	"strings"

	"pageladder.example/api"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/shapes"
	"pageladder.example/internal/wayback"
	"pageladder.example/paging"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/markup"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// Limits of one call.
const (
	linkBytes   = 8 << 20   // of all links in an answer, approximately
	ladderLinks = 120       // limit of links that a ladder's reach and tips allow
	cutRecords  = 100_000   // in the body
	cutKeys     = 1_000_000 // values that are compared to sort
)

// Records are the records of a body, within a limit.
type Records []json.RawMessage

// UnmarshalJSON reads the list one record at a time.
func (l *Records) UnmarshalJSON(text []byte) error {
	*l = nil
	dec := json.NewDecoder(bytes.NewReader(text))
	token, err := dec.Token()
	switch {
	case err != nil || token == nil:
		return err
	case token != json.Delim('['):
		return errors.New("records should be a list")
	}
	*l = Records{}
	for dec.More() {
		if len(*l) == cutRecords {
			return fmt.Errorf("found more than %d records; right would be at most that many", cutRecords)
		}
		var record json.RawMessage
		if err := dec.Decode(&record); err != nil {
			return err
		}
		*l = append(*l, record)
	}
	return nil
}

// Total is the total that a body states, or one that is known of the set that it names.
func Total(body *api.ReckonBody, known *paging.Total) (paging.Total, error) {
	switch {
	case body.Total != nil:
		return totalOf(body.Total)
	case known != nil:
		return *known, nil
	case body.Set != "":
		return paging.Total{}, problem.Of(problem.BadBody, "total is missing, and how many records of %s the query leaves is not known here; right would be a number, {\"at_least\": 100}, or null if it is not counted", body.Set)
	}
	return paging.Total{}, problem.Of(problem.BadBody, "total is missing; right would be a number, {\"at_least\": 100} or null")
}

func totalOf(raw json.RawMessage) (paging.Total, error) {
	var n *int64
	if json.Unmarshal(raw, &n) == nil {
		switch {
		case n == nil:
			return paging.NotCounted(), nil
		case *n >= 0:
			return paging.Exact(*n), nil
		}
	}
	var bound struct {
		AtLeast *int64 `json:"at_least"`
	}
	if json.Unmarshal(raw, &bound) == nil && bound.AtLeast != nil && *bound.AtLeast >= 0 {
		return paging.AtLeast(*bound.AtLeast), nil
	}
	return paging.Total{}, problem.Of(problem.BadBody, "total: found %.100s; right would be a whole number from 0, {\"at_least\": 100} or null", raw)
}

// Answer describes everything about a settled page except its records.
func Answer(body *api.ReckonBody, rules *rulesfile.Rules, page paging.Page, language *markup.Language) (answer api.Reckoned, err error) {
	answer.Fetch, answer.Order, answer.Params = page.Fetch(), append([]paging.Order{}, page.Ask().Order()...), api.NamesOf(&rules.Rules)
	if body.Came != nil {
		if page, err = page.Received(*body.Came); err != nil {
			return answer, err
		}
	}
	if at, backward := page.Ask().Cursor(); at != nil {
		answer.From = &api.ReadFrom{Values: at.Values, Behind: at.Behind, Backward: backward}
	}
	if order := len(answer.Order); body.First != nil || body.Last != nil || body.Behind {
		if len(body.First) != len(body.Last) || body.First != nil && len(body.First) != order {
			return answer, problem.Of(problem.BadBody, "found %d values as first and %d as last; right would be one for each of the %d fields of the order", len(body.First), len(body.Last), order)
		}
		page = page.Ends(body.First, body.Last, body.Behind)
	}
	text := cmp.Or(body.Base, rules.Base)
	var base paging.Base
	if text != "" {
		if base, err = paging.ParseBase(text, rules.Origins...); err != nil {
			return answer, problem.Of(problem.BadBody, "%s", strings.TrimPrefix(err.Error(), "paging: "))
		}
	}
	if links := len(rules.Sorts) + len(rules.Size.Offered) + ladderLinks; links*(len(body.Query)+len(text)) > linkBytes {
		return answer, problem.Of(problem.BadBody, "found a query of %d bytes on up to %d links; right would be at most %d bytes in all: a shorter query, or fewer sorts and sizes", len(body.Query), links, linkBytes)
	}
	links := page.On(base.Outside())
	answer.About = api.AboutPage(page, links)
	if body.Markup != "" || rules.Language != "" {
		view := shapes.ViewOf(&answer.About, rules, language)
		if rules.Language != "" {
			answer.Paging.Summary = view.Summary()
		}
		if body.Markup != "" {
			style := markup.StyleOf(string(body.Markup), rules.Markup.Classes)
			answer.Markup = string(style.AppendLadder(nil, &view))
		}
	}
	if body.Set != "" {
		answer.WayBack = wayback.To(body.Set, page)
	}
	return answer, nil
}

// Choose filters, searches, sorts and cuts records that a caller sent.
func Choose(list []json.RawMessage, ask paging.Ask) (paging.Page, []json.RawMessage, error) {
	type record struct {
		raw    json.RawMessage
		fields map[string]json.RawMessage
	}
	records := make([]record, len(list))
	for i, raw := range list {
		records[i].raw = raw
		// What is not an object has no fields, so all of them are missing.
		if json.Unmarshal(raw, &records[i].fields) != nil {
			records[i].fields = nil
		}
	}
	if err := sets.CheckCost(ask, 0); err != nil {
		return paging.Page{}, nil, problem.Of(problem.BadBody, "query: %v", err)
	}
	if fields := len(ask.Order()); fields*len(list) > cutKeys {
		return paging.Page{}, nil, problem.Of(problem.BadBody, "found %d records to sort by %d fields; right would be at most %d values in all", len(list), fields, cutKeys)
	}
	page, found, err := choose.Page(records, ask, func(r *record, field string) choose.Value { return jsonValue(r.fields[field]) })
	var wrong *choose.ValueError
	if errors.As(err, &wrong) {
		at := fmt.Sprintf("records[%d].%s", wrong.Record-1, wrong.Field)
		err = &problem.Error{Kind: problem.BadBody, Says: fmt.Sprintf("%s: found %.100q; right would be %s", at, wrong.Found, wrong.Want),
			Faults: []paging.Fault{{Param: at, Given: fmt.Sprintf("%.100s", wrong.Found), Why: problem.WrongValue, Says: "right would be " + wrong.Want}}}
	}
	raws := make([]json.RawMessage, len(found))
	for i := range found {
		raws[i] = found[i].raw
	}
	return page, raws, err
}

// jsonValue is a JSON value of a record, with its own type.
func jsonValue(raw json.RawMessage) choose.Value {
	text := string(raw)
	switch {
	case text == "" || text == "null":
		return choose.Value{}
	case text == "true" || text == "false":
		return choose.Value{Type: value.Boolean, Text: text}
	case text[0] == '"':
		var s string
		if json.Unmarshal(raw, &s) != nil {
			return choose.Value{}
		}
		return choose.Value{Type: value.Text, Text: s}
	case text[0] == '{' || text[0] == '[':
		return choose.Value{Type: value.JSON, Text: text}
	}
	return choose.Value{Type: value.BigDecimal, Text: text}
}

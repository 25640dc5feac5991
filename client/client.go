// Package client calls a Page Ladder service over its HTTP API.
package client

import (
	"bytes"
	"cmp"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"iter"
	"mime"
	"net/http"
	"net/url"
	"slices"
	"strconv"
	"strings"
	"time"

	"github.com/dunglas/httpsfv"

	"pageladder.example/api"
	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/query"
)

// DefaultServer is the address of a service unless configured otherwise.
const DefaultServer = "http://127.0.0.1:8470"

const (
	answerBytes = 64 << 20    // the longest answer that is read
	answerTime  = time.Minute // longest wait for an answer, except for imports and streams
)

// Client calls one service. It is safe for concurrent use. The zero Client calls the one at
// DefaultServer. If the service refuses a request, the error is a *Problem, such as one of status 412 for a
// revision that a record no longer has; if none answers, ErrUnreachable.
//
// Where the service reads from replicas, a Client of New's never gets a page of a set that is older than what it has had or written, also
// from another service behind the same address: it sends Min-Version back.
type Client struct {
	base  string // without a "/" at the end; "": DefaultServer
	token string
	http  *http.Client // nil: shared
	seen  *seen        // nil: nothing is remembered
}

// New is a client for the service at an http or https address, such as "http://127.0.0.1:8470".
func New(server string) (*Client, error) {
	base, err := url.Parse(strings.TrimRight(server, "/"))
	if err != nil || base.Scheme != "http" && base.Scheme != "https" || base.Host == "" {
		return nil, fmt.Errorf("client: the server's address %q is not of the form %s", server, DefaultServer)
	}
	return &Client{base: strings.TrimRight(base.String(), "/"), seen: &seen{}}, nil
}

// shared is used by clients that were given no http.Client.
var shared = &http.Client{}

func (c *Client) server() string { return cmp.Or(c.base, DefaultServer) }

// WithToken is the same client, calling with a token.
func (c *Client) WithToken(token string) *Client {
	with := *c
	with.token = token
	return &with
}

// WithHTTP is the same client, which sends its requests by an http.Client of your own: with a proxy,
// certificates, or a transport that traces. Its Timeout also bounds imports and streams.
func (c *Client) WithHTTP(by *http.Client) *Client {
	with := *c
	with.http = by
	return &with
}

// Problem is the error for a request that the service refused, RFC 9457.
type Problem struct{ api.Problem }

func (p *Problem) Error() string {
	if len(p.Faults) > 1 {
		says := make([]string, len(p.Faults))
		for i, f := range p.Faults {
			says[i] = f.Param + ": " + strings.TrimSuffix(f.Says, ".") + "."
		}
		return strings.Join(says, " ")
	}
	return p.Detail
}

// ErrUnreachable is the error when no service answers.
var ErrUnreachable = errors.New("no Page Ladder service answers")

// Page is one page of a record set, as the service answered it.
type Page struct {
	Records []Record `json:"records"`
	api.About

	Raw json.RawMessage `json:"-"` // the whole answer, unchanged
}

// Record is one record: its values in the set's order of fields.
type Record []Value

// Value is one field of a record, as JSON.
type Value struct {
	Field string
	JSON  json.RawMessage
}

// UnmarshalJSON reads an object and keeps the order of its fields.
func (r *Record) UnmarshalJSON(text []byte) error {
	d := json.NewDecoder(bytes.NewReader(text))
	if open, err := d.Token(); err != nil || open != json.Delim('{') {
		return fmt.Errorf("a record is an object, not %.40q", text)
	}
	*r = Record{}
	for d.More() {
		name, err := d.Token()
		if err != nil {
			return err
		}
		value := Value{Field: name.(string)}
		if err := d.Decode(&value.JSON); err != nil {
			return err
		}
		*r = append(*r, value)
	}
	return nil
}

// MarshalJSON writes the object that UnmarshalJSON reads, with its fields in order.
func (r Record) MarshalJSON() ([]byte, error) {
	text := []byte{'{'}
	for i, v := range r {
		if i > 0 {
			text = append(text, ',')
		}
		name, err := json.Marshal(v.Field)
		if err != nil {
			return nil, err
		}
		text = append(append(text, name...), ':')
		if len(v.JSON) == 0 {
			text = append(text, "null"...)
		}
		text = append(text, v.JSON...)
	}
	return append(text, '}'), nil
}

// Text is the value as plain text; ok is false if it is missing.
func (v Value) Text() (text string, ok bool) {
	switch {
	case len(v.JSON) == 0 || string(v.JSON) == "null":
		return "", false
	case v.JSON[0] == '"':
		err := json.Unmarshal(v.JSON, &text)
		return text, err == nil
	}
	return string(v.JSON), true
}

// Page reads one page of a record set, by a raw query such as
// "page=3&size=20&sort=-tonnage".
func (c *Client) Page(ctx context.Context, set, query string) (*Page, error) {
	var page Page
	answer, err := c.call(ctx, request{path: []string{"sets", set, "records"}, query: query}, &page)
	page.Raw = answer.body
	return &page, err
}

// ErrNotHeld is the error for a list that cannot be held still: its pages have no version.
var ErrNotHeld = errors.New("client: the list cannot be held still: its pages have no version")

// ErrNoCursor is the error for a list that is walked by cursor but has none: its rules name no
// parameter for them, or a page ends with a record whose values are too long for one.
var ErrNoCursor = errors.New("client: no cursor leads on from here: the set's rules name no parameter for one, or the last record's values are too long")

// Pages iterates over the pages of a list, beginning with the one that a query asks for. With hold, all
// pages are of the version of the first one, so that no record is lost or repeated while others change the
// list; if the service can no longer hold that version, the error is a *Problem of status 410.
//
//	for page, err := range c.Pages(ctx, "arrivals", "sort=-tonnage", true) {
//
// An error ends it; without one, every page has come.
func (c *Client) Pages(ctx context.Context, set, rawQuery string, hold bool) iter.Seq2[*Page, error] {
	return func(yield func(*Page, error) bool) {
		about, err := c.Set(ctx, set)
		for first := true; ; first = false {
			var page *Page
			if err == nil {
				page, err = c.Page(ctx, set, rawQuery)
			}
			if err == nil && hold && page.Paging.Version == 0 {
				err = ErrNotHeld
			}
			if err != nil {
				yield(nil, err)
				return
			}
			if !yield(page, nil) || page.Links.Next == "" {
				return
			}
			// Not by the link itself: the rules may let it lead to pages of the developer's own.
			names := about.Params
			switch {
			case page.Paging.Page == nil:
				if page.Cursors == nil || page.Cursors.After == "" {
					yield(nil, ErrNoCursor)
					return
				}
				rawQuery = query.With(query.With(query.With(rawQuery, names.Row), names.Before), names.After, page.Cursors.After)
			case about.Rules.Addressing == paging.ByOffset:
				rawQuery = query.With(query.With(rawQuery, names.Row), names.Page, strconv.FormatInt(*page.Paging.Offset+int64(page.Paging.Limit), 10))
			default:
				rawQuery = query.With(query.With(rawQuery, names.Row), names.Page, strconv.FormatInt(*page.Paging.Page+1, 10))
			}
			if first && hold {
				rawQuery = query.With(rawQuery, api.VersionParam, strconv.FormatInt(page.Paging.Version, 10))
			}
		}
	}
}

// All iterates over every record that a query asks for, in its order and in one
// snapshot, however many there are:
//
//	for record, err := range c.All(ctx, "arrivals", "berth=N4&sort=-tonnage") {
//
// An error ends it; without one, every record has come. If streams are not allowed on the way to
// the service (status 405 or 501), the records come page by page, as from Walk.
func (c *Client) All(ctx context.Context, set, query string) iter.Seq2[Record, error] {
	return func(yield func(Record, error) bool) {
		stream, err := c.Stream(ctx, set, query)
		var problem *Problem
		if errors.As(err, &problem) && (problem.Status == http.StatusMethodNotAllowed || problem.Status == http.StatusNotImplemented) {
			c.Walk(ctx, set, query)(yield)
			return
		}
		if err != nil {
			yield(nil, err)
			return
		}
		defer stream.Close()
		for record, err := range stream.Records() {
			if !yield(record, err) {
				return
			}
		}
	}
}

// Walk iterates over every record that a query asks for, page by page, by cursor: of the
// records that nobody changes meanwhile none is lost and none comes twice, and each page is
// equally quick. The query may have a cursor to begin at, but no page; a cursor that the service
// does not accept is an error. An error ends it; it is ErrNoCursor if the list has no cursors.
func (c *Client) Walk(ctx context.Context, set, rawQuery string) iter.Seq2[Record, error] {
	return func(yield func(Record, error) bool) {
		about, err := c.Set(ctx, set)
		for err == nil {
			var page *Page
			if page, err = c.Page(ctx, set, rawQuery); err != nil {
				break
			}
			// If the cursor was ignored, the walk would begin again.
			if i := slices.IndexFunc(page.Adjusted, func(a paging.Adjustment) bool { return strings.HasPrefix(string(a.Why), "cursor.") }); i >= 0 {
				err = fmt.Errorf("client: %s: %s", page.Adjusted[i].Param, page.Adjusted[i].Says)
				break
			}
			for _, record := range page.Records {
				if !yield(record, nil) {
					return
				}
			}
			if page.Paging.IsLast {
				return
			}
			if page.Cursors == nil || page.Cursors.After == "" {
				err = ErrNoCursor
				break
			}
			names := about.Params
			for _, name := range []string{names.Page, names.Row, names.Before} {
				rawQuery = query.With(rawQuery, name)
			}
			rawQuery = query.With(rawQuery, names.After, page.Cursors.After)
		}
		yield(nil, err)
	}
}

// versionIn reads the version in the header Paging; 0 if there is none.
func versionIn(header string) int64 {
	answer, err := httpsfv.UnmarshalDictionary([]string{header})
	if err != nil {
		return 0
	}
	if member, ok := answer.Get("version"); ok {
		if item, ok := member.(httpsfv.Item); ok {
			version, _ := item.Value.(int64)
			return version
		}
	}
	return 0
}

// adjustedIn reads the header Adjusted; nil if it cannot be read.
func adjustedIn(header string) (adjusted []paging.Adjustment) {
	if header == "" {
		return nil
	}
	list, err := httpsfv.UnmarshalList([]string{header})
	if err != nil {
		return nil
	}
	text := func(value any) string {
		switch v := value.(type) {
		case string:
			return v
		case httpsfv.DisplayString:
			return string(v)
		}
		return ""
	}
	for _, member := range list {
		item, ok := member.(httpsfv.Item)
		if !ok || text(item.Value) == "" {
			continue
		}
		param := func(name string) string {
			value, _ := item.Params.Get(name)
			return text(value)
		}
		adjusted = append(adjusted, paging.Adjustment{Param: text(item.Value), Given: param("given"), Used: param("used"), Why: code.Code(param("why"))})
	}
	return adjusted
}

// rawPart marks a part of a path that is escaped already.
const rawPart = "\x00"

// request is one call of the API.
type request struct {
	method    string   // "": GET
	path      []string // below /api
	query     string
	accept    string
	ifMatch   string
	key       string // Idempotency-Key
	json      any
	body      io.Reader
	mediaType string
	long      bool
}

// answer is a response.
type answer struct {
	body   json.RawMessage
	header http.Header
}

// call makes a call and reads its answer.
func (c *Client) call(ctx context.Context, r request, into any) (answer, error) {
	if !r.long {
		var cancel context.CancelFunc
		ctx, cancel = context.WithTimeout(ctx, answerTime)
		defer cancel()
	}
	res, err := c.send(ctx, r)
	if err != nil {
		return answer{}, err
	}
	defer res.Body.Close()
	body, err := io.ReadAll(io.LimitReader(res.Body, answerBytes))
	if err != nil {
		return answer{}, fmt.Errorf("client: reading the answer of %s: %w", c.server(), err)
	}
	if into != nil {
		if err := json.Unmarshal(body, into); err != nil {
			return answer{}, fmt.Errorf("client: the answer of %s: %w", c.server(), err)
		}
	}
	return answer{body, res.Header}, nil
}

// send is the only function that sends requests. An error answer becomes an error.
func (c *Client) send(ctx context.Context, r request) (*http.Response, error) {
	at := c.server() + "/api"
	for _, part := range r.path {
		if raw, ok := strings.CutPrefix(part, rawPart); ok {
			at += "/" + raw
		} else {
			at += "/" + url.PathEscape(part)
		}
	}
	if r.query != "" {
		at += "?" + r.query
	}
	if r.json != nil {
		text, err := json.Marshal(r.json)
		if err != nil {
			return nil, err
		}
		r.body, r.mediaType = bytes.NewReader(text), "application/json"
	}
	if r.method == "" {
		r.method = http.MethodGet
	}
	if r.accept == "" {
		r.accept = "application/json"
	}
	req, err := http.NewRequestWithContext(ctx, r.method, at, r.body)
	if err != nil {
		return nil, err
	}
	accept := r.accept
	if accept == "application/json" { // not in an envelope of the set's rules
		accept = "application/json;shape=native, application/json"
	}
	req.Header.Set("Accept", accept)
	for name, value := range map[string]string{"Content-Type": r.mediaType, "Authorization": c.token, "If-Match": r.ifMatch, "Idempotency-Key": r.key, api.MinVersion: c.hasSeen(&r)} {
		switch {
		case value == "":
		case name == "Authorization":
			req.Header.Set(name, "Bearer "+value)
		case name == "If-Match", name == "Idempotency-Key":
			req.Header.Set(name, `"`+value+`"`)
		default:
			req.Header.Set(name, value)
		}
	}
	res, err := cmp.Or(c.http, shared).Do(req)
	if err != nil {
		if cause := ctx.Err(); cause != nil && !errors.Is(cause, context.DeadlineExceeded) {
			return nil, cause
		}
		var cause *url.Error
		if errors.As(err, &cause) {
			err = cause.Err
		}
		return nil, fmt.Errorf("client: %w at %s: %w", ErrUnreachable, c.server(), err)
	}
	c.noteSeen(&r, res, nil)
	mediaType, _, _ := mime.ParseMediaType(res.Header.Get("Content-Type"))
	switch {
	case res.StatusCode == http.StatusNoContent, res.StatusCode < 300 && mediaType == r.accept:
		return res, nil
	}
	defer res.Body.Close()
	if mediaType == "application/problem+json" {
		p := &Problem{}
		if err := json.NewDecoder(io.LimitReader(res.Body, answerBytes)).Decode(p); err == nil {
			c.noteSeen(&r, res, p)
			return nil, p
		}
	}
	return nil, fmt.Errorf("client: %s answered %s with %q; is that a Page Ladder service?", c.server(), res.Status, mediaType)
}

// Package client speaks to a Page Ladder service over its HTTP API.
package client

import (
	"bytes"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"mime"
	"net/http"
	"net/url"
	"strings"
	"time"

	"pageladder.example/paging"
)

// DefaultServer is where a service listens unless told otherwise.
const DefaultServer = "http://127.0.0.1:8470"

const answerBytes = 64 << 20 // the longest answer that is read

// Client speaks to one service. It is safe for concurrent use.
type Client struct {
	base *url.URL
	http *http.Client
}

// New readies a client for the service at an address such as
// "http://127.0.0.1:8470".
func New(server string) (*Client, error) {
	base, err := url.Parse(strings.TrimRight(server, "/"))
	if err != nil || base.Scheme != "http" && base.Scheme != "https" || base.Host == "" {
		return nil, fmt.Errorf("the server's address %q is not of the form %s", server, DefaultServer)
	}
	return &Client{base: base, http: &http.Client{Timeout: time.Minute}}, nil
}

// Problem is the error for a request that the service refused, RFC 9457.
type Problem struct {
	Status int            `json:"status"`
	Title  string         `json:"title"`
	Detail string         `json:"detail"`
	Faults []paging.Fault `json:"faults"`
}

func (p *Problem) Error() string {
	if len(p.Faults) > 1 {
		says := make([]string, len(p.Faults))
		for i, f := range p.Faults {
			says[i] = f.Param + ": " + f.Says
		}
		return strings.Join(says, " ")
	}
	return p.Detail
}

// ErrUnreachable is the error when no service answers.
var ErrUnreachable = errors.New("no Page Ladder service answers")

// Page is one page of a record set, as the service answered it.
type Page struct {
	Records  []Record            `json:"records"`
	Paging   paging.Metadata     `json:"paging"`
	Adjusted []paging.Adjustment `json:"adjusted"`
	Links    paging.Steps        `json:"links"`
	Sizes    []paging.SizeLink   `json:"sizes"`
	Sorts    []paging.SortLink   `json:"sorts"`
	Ladder   []paging.Rung       `json:"ladder"`

	Raw json.RawMessage `json:"-"` // the whole answer as it came
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

// Text is the value as plain text; ok is false where it is missing.
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

// Field is one field of a set.
type Field struct {
	Name  string `json:"name"`
	Label string `json:"label"`
	Type  string `json:"type"`
}

// Set describes a record set.
type Set struct {
	Name      string        `json:"name"`
	Label     string        `json:"label"`
	Kind      string        `json:"kind"`
	Records   *int64        `json:"records"` // nil for an attached set
	Version   *int64        `json:"version"` // nil for an attached set
	ChangedAt time.Time     `json:"changed_at"`
	Fields    []Field       `json:"fields"`
	Rules     *paging.Rules `json:"rules"`
}

// Sets lists the service's record sets.
func (c *Client) Sets(ctx context.Context) ([]Set, error) {
	var list struct {
		Sets []Set `json:"sets"`
	}
	_, err := c.get(ctx, c.base.JoinPath("api", "sets"), &list)
	return list.Sets, err
}

// Set describes one record set.
func (c *Client) Set(ctx context.Context, name string) (*Set, error) {
	var set Set
	_, err := c.get(ctx, c.base.JoinPath("api", "sets", url.PathEscape(name)), &set)
	return &set, err
}

// Page reads one page of a record set, by a raw query such as
// "page=3&size=20&sort=-tonnage".
func (c *Client) Page(ctx context.Context, set, query string) (*Page, error) {
	at := c.base.JoinPath("api", "sets", url.PathEscape(set), "records")
	at.RawQuery = query
	var page Page
	raw, err := c.get(ctx, at, &page)
	page.Raw = raw
	return &page, err
}

// get is the one way that the client asks.
func (c *Client) get(ctx context.Context, at *url.URL, into any) (json.RawMessage, error) {
	req, err := http.NewRequestWithContext(ctx, http.MethodGet, at.String(), nil)
	if err != nil {
		return nil, err
	}
	req.Header.Set("Accept", "application/json")
	res, err := c.http.Do(req)
	if err != nil {
		if ctx.Err() != nil {
			return nil, ctx.Err()
		}
		var cause *url.Error
		if errors.As(err, &cause) {
			err = cause.Err
		}
		return nil, fmt.Errorf("%w at %s: %w", ErrUnreachable, c.base, err)
	}
	defer res.Body.Close()
	body, err := io.ReadAll(io.LimitReader(res.Body, answerBytes))
	if err != nil {
		return nil, fmt.Errorf("reading the answer of %s: %w", at.Redacted(), err)
	}
	mediaType, _, _ := mime.ParseMediaType(res.Header.Get("Content-Type"))
	switch {
	case mediaType == "application/problem+json":
		p := &Problem{}
		if err := json.Unmarshal(body, p); err != nil {
			return nil, fmt.Errorf("%s answered %s", at.Redacted(), res.Status)
		}
		return nil, p
	case res.StatusCode != http.StatusOK || mediaType != "application/json":
		return nil, fmt.Errorf("%s answered %s with %q; is that a Page Ladder service?", at.Redacted(), res.Status, mediaType)
	}
	if err := json.Unmarshal(body, into); err != nil {
		return nil, fmt.Errorf("the answer of %s: %w", at.Redacted(), err)
	}
	return body, nil
}

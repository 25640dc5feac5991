package client

import (
	"context"
	"encoding/json"
	"io"
	"net/http"
	"net/url"
	"strconv"
	"strings"
	"time"

	"pageladder.example/paging/rulesfile"
)

// Field is one field of a set.
type Field struct {
	Name  string `json:"name"`
	Label string `json:"label"`
	Type  string `json:"type"`
	// Own tells that the source writes, orders and compares the values by a type of its own.
	Own bool `json:"own"`
	// Unordered is why the field can be neither sorted nor filtered by; "" where it can.
	Unordered string `json:"unordered"`
}

// Set describes a record set.
type Set struct {
	Name      string           `json:"name"`
	Label     string           `json:"label"`
	Kind      string           `json:"kind"`
	Records   *int64           `json:"records"` // nil for an attached set, and where a fixed filter binds the caller
	Version   *int64           `json:"version"` // nil for an attached set
	ChangedAt time.Time        `json:"changed_at"`
	Open      bool             `json:"open"` // callers without a token may read it
	Fields    []Field          `json:"fields"`
	Hidden    []Field          `json:"hidden"` // not shown; for editors
	Rules     *rulesfile.Rules `json:"rules"`
	Settings  *Settings        `json:"settings"` // for owners
}

// Settings are what only the owner of a set is told of it.
type Settings struct {
	Fixed    string  `json:"fixed"`      // the fixed filter, written as in a query
	Remember int64   `json:"remember_s"` // of an attached set
	Source   string  `json:"source"`
	Indexes  []Index `json:"indexes"`
}

// Index is one index of a set.
type Index struct {
	Definition string  `json:"definition"`
	Ready      bool    `json:"ready"`
	Phase      string  `json:"phase"` // of the one that is being made
	Part       float64 `json:"part"`  // of the phase that is done, 0 to 1
}

// SettingsChange changes what is not nil.
type SettingsChange struct {
	Label    *string `json:"label,omitempty"`
	Fixed    *string `json:"fixed,omitempty"`
	Open     *bool   `json:"open,omitempty"`
	Remember *int64  `json:"remember_s,omitempty"` // seconds
}

// Sets lists the service's record sets.
func (c *Client) Sets(ctx context.Context) ([]Set, error) {
	var list struct {
		Sets []Set `json:"sets"`
	}
	_, err := c.call(ctx, request{path: []string{"sets"}}, &list)
	return list.Sets, err
}

// Set describes one record set.
func (c *Client) Set(ctx context.Context, name string) (*Set, error) {
	var set Set
	_, err := c.call(ctx, request{path: []string{"sets", name}}, &set)
	return &set, err
}

// ChangeSet changes a set's settings.
func (c *Client) ChangeSet(ctx context.Context, name string, change SettingsChange) (*Set, error) {
	var set Set
	_, err := c.call(ctx, request{method: http.MethodPatch, path: []string{"sets", name}, json: change}, &set)
	return &set, err
}

// RemoveSet deletes a set; of an attached one nothing but what is known of it.
func (c *Client) RemoveSet(ctx context.Context, name string) error {
	_, err := c.call(ctx, request{method: http.MethodDelete, path: []string{"sets", name}}, nil)
	return err
}

// Rules reads a set's rules as JSON, and their ETag.
func (c *Client) Rules(ctx context.Context, set string) (text []byte, tag string, err error) {
	answer, err := c.call(ctx, request{path: []string{"sets", set, "rules"}}, &json.RawMessage{})
	return answer.body, strings.Trim(answer.header.Get("ETag"), `"`), err
}

// ReplaceRules replaces a set's rules, if they still have the tag.
func (c *Client) ReplaceRules(ctx context.Context, set string, text []byte, tag string) error {
	_, err := c.call(ctx, request{method: http.MethodPut, path: []string{"sets", set, "rules"}, json: json.RawMessage(text), ifMatch: tag}, nil)
	return err
}

// Import is a file that becomes the records of a set.
type Import struct {
	Set       string // its name
	Again     bool   // the set is there; its records are replaced
	File      io.Reader
	MediaType string     // text/csv, application/x-ndjson, application/json or that of XLSX
	Options   url.Values // label, key, delimiter, encoding, sheet, type.FIELD, rules, aside, check, progress
}

// Imported is what became of a file.
type Imported struct {
	Set    *Set     `json:"set"` // nil when the file was only checked
	Rows   int64    `json:"rows"`
	Fields []Field  `json:"fields"`
	Key    []string `json:"key"`
	Aside  *struct {
		CSV string `json:"csv"`
	} `json:"aside"`
	Bad *struct {
		Count int64    `json:"count"`
		Rows  []BadRow `json:"rows"`
	} `json:"bad"`
}

// Import makes a set of a file, or replaces its records: all or nothing.
func (c *Client) Import(ctx context.Context, in Import) (*Imported, error) {
	options := url.Values{}
	for name, values := range in.Options {
		options[name] = values
	}
	r := request{method: http.MethodPost, path: []string{"sets"}, body: in.File, mediaType: in.MediaType, long: true}
	if in.Again {
		r.method, r.path = http.MethodPut, []string{"sets", in.Set, "records"}
	} else {
		options.Set("name", in.Set)
	}
	r.query = options.Encode()
	var imported Imported
	_, err := c.call(ctx, r, &imported)
	return &imported, err
}

// Progress is how far an import has come.
type Progress struct {
	Bytes int64  `json:"bytes"` // read, of the pass that is running
	Rows  int64  `json:"rows"`
	Pass  string `json:"pass"` // "look" while types are found, then "load"
}

// Progress tells how far the import has come that was given a name by its option
// "progress".
func (c *Client) Progress(ctx context.Context, name string) (*Progress, error) {
	var p Progress
	_, err := c.call(ctx, request{path: []string{"imports", name}}, &p)
	return &p, err
}

// Attach is a table or view of a source that becomes a set.
type Attach struct {
	Name     string   `json:"name"`
	Label    string   `json:"label,omitempty"`
	Source   string   `json:"source"`
	Schema   string   `json:"schema,omitempty"` // "": public
	Table    string   `json:"table"`
	Key      []string `json:"key,omitempty"` // of a view
	Fields   []string `json:"fields,omitempty"`
	Remember int64    `json:"remember_s,omitempty"` // seconds
	// Types asks for other types of fields: integer for a bigint whose values are all
	// within ±(2^53−1).
	Types map[string]string `json:"types,omitempty"`
	Rules json.RawMessage   `json:"rules,omitempty"`
}

// Attach makes a set of a table or view.
func (c *Client) Attach(ctx context.Context, a Attach) (*Set, error) {
	var set Set
	_, err := c.call(ctx, request{method: http.MethodPost, path: []string{"attach"}, json: a}, &set)
	return &set, err
}

// Token is what is told of a token.
type Token struct {
	ID        int64      `json:"id"`
	Label     string     `json:"label"`
	Role      string     `json:"role"` // reader, editor or owner
	Sets      []string   `json:"sets"` // nil: all
	CreatedAt time.Time  `json:"created_at"`
	UsedAt    *time.Time `json:"used_at"`
	EndedAt   *time.Time `json:"ended_at"`
	Secret    string     `json:"secret,omitempty"` // the token itself, when it has just been made
}

// Tokens lists the tokens that have been made.
func (c *Client) Tokens(ctx context.Context) ([]Token, error) {
	var list struct {
		Tokens []Token `json:"tokens"`
	}
	_, err := c.call(ctx, request{path: []string{"tokens"}}, &list)
	return list.Tokens, err
}

// CreateToken makes a token. Its Secret is told this once.
func (c *Client) CreateToken(ctx context.Context, label, role string, sets []string) (*Token, error) {
	var token Token
	_, err := c.call(ctx, request{method: http.MethodPost, path: []string{"tokens"}, json: map[string]any{"label": label, "role": role, "sets": sets}}, &token)
	return &token, err
}

// EndToken ends a token.
func (c *Client) EndToken(ctx context.Context, id int64) error {
	_, err := c.call(ctx, request{method: http.MethodDelete, path: []string{"tokens", strconv.FormatInt(id, 10)}}, nil)
	return err
}

// SignInLink is an address that signs a browser in to the console, once.
type SignInLink struct {
	Address   string    `json:"address"`
	ExpiresAt time.Time `json:"expires_at"`
}

// SignInLink makes a link that signs a browser in as the caller.
func (c *Client) SignInLink(ctx context.Context) (*SignInLink, error) {
	var link struct {
		Path      string    `json:"path"`
		ExpiresAt time.Time `json:"expires_at"`
	}
	_, err := c.call(ctx, request{method: http.MethodPost, path: []string{"session", "link"}}, &link)
	return &SignInLink{strings.TrimRight(c.base.String(), "/") + link.Path, link.ExpiresAt}, err
}

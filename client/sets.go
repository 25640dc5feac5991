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

	"pageladder.example/api"
)

// Sets lists the service's record sets.
func (c *Client) Sets(ctx context.Context) ([]api.SetInfo, error) {
	var list api.SetList
	_, err := c.call(ctx, request{path: []string{"sets"}}, &list)
	return list.Sets, err
}

// Set describes one record set.
func (c *Client) Set(ctx context.Context, name string) (*api.SetInfo, error) {
	var set api.SetInfo
	_, err := c.call(ctx, request{path: []string{"sets", name}}, &set)
	return &set, err
}

// Description is the description of a set's calls: OpenAPI 3.1, with the types of its records and its parameters.
func (c *Client) Description(ctx context.Context, name string) (json.RawMessage, error) {
	answer, err := c.call(ctx, request{path: []string{"sets", name, "openapi.json"}}, nil)
	return answer.body, err
}

// ChangeSet changes a set's settings.
func (c *Client) ChangeSet(ctx context.Context, name string, change api.SettingsChange) (*api.SetInfo, error) {
	var set api.SetInfo
	_, err := c.call(ctx, request{method: http.MethodPatch, path: []string{"sets", name}, json: change}, &set)
	return &set, err
}

// RemoveSet deletes a set with its records; of an attached set only what the service stores.
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
	Again     bool   // the set exists; its records are replaced
	File      io.Reader
	MediaType string     // text/csv, application/x-ndjson, application/json or that of XLSX
	Options   url.Values // label, key, delimiter, encoding, sheet, "type.FIELD", rules, aside, check, progress
}

// Import makes a set from a file, or replaces its records: all or nothing, and once. It is sent again while the service is away for a
// moment, if its File is an io.Seeker. No Set is answered for a check, and where the set has been removed by the time of a later attempt.
func (c *Client) Import(ctx context.Context, in Import) (*api.Imported, error) {
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
	var imported api.Imported
	_, err := c.once(ctx, r, &imported)
	return &imported, err
}

// Progress returns the progress of the import with a name, which its option "progress" has given.
func (c *Client) Progress(ctx context.Context, name string) (*api.Progress, error) {
	var p api.Progress
	_, err := c.call(ctx, request{path: []string{"imports", name}}, &p)
	return &p, err
}

// Attach makes a set from a table or view.
func (c *Client) Attach(ctx context.Context, a api.AttachBody) (*api.SetInfo, error) {
	var set api.SetInfo
	_, err := c.call(ctx, request{method: http.MethodPost, path: []string{"attach"}, json: a}, &set)
	return &set, err
}

// Following says how the table of an attached set is followed.
func (c *Client) Following(ctx context.Context, name string) (*api.Following, error) {
	var f api.Following
	_, err := c.call(ctx, request{path: []string{"sets", name, "following"}}, &f)
	return &f, err
}

// Services lists the services that share the database of the one that answers.
func (c *Client) Services(ctx context.Context) (*api.Services, error) {
	var all api.Services
	_, err := c.call(ctx, request{path: []string{"services"}}, &all)
	return &all, err
}

// Tokens lists the tokens that have been created.
func (c *Client) Tokens(ctx context.Context) ([]api.Token, error) {
	var list api.TokenList
	_, err := c.call(ctx, request{path: []string{"tokens"}}, &list)
	return list.Tokens, err
}

// CreateToken makes a token for a role, reader, editor or owner, and for some sets or, with nil, all. Its
// Secret is only in this answer.
func (c *Client) CreateToken(ctx context.Context, label, role string, sets []string) (*api.NewToken, error) {
	var token api.NewToken
	_, err := c.call(ctx, request{method: http.MethodPost, path: []string{"tokens"}, json: api.TokenBody{Label: label, Role: role, Sets: sets}}, &token)
	return &token, err
}

// EndToken ends a token.
func (c *Client) EndToken(ctx context.Context, id int64) error {
	_, err := c.call(ctx, request{method: http.MethodDelete, path: []string{"tokens", strconv.FormatInt(id, 10)}}, nil)
	return err
}

// SignInLink makes a link that signs in a browser as the caller.
func (c *Client) SignInLink(ctx context.Context) (address string, until time.Time, err error) {
	var link api.SignInLink
	_, err = c.call(ctx, request{method: http.MethodPost, path: []string{"session", "link"}}, &link)
	return c.server() + link.Path, link.ExpiresAt, err
}

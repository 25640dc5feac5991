package client

// This file reads, writes and places single records. While the service or its database is away for a moment, a write is sent
// again, for 40 s at most; it is done once all the same.

import (
	"context"
	"net/http"

	"pageladder.example/api"
)

// One is one record and its revision.
type One struct {
	Record Record `json:"record"`
	api.AboutRecord
}

// Record reads one record by its key, its parts in the order of the rules.
func (c *Client) Record(ctx context.Context, set string, key []string) (*One, error) {
	var one One
	_, err := c.call(ctx, request{path: recordPath(set, key)}, &one)
	return &one, err
}

// Add adds a record: a JSON object by field.
func (c *Client) Add(ctx context.Context, set string, values map[string]any) (*One, error) {
	return c.written(ctx, request{method: http.MethodPost, path: []string{"sets", set, "records"}, json: values})
}

// Change changes a record that still has the revision, by a JSON merge patch.
func (c *Client) Change(ctx context.Context, set string, key []string, revision string, values map[string]any) (*One, error) {
	return c.written(ctx, request{method: http.MethodPatch, path: recordPath(set, key), json: values, ifMatch: revision})
}

// Restore brings a withdrawn record back.
func (c *Client) Restore(ctx context.Context, set string, key []string) (*One, error) {
	return c.written(ctx, request{method: http.MethodPost, path: append(recordPath(set, key), "restore")})
}

// Withdraw takes a record that still has the revision out of its set.
func (c *Client) Withdraw(ctx context.Context, set string, key []string, revision string) error {
	_, err := c.once(ctx, request{method: http.MethodPost, path: append(recordPath(set, key), "withdraw"), ifMatch: revision}, nil)
	return err
}

// Delete deletes a record that still has the revision for good.
func (c *Client) Delete(ctx context.Context, set string, key []string, revision string) error {
	_, err := c.once(ctx, request{method: http.MethodDelete, path: recordPath(set, key), ifMatch: revision}, nil)
	return err
}

// written makes a call that is answered with the record that it has written.
func (c *Client) written(ctx context.Context, r request) (*One, error) {
	var one One
	_, err := c.once(ctx, r, &one)
	return &one, err
}

// Purge deletes a record and every trace of it. For a record in the set, the revision is its own;
// for one that is not there any more it is "". Lists cannot be held at earlier versions
// afterwards.
func (c *Client) Purge(ctx context.Context, set string, key []string, revision string) error {
	_, err := c.once(ctx, request{method: http.MethodDelete, path: recordPath(set, key), query: "purge=true", ifMatch: revision}, nil)
	return err
}

// Place returns the position of a record under a query's sort, filters and size.
func (c *Client) Place(ctx context.Context, set string, key []string, query string) (*api.Place, error) {
	var place api.Place
	_, err := c.call(ctx, request{path: append(recordPath(set, key), "place"), query: query}, &place)
	return &place, err
}

// recordPath is where a record is.
func recordPath(set string, key []string) []string {
	return []string{"sets", set, "records", rawPart + api.KeyPath(key)}
}

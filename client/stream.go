package client

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"iter"
	"net/http"

	"pageladder.example/paging"
)

// Stream is every record that a query asks for, one after the other.
type Stream struct {
	// Adjusted is what the service changed in the query: without sentences, and only the first of a
	// long list.
	Adjusted []paging.Adjustment
	// Version is the version of the list; 0: the service sent none.
	Version int64

	set string
	res *http.Response
}

// Stream asks for every record of a query. The caller closes it.
func (c *Client) Stream(ctx context.Context, set, query string) (*Stream, error) {
	res, err := c.send(ctx, request{path: []string{"sets", set, "records", "all"}, query: query, accept: "application/x-ndjson"})
	if err != nil {
		return nil, err
	}
	return &Stream{adjustedIn(res.Header.Get("Adjusted")), versionIn(res.Header.Get("Paging")), set, res}, nil
}

// Close ends the stream.
func (s *Stream) Close() error {
	if s.res == nil {
		return nil
	}
	return s.res.Body.Close()
}

// Records iterates over the records. An error ends it; without one, every record has
// come.
func (s *Stream) Records() iter.Seq2[Record, error] {
	return func(yield func(Record, error) bool) {
		if s.res == nil {
			return
		}
		dec := json.NewDecoder(s.res.Body)
		for {
			var record Record
			err := dec.Decode(&record)
			if err == io.EOF {
				return
			}
			if err != nil {
				yield(nil, fmt.Errorf("client: the records of %s were cut off: %w", s.set, err))
				return
			}
			if !yield(record, nil) {
				return
			}
		}
	}
}

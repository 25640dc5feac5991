package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"math/rand/v2"
	"net/http"

	"github.com/jackc/pgx/v5/pgxpool"
)

const (
	heldAfter = 100    // changes since the one version that lists are held at
	fullLog   = 95_000 // and images of the change log, about, since the other: pruning keeps 100,000
)

// holding changes the tides, and gives questions of lists that are held at versions before.
func holding(ctx context.Context, pool *pgxpool.Pool, table, list string, w *writer, pages int) ([]question, error) {
	long, err := versionOf(list)
	if err != nil {
		return nil, err
	}
	// Most of a full log is of somebody who changes many records at once.
	const atOnce = 500
	for n := 0; n < (fullLog-2*heldAfter)/2-atOnce; n += atOnce {
		from := rand.IntN(w.records - atOnce)
		if _, err := pool.Exec(ctx, "update "+table+" set height_cm = height_cm + 1 where id between $1 and $2", from, from+atOnce-1); err != nil {
			return nil, err
		}
	}
	short, err := versionOf(list)
	if err != nil {
		return nil, err
	}
	for range heldAfter {
		if err := w.change(ctx); err != nil {
			return nil, err
		}
	}
	var questions []question
	for _, held := range []struct {
		name    string
		version int64
	}{{fmt.Sprintf("held, %d changes since", heldAfter), short}, {"held, a full log since", long}} {
		at := func(query string) string { return fmt.Sprintf("%s&pl.version=%d", query, held.version) }
		for _, sort := range []string{"id", "-height_cm", "read_at", "gauge"} {
			if err := warm(list, at("sort="+sort), pages); err != nil {
				return nil, err
			}
			questions = append(questions,
				question{name: held.name + ", any page by " + sort, base: list, query: func() string { return at(fmt.Sprintf("?page=%d&sort=%s", 1+rand.IntN(pages), sort)) }},
				question{name: held.name + ", pages 100 to 200 by " + sort, base: list, query: func() string { return at(fmt.Sprintf("?page=%d&sort=%s", 100+rand.IntN(100), sort)) }})
		}
		questions = append(questions, question{name: held.name + ", page 1", base: list, query: func() string { return at("?sort=id") }})
	}
	return questions, nil
}

// versionOf is the version of a list as it is.
func versionOf(list string) (int64, error) {
	res, err := http.Get(list)
	if err != nil {
		return 0, err
	}
	defer res.Body.Close()
	var answer struct{ Paging struct{ Version int64 } }
	body, err := io.ReadAll(res.Body)
	if err == nil {
		err = json.Unmarshal(body, &answer)
	}
	return answer.Paging.Version, err
}

package main

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"math/rand/v2"
	"net/http"
	"strconv"
	"time"
)

const (
	walkWriters = 4
	walkSize    = 100 // records to a page
)

// walking walks the whole list while writers change half of its records, and reports how many of the others the walk
// has lost, and how many it has read twice: by page number, by cursor, and by page number of a list that is held still.
func walking(ctx context.Context, list string, w *writer, rounds int) error {
	// The writers touch records with an even number.
	w.existing = func() []string { return []string{strconv.Itoa(2 + 2*rand.IntN(w.records/2))} }
	fmt.Printf("\n| walk of %d pages by -height_cm, %d writers of %d changes a second each | seconds | untouched records lost | read twice |\n|---|---|---|---|\n", w.records/walkSize, walkWriters, perSecond)
	for _, way := range []struct {
		name string
		next func(p *walked, number int) string
	}{
		{"by page number", func(_ *walked, number int) string { return fmt.Sprintf("&page=%d", number+1) }},
		{"by cursor", func(p *walked, _ int) string { return "&after=" + p.Cursors.After }},
		{"by page number, held still", nil},
	} {
		for range rounds {
			var stops []func() error
			for range walkWriters {
				stops = append(stops, w.steadily(w.change))
			}
			began := time.Now()
			lost, twice, err := walk(list, w.records, way.next)
			took := time.Since(began)
			for _, stop := range stops {
				err = errors.Join(err, stop())
			}
			if err != nil {
				return fmt.Errorf("%s: %w", way.name, err)
			}
			fmt.Printf("| %s | %.1f | %d | %d |\n", way.name, took.Seconds(), lost, twice)
		}
	}
	return ctx.Err()
}

// walked is what a walk looks at in a page.
type walked struct {
	Records []struct{ ID int64 }
	Paging  struct {
		Version int64
		IsLast  bool `json:"is_last"`
	}
	Cursors struct{ After string }
}

// walk walks a list, and counts the records with an odd number that were lost and that were read twice. Without next it
// is held still at the version of its first page.
func walk(list string, records int, next func(p *walked, number int) string) (lost, twice int, err error) {
	seen := make(map[int64]int, records)
	where, held := "", ""
	for number := 1; ; number++ {
		p, err := pageOf(fmt.Sprintf("%s?sort=-height_cm&size=%d%s%s", list, walkSize, where, held))
		if err != nil {
			return 0, 0, err
		}
		for _, r := range p.Records {
			seen[r.ID]++
		}
		if p.Paging.IsLast {
			break
		}
		if next != nil {
			where = next(p, number)
			continue
		}
		if where = fmt.Sprintf("&page=%d", number+1); held == "" {
			held = fmt.Sprintf("&pl.version=%d", p.Paging.Version)
		}
	}
	for id := int64(1); id <= int64(records); id += 2 {
		switch {
		case seen[id] == 0:
			lost++
		case seen[id] > 1:
			twice++
		}
	}
	return lost, twice, nil
}

func pageOf(address string) (*walked, error) {
	res, err := http.Get(address)
	if err != nil {
		return nil, err
	}
	defer res.Body.Close()
	body, err := io.ReadAll(res.Body)
	var p walked
	if err == nil {
		err = json.Unmarshal(body, &p)
	}
	if err == nil && res.StatusCode != http.StatusOK {
		err = fmt.Errorf("%s answered %s", address, res.Status)
	}
	return &p, err
}

// Package demo is Saltmere harbour: made-up record sets to try Page Ladder on.
package demo

import (
	"context"
	"embed"
	"encoding/csv"
	"encoding/json"
	"errors"
	"io"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/paging/rulesfile"
)

//go:embed sets.json *.csv
var files embed.FS

// Load puts the harbour's sets into a store, with as many generated tides as are
// asked for, all open to callers without a token. Those that are there already are left
// as they are.
func Load(ctx context.Context, store *sets.Store, tides int) error {
	if tides > 0 {
		if err := loadTides(ctx, store, tides); err != nil {
			return err
		}
	}
	text, err := files.ReadFile("sets.json")
	if err != nil {
		return err
	}
	var declared []struct {
		Name, Label string
		Fields      []intake.Field
		Rules       json.RawMessage
	}
	if err := json.Unmarshal(text, &declared); err != nil {
		return err
	}
	for _, d := range declared {
		if _, err := store.Get(ctx, d.Name); err == nil {
			continue
		} else if !errors.Is(err, sets.ErrNoSet) {
			return err
		}
		rules, err := rulesfile.Parse(d.Rules)
		if err != nil {
			return err
		}
		csv, err := files.Open(d.Name + ".csv")
		if err != nil {
			return err
		}
		err = store.LoadCSV(ctx, sets.Draft{Name: d.Name, Label: d.Label, Fields: d.Fields, Rules: rules, Open: true}, csv)
		csv.Close()
		if err != nil {
			return err
		}
	}
	return nil
}

func loadTides(ctx context.Context, store *sets.Store, n int) error {
	set := Tides()
	set.Open = true
	if _, err := store.Get(ctx, set.Name); !errors.Is(err, sets.ErrNoSet) {
		return err
	}
	from, to := io.Pipe()
	go func() { to.CloseWithError(WriteTides(to, n)) }()
	err := store.LoadCSV(ctx, set, from)
	from.CloseWithError(err)
	return err
}

// Arrivals are the records of the set "arrivals", each with its fields in the set's order;
// an empty one is missing.
func Arrivals() [][]string {
	file, err := files.Open("arrivals.csv")
	if err == nil {
		defer file.Close()
		var rows [][]string
		if rows, err = csv.NewReader(file).ReadAll(); err == nil {
			return rows[1:] // below the head
		}
	}
	panic(err) // the file is part of the program
}

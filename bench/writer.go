package main

import (
	"context"
	"errors"
	"fmt"
	"math/rand/v2"
	"strconv"
	"sync/atomic"
	"time"

	"pageladder.example/internal/sets"
)

// writer changes single records of the tides, as editors do through the service: over the
// whole order, a third each inserts, updates that move records, and deletes.
type writer struct {
	store   *sets.Store
	records int
	next    atomic.Int64 // the next new key
	changes atomic.Int64

	existing func() []string // the key of a record that is probably there
}

func newWriter(store *sets.Store, records int) *writer {
	w := &writer{store: store, records: records}
	w.existing = func() []string { return []string{strconv.Itoa(1 + rand.IntN(w.records))} }
	return w
}

// perSecond is how many records are changed a second.
const perSecond = 100

func text(s string) *string { return &s }

// values are those of a reading anywhere in every order.
func (w *writer) values() sets.Values {
	at := time.Date(1990, 1, 1, 0, 0, 0, 0, time.UTC).Add(time.Duration(rand.IntN(60*w.records)) * time.Second)
	return sets.Values{"gauge": text(fmt.Sprintf("gauge %d", 1+rand.IntN(40))), "read_at": text(at.Format(time.RFC3339)), "height_cm": text(strconv.Itoa(rand.IntN(900) - 120)), "checked": text("true"), "pressure_hpa": text("1013.2")}
}

// change changes one record.
func (w *writer) change(ctx context.Context) error {
	key := w.existing()
	_, _, revision, err := w.store.Record(ctx, sets.Request{Set: "tides"}, key)
	if errors.Is(err, sets.ErrNoRecord) { // deleted before: it comes back
		v := w.values()
		v["id"] = &key[0]
		_, err = w.store.Add(ctx, "tides", v)
		return err
	}
	if err != nil {
		return err
	}
	switch rand.IntN(3) {
	case 0:
		v := w.values()
		v["id"] = text(strconv.FormatInt(int64(w.records)+w.next.Add(1), 10))
		_, err = w.store.Add(ctx, "tides", v)
	case 1:
		_, err = w.store.Delete(ctx, "tides", key, revision)
	default:
		_, err = w.store.Change(ctx, "tides", key, revision, w.values())
	}
	return err
}

// elsewhere updates one record beyond the first pages.
func (w *writer) elsewhere(ctx context.Context) error {
	key := []string{strconv.Itoa(w.records/2 + rand.IntN(w.records/2))}
	_, _, revision, err := w.store.Record(ctx, sets.Request{Set: "tides"}, key)
	if err == nil {
		_, err = w.store.Change(ctx, "tides", key, revision, w.values())
	}
	if errors.Is(err, sets.ErrNoRecord) {
		return nil
	}
	return err
}

// steadily does something so many times a second until it is stopped. What a moment was
// too short for is made up for.
func (w *writer) steadily(change func(context.Context) error) (stop func() error) {
	ctx, cancel := context.WithCancel(context.Background())
	failed := make(chan error, 1)
	began := time.Now()
	go func() {
		for done := int64(0); ctx.Err() == nil; done++ {
			if wait := time.Until(began.Add(time.Duration(done) * time.Second / perSecond)); wait > 0 {
				time.Sleep(wait)
			}
			if err := change(context.WithoutCancel(ctx)); err != nil && !errors.Is(err, sets.ErrStale) && !errors.Is(err, sets.ErrNoRecord) && !errors.Is(err, sets.ErrKeyTaken) {
				failed <- err
				return
			}
			w.changes.Add(1)
		}
		failed <- nil
	}()
	return func() error { cancel(); return <-failed }
}

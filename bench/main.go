// Bench measures the service against a hand-written handler on the same records,
// in the same database and the same run: go run ./bench -records 1000000.
package main

import (
	"context"
	"errors"
	"flag"
	"fmt"
	"io"
	"log"
	"log/slog"
	"math/rand/v2"
	"net"
	"net/http"
	"net/url"
	"os"
	"path/filepath"
	"regexp"
	"runtime/pprof"
	"slices"
	"strings"
	"time"

	"github.com/jackc/pgx/v5/pgxpool"
	"golang.org/x/sync/errgroup"

	"pageladder.example/console"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
)

const connections = 8

func main() {
	records := flag.Int("records", 1_000_000, "records of the set")
	each := flag.Duration("each", 3*time.Second, "how long each question is asked, each round")
	rounds := flag.Int("rounds", 3, "rounds; the median is printed")
	profile := flag.String("profile", "", "file for a CPU profile of the questions")
	only := flag.String("only", "", "regular expression: only the questions that match are asked")
	files := flag.Bool("files", false, "import the records as CSV, NDJSON and JSON and tell the memory that it took, instead of asking questions")
	flag.Parse()
	which, err := regexp.Compile(*only)
	if err == nil {
		err = run(*records, *each, *rounds, *profile, which, *files)
	}
	if err != nil {
		log.Fatal(err)
	}
}

func run(records int, each time.Duration, rounds int, profile string, only *regexp.Regexp, files bool) error {
	ctx := context.Background()
	dir, err := os.MkdirTemp("", "pageladder-bench-")
	if err != nil {
		return err
	}
	defer os.RemoveAll(dir)
	if err := os.Chmod(dir, 0o711); err != nil {
		return err
	}
	server, err := postgres.Start(ctx, postgres.Options{Dir: filepath.Join(dir, "data"),
		Settings: []string{"fsync=off", "full_page_writes=off", "shared_buffers=4GB", "max_wal_size=8GB"}})
	if err != nil {
		return err
	}
	defer server.Stop()
	store, err := sets.Open(ctx, server.URL())
	if err != nil {
		return err
	}
	defer store.Close()

	if files {
		return importing(ctx, store, dir, records)
	}
	if err := loading(ctx, store, server, dir, records); err != nil {
		return err
	}
	began := time.Now()
	store.Indexed()
	fmt.Printf("indexes ready after another %.1f s\n", time.Since(began).Seconds())
	pool, err := pgxpool.New(ctx, server.URL())
	if err != nil {
		return err
	}
	defer pool.Close()
	var table string
	if err := pool.QueryRow(ctx, "select record_table from pageladder.record_set where name = 'tides'").Scan(&table); err != nil {
		return err
	}
	if _, err := pool.Exec(ctx, "vacuum analyze pageladder."+table); err != nil {
		return err
	}
	// Every page of the records and their indexes is in memory before it is asked for.
	if _, err := pool.Exec(ctx, "create extension pg_prewarm"); err != nil {
		return err
	}
	if _, err := pool.Exec(ctx, "select pg_prewarm($1::regclass), (select sum(pg_prewarm(indexrelid)) from pg_index where indrelid = $1::regclass)", "pageladder."+table); err != nil {
		return err
	}

	if _, err := store.Configure(ctx, "tides", func(s *sets.Settings) error { s.Open = true; return nil }); err != nil {
		return err
	}
	limits := service.DefaultLimits
	limits.Rate = 0 // one caller asks all of it
	ourService := func(answers int) (string, error) {
		s, err := service.New(store, console.Files(), slog.New(slog.DiscardHandler), service.Options{Version: "bench", Answers: answers, Limits: limits})
		if err != nil {
			return "", err
		}
		return listen(func(l net.Listener) error { return s.Serve(ctx, l) })
	}
	byHand := func(cached bool) (string, error) {
		h := handWritten(pool, "pageladder."+table, cached)
		return listen(func(l net.Listener) error { return http.Serve(l, h) })
	}
	ours, err := ourService(0)
	if err != nil {
		return err
	}
	keeping, err := ourService(1000)
	if err != nil {
		return err
	}
	counting, err := byHand(false)
	if err != nil {
		return err
	}
	cached, err := byHand(true)
	if err != nil {
		return err
	}
	packages, err := byPackages(pool, "pageladder."+table)
	if err != nil {
		return err
	}
	library, err := listen(func(l net.Listener) error { return http.Serve(l, packages) })
	if err != nil {
		return err
	}
	const list = "/api/sets/tides/records"
	pages := records / 20
	anywhere := func(sort string) func() string {
		return func() string { return fmt.Sprintf("?page=%d&sort=%s", 1+rand.IntN(pages), sort) }
	}
	fixed := func(query string) func() string { return func() string { return query } }
	edit := func() error { // one record, as an editor changes it
		key, remark := []string{"1"}, "checked by eye"
		_, _, revision, err := store.Record(ctx, sets.Request{Set: "tides"}, key)
		if err == nil {
			_, err = store.Change(ctx, "tides", key, revision, sets.Values{"remark": &remark})
		}
		return err
	}
	tag, err := get(keeping + list + "?sort=id")
	if err != nil {
		return err
	}
	type question struct {
		name   string
		base   string
		query  func() string
		edited bool
		header string
	}
	questions := []question{
		{"ours, page 1", ours + list, fixed("?sort=id"), false, ""},
		{"by hand, count each time, page 1", counting + "/tides", fixed("?sort=id"), false, ""},
		{"by hand, count cached, page 1", cached + "/tides", fixed("?sort=id"), false, ""},
		{"the packages, count cached, page 1", library + "/tides", fixed("?sort=id"), false, ""},
		{"ours, page 1 by -height_cm", ours + list, fixed("?sort=-height_cm"), false, ""},
		{"ours, any page by id", ours + list, anywhere("id"), false, ""},
		{"ours, any page by -height_cm", ours + list, anywhere("-height_cm"), false, ""},
		{"ours, any page by read_at", ours + list, anywhere("read_at"), false, ""},
		{"by hand, count cached, any page by id", cached + "/tides", anywhere("id"), false, ""},
		{"by hand, count cached, any page by -height_cm", cached + "/tides", anywhere("-height_cm"), false, ""},
		{"ours, last page", ours + list, fixed(fmt.Sprintf("?page=%d&sort=-height_cm", pages)), false, ""},
		{"ours, the same page again, answers kept", keeping + list, fixed("?sort=id"), false, ""},
		{"ours, one filter, page 1", ours + list, fixed("?gauge=gauge+7&sort=id"), false, ""},
		{"ours, page 1, If-None-Match", keeping + list, fixed("?sort=id"), false, "If-None-Match: " + tag + "\r\n"},
	}
	for i := range questions[:len(questions):len(questions)] {
		if q := questions[i]; strings.HasPrefix(q.name, "ours, any page") || q.name == "ours, page 1" {
			questions = append(questions, question{q.name + ", one edit a second", q.base, q.query, true, ""})
		}
	}
	questions = slices.DeleteFunc(questions, func(q question) bool { return !only.MatchString(q.name) })
	// Footholds are built when a sort is first asked for deep down, one set in 10 s.
	for _, sort := range []string{"id", "-height_cm", "read_at"} {
		if err := warm(ours+list, sort, pages); err != nil {
			return err
		}
	}
	for _, counts := range []string{cached, library} {
		if _, err := get(counts + "/tides"); err != nil {
			return err
		}
	}
	if profile != "" {
		f, err := os.Create(profile)
		if err != nil {
			return err
		}
		defer f.Close()
		if err := pprof.StartCPUProfile(f); err != nil {
			return err
		}
		defer pprof.StopCPUProfile()
	}
	rates, p50 := make([][]float64, len(questions)), make([][]float64, len(questions))
	// Edits come last: they make all footholds stale.
	for round := range 2 * rounds {
		for i, q := range questions {
			if q.edited != (round >= rounds) {
				continue
			}
			stop := func() error { return nil }
			if q.edited {
				stop = everySecond(edit)
			}
			rate, median, err := ask(q.base, q.query, q.header, each)
			err = errors.Join(err, stop())
			if err != nil {
				return fmt.Errorf("%s: %w", q.name, err)
			}
			rates[i], p50[i] = append(rates[i], rate), append(p50[i], median)
		}
	}
	fmt.Printf("\n| rate of | against | ratio: median (least to most) of %d rounds |\n|---|---|---|\n", rounds)
	for _, pair := range pairs {
		one := slices.IndexFunc(questions, func(q question) bool { return q.name == pair[0] })
		other := slices.IndexFunc(questions, func(q question) bool { return q.name == pair[1] })
		if one < 0 || other < 0 {
			continue
		}
		ratios := make([]float64, rounds) // within a round, since the machine's speed drifts
		for i := range ratios {
			ratios[i] = rates[one][i] / rates[other][i]
		}
		fmt.Printf("| %s | %s | %.2f (%.2f to %.2f) |\n", pair[0], pair[1], middle(ratios), slices.Min(ratios), slices.Max(ratios))
	}
	fmt.Printf("\n| question, %d connections, median of %d rounds | answers a second | p50, ms |\n|---|---|---|\n", connections, rounds)
	for i, q := range questions {
		fmt.Printf("| %s | %.0f | %.2f |\n", q.name, middle(rates[i]), middle(p50[i]))
	}
	return nil
}

// pairs are the questions whose rates are compared.
var pairs = [][2]string{
	{"ours, page 1", "by hand, count each time, page 1"},
	{"ours, page 1", "by hand, count cached, page 1"},
	{"the packages, count cached, page 1", "by hand, count cached, page 1"},
	{"ours, any page by id", "ours, page 1"},
	{"ours, any page by read_at", "ours, page 1"},
	{"ours, any page by -height_cm", "ours, page 1"},
	{"ours, any page by -height_cm", "ours, page 1 by -height_cm"},
	{"ours, last page", "ours, page 1"},
	{"ours, the same page again, answers kept", "by hand, count cached, page 1"},
	{"ours, page 1, If-None-Match", "by hand, count cached, page 1"},
}

// everySecond does something once a second until it is stopped.
func everySecond(do func() error) (stop func() error) {
	done, failed := make(chan struct{}), make(chan error, 1)
	go func() {
		for {
			if err := do(); err != nil {
				failed <- err
				return
			}
			select {
			case <-done:
				failed <- nil
				return
			case <-time.After(time.Second):
			}
		}
	}()
	return func() error { close(done); return <-failed }
}

func middle(of []float64) float64 {
	slices.Sort(of)
	return of[len(of)/2]
}

// warm asks for a deep page until it comes quickly: from a foothold.
func warm(list, sort string, pages int) error {
	for range 200 {
		began := time.Now()
		if _, err := get(fmt.Sprintf("%s?page=%d&sort=%s", list, pages*45/100, sort)); err != nil {
			return err
		}
		if time.Since(began) < 5*time.Millisecond {
			return nil
		}
		time.Sleep(100 * time.Millisecond)
	}
	return fmt.Errorf("no footholds for %s", sort)
}

func listen(serve func(net.Listener) error) (string, error) {
	l, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		return "", err
	}
	go serve(l)
	return "http://" + l.Addr().String(), nil
}

func get(address string) (tag string, err error) {
	res, err := http.Get(address)
	if err != nil {
		return "", err
	}
	defer res.Body.Close()
	if _, err := io.Copy(io.Discard, res.Body); err != nil {
		return "", err
	}
	if res.StatusCode != http.StatusOK {
		return "", fmt.Errorf("%s answered %s", address, res.Status)
	}
	return res.Header.Get("ETag"), nil
}

// ask asks a question over and over on several connections.
func ask(base string, query func() string, header string, each time.Duration) (rate, p50 float64, err error) {
	target, err := url.Parse(base)
	if err != nil {
		return 0, 0, err
	}
	var group errgroup.Group
	took := make([][]float64, connections)
	began := time.Now()
	for c := range connections {
		group.Go(func() error {
			line, err := dial(target.Host)
			if err != nil {
				return err
			}
			defer line.Close()
			for time.Since(began) < each {
				at := time.Now()
				if err := line.get(target.Path+query(), header); err != nil {
					return err
				}
				took[c] = append(took[c], float64(time.Since(at).Microseconds())/1000)
			}
			return nil
		})
	}
	err = group.Wait()
	elapsed := time.Since(began).Seconds()
	if err != nil {
		return 0, 0, err
	}
	all := slices.Concat(took...)
	return float64(len(all)) / elapsed, middle(all), nil
}

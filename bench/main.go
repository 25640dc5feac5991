// Bench measures the service against a hand-written handler on the same records,
// in the same database and the same run: go run ./bench -records 1000000.
package main

import (
	"context"
	"errors"
	"flag"
	"fmt"
	"image/color"
	"io"
	"log"
	"log/slog"
	"math/rand/v2"
	"net"
	"net/http"
	"os"
	"path/filepath"
	"regexp"
	"runtime/pprof"
	"slices"
	"strings"
	"time"

	"github.com/jackc/pgx/v5/pgxpool"

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
	files := flag.Bool("files", false, "import the records as CSV, NDJSON and JSON and report the memory that it took, instead of asking questions")
	picture := flag.String("plot", "", "file for a plot, as SVG, of pages a second by page number, instead of asking questions")
	steps := flag.String("steps", "", "file for a plot, as SVG, of what each step of a page takes, instead of asking questions")
	held := flag.Bool("held", false, "ask for pages of lists that are held still too")
	walks := flag.Bool("walks", false, "report what walks of the whole list lose and repeat under writers, instead of asking questions")
	builds := flag.String("builds", "", "two files of pageladder, a comma between: each question of ours is asked of both, and the second is compared with the first")
	changing := flag.Bool("writes", false, "measure what change logs cost writers, with fsync, instead of asking questions")
	flag.Parse()
	which, err := regexp.Compile(*only)
	if err == nil {
		err = run(*records, *each, *rounds, *profile, which, *files, *changing, *held, *walks, *picture, *steps, strings.FieldsFunc(*builds, func(r rune) bool { return r == ',' }))
	}
	if err != nil {
		log.Fatal(err)
	}
}

// question is what is asked for over and over.
type question struct {
	name    string
	base    string
	query   func() string
	writing func(context.Context) error // meanwhile
	header  string
}

func run(records int, each time.Duration, rounds int, profile string, only *regexp.Regexp, files, changing, still, walks bool, picture, steps string, builds []string) error {
	ctx := context.Background()
	dir, err := os.MkdirTemp("", "pageladder-bench-")
	if err != nil {
		return err
	}
	defer os.RemoveAll(dir)
	if err := os.Chmod(dir, 0o711); err != nil {
		return err
	}
	if changing {
		return writes(ctx, dir, records, rounds)
	}
	server, err := postgres.Start(ctx, postgres.Options{Dir: filepath.Join(dir, "data"),
		Settings: []string{"fsync=off", "full_page_writes=off", "shared_buffers=7GB", "max_wal_size=8GB"}})
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
	const list, own, plain = "/api/sets/tides/records", "/api/sets/own/records", "/api/sets/plain/records"
	o, err := following(ctx, store, pool, server.URL(), "pageladder."+table, records)
	if err != nil {
		return err
	}
	pages := records / 20
	anywhere := func(sort string) func() string {
		return func() string { return fmt.Sprintf("?page=%d&sort=%s", 1+rand.IntN(pages), sort) }
	}
	fixed := func(query string) func() string { return func() string { return query } }
	other, err := sets.Open(ctx, server.URL()) // the writer's own service
	if err != nil {
		return err
	}
	defer other.Close()
	w := newWriter(other, records)
	if walks {
		return walking(ctx, ours+list, w, rounds)
	}
	tag, err := get(keeping + list + "?sort=id")
	if err != nil {
		return err
	}
	if picture != "" {
		const sort = "read_at"
		if err := warm(ours+list, "sort="+sort, pages); err != nil {
			return err
		}
		blue, red := color.RGBA{0x1f, 0x5a, 0xa6, 0xff}, color.RGBA{0xb5, 0x3a, 0x1e, 0xff}
		return plotPages(picture, []plotLine{
			{"ours, still", ours + list, nil, blue, false},
			{fmt.Sprintf("ours, %d changes a second", perSecond), ours + list, w.change, blue, true},
			{"by hand, count cached, still", cached + "/tides", nil, red, false},
			{fmt.Sprintf("by hand, %d changes a second", perSecond), cached + "/tides", w.change, red, true},
		}, w, sort, pages, rounds, each)
	}
	if steps != "" {
		for _, sort := range []string{"id", "read_at", "gauge"} {
			if err := warm(ours+list, "sort="+sort, pages); err != nil {
				return err
			}
		}
		return plotSteps(steps, ours+list, pagesToTime(pages, w), w, rounds, 200)
	}
	ownByHand, err := listen(func(l net.Listener) error { return http.Serve(l, handWritten(pool, "harbour.tides", true)) })
	if err != nil {
		return err
	}
	atPlaces, err := knownPlaces(ctx, pool, "harbour.tides", records)
	if err != nil {
		return err
	}
	byPlaces, err := listen(func(l net.Listener) error { return http.Serve(l, atPlaces) })
	if err != nil {
		return err
	}
	filtered := func() string { return fmt.Sprintf("?gauge=gauge+7&sort=id&page=%d", 1+rand.IntN(pages/50)) }
	questions := []question{
		{name: "ours, page 1", base: ours + list, query: fixed("?sort=id")},
		{name: "by hand, count each time, page 1", base: counting + "/tides", query: fixed("?sort=id")},
		{name: "by hand, count cached, page 1", base: cached + "/tides", query: fixed("?sort=id")},
		{name: "the packages, count cached, page 1", base: library + "/tides", query: fixed("?sort=id")},
		{name: "ours, page 1 by -height_cm", base: ours + list, query: fixed("?sort=-height_cm")},
		{name: "ours, any page by id", base: ours + list, query: anywhere("id")},
		{name: "ours, any page by -height_cm", base: ours + list, query: anywhere("-height_cm")},
		{name: "ours, any page by read_at", base: ours + list, query: anywhere("read_at")},
		{name: "ours, any page by gauge, a text", base: ours + list, query: anywhere("gauge")},
		{name: "by hand, count cached, any page by id", base: cached + "/tides", query: anywhere("id")},
		{name: "by hand, count cached, any page by -height_cm", base: cached + "/tides", query: anywhere("-height_cm")},
		{name: "ours, last page", base: ours + list, query: fixed(fmt.Sprintf("?page=%d&sort=-height_cm", pages))},
		{name: "ours, the same page again, answers kept", base: keeping + list, query: fixed("?sort=id")},
		{name: "ours, one filter, page 1", base: ours + list, query: fixed("?gauge=gauge+7&sort=id")},
		{name: "ours, one filter, any page", base: ours + list, query: filtered},
		{name: "ours, page 1, If-None-Match", base: keeping + list, query: fixed("?sort=id"), header: "If-None-Match: " + tag + "\r\n"},
		{name: "ours, the same page again, answers kept, while others are updated", base: keeping + list, query: fixed("?sort=id"), writing: w.elsewhere},
	}
	for _, sort := range []string{"id", "-height_cm", "read_at", "gauge"} {
		questions = append(questions, question{name: "followed, any page by " + sort, base: ours + own, query: anywhere(sort)},
			question{name: "followed, any page by " + sort + ", under its owner's changes", base: ours + own, query: anywhere(sort), writing: o.change})
	}
	questions = append(questions,
		question{name: "by hand, count cached, page 1, under its owner's changes", base: ownByHand + "/tides", query: fixed("?sort=id"), writing: o.change},
		question{name: "followed, page 1", base: ours + own, query: fixed("?sort=id")},
		question{name: "followed, page 1, under its owner's changes", base: ours + own, query: fixed("?sort=id"), writing: o.change},
		question{name: "followed, one filter, page 1", base: ours + own, query: fixed("?gauge=gauge+7&sort=id")},
		question{name: "followed, one filter, page 1, under its owner's changes", base: ours + own, query: fixed("?gauge=gauge+7&sort=id"), writing: o.change},
		question{name: "attached, page 1", base: ours + plain, query: fixed("?sort=id")})
	for _, q := range slices.Clone(questions) {
		if strings.HasPrefix(q.name, "ours, any page") || strings.HasPrefix(q.name, "ours, one filter") || q.name == "ours, page 1" {
			q.name, q.writing = q.name+", under the writer", w.change
			questions = append(questions, q)
		}
	}
	if still {
		more, err := holding(ctx, pool, "pageladder."+table, ours+list, w, pages)
		if err != nil {
			return err
		}
		for _, q := range more {
			pairs = append(pairs, [2]string{q.name, "ours, page 1"})
		}
		questions = append(questions, more...)
	}
	more, compared, err := seeking(ours+list, w, pages, only)
	if err != nil {
		return err
	}
	questions, pairs = append(questions, more...), append(pairs, compared...)
	more, compared = placing(byPlaces, o.change)
	questions, pairs = append(questions, more...), append(pairs, compared...)
	questions = slices.DeleteFunc(questions, func(q question) bool { return !only.MatchString(q.name) })
	rawQuery := []string{ours}
	if len(builds) > 0 {
		started, stop, err := startBuilds(builds, dir, server.URL(), o.reader)
		if err != nil {
			return err
		}
		defer stop()
		rawQuery = nil
		for _, b := range started {
			rawQuery = append(rawQuery, b.address)
		}
		questions, pairs = ofBuilds(questions, ours, started)
	}
	// Footholds are built when a sort is first asked for deep down, one set in 10 s.
	for _, address := range rawQuery {
		warmed := func(prefix, path, query string, pages int) error {
			if !slices.ContainsFunc(questions, func(q question) bool { return strings.Contains(q.name, prefix) && q.base == address+path }) {
				return nil
			}
			return warm(address+path, query, pages)
		}
		for _, sort := range []string{"id", "-height_cm", "read_at", "gauge"} {
			if err := errors.Join(warmed("followed, any page by "+sort, own, "sort="+sort, pages), warmed("ours, any page by "+sort, list, "sort="+sort, pages)); err != nil {
				return err
			}
		}
		if err := warmed("ours, one filter, any page", list, "gauge=gauge+7&sort=id", pages/40); err != nil {
			return err
		}
	}
	for _, counts := range []string{cached, library, ownByHand} {
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
	if err := askInRounds(questions, pairs, rounds, each, w, store); err != nil {
		return err
	}
	tracks := store.FootholdBytes()
	fmt.Printf("\n%d changes by the writer; footholds and what is known of orders: %.2f MB\n", w.changes.Load(), float64(tracks)/1e6)
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
	{"ours, page 1, under the writer", "ours, page 1"},
	{"ours, any page by id, under the writer", "ours, page 1"},
	{"ours, any page by read_at, under the writer", "ours, page 1"},
	{"ours, any page by -height_cm, under the writer", "ours, page 1"},
	{"ours, any page by gauge, a text, under the writer", "ours, page 1"},
	{"ours, one filter, page 1, under the writer", "ours, one filter, page 1"},
	{"ours, one filter, any page, under the writer", "ours, one filter, any page"},
	{"ours, the same page again, answers kept, while others are updated", "by hand, count cached, page 1"},
	{"attached, page 1", "by hand, count cached, page 1"},
	{"followed, page 1", "by hand, count cached, page 1"},
	{"followed, page 1, under its owner's changes", "by hand, count cached, page 1, under its owner's changes"},
	{"followed, any page by id, under its owner's changes", "by hand, count cached, page 1, under its owner's changes"},
	{"followed, any page by read_at, under its owner's changes", "by hand, count cached, page 1, under its owner's changes"},
	{"followed, any page by -height_cm, under its owner's changes", "by hand, count cached, page 1, under its owner's changes"},
	{"followed, any page by gauge, under its owner's changes", "by hand, count cached, page 1, under its owner's changes"},
	{"followed, page 1, under its owner's changes", "by hand, count each time, page 1"},
	{"followed, one filter, page 1, under its owner's changes", "ours, one filter, page 1"},
}

// warm asks for a deep page until it comes quickly: from a foothold.
func warm(list, query string, pages int) error {
	for range 600 {
		res, err := http.Get(fmt.Sprintf("%s?page=%d&pl.explain=true&%s", list, pages*45/100, query))
		if err != nil {
			return err
		}
		body, err := io.ReadAll(res.Body)
		res.Body.Close()
		if err != nil {
			return err
		}
		if strings.Contains(string(body), "foothold") {
			return nil
		}
		time.Sleep(100 * time.Millisecond)
	}
	return fmt.Errorf("no footholds for %s", query)
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

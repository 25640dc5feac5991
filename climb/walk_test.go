package climb_test

import (
	"context"
	"encoding/json"
	"fmt"
	"net/http"
	"net/http/httptest"
	"slices"
	"strconv"
	"strings"
	"sync"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/climb"
	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
)

func TestWalkGivesEachRecordOnce(t *testing.T) {
	for _, w := range ways {
		for _, n := range []int{0, 1, 9, 10, 20, 57} {
			for _, given := range []bool{true, false} {
				if !given && w.numbers == "path" && n == 0 {
					continue
				}
				name := fmt.Sprintf("%s, %d records, told %t", w.name, n, given)
				list := boats(n, 7, false)
				e := w.endpoint(given)
				e.Address = climb.HandlerAddress(e.Address)
				var got []string
				for r, err := range climb.Walk[map[string]any](t.Context(), climb.HandlerClient(right(w, list)), e) {
					require.NoError(t, err, name)
					got = append(got, fmt.Sprint(r["id"]))
				}
				want := make([]string, n)
				for i := range want {
					want[i] = strconv.Itoa(i + 1)
				}
				assert.Equal(t, want, append([]string{}, got...), name)
			}
		}
	}
}

func TestWalkReadsIntoAType(t *testing.T) {
	list := boats(25, 3, false)
	for _, w := range ways[:3] {
		e := w.endpoint(false)
		e.Address = climb.HandlerAddress(e.Address)
		var got []record
		for r, err := range climb.Walk[record](t.Context(), climb.HandlerClient(right(w, list)), e) {
			require.NoError(t, err)
			got = append(got, r)
		}
		assert.Equal(t, list, got, w.name)
	}
}

func TestWalkTellsWhatIsWrong(t *testing.T) {
	ctx, cancel := context.WithTimeout(t.Context(), time.Minute) // also of a walk without an end
	defer cancel()
	for name, c := range map[string]struct {
		e    climb.Endpoint
		f    fault
		says string
	}{
		"a circle":       {ways[0].endpoint(true), find("next leads to the page itself"), "leads to one that was there before"},
		"a failed page":  {ways[0].endpoint(true), find("a page that fails"), "status 503"},
		"no JSON":        {ways[0].endpoint(true), find("a page that cannot be read"), "no JSON"},
		"no records":     {climb.Endpoint{Address: "/boats", Envelope: map[string]string{"records": "/nowhere"}}, fault{}, "no list where the records are meant to be"},
		"another host":   {ways[0].endpoint(true), find("links to another host"), "redirected to another host"},
		"no such path":   {climb.Endpoint{Address: "/elsewhere"}, fault{}, "status is 404"},
		"no address":     {climb.Endpoint{}, fault{}, "has no address"},
		"no template":    {climb.Endpoint{Address: "https://a.example/{+page}"}, fault{}, "right would be a template such as"},
		"a wrong place":  {climb.Endpoint{Address: "/boats", Envelope: map[string]string{"records": "data"}}, fault{}, "no JSON Pointer"},
		"an odd name":    {climb.Endpoint{Address: "/boats", Envelope: map[string]string{"rows": "/data"}}, fault{}, "right would be one of records"},
		"an odd shape":   {climb.Endpoint{Address: "/boats", Format: "pdf"}, fault{}, "json, ndjson, csv or html"},
		"an odd address": {climb.Endpoint{Address: "ftp://host/boats"}, fault{}, "https://host/arrivals"},
	} {
		if c.e.Address != "" {
			c.e.Address = climb.HandlerAddress(c.e.Address)
		}
		var last error
		for _, err := range climb.Walk[record](ctx, climb.HandlerClient(plant(ways[0], boats(37, 1, false), c.f)), c.e) {
			last = err
		}
		assert.ErrorContains(t, last, c.says, name)
	}
}

// A page that is short, empty or missing in the middle is not the end where the answers announce more:
// the walk reads on, or says what is missing.
func TestWalkDoesNotEndInTheMiddle(t *testing.T) {
	all := boats(136, 3, false)
	serve := func(want, hole string, byOffset bool) http.Handler {
		return http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
			n, _ := strconv.Atoi(r.URL.Query().Get("page"))
			n = max(n, 1)
			if byOffset {
				offset, _ := strconv.Atoi(r.URL.Query().Get("offset"))
				n = offset/20 + 1
			}
			first, last := min(20*(n-1), len(all)), min(20*n, len(all))
			if n == 3 {
				switch hole {
				case "short":
					last--
				case "empty":
					last = first
				case "404":
					http.NotFound(w, r)
					return
				case "503":
					w.WriteHeader(503)
					return
				}
			}
			body := map[string]any{"data": all[first:last]}
			switch want {
			case "total":
				body["total"] = len(all)
			case "pages":
				body["pages"] = 7
			}
			w.Header().Set("Content-Type", "application/json")
			json.NewEncoder(w).Encode(body)
		})
	}
	for _, byOffset := range []bool{false, true} {
		for _, c := range []struct {
			want, hole string
			rows       int
			says       string // "": it ends well
		}{
			{"total", "", 136, ""}, {"pages", "", 136, ""}, {"nothing", "", 136, ""},
			{"total", "short", 135, "no page follows, though 135 of 136 records have come"}, {"total", "empty", 116, "no page follows, though 116 of 136 records have come"},
			{"total", "404", 40, "no page follows, though 40 of 136 records have come"}, {"total", "503", 40, "status 503"},
			{"pages", "short", 135, ""}, {"pages", "empty", 116, ""}, {"pages", "404", 40, "no page follows, though 2 of 7 pages have come"},
			{"nothing", "503", 40, "status 503"},
		} {
			e := climb.Endpoint{Address: climb.HandlerAddress("/boats"), Envelope: map[string]string{"records": "/data", "total_items": "/total", "total_pages": "/pages"}, Params: endpoint.Params{Page: "page"}, Key: []string{"id"}}
			if byOffset {
				e.Params = endpoint.Params{Offset: "offset"}
			}
			rows, last := 0, error(nil)
			for _, err := range climb.Walk[record](t.Context(), climb.HandlerClient(serve(c.want, c.hole, byOffset)), e) {
				if last = err; err == nil {
					rows++
				}
			}
			assert.Equal(t, c.rows, rows, c)
			if c.says == "" {
				assert.NoError(t, last, c)
			} else {
				assert.ErrorContains(t, last, c.says, c)
			}
		}
	}
}

// An address may be that of a page in the middle: the walk goes on from there.
func TestWalkBeginsWhereItsAddressSays(t *testing.T) {
	list := boats(57, 3, false)
	for _, w := range ways[:3] {
		e := w.endpoint(true)
		e.Address = climb.HandlerAddress("/boats?" + map[string]string{"page": "page=3", "offset": "offset=20"}[w.numbers])
		if w.from0 {
			e.Address = climb.HandlerAddress("/boats?page=2")
		}
		var got []int
		for r, err := range climb.Walk[record](t.Context(), climb.HandlerClient(right(w, list)), e) {
			require.NoError(t, err, w.name)
			got = append(got, r.ID)
		}
		assert.Equal(t, 37, len(got), w.name)
		assert.Equal(t, []int{21, 57}, []int{got[0], got[len(got)-1]}, w.name)
	}
}

func find(name string) fault {
	return planted[slices.IndexFunc(planted, func(f fault) bool { return f.name == name })]
}

// teller is a *testing.T that keeps its messages.
type teller struct {
	*testing.T
	errors, logs []string
}

func (t *teller) Errorf(format string, args ...any) {
	t.errors = append(t.errors, fmt.Sprintf(format, args...))
}
func (t *teller) Logf(format string, args ...any) {
	t.logs = append(t.logs, fmt.Sprintf(format, args...))
}

func TestCheckFailsATestForFaultsAlone(t *testing.T) {
	w := ways[0]
	for name, c := range map[string]struct {
		fault        string
		expect       report.Expect
		errors, logs int
	}{
		"right":            {"", nil, 0, 0},
		"a fault":          {"the total one too many", nil, 2, 0},
		"a warning":        {"HEAD is not found", nil, 0, 1},
		"made a fault":     {"HEAD is not found", report.Strict(), 1, 0},
		"made a warning":   {"the total one too many", report.Expect{"numbers.total": report.Warning, "filter.total": report.Warning, "numbers.last": report.Off}, 0, 2},
		"switched off":     {"HEAD is not found", report.Expect{"http.head": report.Off}, 0, 0},
		"one unknown code": {"", report.Expect{"http.feet": report.Off}, 1, 0},
	} {
		f := fault{}
		if c.fault != "" {
			f = find(c.fault)
		}
		answers := &teller{T: t}
		(&climb.Checker{Expect: c.expect}).Check(answers, plant(w, boats(23, 1, false), f), w.endpoint(true))
		assert.GreaterOrEqual(t, len(answers.errors), c.errors, "%s: %v", name, answers.errors)
		assert.GreaterOrEqual(t, len(answers.logs), c.logs, "%s: %v", name, answers.logs)
		if c.errors == 0 {
			assert.Empty(t, answers.errors, name)
		}
	}
}

func TestTheSameSeedGivesTheSameRun(t *testing.T) {
	ask := func(seed uint64) (all []string) {
		list := right(ways[1], boats(23, 1, false))
		c := climb.Checker{Seed: seed, Pause: -1, Progress: func(_, _ int, address string) { all = append(all, address) }, Client: climb.HandlerClient(list)}
		_, err := c.Run(t.Context(), climb.Endpoint{Address: climb.HandlerAddress("/boats")})
		require.NoError(t, err)
		return all
	}
	assert.Equal(t, ask(1), ask(1))
	assert.NotEqual(t, ask(1), ask(2))
}

func TestARunMakesNoMoreRequestsThanAllowed(t *testing.T) {
	for _, limit := range []int{1, 5, 20, 60, 150} {
		c := climb.Checker{Requests: limit, Pause: -1, Client: climb.HandlerClient(right(ways[0], boats(500, 1, false)))}
		r, err := c.Run(t.Context(), climb.Endpoint{Address: climb.HandlerAddress("/boats")})
		require.NoError(t, err)
		assert.LessOrEqual(t, r.Requests, limit)
		codes, says := broken(r)
		assert.Empty(t, codes, "%d requests%s", limit, says)
	}
}

// While records come and go, page numbers lose and repeat some; what was seen is counted.
func TestMovingListsAreCounted(t *testing.T) {
	for name, c := range map[string]struct {
		change         func(list []record) []record
		lost, repeated int
		code           string
	}{
		"a record goes":  {func(list []record) []record { return list[1:] }, 1, 0, "moving.lost"},
		"a record comes": {func(list []record) []record { return append([]record{{ID: 1000}}, list...) }, 0, 1, "moving.repeated"},
		"nothing":        {func(list []record) []record { return list }, 0, 0, ""},
	} {
		t.Run(name, func(t *testing.T) {
			var mu sync.Mutex
			list := boats(40, 1, false)
			began, changed := make(chan bool), make(chan bool)
			handler := http.HandlerFunc(func(out http.ResponseWriter, r *http.Request) {
				mu.Lock()
				defer mu.Unlock()
				right(ways[0], list).ServeHTTP(out, r)
			})
			e := ways[0].endpoint(true)
			e.Address = climb.HandlerAddress(e.Address)
			third, change := 0, -1 // how often the third page was asked for; when records change
			checker := climb.Checker{Expect: strict(), Pause: -1, Client: climb.HandlerClient(handler)}
			checker.Progress = func(_, _ int, address string) {
				u := httptest.NewRequest(http.MethodGet, address, nil).URL
				if u.Query().Get("page") != "3" || u.Query().Has("size") {
					return
				}
				if third++; third == change {
					<-began
					mu.Lock()
					list = c.change(list)
					mu.Unlock()
					close(changed)
				}
			}
			_, err := checker.Run(t.Context(), e)
			require.NoError(t, err)
			change, third = third+2, 0 // the same run, one walk before, and one meanwhile
			checker.While = func(context.Context) error {
				close(began)
				<-changed
				return nil
			}
			r, err := checker.Run(t.Context(), e)
			require.NoError(t, err)
			require.NotNil(t, r.Moving)
			assert.Equal(t, []int{c.lost, c.repeated}, []int{r.Moving.Lost, r.Moving.Repeated})
			codes, says := broken(r)
			assert.Equal(t, c.code, strings.Join(codes, " "), says)
		})
	}
}

// BenchmarkWalk walks 1,000,000 records, 100 a page, and "loop" is what one writes by hand
// for that very endpoint: fetch, decode, follow. Promised: at most 1.2 times the loop's time.
func BenchmarkWalk(b *testing.B) {
	const records, size = 1_000_000, 100
	body := func(page int) []byte {
		list := make([]record, size)
		for i := range list {
			list[i] = record{ID: page*size + i + 1, Vessel: "Grey Gull", Berth: "N4"}
		}
		next := ""
		if (page+1)*size < records {
			next = fmt.Sprintf("/boats?page=%d", page+2)
		}
		text, err := json.Marshal(map[string]any{"records": list, "total": records, "next": next})
		require.NoError(b, err)
		return text
	}
	pages := make([][]byte, records/size)
	for i := range pages {
		pages[i] = body(i)
	}
	server := httptest.NewServer(http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		page := 1
		if text := r.URL.Query().Get("page"); text != "" {
			page, _ = strconv.Atoi(text)
		}
		w.Header().Set("Content-Type", "application/json")
		w.Write(pages[min(max(page, 1), len(pages))-1])
	}))
	defer server.Close()
	walk := func() (n int) {
		for _, err := range climb.Walk[record](b.Context(), server.Client(), climb.Endpoint{Address: server.URL + "/boats", Envelope: map[string]string{"records": "/records", "next": "/next"}, Params: endpoint.Params{Page: "page", Size: "size"}}) {
			if err != nil {
				b.Fatal(err)
			}
			n++
		}
		return n
	}
	loop := func() (n int) {
		for next := "/boats"; next != ""; {
			answer, err := server.Client().Get(server.URL + next)
			require.NoError(b, err)
			var page struct {
				Records []record `json:"records"`
				Next    string   `json:"next"`
			}
			err = json.NewDecoder(answer.Body).Decode(&page)
			answer.Body.Close()
			require.NoError(b, err)
			n += len(page.Records)
			next = page.Next
		}
		return n
	}
	var ratios []float64
	for b.Loop() {
		began := time.Now()
		require.Equal(b, records, loop())
		other := time.Since(began)
		began = time.Now()
		require.Equal(b, records, walk())
		ratios = append(ratios, float64(time.Since(began))/float64(other))
	}
	slices.Sort(ratios)
	b.ReportMetric(ratios[len(ratios)/2], "of_the_loop")
}

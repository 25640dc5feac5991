package climb_test

import (
	"fmt"
	"net/http"
	"slices"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/climb"
	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
	"pageladder.example/internal/soak"
)

// run checks an endpoint strictly, with credentials.
func run(t *testing.T, h http.Handler, e climb.Endpoint, seed uint64, timeout time.Duration, expect report.Expect) *climb.Report {
	t.Helper()
	e.Address = climb.HandlerAddress(e.Address)
	e.Header = http.Header{"Authorization": {"Bearer made-up"}}
	c := climb.Checker{Client: climb.HandlerClient(h), Expect: expect, Pause: -1, Seed: seed, Timeout: timeout}
	report, err := c.Run(t.Context(), e)
	require.NoError(t, err)
	return report
}

// strict is everything but how long pages take, which depends on what else a machine does.
func strict() report.Expect {
	e := report.Strict()
	e["cost.time"] = report.Off
	return e
}

// broken are the codes of a report that are not kept, with what was found.
func broken(r *climb.Report) (codes []string, says string) {
	for _, p := range r.Promises {
		if p.Verdict == report.Broken {
			codes = append(codes, p.Code)
			says += fmt.Sprintf("\n%s: %s %v", p.Code, p.Findings[0].Says, p.Findings[0].Addresses)
		}
	}
	return codes, says
}

func TestRightEndpointsHaveNoFault(t *testing.T) {
	for _, w := range ways {
		for _, n := range []int{0, 1, 2, 3, 9, 10, 11, 20, 37, 112} {
			for seed := range soak.Or[uint64](1, 3) {
				for _, tied := range []bool{false, true} {
					for _, given := range []bool{true, false} {
						if !given && w.numbers == "path" && n == 0 {
							continue
						}
						name := fmt.Sprintf("%s, %d records, seed %d, tied %t, told %t", w.name, n, seed, tied, given)
						r := run(t, right(w, boats(n, seed, tied)), w.endpoint(given), seed, climb.DefaultTimeout, strict())
						codes, says := broken(r)
						assert.Empty(t, codes, "%s%s", name, says)
						if given {
							assert.EqualValues(t, n, r.Records, name)
							assert.True(t, r.Whole, name)
						}
						assert.LessOrEqual(t, r.Requests, climb.DefaultRequests)
					}
				}
			}
		}
	}
}

// A list longer than the walks is checked in part: that is no fault, and the report says what was
// not seen.
func TestLongListsAreCheckedInPart(t *testing.T) {
	for _, w := range ways {
		for _, given := range []bool{true, false} {
			r := run(t, right(w, boats(3000, 1, false)), w.endpoint(given), 1, climb.DefaultTimeout, strict())
			codes, says := broken(r)
			assert.Empty(t, codes, "%s, told %t%s", w.name, given, says)
			assert.False(t, r.Whole, w.name)
			assert.NotEmpty(t, r.Notes, w.name)
		}
	}
}

func TestWhatIsNotToldIsFound(t *testing.T) {
	for _, w := range ways {
		want, e := w.endpoint(true), w.endpoint(false)
		e.Address = climb.HandlerAddress(e.Address)
		c := climb.Checker{Client: climb.HandlerClient(right(w, boats(37, 2, false))), Pause: -1}
		got, _, err := c.Find(t.Context(), e)
		require.NoError(t, err)
		assert.Equal(t, want.Format, got.Format, w.name)
		assert.Equal(t, want.Envelope["records"], got.Envelope["records"], w.name)
		assert.Equal(t, want.PagesFrom0, got.PagesFrom0, w.name)
		if w.shape == endpoint.HTML { // its words are for people
			want.Params.Sort = got.Params.Sort
		}
		assert.Equal(t, want.Params, got.Params, w.name)
		for name, place := range want.Envelope {
			assert.Equal(t, place, got.Envelope[name], "%s: %s", w.name, name)
		}
		assert.Equal(t, want.TotalHeader, got.TotalHeader, w.name)
		assert.Equal(t, want.Key, got.Key, w.name)
		assert.NotEmpty(t, got.Filters, w.name)
	}
}

// only keeps the walks and the numbers, and the checks that some codes need. Checking everything
// in some thousand runs would take too long.
func only(codes string) report.Expect {
	e := report.Strict()
	for code := range e {
		group, _, _ := strings.Cut(code, ".")
		near := strings.Contains(codes, group+".")
		if !near && !strings.Contains("walk numbers", group) {
			e[code] = report.Off
		}
	}
	return e
}

func TestEachFaultIsFound(t *testing.T) {
	require.GreaterOrEqual(t, len(planted), 30)
	for _, f := range planted {
		t.Run(f.name, func(t *testing.T) {
			t.Parallel()
			seen, timeout := 0, climb.DefaultTimeout
			if f.slow {
				timeout = 100 * time.Millisecond
			}
			for _, w := range ways {
				for i, n := range []int{4, 37, 112} {
					if f.where != nil && !f.where(where{w, n}) {
						continue
					}
					for seed := range uint64(3) {
						if seed != uint64(i) && !soak.Long {
							continue
						}
						seen++
						tied := seed == 2 && !strings.Contains(f.codes, "order.") // records with equal values show no order
						between := plant(w, boats(n, seed, tied), f)
						r := run(t, between, w.endpoint(true), seed, timeout, only(f.codes))
						codes, says := broken(r)
						for slow := 90 * time.Millisecond; f.codes == "cost.time" && !slices.Contains(codes, f.codes) && slow < time.Minute; slow *= 4 { // the first page may be slow, too
							deepDelay.Store(int64(slow))
							codes, says = broken(run(t, between, w.endpoint(true), seed, max(timeout, 3*slow), only(f.codes)))
						}
						assert.True(t, slices.ContainsFunc(codes, func(c string) bool { return strings.Contains(f.codes, c) }),
							"%s, %d records, seed %d: wanted %s, found%s", w.name, n, seed, f.codes, says)
						assert.True(t, between.planted.Load() > 0 || f.slow, "%s, %d records, seed %d: nothing was planted", w.name, n, seed)
					}
				}
			}
			assert.NotZero(t, seen, "it can occur nowhere")
		})
	}
}

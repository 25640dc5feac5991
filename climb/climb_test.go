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
)

// run checks an endpoint strictly, with credentials.
func run(t *testing.T, h http.Handler, e climb.Endpoint, seed uint64, timeout time.Duration) *climb.Report {
	t.Helper()
	e.Address = climb.HandlerAddress(e.Address)
	e.Header = http.Header{"Authorization": {"Bearer made-up"}}
	c := climb.Checker{Client: climb.HandlerClient(h), Expect: climb.Strict(), Pause: -1, Seed: seed, Timeout: timeout}
	report, err := c.Run(t.Context(), e)
	require.NoError(t, err)
	return report
}

// broken are the codes of a report that are not kept, with what was found.
func broken(r *climb.Report) (codes []string, says string) {
	for _, p := range r.Promises {
		if p.Verdict == climb.Broken {
			codes = append(codes, p.Code)
			says += fmt.Sprintf("\n%s: %s %v", p.Code, p.Findings[0].Says, p.Findings[0].Addresses)
		}
	}
	return codes, says
}

func TestRightEndpointsHaveNoFault(t *testing.T) {
	for _, w := range ways {
		for _, n := range []int{0, 1, 2, 3, 9, 10, 11, 20, 37, 112} {
			for seed := range uint64(3) {
				for _, tied := range []bool{false, true} {
					for _, told := range []bool{true, false} {
						if !told && w.numbers == "path" && n == 0 {
							continue
						}
						name := fmt.Sprintf("%s, %d records, seed %d, tied %t, told %t", w.name, n, seed, tied, told)
						r := run(t, right(w, boats(n, seed, tied), fault{}), w.endpoint(told), seed, climb.DefaultTimeout)
						codes, says := broken(r)
						assert.Empty(t, codes, "%s%s", name, says)
						if told {
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

func TestEachFaultIsFound(t *testing.T) {
	require.GreaterOrEqual(t, len(planted), 30)
	for _, f := range planted {
		t.Run(f.name, func(t *testing.T) {
			t.Parallel()
			seen, timeout := 0, climb.DefaultTimeout
			if f.slow {
				timeout = 300 * time.Millisecond
			}
			for _, w := range ways {
				for _, n := range []int{4, 37, 112} {
					if f.where != nil && !f.where(where{w, n}) {
						continue
					}
					for seed := range uint64(3) {
						if seen++; f.slow && seed > 0 {
							continue
						}
						r := run(t, right(w, boats(n, seed, false), f), w.endpoint(true), seed, timeout)
						codes, says := broken(r)
						assert.True(t, slices.ContainsFunc(codes, func(c string) bool { return strings.Contains(f.codes, c) }),
							"%s, %d records, seed %d: wanted %s, found%s", w.name, n, seed, f.codes, says)
					}
				}
			}
			assert.NotZero(t, seen, "it can occur nowhere")
		})
	}
}

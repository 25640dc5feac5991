package service_test

import (
	"bytes"
	"encoding/json"
	"fmt"
	"net/http"
	"net/http/httptest"
	"strings"
	"testing"

	"github.com/stretchr/testify/require"

	"pageladder.example/internal/doctest"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/service"
	"pageladder.example/internal/testkit"
)

func TestDocsTellEveryCallAndProblem(t *testing.T) {
	_, s := testkit.ServeWith(t, testkit.Store(t), service.Options{})
	var calls, problems strings.Builder
	calls.WriteString("# Calls\n\nEvery call of the service, and who may make it. This page is made from the routes: `go test ./internal/service -update`.\nAnybody may read an open set. A token that is limited to some sets does nothing elsewhere.\n\n| call | takes | does |\n|---|---|---|\n")
	for _, c := range s.Calls() {
		takes := map[string]string{"everywhere": "nothing", "this set": c.Role.String() + " of the set", "any set": c.Role.String(), "all sets": c.Role.String() + " of all sets"}[c.Scope]
		fmt.Fprintf(&calls, "| `%s %s` | %s | %s |\n", c.Method, c.Path, takes, c.Says)
	}
	problems.WriteString("# Problems\n\nEvery error is `application/problem+json`, RFC 9457. `type` is the address of a page about it, `/problems/NAME`; `detail` says what\nwas found where and what would be right; `faults` names every fault of a query or a body. This page is made from the code:\n`go test ./internal/service -update`.\n\n| name | status | | when |\n|---|---|---|---|\n")
	for _, k := range problem.Kinds() {
		fmt.Fprintf(&problems, "| `%s` | %d | %s | %s |\n", k.Name, k.Status, k.Title, k.When)
	}
	doctest.Check(t, "../../docs/calls.md", calls.String())
	doctest.Check(t, "../../docs/problems.md", problems.String())
}

// The description of the API is kept as a file too: the console's types are generated from it.
func TestDocsHoldTheDescription(t *testing.T) {
	_, s := testkit.ServeWith(t, testkit.Store(t), service.Options{Version: "current"})
	res := httptest.NewRecorder()
	s.ServeHTTP(res, httptest.NewRequest(http.MethodGet, "http://localhost/openapi.json", nil))
	var description bytes.Buffer
	require.NoError(t, json.Indent(&description, res.Body.Bytes(), "", "  "))
	doctest.Check(t, "../../docs/openapi.json", description.String()+"\n")
}

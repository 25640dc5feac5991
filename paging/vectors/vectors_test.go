package vectors_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/paging/vectors"
)

// Package paging does what each line says.
func TestPagingAgreesWithEachVector(t *testing.T) {
	lines, named := 0, map[string]bool{}
	for v, err := range vectors.Core() {
		require.NoError(t, err)
		lines++
		if v.Name != "" {
			require.False(t, named[v.Name], "two have the name %s", v.Name)
			named[v.Name] = true
		}
		found, err := vectors.ResultOf(&v.Case)
		require.NoError(t, err)
		if !assert.Equal(t, text(v.Result), text(found), "line %d, %s: %s", lines, v.Name, v.Query) {
			break
		}
	}
	assert.GreaterOrEqual(t, lines, 6000)
}

// Package statement writes what each line says.
func TestStatementAgreesWithEachVector(t *testing.T) {
	lines, becomes := 0, map[string]int{}
	for v, err := range vectors.StatementCases() {
		require.NoError(t, err)
		lines++
		found, err := vectors.StatementsOf(&v.StatementCase)
		require.NoError(t, err)
		if !assert.Equal(t, v.Result, found, "line %d, %s: %s", lines, v.Name, v.Query) {
			break
		}
		switch {
		case found.Mistake:
			becomes["mistakes"]++
		case found.Faults != nil:
			becomes["refusals"]++
		case found.Statements.Misplaced != "":
			becomes["misplaced"]++
		default:
			becomes[v.Table.Dialect]++
		}
	}
	assert.GreaterOrEqual(t, lines, 2000)
	for _, what := range []string{"mistakes", "refusals", "misplaced", "postgresql", "mysql", "sqlite"} {
		assert.Positive(t, becomes[what], what)
	}
	t.Log(becomes)
}

func text(r vectors.Result) [4]string {
	return [4]string{string(r.Rules), r.Base, string(r.Refusal), string(r.Answer)}
}

// Package clients_test generates clients of the service's descriptions, with generators that are in wide use, and uses
// the service through them.
package clients_test

import (
	"encoding/json"
	"io"
	"net/http"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/access"
	"pageladder.example/internal/service"
	"pageladder.example/internal/testkit"
)

func TestMain(m *testing.M) { testkit.WithPostgres(m) }

// descriptions are the addresses of the descriptions that clients are generated from, by the name of the client.
var descriptions = map[string]string{"service": "/openapi.json", "arrivals": "/api/sets/arrivals/openapi.json"}

// found is what each walker finds in the demo data.
const found = `walked 7 pages of 347 records
found 36 sorted -tonnage,id of filters berth equals,tonnage.min min
90 Little Sjøfugl 8701
56 Winter Żuraw 8501
199 Señora Möwe 8401
101 Crimson Gull 8101
125 Little Sjøfugl 7901
ladder 1 2…6 7 8 (9) 10 11 12…17 18
changed  true
late 412 true 412
refused tonnage true
`

const js = "../../js"

func TestGeneratedClientsWalkFilterAndEdit(t *testing.T) {
	at, token := serve(t)
	t.Run("linted", func(t *testing.T) {
		for name, text := range describedBy(t, at) {
			file := filepath.Join(t.TempDir(), name+".json")
			require.NoError(t, os.WriteFile(file, text, 0o600))
			var lint struct {
				Totals struct{ Errors, Warnings int }
			}
			require.NoError(t, json.Unmarshal([]byte(run(t, js, "node_modules/.bin/redocly", "lint", "--extends", "recommended", "--format", "json", file)), &lint))
			assert.Zero(t, lint.Totals, name)
		}
	})
	t.Run("TypeScript", func(t *testing.T) {
		for name, text := range describedBy(t, at) {
			file := filepath.Join(js, "clients/build", name)
			require.NoError(t, os.MkdirAll(filepath.Dir(file), 0o755))
			require.NoError(t, os.WriteFile(file+".json", text, 0o600))
			run(t, js, "node_modules/.bin/openapi-typescript", "clients/build/"+name+".json", "-o", "clients/build/"+name+".ts")
		}
		run(t, js, "node_modules/.bin/tsc", "-p", "clients")
		assert.Equal(t, found, run(t, js, "node", "clients/build/walk.js", at, token))
	})
	t.Run("Go", func(t *testing.T) {
		dir := t.TempDir()
		require.NoError(t, os.CopyFS(dir, os.DirFS("walker")))
		for name, text := range describedBy(t, at) {
			require.NoError(t, os.Mkdir(filepath.Join(dir, name), 0o755))
			require.NoError(t, os.WriteFile(filepath.Join(dir, name+".json"), text, 0o600))
			run(t, dir, "go", "tool", "oapi-codegen", "-config", name+".yaml", name+".json")
		}
		at, token := serve(t) // what the other walker has changed is as it was
		assert.Equal(t, found, run(t, dir, "go", "run", ".", at, token))
	})
}

// serve runs a service with the demo data, and returns its address and an owner's token.
func serve(t *testing.T) (at, token string) {
	at, s := testkit.ServeWith(t, testkit.Harbour(t), service.Options{})
	token, _, err := s.Tokens().Create(t.Context(), "a program", access.Owner, nil)
	require.NoError(t, err)
	return at, token
}

// describedBy reads the descriptions of a service.
func describedBy(t *testing.T, at string) map[string][]byte {
	all := map[string][]byte{}
	for name, path := range descriptions {
		res, err := http.Get(at + path)
		require.NoError(t, err)
		defer res.Body.Close()
		text, err := io.ReadAll(res.Body)
		require.NoError(t, err)
		require.Equal(t, http.StatusOK, res.StatusCode)
		all[name] = text
	}
	return all
}

// run runs a command in a folder, and returns what it writes.
func run(t *testing.T, dir, name string, args ...string) string {
	t.Helper()
	cmd := exec.CommandContext(t.Context(), name, args...)
	cmd.Dir = dir
	cmd.Env = append(os.Environ(), "REDOCLY_TELEMETRY=off", "REDOCLY_SUPPRESS_UPDATE_NOTICE=true")
	var says strings.Builder
	cmd.Stderr = &says
	out, err := cmd.Output()
	require.NoError(t, err, "%s %v\n%s%s", name, args, out, &says)
	return string(out)
}

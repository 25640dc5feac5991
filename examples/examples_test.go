// Package examples holds whole programs that use the package alone.
package examples

import (
	"bufio"
	"context"
	"io"
	"net"
	"net/http"
	"os"
	"os/exec"
	"path/filepath"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

func TestExamplesPageAList(t *testing.T) {
	for program, c := range map[string]struct{ path, want string }{
		"nethttp": {"/?cargo=salt&page=99", `{"links":{"self":"?cargo=salt\u0026page=3","first":"?cargo=salt\u0026page=1","prev":"?cargo=salt\u0026page=2"},"paging":{"page":3,`},
		"gin":     {"/vessels?cargo=salt&page=2", `<p lang="en">4–6 of 7 records</p>`},
	} {
		t.Run(program, func(t *testing.T) {
			source, err := os.Open(filepath.Join(program, "main.go"))
			require.NoError(t, err)
			defer source.Close()
			lines := 0
			for s := bufio.NewScanner(source); s.Scan(); lines++ {
			}
			assert.Less(t, lines, 30, "a list is less than a screenful")

			binary := filepath.Join(t.TempDir(), program)
			out, err := exec.Command("go", "build", "-o", binary, "./"+program).CombinedOutput()
			require.NoError(t, err, string(out))
			l, err := net.Listen("tcp", "127.0.0.1:0")
			require.NoError(t, err)
			address := l.Addr().String()
			require.NoError(t, l.Close())
			ctx, cancel := context.WithCancel(t.Context())
			cmd := exec.CommandContext(ctx, binary, address)
			require.NoError(t, cmd.Start())
			defer cmd.Wait()
			defer cancel()

			var body []byte
			require.Eventually(t, func() bool {
				res, err := http.Get("http://" + address + c.path)
				if err != nil {
					return false
				}
				defer res.Body.Close()
				body, err = io.ReadAll(res.Body)
				return err == nil
			}, 20*time.Second, 20*time.Millisecond)
			assert.Contains(t, string(body), c.want)
		})
	}
}

package service

import (
	"fmt"
	"io/fs"
	"net/http"
	"path"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/answers"
	"pageladder.example/internal/problem"
)

// consoleCSP lets the console load its own files and nothing else.
const consoleCSP = "default-src 'self'; style-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'self'; frame-ancestors 'none'; form-action 'self'"

// consoleFiles answers every path that is no route: assets, whose names hold a
// hash of their contents, may be kept for ever; any other path outside the API is
// index.html, whose script reads the address.
func (s *Service) consoleFiles(files fs.FS) (gin.HandlerFunc, error) {
	all, err := answers.ReadFiles(files, s.reach.Prefix)
	if err != nil {
		return nil, fmt.Errorf("the console's files: %w", err)
	}
	return func(c *gin.Context) {
		name := strings.TrimPrefix(path.Clean(c.Request.URL.Path), "/")
		isAsset := strings.HasPrefix(name, "assets/")
		switch file := all[name]; {
		case name == "api" || strings.HasPrefix(name, "api/"), isAsset && file == nil:
			s.fail(c, problem.Of(problem.NothingHere, "there is nothing at %s", c.Request.URL.Path))
		case c.Request.Method != http.MethodGet && c.Request.Method != http.MethodHead:
			s.fail(c, problem.Of(problem.NoMethod, "%s is not offered at %s", c.Request.Method, c.Request.URL.Path))
		case isAsset:
			c.Header("Cache-Control", "public, max-age=31536000, immutable")
			file.Send(c.Writer)
		case all["index.html"] == nil:
			s.fail(c, problem.Of(problem.NothingHere, "this binary was built without the console; make build builds both"))
		default:
			c.Header("Cache-Control", "no-cache")
			htmlHeaders(c, consoleCSP)
			all["index.html"].Send(c.Writer)
		}
	}, nil
}

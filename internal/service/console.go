package service

import (
	"io/fs"
	"mime"
	"net/http"
	"path"
	"strings"

	"github.com/gin-gonic/gin"
)

// consoleCSP lets the console load its own files and nothing else.
const consoleCSP = "default-src 'self'; style-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'"

// consoleFiles answers every path that is no route: assets, whose names hold a
// hash of their contents, may be kept for ever; any other path outside the API is
// index.html, whose script reads the address.
func (s *Service) consoleFiles(files fs.FS) gin.HandlerFunc {
	return func(c *gin.Context) {
		name := strings.TrimPrefix(path.Clean(c.Request.URL.Path), "/")
		switch {
		case name == "api" || strings.HasPrefix(name, "api/"):
			s.problem(c, nothingHere, "there is nothing at "+c.Request.URL.Path)
			return
		case c.Request.Method != http.MethodGet && c.Request.Method != http.MethodHead:
			s.problem(c, noMethod, c.Request.Method+" is not offered at "+c.Request.URL.Path)
			return
		}
		if strings.HasPrefix(name, "assets/") {
			body, err := fs.ReadFile(files, name)
			if err != nil {
				s.problem(c, nothingHere, "there is nothing at "+c.Request.URL.Path)
				return
			}
			c.Header("Cache-Control", "public, max-age=31536000, immutable")
			c.Data(http.StatusOK, mime.TypeByExtension(path.Ext(name)), body)
			return
		}
		body, err := fs.ReadFile(files, "index.html")
		if err != nil {
			s.problem(c, nothingHere, "this binary was built without the console; make build builds both")
			return
		}
		c.Header("Cache-Control", "no-cache")
		htmlHeaders(c, consoleCSP)
		c.Data(http.StatusOK, "text/html; charset=utf-8", body)
	}
}

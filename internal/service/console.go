package service

import (
	"net/http"
	"path"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/problem"
)

// consoleCSP lets the console load its own files and nothing else.
const consoleCSP = "default-src 'self'; style-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'self'; frame-ancestors 'none'; form-action 'self'"

// consoleFile answers every path that is no route: assets, whose names hold a
// hash of their contents, may be kept for ever; the console's own paths are index.html, whose
// script reads the address. At any other path there is nothing, which the page says by the
// console: a missing file is no page.
func (s *Service) consoleFile(c *gin.Context) {
	name := strings.TrimPrefix(path.Clean(c.Request.URL.Path), "/")
	isAsset := strings.HasPrefix(name, "assets/")
	switch file := s.built[name]; {
	case isAsset && file == nil, name == "api" || strings.HasPrefix(name, "api/"), !isAsset && !isConsolePath(name) && !navigates(c.Request):
		s.fail(c, problem.Of(problem.NoSuchPath, "there is nothing at %s", c.Request.URL.Path))
	case c.Request.Method != http.MethodGet && c.Request.Method != http.MethodHead:
		s.fail(c, problem.Of(problem.NoMethod, "%s is not offered at %s", c.Request.Method, c.Request.URL.Path))
	case isAsset:
		c.Header("Cache-Control", "public, max-age=31536000, immutable")
		file.Send(c.Writer)
	case s.built["index.html"] == nil:
		s.fail(c, errNotBuilt)
	default:
		c.Header("Cache-Control", "no-cache")
		htmlHeaders(c, consoleCSP)
		status := http.StatusOK
		if !isConsolePath(name) {
			status = http.StatusNotFound // its page says so too
		}
		s.built["index.html"].SendAs(c.Writer, status)
	}
}

var errNotBuilt = problem.Of(problem.NoSuchPath, "this binary was built without the console; make build builds both")

// pageFile answers with a file for pages of any origin: the element, or its style.
func (s *Service) pageFile(c *gin.Context) error {
	file := s.built[path.Base(c.Request.URL.Path)]
	if file == nil {
		return errNotBuilt
	}
	h := c.Writer.Header()
	h.Set("Cache-Control", "public, max-age=300")
	h.Set("Access-Control-Allow-Origin", "*") // a module is asked for under CORS, and holds nothing of anybody
	h.Set("Cross-Origin-Resource-Policy", "cross-origin")
	file.Send(c.Writer)
	return nil
}

// consolePages are the first parts of the console's paths, as its router has them (console/src/main.ts).
var consolePages = []string{"", ".", "new", "sets", "calculator", "tokens", "sign-in", "about"}

func isConsolePath(name string) bool {
	first, rest, deeper := strings.Cut(name, "/")
	return slices.Contains(consolePages, first) && (first == "sets" && rest != "" || first != "sets" && !deeper)
}

// navigates reports whether a browser asks for a page of its own, and not for a part of one.
func navigates(r *http.Request) bool {
	return r.Header.Get("Sec-Fetch-Dest") == "document" || r.Header.Get("Sec-Fetch-Dest") == "" && strings.HasPrefix(r.Header.Get("Accept"), "text/html")
}

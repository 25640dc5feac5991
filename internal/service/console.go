package service

import (
	"bytes"
	"fmt"
	"html"
	"io/fs"
	"mime"
	"net/http"
	"path"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"
	"github.com/klauspost/compress/gzip"

	"pageladder.example/internal/problem"
)

// consoleCSP lets the console load its own files and nothing else.
const consoleCSP = "default-src 'self'; style-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'self'; frame-ancestors 'none'; form-action 'self'"

// consoleFile is a file of the console's build, zipped once and as small as can be.
type consoleFile struct {
	body, zipped []byte // zipped is nil where that is no shorter
	mediaType    string
}

func (f *consoleFile) send(c *gin.Context) {
	body := f.body
	if f.zipped != nil && takesGzip(c.Writer) {
		c.Header("Content-Encoding", "gzip")
		body = f.zipped
	}
	c.Header("Content-Length", strconv.Itoa(len(body)))
	c.Data(http.StatusOK, f.mediaType, body)
}

// readConsole reads the build. The page's base becomes the path under which
// callers reach the service.
func readConsole(files fs.FS, prefix string) (map[string]*consoleFile, error) {
	all := map[string]*consoleFile{}
	best, err := gzip.NewWriterLevel(nil, gzip.BestCompression)
	if err != nil {
		return nil, err
	}
	err = fs.WalkDir(files, ".", func(name string, entry fs.DirEntry, err error) error {
		if err != nil || entry.IsDir() {
			return err
		}
		body, err := fs.ReadFile(files, name)
		if err != nil {
			return err
		}
		mediaType := mime.TypeByExtension(path.Ext(name))
		if name == "index.html" {
			body = bytes.Replace(body, []byte(`<base href="/"`), []byte(`<base href="`+html.EscapeString(prefix)+`/"`), 1)
		}
		all[name] = &consoleFile{body, zippedBy(best, body), mediaType}
		return nil
	})
	return all, err
}

// consoleFiles answers every path that is no route: assets, whose names hold a
// hash of their contents, may be kept for ever; any other path outside the API is
// index.html, whose script reads the address.
func (s *Service) consoleFiles(files fs.FS) (gin.HandlerFunc, error) {
	all, err := readConsole(files, s.prefix)
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
			file.send(c)
		case all["index.html"] == nil:
			s.fail(c, problem.Of(problem.NothingHere, "this binary was built without the console; make build builds both"))
		default:
			c.Header("Cache-Control", "no-cache")
			htmlHeaders(c, consoleCSP)
			all["index.html"].send(c)
		}
	}, nil
}

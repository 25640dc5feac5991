package service

import (
	"bytes"
	"fmt"
	"hash/fnv"
	"net/http"
	"strconv"
	"strings"
	"sync"

	"github.com/gin-gonic/gin"
	"github.com/klauspost/compress/gzhttp"
	"github.com/klauspost/compress/gzip"

	"pageladder.example/internal/access"
	"pageladder.example/internal/lists"
)

const (
	answerBytes = 64 << 10 // of the longest answer that is remembered; 64 MB in all
	gzipFrom    = 1400     // bytes, below which an answer fits a packet anyway
)

// answerKey names an answer: of which set and version, under which fixed filter,
// and all else that it depends on. An answer of another version is never given; it
// ages out.
type answerKey struct {
	asked   string // address, shape and language
	version int64
	fixed   string // the filter in force
}

// keptAnswer is one page as it was answered.
type keptAnswer struct {
	body      []byte
	mediaType string
	self      string // its settled address
	link      string // Link, RFC 8288
	about     string // Paging; "" where the body tells it
	adjusted  string // Adjusted, likewise
	tag       string
	status    int
	noStore   bool

	zip    sync.Once
	zipped []byte // nil where that is no shorter
}

// weakTag is the ETag of an answer, RFC 9110 section 8.8.3: weak, since the same
// page may be written in other bytes. It is another one under another public address
// and from another version of the program, which may write another answer.
func (s *Service) weakTag(k *answerKey) string {
	h := fnv.New64a()
	for _, part := range []string{k.asked, k.fixed, s.public, s.version} {
		h.Write([]byte(part))
		h.Write([]byte{0})
	}
	return `W/"` + strconv.FormatInt(k.version, 10) + "-" + strconv.FormatUint(h.Sum64(), 16) + `"`
}

// digestTag is the ETag of an answer whose set has no version.
func digestTag(body []byte) string {
	h := fnv.New128a()
	h.Write(body)
	return fmt.Sprintf(`W/"%x"`, h.Sum(nil))
}

// send answers, or says that nothing has changed.
func (k *keptAnswer) send(c *gin.Context, who *access.Caller) {
	h := c.Writer.Header()
	if strings.HasPrefix(k.mediaType, "text/html") {
		htmlHeaders(c, lists.CSP)
	}
	h["Content-Location"] = []string{k.self}
	if k.link != "" {
		h["Link"] = []string{k.link}
	}
	if k.about != "" {
		h["Paging"] = []string{k.about}
	}
	if k.adjusted != "" {
		h["Adjusted"] = []string{k.adjusted}
	}
	switch {
	case k.noStore:
		h.Set("Cache-Control", "no-store")
	case who.Role == access.Nobody: // an open set
		h.Set("Cache-Control", "public, max-age=10, stale-while-revalidate=60")
	default:
		h.Set("Cache-Control", "private, no-cache")
	}
	if k.tag != "" {
		h["Etag"] = []string{k.tag}
		reads := c.Request.Method == http.MethodGet || c.Request.Method == http.MethodHead
		if condition := c.GetHeader("If-None-Match"); reads && condition != "" && matches(condition, k.tag) {
			c.Status(http.StatusNotModified)
			c.Writer.WriteHeaderNow()
			return
		}
	}
	body := k.body
	if len(body) >= gzipFrom && takesGzip(c.Writer) {
		k.zip.Do(func() { k.zipped = zipped(body) })
		if k.zipped != nil {
			h.Set("Content-Encoding", "gzip")
			body = k.zipped
		}
	}
	h["Content-Length"] = []string{strconv.Itoa(len(body))}
	h["Content-Type"] = []string{k.mediaType}
	c.Status(k.status)
	if _, err := c.Writer.Write(body); err != nil {
		c.Error(err)
	}
}

var zippers = sync.Pool{New: func() any {
	w, _ := gzip.NewWriterLevel(nil, gzip.BestSpeed) // the level is right
	return w
}}

// zipped is a text in gzip, RFC 1952, for an answer that is given again; nil where that is
// no shorter. What is answered once is zipped by gzhttp.
func zipped(text []byte) []byte {
	w := zippers.Get().(*gzip.Writer)
	defer zippers.Put(w)
	return zippedBy(w, text)
}

func zippedBy(w *gzip.Writer, text []byte) []byte {
	var b bytes.Buffer
	w.Reset(&b)
	if _, err := w.Write(text); err != nil || w.Close() != nil || b.Len() >= len(text) {
		return nil
	}
	return b.Bytes()
}

// takesGzip tells whether gzhttp has found that the caller accepts gzip.
func takesGzip(w http.ResponseWriter) bool {
	for {
		switch found := w.(type) {
		case *gzhttp.GzipResponseWriter, gzhttp.GzipResponseWriterWithCloseNotify:
			return true
		case interface{ Unwrap() http.ResponseWriter }:
			w = found.Unwrap()
		default:
			return false
		}
	}
}

// matches compares weakly, RFC 9110 section 13.1.2.
func matches(condition, tag string) bool {
	tag = strings.TrimPrefix(tag, "W/")
	for candidate := range strings.SplitSeq(condition, ",") {
		candidate = strings.TrimSpace(candidate)
		if candidate == "*" || strings.TrimPrefix(candidate, "W/") == tag {
			return true
		}
	}
	return false
}

// Package answers sends answers whose bytes are known: with their ETag, conditionally, and
// compressed if the caller accepts that. Some are remembered and sent again.
package answers

import (
	"bytes"
	"hash/fnv"
	"net/http"
	"strconv"
	"sync"

	"github.com/klauspost/compress/gzhttp"
	"github.com/klauspost/compress/gzip"

	"pageladder.example/paging/answer"
)

// Bounds.
const (
	KeptBytes = 64 << 10 // of the longest answer that is remembered: 64 MB for a thousand
	ZipFrom   = 1400     // bytes; shorter answers fit into a packet anyway
)

// Key identifies an answer: the set and its definition, the fixed filter, and everything else that
// it depends on except the set's version. Answers of older definitions are never asked for again.
type Key struct {
	Query   string // address, shape and language
	Defined int64
	Fixed   string // the filter in force
}

// Answer is one answer.
type Answer struct {
	answer.Ready
	NoStore bool
	Held    bool // of a list that is held still: no cache may show it any longer than it has to

	zip    sync.Once
	zipped []byte // nil if that is no shorter
}

// Of is an answer in JSON, with its address and its tag.
func Of(body []byte, self, tag string) *Answer {
	return &Answer{Ready: answer.Ready{Body: body, MediaType: "application/json", Self: self, Tag: tag}}
}

// WeakTag is the ETag of an answer at a version of its set, RFC 9110 section 8.8.3: weak, since
// the same page may be written with other bytes. It depends on the public address and on the
// version of the program, which may write other answers.
func WeakTag(k *Key, of int64, public, version string) string {
	h := fnv.New64a()
	for _, part := range []string{k.Query, k.Fixed, public, version} {
		h.Write([]byte(part))
		h.Write([]byte{0})
	}
	return `W/"` + strconv.FormatInt(of, 10) + "-" + strconv.FormatUint(h.Sum64(), 16) + `"`
}

// Send sends the answer, or 304 if the caller has it. If it is public, shared caches may store it.
func (a *Answer) Send(w http.ResponseWriter, r *http.Request, public bool) error {
	h := w.Header()
	switch {
	case a.NoStore:
		h.Set("Cache-Control", "no-store")
	case public && a.Held:
		h.Set("Cache-Control", "public, max-age=10")
	case public:
		h.Set("Cache-Control", "public, max-age=10, stale-while-revalidate=60")
	default:
		h.Set("Cache-Control", "private, no-cache")
	}
	if a.Head(h, r) {
		w.WriteHeader(http.StatusNotModified)
		return nil
	}
	body := a.Body
	if len(body) >= ZipFrom && TakesGzip(w) {
		a.zip.Do(func() { a.zipped = zipped(body) })
		if a.zipped != nil {
			h.Set("Content-Encoding", "gzip")
			body = a.zipped
		}
	}
	h["Content-Length"] = []string{strconv.Itoa(len(body))}
	w.WriteHeader(http.StatusOK)
	_, err := w.Write(body)
	return err
}

var zippers = sync.Pool{New: func() any {
	w, _ := gzip.NewWriterLevel(nil, gzip.BestSpeed) // the level is valid
	return w
}}

// zipped compresses a text with gzip, RFC 1952, for an answer that is sent again; nil if that is
// no shorter. An answer that is sent once is compressed by gzhttp.
func zipped(text []byte) []byte {
	w := zippers.Get().(*gzip.Writer)
	defer zippers.Put(w)
	return Zipped(w, text)
}

// Zipped compresses a text with a writer; nil if that is no shorter.
func Zipped(w *gzip.Writer, text []byte) []byte {
	var b bytes.Buffer
	w.Reset(&b)
	if _, err := w.Write(text); err != nil || w.Close() != nil || b.Len() >= len(text) {
		return nil
	}
	return b.Bytes()
}

// TakesGzip reports whether gzhttp has found that the caller accepts gzip.
func TakesGzip(w http.ResponseWriter) bool {
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

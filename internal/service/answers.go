package service

import (
	"fmt"
	"hash/fnv"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"
)

const (
	answersKept = 1_000    // answers that are remembered, the least used going first
	answerBytes = 64 << 10 // of the longest answer that is; 64 MB in all
)

// answerKey names an answer: what was asked, byte for byte, and of which version
// of the set. An answer of another version is never given; it ages out.
type answerKey struct {
	asked   string
	version int64
}

// keptAnswer is one page as it was answered.
type keptAnswer struct {
	body []byte
	self string // its settled address
	tag  string
}

// weakTag is the ETag of an answer, RFC 9110 section 8.8.3: weak, since the same
// page may be written in other bytes.
func weakTag(asked string, version int64) string {
	h := fnv.New64a()
	h.Write([]byte(asked))
	return fmt.Sprintf(`W/"%d-%x"`, version, h.Sum64())
}

// digestTag is the ETag of an answer whose set has no version.
func digestTag(body []byte) string {
	h := fnv.New128a()
	h.Write(body)
	return fmt.Sprintf(`W/"%x"`, h.Sum(nil))
}

// write answers, or says that nothing has changed.
func (k *keptAnswer) write(c *gin.Context) {
	c.Header("Content-Location", k.self)
	c.Header("Cache-Control", "no-cache")
	c.Header("ETag", k.tag)
	if matches(c.GetHeader("If-None-Match"), k.tag) {
		c.Status(http.StatusNotModified)
		c.Writer.WriteHeaderNow()
		return
	}
	c.Data(http.StatusOK, "application/json", k.body)
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

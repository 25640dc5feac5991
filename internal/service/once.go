package service

import (
	"bytes"
	"crypto/sha256"
	"errors"
	"fmt"
	"io"
	"net/http"
	"regexp"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/body"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
)

// onceKey is a string item of RFC 9651, section 3.3.3, without what would have to be escaped in it; or the same without
// quotes.
var onceKey = regexp.MustCompile(`^(?:"([ !#-\[\]-~]{1,255})"|([!#-+\--\[\]-~]{1,255}))$`)

// named is a write by the name that its request gives it: that is there.
func named(c *gin.Context, status int) (*sets.Once, error) {
	given := c.Request.Header["Idempotency-Key"]
	found := onceKey.FindStringSubmatch(given[0])
	if found == nil || len(given) > 1 {
		return nil, problem.Of(problem.BadRequest, "found Idempotency-Key %.100q; right would be one, of 1 to 255 characters of ASCII in quotes", strings.Join(given, ", "))
	}
	return &sets.Once{Caller: strconv.FormatInt(who(c).Token, 10), Key: found[1] + found[2], Status: status}, nil
}

// onceOnly has a route answer a write that names itself by Idempotency-Key. One that has been done already is answered as
// it was then, and not done again.
func (s *Service) onceOnly(c *gin.Context, r *route) error {
	once, err := named(c, r.ok())
	if err != nil {
		return err
	}
	sent, err := io.ReadAll(c.Request.Body)
	if err != nil {
		return err
	}
	again := func() { c.Request.Body = io.NopCloser(bytes.NewReader(sent)) }
	again()
	hash := sha256.New()
	for _, part := range []string{c.Request.Method, c.Request.URL.EscapedPath(), c.Request.URL.RawQuery, c.GetHeader("If-Match"), c.GetHeader("Content-Type")} {
		fmt.Fprintf(hash, "%d %s ", len(part), part)
	}
	hash.Write(sent)
	hash.Sum(once.Digest[:0])
	c.Request = c.Request.WithContext(once.With(c.Request.Context()))
	if err = s.store.LookDone(c.Request.Context()); err == nil {
		err = r.handler(c)
	}
	var done *sets.Done
	if errors.As(err, &done) { // perhaps only just now
		again()
		return s.answerAgain(c, r, done)
	}
	return err
}

// answerAgain answers a write that has been done.
func (s *Service) answerAgain(c *gin.Context, r *route, done *sets.Done) error {
	if _, changed := r.answer.(api.Changed); changed {
		s.wrote(c, pathParam(c, "set"), done.Version)
		c.PureJSON(done.Status, api.Changed{Version: done.Version})
		return nil
	}
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	if r.status != http.StatusCreated {
		key, err := readKey(c, set)
		if err == nil {
			s.written(c, set, key, done.Version, sets.Revision(done.Revision), done.Status)
		}
		return err
	}
	object, err := body.Object(c.Request, "application/json")
	if err != nil {
		return err
	}
	values, err := body.Values(set, object, nil)
	if err == nil {
		s.written(c, set, keyIn(set, values), done.Version, sets.Revision(done.Revision), done.Status)
	}
	return err
}

package service

import (
	"cmp"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"hash/fnv"
	"math"
	"net/http"
	"net/url"
	"slices"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/answers"
	"pageladder.example/internal/body"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/wayback"
	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/code"
	"pageladder.example/paging/query"
)

// readKey reads a key from a path. No record has a key that cannot be read.
func readKey(c *gin.Context, set *sets.Set) ([]string, error) {
	key, ok := api.ReadKeyPath(c.Param("key"), len(set.Rules.Key))
	if !ok {
		return nil, sets.ErrNoRecord
	}
	return key, nil
}

// recordOf is the set of a request and the key of its record.
func (s *Service) recordOf(c *gin.Context) (*sets.Set, []string, error) {
	set, err := s.setOf(c)
	if err != nil {
		return nil, nil, err
	}
	key, err := readKey(c, set)
	return set, key, err
}

// setOf is the set of a request.
func (s *Service) setOf(c *gin.Context) (*sets.Set, error) {
	return s.store.Get(c.Request.Context(), pathParam(c, "set"))
}

func (s *Service) readRecord(c *gin.Context) error {
	set, key, err := s.recordOf(c)
	if err != nil {
		return err
	}
	caller := who(c)
	at, err := heldAt(c.Request.URL.RawQuery)
	if err != nil {
		return err
	}
	request := sets.Request{Set: set.Name, At: at, Visibility: visibility(caller, set.Name)}
	if err := s.from(c, &request); err != nil {
		return err
	}
	set, record, revision, err := s.store.Record(c.Request.Context(), request, key)
	if err != nil {
		return err
	}
	s.shown(c, set.Name, request.Seen)
	fields, values := set.Fields, record
	if !caller.May(access.Editor, set.Name) { // others see the shown fields
		fields, values = set.Shown(), nil
		for _, f := range fields {
			values = append(values, record[slices.IndexFunc(set.Fields, func(g intake.Field) bool { return g.Name == f.Name })])
		}
	}
	objects := sets.ObjectsOf(fields)
	found := api.RecordAnswer{Record: objects.Append(nil, values)}
	found.Href, found.Version = s.recordHref(set, key), at
	if !set.Attached() {
		found.Revision = string(revision)
	}
	text, err := json.Marshal(found)
	if err != nil {
		return err
	}
	kept := answers.Of(text, found.Href, recordTag(&found))
	if set.Attached() || revision == "" { // it is not the current record: nobody can change it by this revision
		kept.Tag = answer.DigestTag(text)
	}
	return s.send(c, kept)
}

func (s *Service) recordHref(set *sets.Set, key []string) string {
	return s.hosts.Public + recordsPath(set.Name) + "/" + api.KeyPath(key)
}

// recordTag is the strong ETag of a record: its revision, a point, and a digest of what is shown
// of it, which differs between callers.
func recordTag(a *api.RecordAnswer) string {
	h := fnv.New64a()
	h.Write(a.Record)
	h.Write([]byte(a.Href))
	return fmt.Sprintf(`"%s.%x"`, a.Revision, h.Sum64())
}

// ifMatchOf reads the revision that a write is for, RFC 9110 section 13.1.1: from an ETag as
// reading gave it, or the revision alone.
func ifMatchOf(c *gin.Context) (string, error) {
	condition := strings.TrimSpace(c.GetHeader("If-Match"))
	switch {
	case condition == "":
		return "", problem.Of(problem.IfMatch, "send If-Match with the ETag that reading it gave")
	case len(condition) < 2 || condition[0] != '"' || condition[len(condition)-1] != '"' || strings.Contains(condition[1:len(condition)-1], `"`):
		return "", problem.Of(problem.BadRequest, "found If-Match %.100s; right would be one strong ETag in quotes, as reading it gave", condition)
	}
	revision, _, _ := strings.Cut(condition[1:len(condition)-1], ".")
	return revision, nil
}

// written answers a change of a record with the record as it is now. The change is committed, so
// it is no failure if the record cannot be read back, or has been changed since it had a revision, if one is given.
func (s *Service) written(c *gin.Context, set *sets.Set, key []string, version int64, had sets.Revision, status int) {
	answer := api.RecordAnswer{Record: json.RawMessage("null"), AboutRecord: api.AboutRecord{Href: s.recordHref(set, key), Version: version, Revision: string(had)}}
	now, record, revision, err := s.store.Record(c.Request.Context(), sets.Request{Set: set.Name, Visibility: sets.All}, key)
	switch {
	case err != nil:
		c.Error(err)
	case had == "" || had == revision:
		objects := sets.ObjectsOf(now.Fields)
		answer.Record = objects.Append(nil, record)
		answer.Revision = string(revision)
		c.Header("ETag", recordTag(&answer))
	}
	c.Header("Cache-Control", "no-store")
	s.wrote(c, set.Name, version)
	if status == http.StatusCreated {
		c.Header("Location", s.notBefore(answer.Href, version))
	}
	c.PureJSON(status, answer)
}

func (s *Service) addRecord(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	object, err := body.Object(c.Request, "application/json")
	if err != nil {
		return err
	}
	values, err := body.Values(set, object, nil)
	if err != nil {
		return err
	}
	version, err := s.store.Add(c.Request.Context(), set.Name, values)
	if err != nil {
		return err
	}
	s.written(c, set, keyIn(set, values), version, "", http.StatusCreated)
	return nil
}

// keyIn is the key of a record that was added, by the set's rules as they are.
func keyIn(set *sets.Set, values sets.Values) []string {
	key := make([]string, len(set.Rules.Key))
	for i, field := range set.Rules.Key {
		if values[field] != nil {
			key[i] = *values[field]
		}
	}
	return key
}

// change is common to the calls that change one record: the set, the key and the revision.
func (s *Service) change(c *gin.Context, do func(set *sets.Set, key []string, revision sets.Revision) error) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	if set.Attached() {
		return sets.ErrReadOnly
	}
	key, err := readKey(c, set)
	if err != nil {
		return err
	}
	revision, err := ifMatchOf(c)
	if err != nil {
		return err
	}
	return do(set, key, sets.Revision(revision))
}

func (s *Service) changeRecord(c *gin.Context) error {
	return s.change(c, func(set *sets.Set, key []string, revision sets.Revision) error {
		object, err := body.Object(c.Request, "application/merge-patch+json", "application/json")
		if err != nil {
			return err
		}
		_, now, _, err := s.store.Record(c.Request.Context(), sets.Request{Set: set.Name, Visibility: sets.All}, key)
		if err != nil {
			return err
		}
		values, err := body.Values(set, object, now)
		if err != nil {
			return err
		}
		version, err := s.store.Change(c.Request.Context(), set.Name, key, revision, values)
		if err == nil {
			s.written(c, set, key, version, "", http.StatusOK)
		}
		return err
	})
}

// deleteRecord deletes a record or, if an owner asks for that, every trace of it. A record that is
// no longer in the set has no revision.
func (s *Service) deleteRecord(c *gin.Context) error {
	purge := false
	for _, pair := range query.Pairs(c.Request.URL.RawQuery) {
		if pair.Name != "purge" || pair.Value != "true" && pair.Value != "false" {
			return problem.Of(problem.BadQuery, "found %.100q; right would be purge=true or nothing", pair.Name+"="+pair.Value)
		}
		purge = pair.Value == "true"
	}
	if !purge {
		return s.takeOut(c, s.store.Delete)
	}
	set := pathParam(c, "set")
	if !who(c).May(access.Owner, set) {
		return problem.Of(problem.NotAllowed, "purging a record needs the role owner")
	}
	if c.GetHeader("If-Match") == "" {
		_, key, err := s.recordOf(c)
		if err != nil {
			return err
		}
		_, _, _, err = s.store.Record(c.Request.Context(), sets.Request{Set: set, Visibility: sets.All}, key)
		if errors.Is(err, sets.ErrNoRecord) {
			version, err := s.store.Purge(c.Request.Context(), set, key, "")
			if err == nil {
				s.wrote(c, set, version)
				c.PureJSON(http.StatusOK, api.Changed{Version: version})
			}
			return err
		}
	}
	return s.takeOut(c, s.store.Purge)
}

func (s *Service) withdrawRecord(c *gin.Context) error { return s.takeOut(c, s.store.Withdraw) }

// takeOut takes a record out of its set, in one way or another.
func (s *Service) takeOut(c *gin.Context, how func(ctx context.Context, set string, key []string, revision sets.Revision) (int64, error)) error {
	return s.change(c, func(set *sets.Set, key []string, revision sets.Revision) error {
		version, err := how(c.Request.Context(), set.Name, key, revision)
		if err == nil {
			s.wrote(c, set.Name, version)
			c.PureJSON(http.StatusOK, api.Changed{Version: version})
		}
		return err
	})
}

// restoreRecord needs no If-Match: there is no record that it could overwrite.
func (s *Service) restoreRecord(c *gin.Context) error {
	set, key, err := s.recordOf(c)
	if err != nil {
		return err
	}
	version, err := s.store.Restore(c.Request.Context(), set.Name, key)
	if err == nil {
		s.written(c, set, key, version, "", http.StatusOK)
	}
	return err
}

func (s *Service) readPlace(c *gin.Context) error {
	set, key, err := s.recordOf(c)
	if err != nil {
		return err
	}
	at, err := heldAt(c.Request.URL.RawQuery)
	if err != nil {
		return err
	}
	request := sets.Request{Set: set.Name, At: at, Query: c.Request.URL.RawQuery, Visibility: visibility(who(c), set.Name)}
	if err := s.from(c, &request); err != nil {
		return err
	}
	row, page, err := s.store.Place(c.Request.Context(), request, key)
	if err != nil {
		return err
	}
	s.shown(c, set.Name, request.Seen)
	base, err := s.hosts.Base(recordsPath(set.Name))
	if err != nil {
		return err
	}
	s.private(c)
	c.PureJSON(http.StatusOK, api.Place{Row: row, Page: page.Metadata().Page, Href: page.On(base).Steps().Self, WayBack: wayback.To(set.Name, page)})
	return nil
}

// recordsPath is the path of a set's pages.
func recordsPath(set string) string { return "/api/sets/" + url.PathEscape(set) + "/records" }

// readBack redirects to a page by its way back.
func (s *Service) readBack(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	// The page is settled where the way leads. The query stays as it was sent, whatever the
	// total.
	rawQuery, why := wayback.Read(set.Name, c.Param("token"))
	rules := set.Rules.For(rawQuery).Rules
	rules.MaxOffset = math.MaxInt64
	if why != "" && cmp.Or(rules.Faults[why], rules.OnFault) == paging.Refuse {
		return &paging.Refusal{Faults: []paging.Fault{{Param: "token", Given: fmt.Sprintf("%.200s", c.Param("token")), Why: why, Says: backSays[why]}}}
	}
	ask, err := rules.Read(rawQuery)
	if err != nil {
		return err
	}
	page, err := ask.Settle(paging.NotCounted())
	if err != nil {
		return err
	}
	base, err := s.hosts.Base(recordsPath(set.Name))
	if err != nil {
		return err
	}
	s.private(c)
	c.Redirect(http.StatusSeeOther, page.On(base).Steps().Self)
	return nil
}

// backSays says what is wrong with a way back. Unless the rules refuse it, the list's first page
// is shown instead.
var backSays = map[code.Code]string{
	code.BackDamaged: "The way back cannot be read.",
	code.BackForeign: "The way back leads to another list.",
	code.BackTooLong: fmt.Sprintf("The way back is longer than %d bytes.", wayback.Max),
}

func (s *Service) private(c *gin.Context) { c.Header("Cache-Control", "private, no-cache") }

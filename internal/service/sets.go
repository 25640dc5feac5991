package service

import (
	"bytes"
	"encoding/json"
	"net/http"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
)

// SetInfo is what the API tells about a record set.
type SetInfo struct {
	Name      string         `json:"name"`
	Label     string         `json:"label"`
	Kind      string         `json:"kind"`
	Records   *int64         `json:"records"` // null for an attached set
	Version   *int64         `json:"version"` // null for an attached set
	ChangedAt time.Time      `json:"changed_at"`
	Fields    []intake.Field `json:"fields"`
	Rules     *paging.Rules  `json:"rules,omitempty"`
}

func infoOf(s *sets.Set) SetInfo {
	info := SetInfo{Name: s.Name, Label: s.Label, Kind: "kept", Records: &s.Records, Version: &s.Version,
		ChangedAt: s.ChangedAt.UTC(), Fields: s.Shown()}
	if s.Attached() {
		info.Kind, info.Records, info.Version = "attached", nil, nil
	}
	return info
}

func (s *Service) listSets(c *gin.Context) {
	all, err := s.store.List(c.Request.Context())
	if err != nil {
		s.fail(c, err)
		return
	}
	infos := make([]SetInfo, len(all))
	for i, set := range all {
		infos[i] = infoOf(set)
	}
	c.JSON(http.StatusOK, gin.H{"sets": infos})
}

func (s *Service) readSet(c *gin.Context) {
	set, err := s.store.Get(c.Request.Context(), c.Param("set"))
	if err != nil {
		s.fail(c, err)
		return
	}
	info := infoOf(set)
	info.Rules = set.Rules
	c.JSON(http.StatusOK, info)
}

// Answer is one page of a record set.
type Answer struct {
	Records json.RawMessage `json:"records"`
	About
}

// About is what an answer tells beside its records.
type About struct {
	Paging   paging.Metadata     `json:"paging"`
	Adjusted []paging.Adjustment `json:"adjusted"`
	Links    paging.Steps        `json:"links"`
	Sizes    []paging.SizeLink   `json:"sizes"`
	Sorts    []paging.SortLink   `json:"sorts"`
	Ladder   []paging.Rung       `json:"ladder"`
}

func (s *Service) readPage(c *gin.Context) {
	name, asked := c.Param("set"), c.Request.URL.RequestURI()
	if version, ok := s.store.Version(name); ok && s.answers != nil {
		if kept, ok := s.answers.Get(answerKey{asked, version}); ok {
			kept.write(c)
			return
		}
	}
	page, err := s.store.Page(c.Request.Context(), sets.Request{Set: name, Query: c.Request.URL.RawQuery})
	if err != nil {
		s.fail(c, err)
		return
	}
	base, err := paging.ParseBase(c.Request.URL.EscapedPath())
	if err != nil {
		s.fail(c, err)
		return
	}
	links := page.Settled.On(base)
	about := About{
		Paging:   page.Settled.Metadata(),
		Adjusted: page.Settled.Adjusted(),
		Links:    links.Steps(),
		Sizes:    links.Sizes(),
		Sorts:    links.Sorts(),
		Ladder:   links.Ladder(),
	}
	if !page.Set.Attached() {
		about.Paging.Version = page.Set.Version
	}
	body, err := appendAnswer(make([]byte, 0, 8<<10), page, &about)
	if err != nil {
		s.fail(c, err)
		return
	}
	fresh := &keptAnswer{body: body, self: about.Links.Self, tag: weakTag(asked, page.Set.Version)}
	switch {
	case page.Set.Attached(): // nobody tells when it changes
		fresh.tag = digestTag(body)
	case s.answers != nil && len(body) <= answerBytes:
		s.answers.Add(answerKey{asked, page.Set.Version}, fresh)
	}
	fresh.write(c)
}

// appendAnswer writes an Answer. The records are written straight from what the
// database sent, without a copy as Go values in between.
func appendAnswer(dst []byte, page *sets.Page, about *About) (_ []byte, err error) {
	dst = append(dst, `{"records":[`...)
	for i, record := range page.Records {
		if i > 0 {
			dst = append(dst, ',')
		}
		if dst, err = sets.AppendJSON(dst, page.Fields, record); err != nil {
			return nil, err
		}
	}
	rest := bytes.NewBuffer(append(dst, "],"...))
	at := rest.Len()
	enc := json.NewEncoder(rest)
	enc.SetEscapeHTML(false)
	if err := enc.Encode(about); err != nil {
		return nil, err
	}
	dst = rest.Bytes()
	return append(dst[:at], dst[at+1:]...), nil // without the brace that opened it
}

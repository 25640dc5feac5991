package check

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"mime"
	"net/http"
	"slices"
	"strings"

	"pageladder.example/climb/endpoint"
	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/uri"
	"pageladder.example/internal/climb/values"
)

// checkHTTP looks at the first page, and at an answer to bad input, as HTTP.
func (r *run) checkHTTP(ctx context.Context) error {
	first, err := r.Get(ctx, r.List.Base())
	if err != nil {
		return err
	}
	r.checkMediaType(first)
	r.checkLinkHeaders()
	r.checkCache(first)
	if err := r.checkETag(ctx, first); err != nil {
		return err
	}
	if err := r.checkHead(ctx, first); err != nil {
		return err
	}
	return r.checkProblems(ctx)
}

var mediaTypes = map[endpoint.Format][]string{
	endpoint.JSON:   {"application/json"},
	endpoint.NDJSON: {"application/x-ndjson", "application/ndjson", "application/jsonl"},
	endpoint.CSV:    {"text/csv"},
	endpoint.HTML:   {"text/html", "application/xhtml+xml"},
}

func (r *run) checkMediaType(first *fetch.Reply) {
	text := first.Header.Get("Content-Type")
	kind, _, err := mime.ParseMediaType(text)
	right := mediaTypes[r.List.Format]
	if err != nil || !slices.Contains(right, kind) && !(r.List.Format == endpoint.JSON && strings.HasSuffix(kind, "+json")) {
		r.broken("http.media_type", fmt.Sprintf("The media type is %.80q; right would be %s.", text, strings.Join(right, " or ")), first.Address)
	}
	r.kept("http.media_type")
}

func (r *run) checkLinkHeaders() {
	seen := false
	for _, w := range r.walks {
		for _, v := range w.pages {
			if v.LinkErr != nil {
				r.broken("http.link", fmt.Sprintf("A Link header cannot be read, RFC 8288: %s.", v.LinkErr), v.Address)
			}
			seen = seen || v.Header.Get("Link") != ""
		}
	}
	if seen {
		r.kept("http.link")
	}
	r.open(report.NotOffered, "No answer has one.", "http.link")
}

// checkCache compares an answer to credentials with RFC 9111, section 3.5.
func (r *run) checkCache(first *fetch.Reply) {
	if r.List.Header.Get("Authorization") == "" && r.List.Header.Get("Cookie") == "" {
		r.open(report.NotOffered, "No credentials are sent.", "http.cache")
		return
	}
	said := strings.ToLower(strings.Join(first.Header.Values("Cache-Control"), ","))
	has := func(directive string) bool {
		for d := range strings.SplitSeq(said, ",") {
			name, _, _ := strings.Cut(strings.TrimSpace(d), "=")
			if name == directive {
				return true
			}
		}
		return false
	}
	closed := has("private") || has("no-store")
	switch {
	case !closed && (has("public") || has("s-maxage") || has("must-revalidate")):
		r.broken("http.cache", fmt.Sprintf("Cache-Control is %.80q: a shared cache may give the answer to others, RFC 9111 section 3.5.", said), first.Address)
	case !closed && r.List.Header.Get("Authorization") == "" && !has("no-cache") && !strings.Contains(strings.ToLower(first.Header.Get("Vary")), "cookie"):
		r.broken("http.cache", fmt.Sprintf("Cache-Control is %.80q, and nothing keeps a shared cache from giving the answer to a cookie to others.", said), first.Address)
	}
	r.kept("http.cache")
}

// isTag checks an entity tag, RFC 9110 section 8.8.3.
func isTag(text string) bool {
	inner, ok := strings.CutPrefix(strings.TrimPrefix(text, "W/"), `"`)
	inner, ok2 := strings.CutSuffix(inner, `"`)
	return ok && ok2 && !strings.ContainsAny(inner, "\" \t")
}

func (r *run) checkETag(ctx context.Context, first *fetch.Reply) error {
	tag := first.Header.Get("ETag")
	if tag == "" {
		r.open(report.NotOffered, "No answer has an ETag.", "http.etag")
		return nil
	}
	if !isTag(tag) {
		r.broken("http.etag", fmt.Sprintf("The ETag is %.60q; right would be a text in quotes, W/ before it or not.", tag), first.Address)
	}
	again, err := r.Do(ctx, http.MethodGet, first.Address, http.Header{"If-None-Match": {tag}})
	if err != nil {
		return err
	}
	now := again.Header.Get("ETag")
	switch {
	case again.Status == http.StatusNotModified && len(again.Body) > 0:
		r.broken("http.etag", "The answer 304 has a body.", first.Address)
	case again.Status == http.StatusNotModified:
	case again.Status == 200 && bytes.Equal(again.Body, first.Body):
		r.broken("http.etag", fmt.Sprintf("With If-None-Match: %s the same answer comes again, its ETag now %s; right would be 304.", tag, now), first.Address)
	case again.Status == 200 && weak(now) == weak(tag):
		r.broken("http.etag", fmt.Sprintf("With If-None-Match: %s another answer comes, and its ETag is the same.", tag), first.Address)
	case again.Status != 200:
		r.broken("http.etag", fmt.Sprintf("With If-None-Match the status is %d; right would be 304.", again.Status), first.Address)
	}
	other, err := r.Do(ctx, http.MethodGet, first.Address, http.Header{"If-None-Match": {`"no-such-tag"`}})
	if err != nil {
		return err
	}
	if other.Status != 200 {
		r.broken("http.etag", fmt.Sprintf("With a tag in If-None-Match that is none of its own the status is %d; right would be 200.", other.Status), first.Address)
	}
	r.kept("http.etag")
	return nil
}

func weak(tag string) string { return strings.TrimPrefix(tag, "W/") }

func (r *run) checkHead(ctx context.Context, first *fetch.Reply) error {
	head, err := r.Do(ctx, http.MethodHead, first.Address, nil)
	if err != nil {
		return err
	}
	switch head.Status {
	case http.StatusMethodNotAllowed:
		if head.Header.Get("Allow") == "" {
			r.broken("http.allow", "HEAD is answered with 405, without Allow, RFC 9110 section 15.5.6.", first.Address)
		}
		r.kept("http.allow")
		r.open(report.NotOffered, "HEAD is not allowed.", "http.head")
		return nil
	case http.StatusNotImplemented:
		r.open(report.NotOffered, "HEAD is not allowed.", "http.head", "http.allow")
		return nil
	}
	r.open(report.NotOffered, "No method was answered with 405.", "http.allow")
	if head.Status != first.Status {
		r.broken("http.head", fmt.Sprintf("HEAD has the status %d, GET %d.", head.Status, first.Status), first.Address)
	}
	for _, name := range []string{"Content-Type", "ETag", "Link"} {
		if a, b := head.Header.Get(name), first.Header.Get(name); a != b && (a != "" || name == "Content-Type") {
			r.broken("http.head", fmt.Sprintf("HEAD has %s %.80q, GET %.80q.", name, a, b), first.Address)
		}
	}
	if length := head.Header.Get("Content-Length"); length != "" && head.Header.Get("Content-Encoding") == "" && length != fmt.Sprint(len(first.Body)) {
		r.broken("http.head", fmt.Sprintf("HEAD has Content-Length %s; GET brings %d bytes.", length, len(first.Body)), first.Address)
	}
	r.kept("http.head")
	return nil
}

// checkProblems looks at refusals: those that call themselves problems must be.
func (r *run) checkProblems(ctx context.Context) error {
	seen := false
	for _, address := range r.refusals() {
		answer, err := r.Get(ctx, address)
		if err != nil {
			return err
		}
		kind, _, _ := mime.ParseMediaType(answer.Header.Get("Content-Type"))
		if answer.Status < 400 || kind != "application/problem+json" {
			continue
		}
		seen = true
		if says := wrongProblem(answer); says != "" {
			r.broken("http.problem", says, address)
		}
	}
	if seen {
		r.kept("http.problem")
	}
	r.open(report.NotOffered, "No refusal is in that form.", "http.problem")
	return nil
}

// refusals are addresses of which some may be refused.
func (r *run) refusals() (all []string) {
	p := r.List.Params
	for _, one := range []struct{ name, value string }{{p.Page, "abc"}, {p.Offset, "abc"}, {p.After, "no cursor"}, {p.Sort, "no_such_field"}} {
		if one.name != "" {
			all = append(all, uri.With(r.List.Base(), uri.Of(one.name, one.value)))
		}
	}
	if r.past != nil {
		all = append(all, r.past.Address)
	}
	if len(r.List.Filters) > 0 {
		all = append(all, uri.With(r.List.Base(), uri.Of(r.List.Filters[0].Field+".no_such", "1")))
	}
	return all
}

// wrongProblem compares a problem with RFC 9457, section 3.1; "" where it is right.
func wrongProblem(a *fetch.Reply) string {
	var problem map[string]any
	d := json.NewDecoder(bytes.NewReader(a.Body))
	d.UseNumber()
	if err := d.Decode(&problem); err != nil {
		return fmt.Sprintf("A problem is no JSON object: %s.", err)
	}
	for _, name := range []string{"type", "title", "detail", "instance"} {
		if v, ok := problem[name]; ok {
			if _, isText := v.(string); !isText {
				return fmt.Sprintf("A problem's %s is no text.", name)
			}
		}
	}
	if v, ok := problem["status"]; ok {
		if n, isNumber := values.Whole(v); !isNumber || n != int64(a.Status) {
			return fmt.Sprintf("A problem states the status %v; the answer's is %d.", v, a.Status)
		}
	}
	if problem["title"] == nil && problem["detail"] == nil {
		return "A problem has neither title nor detail."
	}
	return ""
}

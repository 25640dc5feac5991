package openapi

import (
	"slices"
	"strconv"
	"strings"

	"pageladder.example/internal/access"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging/code"
)

// headers are the headers of answers, by name.
var headers = object{
	"Adjusted":         header("What was mended of the query: a list of the parameters, RFC 9651. Only of answers that do not say it in the body."),
	"Allow":            header("The methods that are offered."),
	"Content-Location": header("The answer's own address, with page and size as they were settled."),
	"ETag":             header("Of what was read: for If-Match and, of pages and rules, If-None-Match, RFC 9110."),
	"Link":             header("The links of the page, or to the list as it is, RFC 8288."),
	"Location":         header("Where that is."),
	"Min-Version":      header("What the caller has seen, where there are replicas: sent back with the next request for the set, nothing older is shown."),
	"Paging":           header("The metadata of the page, RFC 9651. Only of answers that do not say it in the body."),
	"Retry-After":      object{"schema": object{"type": "integer", "minimum": 1}, "description": "Seconds after which to try again."},
	"Stale":            header("?1 where the primary does not answer, and replicas answer alone."),
	"WWW-Authenticate": header("How to send a token."),
	"X-Request-Id":     header("The request's id in the service's log."),
}

func header(says string) object {
	return object{"schema": text(), "description": says}
}

// sends are the headers of one response.
func sends(names []string) object {
	all := object{}
	for _, name := range names {
		all[name] = object{"$ref": "#/components/headers/" + name}
	}
	return all
}

// text is the schema of a text.
func text() object { return object{"type": "string"} }

// failHeaders are those of a refusal, by status.
var failHeaders = map[int][]string{401: {"WWW-Authenticate"}, 405: {"Allow"}, 410: {"Link"}, 429: {"Retry-After"}, 500: {"X-Request-Id"}, 503: {"Retry-After"}}

// responses are a call's answers, by status. Each has one media type, and so one type in a client.
func (d *describer) responses(r *Call, set *sets.Set) object {
	all := object{}
	body := func(status int, says, mediaType string, schema object, headers ...string) {
		response := object{"description": says}
		if len(headers) > 0 {
			response["headers"] = sends(headers)
		}
		if schema != nil {
			response["content"] = object{mediaType: object{"schema": schema}}
		}
		all[strconv.Itoa(status)] = response
	}
	answer := func(status int, says string, schema object) {
		body(status, says, "application/json", schema, r.Sends...)
	}
	switch {
	case r.Shaped:
		answer(r.Status, "The page, in the native shape. Others (pl.shape, Accept) have a media type of their own.", d.page(r, set))
	case r.Status == 303: // clients follow it by themselves
		answer(303, "Location leads to the page.", nil)
		answer(200, "That page.", d.page(r, set))
	case r.Answer == nil:
		answer(r.Status, "Done.", nil)
	default:
		schema, mediaType := object(nil), "application/json"
		switch of, is := r.Answer.(Text); {
		case !is:
			schema = d.schema(r.Answer, set)
		case of == "application/json":
			schema = object{"type": "object", "additionalProperties": object{}}
		default:
			schema, mediaType = text(), string(of)
		}
		body(r.Status, "The answer.", mediaType, schema, r.Sends...)
	}
	if r.Method == "GET" && slices.Contains(r.Sends, "ETag") {
		body(304, "The caller has it already, as If-None-Match says.", "", nil, "ETag", "Content-Location")
	}
	if r.Status == 201 && r.Query == OfImport {
		body(200, "The file was only checked.", "application/json", d.schema(r.Answer, set))
	}
	byStatus := map[int][]string{}
	for _, k := range d.fails(r) {
		byStatus[k.Status] = append(byStatus[k.Status], k.Name)
	}
	refused, mediaType := d.schema(d.api.Problem, nil), "application/problem+json"
	if strings.HasPrefix(r.Path, "/lists/") { // for people
		refused, mediaType = text(), "text/html"
	}
	for status, names := range byStatus {
		slices.Sort(names)
		body(status, strings.Join(slices.Compact(names), ", "), mediaType, refused, failHeaders[status]...)
	}
	return all
}

// page is the schema of a page: that of the rules' envelope, if they have one.
func (d *describer) page(r *Call, set *sets.Set) object {
	schema := d.schema(r.Answer, set)
	if set != nil && len(set.Rules.Envelope) > 0 {
		return d.enveloped(set)
	}
	return schema
}

// fails are the problems that a call can end with: its own, and those of every call like it.
func (d *describer) fails(r *Call) []*problem.Kind {
	all := append(slices.Clone(r.Fails), problem.UriTooLong, problem.WrongHost, problem.Internal)
	if !r.Public {
		all = append(all, problem.TooMany, problem.DatabaseAway, problem.TooSlow)
	}
	if r.Scope != access.Everywhere {
		all = append(all, problem.NotSignedIn, problem.NotAllowed)
	}
	if r.Method != "GET" {
		all = append(all, problem.CrossOrigin)
	}
	if r.IfMatch {
		all = append(all, problem.BadRequest)
	}
	if r.Media != nil {
		all = append(all, problem.TooLarge)
	}
	return all
}

// codes are why something of a request was mended or refused.
func codes() []any {
	var all []any
	for _, info := range code.All() {
		all = append(all, string(info.Code))
	}
	for _, own := range problem.Codes() {
		all = append(all, string(own))
	}
	return all
}

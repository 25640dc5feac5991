package answer

import (
	"context"
	"encoding/json"
	"errors"
	"net/http"
	"strconv"

	"pageladder.example/paging"
	"pageladder.example/paging/statement"
)

// Problem is an error answer, RFC 9457.
type Problem struct {
	Type   string         `json:"type"` // the address of a page about it, or about:blank
	Title  string         `json:"title"`
	Status int            `json:"status"`
	Detail string         `json:"detail"`
	Faults []paging.Fault `json:"faults,omitempty"` // every fault of the query or the body
}

// Fail answers an error:
//   - a *paging.Refusal with every fault: 404 where a page is past the last one, else 400;
//   - a *NotAcceptable: 406;
//   - records that moved while they were read (sqlpage.ErrMoved), and a time that was up:
//     503 with Retry-After;
//   - a value that PostgreSQL could not read as its column's type (SQLSTATE class 22), as
//     a list has whose fields are Native: 400;
//   - any other: 500 without a word of it.
//
// Where the caller has gone away it does nothing. It returns an error that is answered with 500, which
// the program should log, and nil for all others.
func Fail(w http.ResponseWriter, r *http.Request, err error) error {
	var refusal *paging.Refusal
	var none *NotAcceptable
	var state interface{ SQLState() string }
	h := w.Header()
	p := Problem{Type: "about:blank"}
	switch {
	case r.Context().Err() == context.Canceled:
		return nil
	case errors.As(err, &refusal):
		p.Status, p.Faults = http.StatusBadRequest, refusal.Faults
		if refusal.PastLast() {
			p.Status = http.StatusNotFound
		}
		p.Detail = refusal.Faults[0].Param + ": " + refusal.Faults[0].Says
	case errors.As(err, &none):
		p.Status, p.Detail = http.StatusNotAcceptable, none.Error()
		h.Add("Vary", "Accept")
	case errors.Is(err, statement.ErrMoved), errors.Is(err, context.DeadlineExceeded):
		p.Status, p.Detail = http.StatusServiceUnavailable, "the page could not be read in time; try again"
		h.Set("Retry-After", strconv.Itoa(1))
	case errors.As(err, &state) && len(state.SQLState()) == 5 && state.SQLState()[:2] == "22":
		p.Status, p.Detail = http.StatusBadRequest, "a value of the query is none of its field's type"
	default:
		p.Status, p.Detail = http.StatusInternalServerError, "something went wrong in the service"
	}
	p.Title = http.StatusText(p.Status)
	h.Set("Cache-Control", "no-store")
	h.Del("ETag")
	WriteProblem(w, p.Status, p)
	if p.Status == http.StatusInternalServerError {
		return err
	}
	return nil
}

// WriteProblem sends a Problem, or a value of a type that embeds it.
func WriteProblem(w http.ResponseWriter, status int, problem any) error {
	body, err := json.Marshal(problem)
	if err != nil {
		return err
	}
	w.Header().Set("Content-Type", "application/problem+json")
	w.WriteHeader(status)
	_, err = w.Write(body)
	return err
}

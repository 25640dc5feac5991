// Package body reads the bodies of requests: JSON, strictly, and records as JSON.
package body

import (
	"bytes"
	"encoding/json"
	"io"
	"mime"
	"net/http"
	"slices"
	"strings"

	"pageladder.example/internal/problem"
)

// Object reads a body that is one JSON object.
func Object(r *http.Request, mediaTypes ...string) (map[string]json.RawMessage, error) {
	var object map[string]json.RawMessage
	err := JSON(r, &object, mediaTypes...)
	if err == nil && object == nil {
		err = problem.Of(problem.BadBody, "the body should be a JSON object")
	}
	return object, err
}

// JSON reads a body that is JSON, strictly.
func JSON(r *http.Request, into any, mediaTypes ...string) error {
	found, _, err := mime.ParseMediaType(r.Header.Get("Content-Type"))
	if err != nil || !slices.Contains(mediaTypes, found) {
		return problem.Of(problem.BadMedia, "found Content-Type %.100q; right would be %s", r.Header.Get("Content-Type"), strings.Join(mediaTypes, " or "))
	}
	if r.Header.Get("Content-Encoding") != "" {
		return problem.Of(problem.BadMedia, "found Content-Encoding %.100q; bodies are read as they are", r.Header.Get("Content-Encoding"))
	}
	text, err := io.ReadAll(r.Body)
	if err != nil {
		if _, ok := err.(*http.MaxBytesError); ok {
			return err
		}
		return problem.Of(problem.BadRequest, "the body ended early: %v", err)
	}
	dec := json.NewDecoder(bytes.NewReader(text))
	dec.DisallowUnknownFields()
	if err := dec.Decode(into); err != nil {
		return problem.Of(problem.BadBody, "the body is not what this call reads: %.500s (at byte %d)", err.Error(), dec.InputOffset())
	}
	if dec.More() {
		return problem.Of(problem.BadBody, "more follows after the JSON, at byte %d", dec.InputOffset())
	}
	return nil
}

package fetch

import (
	"bytes"
	"fmt"
	"io"
	"net/http"
)

// Handled is a transport whose requests a handler answers, without a socket.
func Handled(handler http.Handler) http.RoundTripper { return handlerTransport{handler} }

type handlerTransport struct{ handler http.Handler }

func (t handlerTransport) RoundTrip(r *http.Request) (*http.Response, error) {
	in := r.Clone(r.Context())
	in.RequestURI = r.URL.RequestURI()
	in.RemoteAddr = "127.0.0.1:0"
	in.Host = r.URL.Host
	if in.Body == nil {
		in.Body = http.NoBody
	}
	out := &recorded{header: http.Header{}}
	done := make(chan any, 1)
	go func() {
		defer func() { done <- recover() }()
		t.handler.ServeHTTP(out, in)
	}()
	select {
	case <-r.Context().Done():
		return nil, r.Context().Err() // the handler's own context has ended too
	case failed := <-done:
		if failed != nil {
			return nil, fmt.Errorf("the handler panicked: %v", failed)
		}
	}
	if out.full {
		return nil, ErrTooLong
	}
	out.WriteHeader(http.StatusOK)
	if out.sent.Get("Content-Type") == "" && out.body.Len() > 0 {
		out.sent.Set("Content-Type", http.DetectContentType(out.body.Bytes()))
	}
	body := out.body.Bytes()
	if r.Method == http.MethodHead {
		body = nil
	}
	return &http.Response{
		Status: http.StatusText(out.status), StatusCode: out.status, Proto: "HTTP/1.1", ProtoMajor: 1, ProtoMinor: 1,
		Header: out.sent, Body: io.NopCloser(bytes.NewReader(body)), ContentLength: int64(len(body)), Request: r,
	}, nil
}

// recorded is a response that is kept.
type recorded struct {
	header, sent http.Header
	status       int
	body         bytes.Buffer
	full         bool
}

func (r *recorded) Header() http.Header { return r.header }

func (r *recorded) WriteHeader(status int) {
	if r.status == 0 {
		r.status, r.sent = status, r.header.Clone()
	}
}

func (r *recorded) Write(p []byte) (int, error) {
	r.WriteHeader(http.StatusOK)
	if r.body.Len()+len(p) > MaxAnswer+1 {
		r.full = true
		return 0, ErrTooLong
	}
	return r.body.Write(p)
}

// Flush is for handlers that stream.
func (r *recorded) Flush() { r.WriteHeader(http.StatusOK) }

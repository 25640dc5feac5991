package service_test

import (
	"context"
	"log/slog"
	"net"
	"net/http"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/console"
	"pageladder.example/internal/service"
	"pageladder.example/internal/testkit"
)

// A service that is to stop says so before it refuses anything: callers are led elsewhere meanwhile, one request after
// the other.
func TestAServiceSaysThatItIsAboutToEnd(t *testing.T) {
	s, err := service.New(testkit.Harbour(t), console.Files(), slog.New(slog.DiscardHandler), service.Options{Drain: time.Hour})
	require.NoError(t, err)
	listener, err := net.Listen("tcp", "127.0.0.1:0")
	require.NoError(t, err)
	ctx, stop := context.WithCancel(t.Context())
	ended := make(chan error, 1)
	go func() { ended <- s.Serve(ctx, listener) }()
	at := "http://" + listener.Addr().String()

	get := func(path string) *http.Response {
		res, err := http.Get(at + path)
		require.NoError(t, err)
		require.NoError(t, res.Body.Close())
		return res
	}
	assert.Equal(t, http.StatusOK, get("/readyz").StatusCode)
	stop()
	testkit.Eventually(t, func() bool { return get("/readyz").StatusCode == http.StatusServiceUnavailable }, "/readyz says so")
	assert.NotEmpty(t, get("/readyz").Header.Get("Retry-After"))
	page := get("/api/sets/arrivals/records?page=2")
	assert.Equal(t, http.StatusOK, page.StatusCode)
	assert.True(t, page.Close, "the next request on the connection would come too late")
	assert.Equal(t, http.StatusOK, get("/healthz").StatusCode)
	require.NoError(t, listener.Close())
	require.ErrorIs(t, <-ended, net.ErrClosed)
}

package service

import (
	"context"
	"fmt"
	"log/slog"
	"net/http"
	"net/http/httptest"
	"testing"

	"github.com/gin-gonic/gin"
	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/access"
	"pageladder.example/internal/hosts"
)

// What was cancelled by somebody else than the caller is answered, and not with an empty answer of status 200.
func TestACallerWhoHasNotLeftGetsAnAnswer(t *testing.T) {
	at, err := hosts.New("", nil, nil)
	require.NoError(t, err)
	s := &Service{limits: DefaultLimits, hosts: at, rates: access.NewRates(0, 1), log: slog.New(slog.DiscardHandler)}
	cancelled := func(*gin.Context) error { return fmt.Errorf("what it waited for: %w", context.Canceled) }
	engine := gin.New()
	engine.GET("/", s.checked(route{public: true, handler: cancelled}))
	got := httptest.NewRecorder()
	engine.ServeHTTP(got, httptest.NewRequest(http.MethodGet, "/", nil))
	assert.Equal(t, http.StatusServiceUnavailable, got.Code)
	assert.Contains(t, got.Body.String(), "/problems/database-away")
	assert.NotEmpty(t, got.Header().Get("Retry-After"))
}

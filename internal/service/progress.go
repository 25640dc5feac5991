package service

import (
	"net/http"
	"sync"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/problem"
)

// progress tells how far imports have come, by a name that their caller chose.
type progress struct {
	mu sync.Mutex
	of map[string]*importNews
}

// importNews is the last that was heard of an import.
type importNews struct {
	api.Progress
	at time.Time
}

func newProgress() *progress { return &progress{of: map[string]*importNews{}} }

const progressKept = 10 * time.Minute // after the last news

func (p *progress) begin(name string) func(bytes, rows int64) {
	now := &importNews{api.Progress{Pass: "look"}, time.Now()}
	p.mu.Lock()
	defer p.mu.Unlock()
	for other, old := range p.of {
		if time.Since(old.at) > progressKept {
			delete(p.of, other)
		}
	}
	p.of[name] = now
	return func(bytes, rows int64) {
		p.mu.Lock()
		defer p.mu.Unlock()
		if rows < now.Rows {
			now.Pass = "load"
		}
		now.Bytes, now.Rows, now.at = bytes, rows, time.Now()
	}
}

func (s *Service) readProgress(c *gin.Context) error {
	s.files.mu.Lock()
	defer s.files.mu.Unlock()
	now, ok := s.files.of[c.Param("name")]
	if !ok {
		return problem.Of(problem.NothingHere, "no import under this name is running, or has run lately")
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, now.Progress)
	return nil
}

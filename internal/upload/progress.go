package upload

import (
	"sync"
	"time"

	"pageladder.example/api"
)

// Progress keeps how far imports have come, by a name that the caller chooses.
type Progress struct {
	mu sync.Mutex
	of map[string]*importNews
}

// importNews is the latest progress of an import.
type importNews struct {
	api.Progress
	at time.Time
}

// NewProgress knows of no import yet.
func NewProgress() *Progress { return &Progress{of: map[string]*importNews{}} }

const progressKept = 10 * time.Minute // after the latest progress

// Begin registers an import under a name. The function that it returns is called with the import's
// progress.
func (p *Progress) Begin(name string) func(bytes, rows int64) {
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

// Of is the progress of an import; ok is false if there has been none of the name lately.
func (p *Progress) Of(name string) (now api.Progress, ok bool) {
	p.mu.Lock()
	defer p.mu.Unlock()
	news, ok := p.of[name]
	if ok {
		now = news.Progress
	}
	return now, ok
}

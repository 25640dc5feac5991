package upload

import (
	"sync"
	"time"

	"pageladder.example/api"
)

// Progress tells how far imports have come, by a name that their caller chose.
type Progress struct {
	mu sync.Mutex
	of map[string]*importNews
}

// importNews is the last that was heard of an import.
type importNews struct {
	api.Progress
	at time.Time
}

// NewProgress knows of no import yet.
func NewProgress() *Progress { return &Progress{of: map[string]*importNews{}} }

const progressKept = 10 * time.Minute // after the last news

// Begin tells of an import under a name: what it gives is called with how far it has come.
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

// Of tells how far the import of a name has come; ok is false where none has run lately.
func (p *Progress) Of(name string) (now api.Progress, ok bool) {
	p.mu.Lock()
	defer p.mu.Unlock()
	news, ok := p.of[name]
	if ok {
		now = news.Progress
	}
	return now, ok
}

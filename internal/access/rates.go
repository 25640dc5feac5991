package access

import (
	"fmt"
	"sync"

	lru "github.com/hashicorp/golang-lru/v2"
	"golang.org/x/sync/semaphore"
	"golang.org/x/time/rate"
)

// Rates bounds how often each caller asks.
type Rates struct {
	rate  rate.Limit
	burst int
	mu    sync.Mutex
	of    *lru.Cache[string, *rate.Limiter]
}

const ratedCallers = 100_000 // the one that has not asked for longest is forgotten first

// NewRates lets each caller ask so often, and burst times at once; 0: any number.
func NewRates(perSecond float64, burst int) *Rates {
	of, _ := lru.New[string, *rate.Limiter](ratedCallers) // the size is right
	return &Rates{rate: rate.Limit(perSecond), burst: max(burst, 1), of: of}
}

// Allow tells whether a caller may ask now.
func (r *Rates) Allow(caller string) bool {
	if r.rate <= 0 {
		return true
	}
	r.mu.Lock()
	limiter, ok := r.of.Get(caller)
	if !ok {
		limiter = rate.NewLimiter(r.rate, r.burst)
		r.of.Add(caller, limiter)
	}
	r.mu.Unlock()
	return limiter.Allow()
}

// Running bounds how much of something runs at the same time: in all, and half of
// that for one caller, so that nobody can hold all of it.
type Running struct {
	most int
	all  *semaphore.Weighted
	mu   sync.Mutex
	of   map[string]int // by caller
}

// NewRunning lets so many run in all: at least one.
func NewRunning(most int) *Running {
	most = max(most, 1)
	return &Running{most: most, all: semaphore.NewWeighted(int64(most)), of: map[string]int{}}
}

// Each is how many one caller may run.
func (r *Running) Each() int { return (r.most + 1) / 2 }

// Begin begins one of a caller; says is why it may not.
func (r *Running) Begin(caller string) (says string) {
	if !r.all.TryAcquire(1) {
		return fmt.Sprintf("%d are running, as many as the service allows", r.most)
	}
	r.mu.Lock()
	defer r.mu.Unlock()
	if r.of[caller] == r.Each() {
		r.all.Release(1)
		return fmt.Sprintf("%d of this caller are running, as many as one may have", r.Each())
	}
	r.of[caller]++
	return ""
}

// End ends one that Begin began.
func (r *Running) End(caller string) {
	r.all.Release(1)
	r.mu.Lock()
	defer r.mu.Unlock()
	if r.of[caller]--; r.of[caller] == 0 {
		delete(r.of, caller)
	}
}

package access

import (
	"fmt"
	"net/netip"
	"sync"

	lru "github.com/hashicorp/golang-lru/v2"
	"golang.org/x/sync/semaphore"
	"golang.org/x/time/rate"
)

// Rates limits how often each caller may send requests.
type Rates struct {
	rate  rate.Limit
	burst int
	mu    sync.Mutex
	of    *lru.Cache[string, *rate.Limiter]
}

const ratedCallers = 100_000 // the one that has been silent for longest is forgotten first

// NewRates allows each caller so many requests a second, and burst at once; 0: any number.
func NewRates(perSecond float64, burst int) *Rates {
	of, _ := lru.New[string, *rate.Limiter](ratedCallers) // the size is valid
	return &Rates{rate: rate.Limit(perSecond), burst: max(burst, 1), of: of}
}

// Allow reports whether a caller may send a request now: an address, a network (see Network), or any
// other name. All networks of one IPv6 /48, which one customer may have, get ten times as much
// together.
func (r *Rates) Allow(caller string) bool {
	if r.rate <= 0 {
		return true
	}
	caller = Network(caller)
	if network, err := netip.ParsePrefix(caller); err == nil {
		wide, err := network.Addr().Prefix(widePrefix)
		if err == nil && !r.allow(wide.String(), wideTimes) {
			return false
		}
	}
	return r.allow(caller, 1)
}

func (r *Rates) allow(caller string, times int) bool {
	r.mu.Lock()
	limiter, ok := r.of.Get(caller)
	if !ok {
		limiter = rate.NewLimiter(r.rate*rate.Limit(times), r.burst*times)
		r.of.Add(caller, limiter)
	}
	r.mu.Unlock()
	return limiter.Allow()
}

// Networks that count as one caller: a host chooses its addresses within a /64 (RFC 4291, section
// 2.5.4), and a site is given a /48 to a /64 (RFC 6177).
const (
	narrowPrefix = 64
	widePrefix   = 48
	wideTimes    = 10
)

// Network is the network of an IPv6 address that counts as one caller, 2001:db8:0:1::/64. Anything
// else stays as it is.
func Network(address string) string {
	at, err := netip.ParseAddr(address)
	if err != nil || at.Unmap().Is4() {
		return address
	}
	network, err := at.WithZone("").Prefix(narrowPrefix)
	if err != nil {
		return address
	}
	return network.String()
}

// Running limits how many of something run at the same time: in all and, for one caller, half of
// that, so that nobody can take all of it.
type Running struct {
	limit int
	all   *semaphore.Weighted
	mu    sync.Mutex
	of    map[string]int // by caller
}

// NewRunning allows most of them in all, at least one.
func NewRunning(limit int) *Running {
	limit = max(limit, 1)
	return &Running{limit: limit, all: semaphore.NewWeighted(int64(limit)), of: map[string]int{}}
}

// Each is the limit for one caller.
func (r *Running) Each() int { return (r.limit + 1) / 2 }

// Begin begins one for a caller; says is why it may not begin.
func (r *Running) Begin(caller string) (says string) {
	if !r.all.TryAcquire(1) {
		return fmt.Sprintf("%d are running, as many as the service allows", r.limit)
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

// End ends what Begin began.
func (r *Running) End(caller string) {
	r.all.Release(1)
	r.mu.Lock()
	defer r.mu.Unlock()
	if r.of[caller]--; r.of[caller] == 0 {
		delete(r.of, caller)
	}
}

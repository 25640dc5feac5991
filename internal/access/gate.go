package access

import (
	"context"
	"errors"
	"net/http"
	"strconv"
	"strings"
)

// Cookie is the name of the cookie that holds a session.
const Cookie = "pageladder_session"

// ErrTooMany is the error for a caller that asks more often than it may.
var ErrTooMany = errors.New("the caller asks more often than it may")

// Gate finds out who sends a request.
type Gate struct {
	Keeper *Keeper
	Rates  *Rates
}

// Caller tells who calls from an address: by a token, or in a session. Whoever has neither
// is nobody; being on the same machine gives no right. Tokens that are not remembered are
// looked up in the database, as often as the address may ask anything.
func (g *Gate) Caller(ctx context.Context, r *http.Request, address string) (Caller, error) {
	if header := r.Header.Get("Authorization"); header != "" {
		scheme, secret, _ := strings.Cut(header, " ")
		if secret = strings.TrimSpace(secret); !strings.EqualFold(scheme, "Bearer") {
			return Caller{}, ErrUnknown
		}
		if !g.Keeper.Knows(secret, false) && !g.Rates.Allow(address) {
			return Caller{}, ErrTooMany
		}
		return g.Keeper.Caller(ctx, secret)
	}
	if cookie, err := r.Cookie(Cookie); err == nil {
		if !g.Keeper.Knows(cookie.Value, true) && !g.Rates.Allow(address) {
			return Caller{}, ErrTooMany
		}
		who, err := g.Keeper.InSession(ctx, cookie.Value)
		if !errors.Is(err, ErrUnknown) { // a session that has ended is none
			return who, err
		}
	}
	return Caller{}, nil
}

// Name names a caller for what is bounded for each: its token or, where it has none, its
// address.
func (c *Caller) Name(address string) string {
	if c.Token == 0 {
		return address
	}
	return "token " + strconv.FormatInt(c.Token, 10)
}

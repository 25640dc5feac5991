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

// Gate identifies the sender of a request.
type Gate struct {
	Keeper *Keeper
	Rates  *Rates
}

// Caller identifies the sender of a request from an address: by a token, or by a session. Without
// either, the caller is nobody; being on the same machine gives no right. A token that is not
// remembered is looked up in the database, at most as often as the address may send requests.
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
		if !errors.Is(err, ErrUnknown) { // a session that has ended counts as none
			return who, err
		}
	}
	return Caller{}, nil
}

// Name names a caller for limits that apply to each caller: by its token or, without one, by its
// address or its Network.
func (c *Caller) Name(address string) string {
	if c.Token == 0 {
		return Network(address)
	}
	return "token " + strconv.FormatInt(c.Token, 10)
}

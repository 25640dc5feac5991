// Package access decides who may call the service, for what and how often. Tokens and the
// console's sessions are kept as hashes in PostgreSQL.
package access

import (
	"context"
	"crypto/rand"
	"crypto/sha256"
	"encoding/base64"
	"encoding/hex"
	"errors"
	"fmt"
	"strconv"
	"strings"
	"sync/atomic"
	"time"

	lru "github.com/hashicorp/golang-lru/v2"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/label"
	"pageladder.example/internal/peers"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
)

// Token describes a token, without the token itself.
type Token struct {
	ID        int64
	Label     string
	Role      string
	Sets      []string // nil: all
	CreatedAt time.Time
	UsedAt    *time.Time // to the minute; nil: never
	EndedAt   *time.Time
}

// Errors of this package.
var (
	ErrUnknown = errors.New("the token is unknown or has ended")
	ErrNoToken = errors.New("there is no such token, or it has ended")
	ErrUsed    = errors.New("the link has been used, or its ten minutes are over; \"pageladder console\" makes another")
)

const (
	prefix      = "plt_"
	known       = time.Second      // how long a caller is remembered, since another service may end the token
	callersKept = 10_000           // callers that are remembered
	usedEvery   = time.Minute      // how exactly the last use is kept
	useTime     = 3 * time.Second  // longest time to write that down
	sessionTime = 12 * time.Hour   // of a session
	inviteTime  = 10 * time.Minute // of a link that signs in a browser
	lookup      = 10 * time.Second // longest time to identify a caller
	lookupShort = time.Second      // the same, if the caller is remembered and that is enough
	whileAway   = 10 * time.Minute // how long a caller is remembered if AsRemembered allows it
)

type asRemembered struct{}

// AsRemembered lets callers be identified from memory while the database is down, for requests
// that need no database themselves. The database is queried only for a moment if it has answered
// lately, and not at all otherwise.
func AsRemembered(ctx context.Context, heard bool) context.Context {
	return context.WithValue(ctx, asRemembered{}, heard)
}

// Keeper keeps tokens in one database.
type Keeper struct {
	// Read asks the database, or a replica of it that answers alone: then those whose end has been heard of stay ended.
	Read servers.Reader

	pool    *pgxpool.Pool
	writes  *postgres.Writer
	callers *lru.Cache[[32]byte, remembered]
	ended   *lru.Cache[string, struct{}] // tokens and sessions, as Ended names them
	using   atomic.Bool                  // a use is being written down
}

type remembered struct {
	caller Caller
	at     time.Time
	since  time.Time // when it was noted first
}

// New gives the keeper of a migrated database, with connections to read and to write by.
func New(pool *pgxpool.Pool, writes *postgres.Writer) *Keeper {
	k := &Keeper{Read: servers.Of(pool), pool: pool, writes: writes}
	k.callers, _ = lru.New[[32]byte, remembered](callersKept) // the size is valid
	k.ended, _ = lru.New[string, struct{}](callersKept)       // likewise
	return k
}

// Create makes a token and returns it: this is the only time. Without sets it is for all sets.
func (k *Keeper) Create(ctx context.Context, text string, role Role, sets []string) (secret string, t *Token, err error) {
	text = strings.TrimSpace(text)
	if err := label.Check(text); err != nil {
		return "", nil, err
	}
	if role == Nobody {
		return "", nil, errors.New("a token has the role reader, editor or owner")
	}
	secret = prefix + random()
	t, err = k.put(ctx, secret, text, role, sets)
	return secret, t, err
}

// Keep registers a token that the operator has chosen, unless that has been done.
func (k *Keeper) Keep(ctx context.Context, secret, label string, role Role) error {
	if len(secret) < 32 {
		return fmt.Errorf("found a token of %d characters; right would be 32 or more, such as %q makes", len(secret), "pageladder token create")
	}
	var n int
	if err := k.pool.QueryRow(ctx, "select count(*) from pageladder.token where hash = $1", stored(hash(secret))).Scan(&n); err != nil || n > 0 {
		return err
	}
	_, err := k.put(ctx, secret, label, role, nil)
	return err
}

func (k *Keeper) put(ctx context.Context, secret, label string, role Role, sets []string) (*Token, error) {
	if err := peers.CanRead(ctx, k.pool, peers.Role(role.String())); err != nil {
		return nil, err
	}
	var created *Token
	err := k.writes.Write(ctx, func(tx pgx.Tx) error {
		rows, err := tx.Query(ctx, "insert into pageladder.token (hash, label, role, sets) values ($1, $2, $3, $4) returning "+columns,
			stored(hash(secret)), label, role.String(), sets)
		if err == nil {
			created, err = pgx.CollectExactlyOneRow(rows, pgx.RowToAddrOfStructByPos[Token])
		}
		return err
	})
	return created, err
}

const columns = "id, label, role, sets, created_at, used_at, ended_at"

// List lists all tokens, also those that have ended.
func (k *Keeper) List(ctx context.Context) (all []Token, err error) {
	_, err = k.Read(ctx, func(ctx context.Context, db *pgxpool.Pool) error {
		rows, err := db.Query(ctx, "select "+columns+" from pageladder.token order by id")
		if err == nil {
			all, err = pgx.CollectRows(rows, pgx.RowToStructByPos[Token])
		}
		return err
	})
	return all, err
}

// End ends a token and its sessions, at once in this service and within a second in other
// services of the database.
func (k *Keeper) End(ctx context.Context, id int64) error {
	defer k.callers.Purge()
	return k.end(ctx, endedToken(id), ErrNoToken, "update pageladder.token set ended_at = now() where id = $1 and ended_at is null", id)
}

// end ends something by a statement, and notifies other services. The error is none where there was nothing to end.
func (k *Keeper) end(ctx context.Context, what string, none error, sql string, arg any) error {
	err := k.writes.Write(ctx, func(tx pgx.Tx) error {
		tag, err := tx.Exec(ctx, sql, arg)
		if err == nil && tag.RowsAffected() == 0 {
			return none
		}
		if err == nil {
			err = peers.NotifyEnded(ctx, tx, what)
		}
		return err
	})
	if err == nil {
		k.Ended(what)
	}
	return err
}

// Ended notes that a token or a session has ended, as another service has notified.
func (k *Keeper) Ended(what string) {
	k.ended.Add(what, struct{}{})
	k.callers.Purge()
}

// endedToken and endedSession name what has ended.
func endedToken(id int64) string     { return "token " + strconv.FormatInt(id, 10) }
func endedSession(h [32]byte) string { return "session " + hex.EncodeToString(h[:]) }

// SQL conditions on the hash of what a caller sends.
const (
	byToken   = "t.hash = $1"
	bySession = "t.id = (select token_id from pageladder.session where hash = $1 and expires_at > now())"
)

// Caller identifies the caller by a token.
func (k *Keeper) Caller(ctx context.Context, secret string) (Caller, error) {
	return k.find(ctx, secret, byToken)
}

// InSession identifies the caller by a session.
func (k *Keeper) InSession(ctx context.Context, id string) (Caller, error) {
	return k.find(ctx, id, bySession)
}

// Knows reports whether a caller's token or session is remembered, so that no database is needed to
// identify the caller.
func (k *Keeper) Knows(secret string, session bool) bool {
	where := byToken
	if session {
		where = bySession
	}
	kept, ok := k.callers.Get(hash(where + secret))
	return ok && time.Since(kept.at) < known
}

func (k *Keeper) find(ctx context.Context, secret, where string) (Caller, error) {
	h, key := hash(secret), hash(where+secret) // the id of a session must not work as a token, not even in the cache
	kept, ok := k.callers.Get(key)
	heard, fromMemory := ctx.Value(asRemembered{}).(bool)
	fromMemory = fromMemory && ok && time.Since(kept.at) < whileAway
	if ok && time.Since(kept.at) < known || fromMemory && !heard {
		return kept.caller, nil
	}
	longest := lookup
	if fromMemory {
		longest = lookupShort
	}
	ctx, cancel := context.WithTimeout(ctx, longest)
	defer cancel()
	var c Caller
	var role string
	var used *time.Time
	var ended bool
	alone, err := k.Read(ctx, func(ctx context.Context, db *pgxpool.Pool) error {
		err := db.QueryRow(ctx, "select t.id, t.label, t.role, t.sets, t.used_at from pageladder.token t where ended_at is null and "+where, stored(h)).
			Scan(&c.Token, &c.Label, &role, &c.Sets, &used)
		if errors.Is(err, pgx.ErrNoRows) && ok {
			if failed := db.QueryRow(ctx, "select exists (select from pageladder.token where hash = $1)", stored(h)).Scan(&ended); failed != nil {
				return failed
			}
		}
		return err
	})
	switch {
	case errors.Is(err, pgx.ErrNoRows) && alone != nil && ok && !ended && !kept.since.Before(alone.AsOf):
		return Caller{}, postgres.ErrAway // it may be newer than what the replica has
	case errors.Is(err, pgx.ErrNoRows) && alone == nil && ok: // other servers may not know it yet
		k.ended.Add(endedSession(key), struct{}{})
		return Caller{}, ErrUnknown
	case errors.Is(err, pgx.ErrNoRows), err == nil && alone != nil && (k.ended.Contains(endedToken(c.Token)) || k.ended.Contains(endedSession(h)) || k.ended.Contains(endedSession(key))):
		return Caller{}, ErrUnknown
	}
	if err != nil {
		if fromMemory {
			return kept.caller, nil
		}
		return Caller{}, err
	}
	if c.Role, err = ParseRole(role); err != nil {
		return Caller{}, err
	}
	if alone == nil && (used == nil || time.Since(*used) > usedEvery) {
		k.use(c.Token)
	}
	now := time.Now()
	if !ok {
		kept.since = now
	}
	k.callers.Add(key, remembered{caller: c, at: now, since: kept.since})
	return c, nil
}

// use notes in the background that a token is in use. Whether that can be written down decides
// nothing: the database may be read only. One is written at a time; the next use makes up for
// those that are left out.
func (k *Keeper) use(token int64) {
	if !k.using.CompareAndSwap(false, true) {
		return
	}
	go func() {
		defer k.using.Store(false)
		ctx, cancel := context.WithTimeout(context.Background(), useTime)
		defer cancel()
		k.writes.Exec(ctx, "update pageladder.token set used_at = date_trunc('minute', now()) where id = $1", token)
	}()
}

// SignIn begins a session for a token and returns its id.
func (k *Keeper) SignIn(ctx context.Context, secret string) (id string, until time.Time, c Caller, err error) {
	if c, err = k.Caller(ctx, secret); err != nil {
		return "", time.Time{}, Caller{}, err
	}
	id, until, err = k.begin(ctx, c.Token)
	return id, until, c, err
}

// begin begins a session of a token.
func (k *Keeper) begin(ctx context.Context, token int64) (id string, until time.Time, err error) {
	id = random()
	until, err = k.expires(ctx, "session", id, token, sessionTime)
	return id, until, err
}

// Invite makes a code that signs in once, within ten minutes, with the rights of the token.
func (k *Keeper) Invite(ctx context.Context, token int64) (code string, until time.Time, err error) {
	code = random()
	until, err = k.expires(ctx, "sign_in", code, token, inviteTime)
	return code, until, err
}

// expires keeps what stands for a token for some time, in a table from which those are deleted whose time is up.
func (k *Keeper) expires(ctx context.Context, table, secret string, token int64, lasts time.Duration) (until time.Time, err error) {
	err = k.writes.Write(ctx, func(tx pgx.Tx) error {
		if _, err := tx.Exec(ctx, "delete from pageladder."+table+" where expires_at < now()"); err != nil {
			return err
		}
		return tx.QueryRow(ctx, "insert into pageladder."+table+" (hash, token_id, expires_at) values ($1, $2, now() + $3::interval) returning expires_at",
			stored(hash(secret)), token, lasts).Scan(&until)
	})
	return until, err
}

// Accept begins a session by a code, which is then used up.
func (k *Keeper) Accept(ctx context.Context, code string) (id string, until time.Time, c Caller, err error) {
	var token int64
	err = k.writes.Write(ctx, func(tx pgx.Tx) error {
		return tx.QueryRow(ctx, `delete from pageladder.sign_in i using pageladder.token t
			where i.hash = $1 and i.expires_at > now() and t.id = i.token_id and t.ended_at is null returning i.token_id`, stored(hash(code))).Scan(&token)
	})
	if errors.Is(err, pgx.ErrNoRows) {
		return "", time.Time{}, Caller{}, ErrUsed
	}
	if err == nil {
		id, until, err = k.begin(ctx, token)
	}
	if err == nil {
		c, err = k.InSession(ctx, id)
	}
	return id, until, c, err
}

// SignOut ends a session.
func (k *Keeper) SignOut(ctx context.Context, id string) error {
	defer k.callers.Remove(hash(bySession + id))
	return k.end(ctx, endedSession(hash(id)), nil, "delete from pageladder.session where hash = $1", stored(hash(id)))
}

func hash(secret string) [32]byte { return sha256.Sum256([]byte(secret)) }

func stored(h [32]byte) []byte { return h[:] }

// random is 256 random bits as text.
func random() string {
	var bits [32]byte
	rand.Read(bits[:]) // never fails
	return base64.RawURLEncoding.EncodeToString(bits[:])
}

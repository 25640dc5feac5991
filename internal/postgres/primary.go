package postgres

import (
	"cmp"
	"context"
	"crypto/tls"
	"errors"
	"fmt"
	"net"
	"strings"
	"sync"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"
)

// ErrAway is the error for a database whose primary does not answer, or has been replaced: a moment later the next
// one may be there.
var ErrAway = errors.New("the database's primary does not answer")

// Primary is the one server that our own database is on. A connection of ours that listens hears it; no connection
// to another server answers anything. When it is silent, what waits for it ends, and nobody waits anew until it is
// heard again. It is safe for concurrent use.
type Primary struct {
	// Cut is called when connections have been cut, so that pools forget them.
	Cut func()

	mu   sync.Mutex
	life string // of the server, see changes.Life; "": not known
	at   string // its address, while it is heard
	why  error  // nothing is heard; nil: it does not answer
	open map[*line]struct{}
	// waiting ends when the server has been silent for long, and begins anew when it is heard.
	waiting context.Context
	end     context.CancelFunc
}

// NewPrimary is a primary of which nothing is known yet.
func NewPrimary() *Primary {
	p := &Primary{Cut: func() {}, open: map[*line]struct{}{}}
	p.waiting, p.end = context.WithCancel(context.Background())
	return p
}

// line is an open connection, and the life of the server that it leads to; "" until that is known.
type line struct {
	net.Conn
	of   *Primary
	life string // guarded by of.mu
}

func (l *line) Close() error {
	l.of.mu.Lock()
	delete(l.of.open, l)
	l.of.mu.Unlock()
	return l.Conn.Close()
}

// Follow has the connections of a pool follow the primary. The pool's AfterConnect calls Admit.
func (p *Primary) Follow(config *pgxpool.Config) {
	dial := config.ConnConfig.DialFunc
	config.ConnConfig.DialFunc = func(ctx context.Context, network, addr string) (net.Conn, error) {
		p.mu.Lock()
		at, waiting := p.at, p.waiting
		p.mu.Unlock()
		if at != "" && at != addr {
			return nil, fmt.Errorf("%w at %s: it is at %s", ErrAway, addr, at)
		}
		ctx, cancel := context.WithCancel(ctx)
		defer cancel()
		defer context.AfterFunc(waiting, cancel)()
		conn, err := dial(ctx, network, addr)
		if err != nil && waiting.Err() != nil {
			return nil, fmt.Errorf("%w at %s: %v", ErrAway, addr, err) // it is not the caller who has cancelled
		}
		if err != nil {
			return nil, err
		}
		l := &line{Conn: conn, of: p}
		p.mu.Lock()
		defer p.mu.Unlock()
		if waiting.Err() != nil {
			conn.Close()
			return nil, ErrAway
		}
		p.open[l] = struct{}{}
		return l, nil
	}
	config.BeforeConnect = func(context.Context, *pgx.ConnConfig) error {
		p.mu.Lock()
		defer p.mu.Unlock()
		if p.waiting.Err() != nil {
			return cmp.Or(p.why, ErrAway)
		}
		return nil
	}
	before := config.ConnConfig.OnPgError
	config.ConnConfig.OnPgError = func(conn *pgconn.PgConn, err *pgconn.PgError) bool {
		return !replaced(err.Code) && (before == nil || before(conn, err)) // false: the connection is closed
	}
}

// replaced reports whether an error means that a server is the primary no longer, or is about to end.
func replaced(code string) bool { return code == readOnlyServer || strings.HasPrefix(code, "57P") }

// Admit notes the life of the server that a new connection leads to. The error, ErrAway, is for another server than
// the one that is known.
func (p *Primary) Admit(conn *pgx.Conn, life string) error {
	p.mu.Lock()
	defer p.mu.Unlock()
	if p.life == "" {
		p.life = life
	}
	if p.life != life {
		return fmt.Errorf("%w: the connection leads to another server", ErrAway)
	}
	if l := lineOf(conn.PgConn().Conn()); l != nil {
		l.life = life
	}
	return nil
}

// lineOf is the line below a connection; nil if there is none.
func lineOf(conn net.Conn) *line {
	if secure, ok := conn.(*tls.Conn); ok {
		conn = secure.NetConn()
	}
	l, _ := conn.(*line)
	return l
}

// Heard notes which server is heard. Connections to another one are cut.
func (p *Primary) Heard(life, at string) {
	p.mu.Lock()
	p.life, p.at, p.why = life, at, nil
	if p.waiting.Err() != nil {
		p.waiting, p.end = context.WithCancel(context.Background())
	}
	cut := p.linesBut(life)
	p.mu.Unlock()
	p.cut(cut)
}

// Lost notes that nothing is heard at the moment: the next connection shows which server there is. Nil is why if it just does
// not answer.
func (p *Primary) Lost(why error) {
	p.mu.Lock()
	defer p.mu.Unlock()
	p.life, p.at, p.why = "", "", why
}

// Silent notes that nothing has been heard for long. Whatever waits for an answer gets an error.
func (p *Primary) Silent() {
	p.mu.Lock()
	p.life, p.at = "", ""
	p.end()
	cut := p.linesBut("")
	p.mu.Unlock()
	p.cut(cut)
}

// linesBut are the open lines except those to the server of a life, and those of which it is not known yet where
// they lead; "": all. The caller holds the lock.
func (p *Primary) linesBut(life string) (lines []*line) {
	for l := range p.open {
		if life == "" || l.life != life && l.life != "" {
			lines = append(lines, l)
		}
	}
	return lines
}

func (p *Primary) cut(lines []*line) {
	for _, l := range lines {
		l.Close()
	}
	if len(lines) > 0 {
		p.Cut()
	}
}

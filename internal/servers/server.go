// Package servers knows the servers of one database, the primary and its replicas: how far each has come, which of them
// answer, and from which a caller reads. It elects and replicates nothing.
package servers

import (
	"context"
	"errors"
	"fmt"
	"slices"
	"sync"
	"sync/atomic"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/postgres"
)

const (
	look     = 100 * time.Millisecond // between two looks at a server
	silence  = 250 * time.Millisecond // without an answer to a look: the server is passed over until it answers again
	showUp   = time.Second            // longest wait for the primary to show what a replica has shown
	catchUp  = 100 * time.Millisecond // longest wait for a replica that is behind what a caller has seen
	askAgain = 5 * time.Millisecond   // meanwhile,
	askLater = 50 * time.Millisecond  // and after some times
)

// ErrSilent is the cause of a context of Server.Within that has ended since the server does not answer.
var ErrSilent = errors.New("the server does not answer at the moment")

// Server is one server of a database. It is safe for concurrent use.
type Server struct {
	// Name is "primary", or "replica 1" and so on, as they are listed.
	Name    string
	Replica bool
	Address string // host and port

	config *pgx.ConnConfig
	admit  func(context.Context, *pgx.Conn) error
	busy   func() int
	anew   func() // what is known of the server is of no use any more
	all    *Group
	reads  atomic.Int64

	mu     sync.Mutex
	seen   seen
	asOf   time.Time // of a replica: when the primary was last at a place that it has replayed
	heard  time.Time // when the last look that was answered began
	wrong  string    // why it is no replica of the primary, or not the primary; "": it is
	silent bool
	within context.Context // ends when it falls silent
	end    context.CancelFunc
}

// seen is what one look at a server shows.
type seen struct {
	Position
	life     string // another one after a start, a promotion, or where another server is at the address
	recovers bool   // it is a standby
	receives bool   // it gets what the primary writes
	epoch    string // the last one
	knows    bool   // the primary's epoch
}

// Within is a context that also ends, with the cause ErrSilent, when the server falls silent. Whoever waits for a server that is silent
// already has no other.
func (s *Server) Within(ctx context.Context) (context.Context, context.CancelFunc) {
	s.mu.Lock()
	within, silent := s.within, s.silent
	s.mu.Unlock()
	if silent {
		return ctx, func() {}
	}
	ctx, cancel := context.WithCancelCause(ctx)
	stop := context.AfterFunc(within, func() { cancel(ErrSilent) })
	return ctx, func() { stop(); cancel(nil) }
}

// State is how a server is at the moment.
type State struct {
	Answers bool
	AsOf    time.Time // its records are at least as they were then, by our own clock; zero: not known
	Wrong   string    // why nothing is read there
	Reads   int64     // that it was chosen for
}

// State is how the server is at the moment.
func (s *Server) State() State {
	s.mu.Lock()
	defer s.mu.Unlock()
	return State{Answers: !s.silent, AsOf: s.asOf, Wrong: s.wrong, Reads: s.reads.Load()}
}

// Stale reports whether records of a moment are older than pages are while the primary is there.
func (s *Server) Stale(asOf time.Time) bool { return time.Since(asOf) > s.all.limits.MaxLag }

// Elsewhere reports whether a reader for whom the server has failed may find what it wants on another one.
func (s *Server) Elsewhere(err error) bool {
	if code := postgres.Code(err); !postgres.Unavailable(err) && !(s.Replica && (code == postgres.NotSerializable || code == postgres.Deadlock)) {
		return false
	}
	if s.Replica {
		return true
	}
	return slices.ContainsFunc(s.all.all, func(other *Server) bool { usable, fresh := other.usable(); return fresh || usable && s.all.Alone() })
}

// AsOf is when the primary was last at a place that the replica has replayed; of the primary, now.
func (s *Server) AsOf() time.Time {
	if !s.Replica {
		return time.Now()
	}
	s.mu.Lock()
	defer s.mu.Unlock()
	return s.asOf
}

// lookSQL asks a server how it is. On a standby, the timeline is that of its last restart point: raise knows better.
const lookSQL = `select pg_is_in_recovery(),
	concat_ws(' ', (select system_identifier from pg_control_system()), (select oid from pg_database where datname = current_database()), pg_postmaster_start_time(), pg_is_in_recovery()),
	exists (select from pg_stat_wal_receiver),
	case when pg_is_in_recovery() then (select timeline_id from pg_control_checkpoint())::bigint else ('x' || left(pg_walfile_name(pg_current_wal_insert_lsn()), 8))::bit(32)::bigint end,
	(case when pg_is_in_recovery() then coalesce(pg_last_wal_replay_lsn(), '0/0') else pg_current_wal_insert_lsn() end - '0/0')::bigint,
	pg_size_bytes(current_setting('wal_segment_size'))`

// epochSQL adds, of our own database, the last epoch and whether one is known.
const epochSQL = `, coalesce((select id from pageladder.epochs order by number desc limit 1), ''), $1::text = '' or exists (select from pageladder.epochs where id = $1)`

// ask looks once.
func (s *Server) ask(ctx context.Context, conn *pgx.Conn, epoch string) (n seen, err error) {
	var segment uint64
	to := []any{&n.recovers, &n.life, &n.receives, &n.Timeline, &n.At, &segment}
	if s.all.epochs {
		err = conn.QueryRow(ctx, lookSQL+epochSQL, epoch).Scan(append(to, &n.epoch, &n.knows)...)
	} else {
		err = conn.QueryRow(ctx, lookSQL).Scan(to...)
		n.knows = true
	}
	if !n.recovers {
		n.At = ended(n.At, segment)
	}
	return n, err
}

// watch looks at the server until a context ends.
func (s *Server) watch(ctx context.Context) {
	for ctx.Err() == nil {
		err := s.over(ctx)
		s.fall(err)
		select {
		case <-ctx.Done():
		case <-time.After(look):
		}
	}
}

// over looks over one connection until that fails or falls silent.
func (s *Server) over(ctx context.Context) error {
	first, cancel := context.WithTimeout(ctx, 2*silence)
	defer cancel()
	conn, err := pgx.ConnectConfig(first, s.config.Copy())
	if err != nil {
		return err
	}
	defer func() {
		ctx, cancel := context.WithTimeout(context.WithoutCancel(ctx), silence)
		defer cancel()
		conn.Close(ctx)
	}()
	if s.admit != nil {
		if err := s.admit(first, conn); err != nil {
			return err
		}
	}
	for {
		began := time.Now()
		answer, over := patience(ctx)
		n, err := s.ask(answer, conn, s.all.epoch())
		if err != nil && context.Cause(answer) == ErrSilent {
			err = ErrSilent
		}
		over()
		if err != nil {
			return err
		}
		if err := s.all.note(s, n, began); err != nil {
			return err
		}
		select {
		case <-ctx.Done():
			return ctx.Err()
		case <-time.After(time.Until(began.Add(look))):
		}
	}
}

// patience is a context that ends after silence, with the cause ErrSilent. It is counted in steps, so that a machine
// that stops for a while, with us on it, does not count.
func patience(ctx context.Context) (context.Context, context.CancelFunc) {
	const steps = 5
	ctx, end := context.WithCancelCause(ctx)
	go func() {
		step := time.NewTicker(silence / steps)
		defer step.Stop()
		for range steps {
			select {
			case <-ctx.Done():
				return
			case <-step.C:
			}
		}
		end(ErrSilent)
	}()
	return ctx, func() { end(nil) }
}

// fall notes that the server does not answer. Whatever waits for it ends.
func (s *Server) fall(err error) {
	s.mu.Lock()
	defer s.mu.Unlock()
	s.silent = true
	if s.wrong == "" || !errors.As(err, new(*wrongError)) {
		s.wrong = fmt.Sprintf("it does not answer: %v", err)
	}
	s.end()
}

// wrongError is the error for a server that answers, and is another one than it should be.
type wrongError struct{ why string }

func (w *wrongError) Error() string { return w.why }

// Admit is nil if a new connection of a pool leads to the server that is looked at.
func (s *Server) Admit(ctx context.Context, conn *pgx.Conn) error {
	n, err := s.ask(ctx, conn, "")
	if err != nil {
		return err
	}
	s.mu.Lock()
	defer s.mu.Unlock()
	if s.Replica && (!n.recovers || n.life != s.seen.life) {
		return fmt.Errorf("%w: the connection leads to another server than the one that is looked at", postgres.ErrAway)
	}
	return nil
}

// Place asks a server how far it has got, over a connection of a pool. On a replica it is the place up to which it has received what the
// primary writes: no further can be seen there. All transactions before xmin are over.
func (s *Server) Place(ctx context.Context, db postgres.Querier) (p Position, xmin uint64, err error) {
	rows, err := db.Query(ctx, `select (case when pg_is_in_recovery() then greatest(pg_last_wal_receive_lsn(), pg_last_wal_replay_lsn(), '0/0') else pg_current_wal_insert_lsn() end - '0/0')::bigint,
		pg_size_bytes(current_setting('wal_segment_size')), pg_snapshot_xmin(pg_current_snapshot())::text::bigint`)
	if err != nil {
		return p, 0, err
	}
	var segment uint64
	p, err = pgx.CollectExactlyOneRow(rows, func(row pgx.CollectableRow) (p Position, err error) { return p, row.Scan(&p.At, &segment, &xmin) })
	s.mu.Lock()
	defer s.mu.Unlock()
	if p.Timeline = s.seen.Timeline; !s.Replica {
		p.At = ended(p.At, segment)
	}
	return p, xmin, err
}

// Reaches reports whether a replica has replayed everything before a place, or does so before a deadline. It asks over a
// connection of a pool.
func (s *Server) Reaches(ctx context.Context, db postgres.Querier, place Position, until time.Time) (bool, error) {
	for {
		s.mu.Lock()
		reached := !s.seen.Before(place)
		timeline := s.seen.Timeline
		s.mu.Unlock()
		if reached {
			return true, nil
		}
		at, err := postgres.Int(ctx, db, "select (coalesce(pg_last_wal_replay_lsn(), '0/0') - '0/0')::bigint")
		switch {
		case err != nil:
			return false, err
		case !(Position{timeline, uint64(at)}).Before(place):
			return true, nil
		case !wait(ctx, askAgain, until):
			return false, nil
		}
	}
}

// wait waits a moment, and reports whether the deadline is still to come.
func wait(ctx context.Context, pause time.Duration, until time.Time) bool {
	if time.Now().After(until) {
		return false
	}
	select {
	case <-ctx.Done():
		return false
	case <-time.After(pause):
		return true
	}
}

// Await asks again and again, until an answer is yes, or a deadline has passed.
func Await(ctx context.Context, until time.Time, ask func(context.Context) (bool, error)) (bool, error) {
	for pause := askAgain; ; pause = min(2*pause, askLater) {
		if yes, err := ask(ctx); yes || err != nil || !wait(ctx, pause, until) {
			return yes, err
		}
	}
}

// Shown is the deadline for the primary to show what a replica has shown.
func Shown() time.Time { return time.Now().Add(showUp) }

// Until is the deadline for a replica that is behind what a caller has seen.
func Until() time.Time { return time.Now().Add(catchUp) }

// Timeline is the one that the server was last seen on.
func (s *Server) Timeline() uint32 {
	s.mu.Lock()
	defer s.mu.Unlock()
	return s.seen.Timeline
}

package sets

import (
	"context"
	"fmt"
	"slices"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
)

// This file finds the logs of followed tables, and prunes them. A followed table is one of
// somebody else, whose owner lets us keep a log of its changes. followed.go reads such tables.

// following is the state of following one table, for one definition of its set.
type following struct {
	defined   int64
	catalogue uint32

	mu       sync.Mutex
	latest   *Set     // the set at the latest known state; nil while it is read the plain way
	why      []string // why it is read the plain way
	unkept   string   // why its log could not be pruned at the last attempt
	since    time.Time
	tried    time.Time
	checking bool
}

const (
	followAgain = 5 * time.Second  // between attempts to find a log
	followWait  = 10 * time.Second // longest wait for transactions that began before the log was seen
	followPoll  = 50 * time.Millisecond
	keepTime    = 30 * time.Second // time limit for pruning a log
)

// tableChanged is the reason if a followed table is not what it was.
const tableChanged = "the table, its triggers or its log have changed"

// FollowState is how a followed table is read.
type FollowState struct {
	Exact   bool      // pages are read by the log
	Since   time.Time // when that began
	Missing []string  // what is missing or differs, so that pages are read the plain way
	Unkept  string    // why its log could not be pruned lately; writers stop filling a log that is not pruned for an hour
	Images  int64     // in the log, counted up to imagesTold
	Bytes   int64     // size of the log
	Lag     *float64  // seconds that a standby is behind its primary; nil for a primary
}

const imagesTold = 200_000

// follows is the state of following a set's table.
func (s *Store) follows(set *Set) *following {
	s.followMu.Lock()
	defer s.followMu.Unlock()
	f := s.followed[set.Name]
	if f == nil || f.defined != set.defined || f.catalogue != set.catalogue {
		f = &following{defined: set.defined, catalogue: set.catalogue, since: time.Now(), why: []string{"its log has not been looked for yet"}}
		s.followed[set.Name] = f
	}
	return f
}

// unfollow forgets tables that are not followed any more.
func (s *Store) unfollow(all []*Set) {
	s.followMu.Lock()
	defer s.followMu.Unlock()
	for name := range s.followed {
		if !slices.ContainsFunc(all, func(set *Set) bool { return set.Name == name && set.Followed }) {
			delete(s.followed, name)
		}
	}
}

// followedAt is a followed set at the latest known state. It is nil if the set is read the plain
// way at present; its log is then looked for in the background.
func (s *Store) followedAt(set *Set) *Set {
	f := s.follows(set)
	latest, mine, _ := f.claim(s.followAgain)
	if mine {
		s.background.Go(func() { s.beginFollowing(f, set) })
	}
	return latest
}

// claim returns the latest state. If there is none, it reports whether the caller is to look for
// the log (nobody has for as long as again), and whether somebody is looking already.
func (f *following) claim(again time.Duration) (latest *Set, mine, busy bool) {
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest == nil && !f.checking && time.Since(f.tried) >= again {
		f.checking, f.tried = true, time.Now()
		return nil, true, false
	}
	return f.latest, false, f.latest == nil && f.checking
}

// FollowKnown is how a followed table is read, as last seen.
func (s *Store) FollowKnown(set *Set) FollowState {
	f := s.follows(set)
	f.mu.Lock()
	defer f.mu.Unlock()
	return FollowState{Exact: f.latest != nil, Since: f.since, Missing: slices.Clone(f.why), Unkept: f.unkept}
}

// FollowState is how a followed table is read. It looks for the log first if the table is not read
// by it.
func (s *Store) FollowState(ctx context.Context, name string) (FollowState, error) {
	set, err := s.Latest(ctx, name)
	if err != nil || !set.Followed {
		return FollowState{}, err
	}
	f := s.follows(set)
	_, mine, busy := f.claim(0)
	for ; busy; _, mine, busy = f.claim(0) { // that search may have begun too early
		select {
		case <-ctx.Done():
			return FollowState{}, ctx.Err()
		case <-time.After(followPoll):
		}
	}
	if mine {
		s.beginFollowing(f, set)
	}
	state := s.FollowKnown(set)
	return state, s.sizeLog(ctx, set, &state)
}

// sizeLog adds the size of a log, as far as that can be read.
func (s *Store) sizeLog(ctx context.Context, set *Set, state *FollowState) error {
	pool, err := s.sourcePool(ctx, set.Source)
	if err != nil {
		return err
	}
	l := changes.Log{Schema: changes.LogSchema, Name: changes.LogName(set.schema, set.table)}
	var readable bool
	err = pool.QueryRow(ctx, `select coalesce(pg_total_relation_size(to_regclass($1)), 0), coalesce(has_schema_privilege(to_regnamespace($2), 'usage') and has_table_privilege(to_regclass($1), 'select'), false),
		case when pg_is_in_recovery() then extract(epoch from now() - pg_last_xact_replay_timestamp())::float8 end`, l.Table(), changes.LogSchema).Scan(&state.Bytes, &readable, &state.Lag)
	if err == nil && readable {
		err = pool.QueryRow(ctx, fmt.Sprintf("select count(*) from (select from %s limit %d) l", l.Table(), imagesTold)).Scan(&state.Images)
	}
	return s.sourceError(set, err)
}

// Followed is the number of sets whose tables are to be followed, how many of them are read by
// their logs, and how often a log turned out not to be what it was.
func (s *Store) Followed() (all, exact int, forsaken int64) {
	s.followMu.Lock()
	defer s.followMu.Unlock()
	for _, f := range s.followed {
		all++
		f.mu.Lock()
		if f.latest != nil {
			exact++
		}
		f.mu.Unlock()
	}
	return all, exact, s.forsaken.Load()
}

// beginFollowing looks for a table's log and, if it is in place, begins to use it.
func (s *Store) beginFollowing(f *following, set *Set) {
	ctx, cancel := context.WithTimeout(s.running, followWait)
	defer cancel()
	here, missing, err := s.findLog(ctx, set)
	if err != nil {
		missing = []string{s.sourceError(set, err).Error()}
	}
	f.mu.Lock()
	defer f.mu.Unlock()
	f.checking = false
	if here == nil {
		if f.latest == nil {
			f.why = missing
		}
		return
	}
	number, err := s.state(here, here.saw)
	if err != nil {
		f.why = []string{"no number for its state has come yet"}
		return
	}
	here.Version = number
	f.latest, f.why, f.since = here, nil, time.Now()
}

// Follower is the script for a followed set's table, and the one that undoes it.
func (s *Store) Follower(ctx context.Context, set *Set) (*changes.Followed, error) {
	if !set.Attached() {
		return nil, ErrNotAttached
	}
	pool, err := s.sourcePool(ctx, set.Source)
	if err != nil {
		return nil, err
	}
	f := changes.Followed{Schema: set.schema, Table: set.table}
	err = elsewhere(ctx, pool, func(tx pgx.Tx) error {
		if err := changes.Followable(ctx, tx, set.schema, set.table, set.Rules.Key); err != nil {
			return err
		}
		if err := tx.QueryRow(ctx, "select session_user, relkind = 'p' from pg_class where oid = to_regclass($1)", tableName(set)).Scan(&f.Role, &f.Parts); err != nil {
			return err
		}
		f.Fields, err = changes.Columns(ctx, tx, set.schema, set.table, fieldNames(allFields(set)))
		return err
	})
	return &f, s.sourceError(set, err)
}

func fieldNames(fields []changes.Field) []string {
	names := make([]string, len(fields))
	for i, f := range fields {
		names[i] = f.Name
	}
	return names
}

// findLog is a set at its current state, with the log of its table, or what is missing of that
// log.
func (s *Store) findLog(ctx context.Context, set *Set) (here *Set, missing []string, err error) {
	s.keepLog(ctx, set) // a log that is broken begins anew by this
	follower, err := s.Follower(ctx, set)
	if err != nil {
		return nil, nil, err
	}
	pool, err := s.sourcePool(ctx, set.Source)
	if err != nil {
		return nil, nil, err
	}
	// Transactions that were writing when the log was first seen may not have been logged. So the
	// first known state is one in which all of them have ended.
	first := changes.Mark{}
	for {
		err := elsewhere(ctx, pool, func(tx pgx.Tx) error {
			log, lacks, err := follower.Check(ctx, tx)
			for _, earlier := range follower.Earlier(fieldNames(loggedFields(set))) {
				if err == nil && log == nil {
					log, _, err = earlier.Check(ctx, tx)
				}
			}
			if err != nil || log == nil {
				missing = lacks
				return err
			}
			mark, err := log.MarkIn(ctx, tx)
			if err != nil {
				return err
			}
			if mark.Log == "" {
				missing = []string{"a change could not be logged, and the log has not begun anew yet"}
				return nil
			}
			if first.Log != mark.Log {
				first = mark
			}
			if mark.Saw.Xmin < first.Saw.Xmax {
				missing = []string{"transactions that began before its log was seen have not ended yet"}
				return nil
			}
			now := *set
			now.log, now.logName, now.saw, now.pool = log, mark.Log, mark.Saw, pool
			now.plain, now.folds = s.sources[set.Source].more()
			if err := now.ready(); err != nil {
				return err
			}
			if now.logged, err = logList(&now); err == nil && now.holds() {
				now.numbered = !s.readOnly
				err = now.pinnable()
			}
			if err == nil {
				here, missing = &now, nil
			}
			return err
		})
		if err != nil || here != nil || first.Log == "" {
			return here, missing, err
		}
		select {
		case <-ctx.Done():
			return nil, missing, nil
		case <-time.After(followPoll):
		}
	}
}

// keepLog notes in a followed table's database that its log is in use, and prunes it. That happens
// on the primary; the address of a source that is read through a standby names the primary too.
func (s *Store) keepLog(ctx context.Context, set *Set) {
	ctx, cancel := context.WithTimeout(ctx, keepTime)
	defer cancel()
	err := fmt.Errorf("%w: %q", ErrNoSource, set.Source)
	if src, ok := s.sources[set.Source]; ok {
		err = src.keep(ctx, set)
	}
	f := s.follows(set)
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.unkept = ""; err != nil {
		f.unkept = err.Error()
	}
}

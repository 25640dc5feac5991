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

// This file knows how followed tables, those of others whose owners let us keep a log of their changes, come to be
// read by their logs, and how the logs are kept. followed.go reads them.

// following is what is known of a followed table, as its set is defined.
type following struct {
	defined   int64
	catalogue uint32

	mu       sync.Mutex
	latest   *Set     // at the latest state; nil while it is read by the plain way
	why      []string // why it is read by the plain way
	unkept   string   // why its log could not be pruned, the last time
	since    time.Time
	tried    time.Time
	checking bool
}

const (
	followAgain = 5 * time.Second  // between attempts to find a log in place
	followWait  = 10 * time.Second // longest wait for transactions that began before the log was seen
	followPoll  = 50 * time.Millisecond
	keepTime    = 30 * time.Second // that the pruning of a log may take
)

// tableChanged is the reason where a followed table is not as it was.
const tableChanged = "the table, its triggers or its log have changed"

// FollowState is how a followed table is read.
type FollowState struct {
	Exact   bool      // by its log
	Since   time.Time // since when it is read so
	Missing []string  // why it is read by the plain way: what is missing or differs
	Unkept  string    // why its log could not be pruned lately: it is then written no further after an hour
	Images  int64     // in the log, counted as far as imagesTold
	Bytes   int64     // that the log takes
	Lag     *float64  // seconds that a standby is behind; nil for a primary
}

const imagesTold = 200_000

// follows is what is known of a set's table.
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

// unfollow forgets what is known of tables that are not followed any more.
func (s *Store) unfollow(all []*Set) {
	s.followMu.Lock()
	defer s.followMu.Unlock()
	for name := range s.followed {
		if !slices.ContainsFunc(all, func(set *Set) bool { return set.Name == name && set.Followed }) {
			delete(s.followed, name)
		}
	}
}

// followedAt is a followed set at the latest state that is known; nil where it is read by the plain
// way for now. Its log is then looked for, in the background.
func (s *Store) followedAt(set *Set) *Set {
	f := s.follows(set)
	latest, mine, _ := f.claim(s.followAgain)
	if mine {
		s.background.Go(func() { s.beginFollowing(f, set) })
	}
	return latest
}

// claim gives the latest state. Where there is none, it tells whether whoever asks is to look for
// the log, if nobody has for so long, or somebody does.
func (f *following) claim(again time.Duration) (latest *Set, mine, busy bool) {
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest == nil && !f.checking && time.Since(f.tried) >= again {
		f.checking, f.tried = true, time.Now()
		return nil, true, false
	}
	return f.latest, false, f.latest == nil && f.checking
}

// FollowKnown tells how a followed table is read, as it was last seen.
func (s *Store) FollowKnown(set *Set) FollowState {
	f := s.follows(set)
	f.mu.Lock()
	defer f.mu.Unlock()
	return FollowState{Exact: f.latest != nil, Since: f.since, Missing: slices.Clone(f.why), Unkept: f.unkept}
}

// FollowState tells how a followed table is read, having looked for its log just now where it
// is not read by that.
func (s *Store) FollowState(ctx context.Context, name string) (FollowState, error) {
	set, err := s.Latest(ctx, name)
	if err != nil || !set.Followed {
		return FollowState{}, err
	}
	f := s.follows(set)
	_, mine, busy := f.claim(0)
	for ; busy; _, mine, busy = f.claim(0) { // somebody looks, who may have begun before now
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

// sizeLog tells how large a log is, as far as that can be told.
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
	return sourceError(err)
}

// Followed is how many sets are to be followed, how many of them are read by their logs, and how often
// a log turned out to be no more what it was.
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

// beginFollowing looks for the log of a table and, where it is in place, begins to go by it.
func (s *Store) beginFollowing(f *following, set *Set) {
	ctx, cancel := context.WithTimeout(s.running, followWait)
	defer cancel()
	here, missing, err := s.findLog(ctx, set)
	if err != nil {
		missing = []string{sourceError(err).Error()}
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

// Follower is the script of a followed set's table, and what takes it off again.
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
	return &f, sourceError(err)
}

// earlier is the log that a script of before made for a set's table.
func earlier(set *Set, follower *changes.Followed) *changes.Followed {
	f := *follower
	f.Earlier = true
	names := fieldNames(loggedFields(set))
	f.Fields = slices.DeleteFunc(slices.Clone(f.Fields), func(field changes.Field) bool { return !slices.Contains(names, field.Name) })
	return &f
}

func fieldNames(fields []changes.Field) []string {
	names := make([]string, len(fields))
	for i, f := range fields {
		names[i] = f.Name
	}
	return names
}

// findLog is a set at a state of now, by the log of its table, or what is missing.
func (s *Store) findLog(ctx context.Context, set *Set) (here *Set, missing []string, err error) {
	s.keepLog(ctx, set) // a log that is broken begins anew
	follower, err := s.Follower(ctx, set)
	if err != nil {
		return nil, nil, err
	}
	pool, err := s.sourcePool(ctx, set.Source)
	if err != nil {
		return nil, nil, err
	}
	// Who was writing when the log was first seen as it is may not have been logged: what is
	// known begins when all of them have ended.
	first := changes.Mark{}
	for {
		err := elsewhere(ctx, pool, func(tx pgx.Tx) error {
			log, lacks, err := follower.Check(ctx, tx)
			if err == nil && log == nil {
				log, _, err = earlier(set, follower).Check(ctx, tx)
			}
			if err != nil || log == nil {
				missing = lacks
				return err
			}
			mark, err := log.MarkIn(ctx, tx)
			if err != nil {
				return err
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

// keepLog tells a followed table's database that its log is read, and lets it be pruned: on its
// primary, which a source that is read through a standby names as another host of its address.
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

package source

import (
	"context"
	"fmt"
	"slices"
	"strings"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
)

// This file finds the logs of followed tables, and prunes them. followed.go reads such tables.

// Following is how the tables that are to be followed are read at present.
type Following struct {
	settings *Settings
	numbers  *Numbers
	running  context.Context
	later    func(func()) // runs something in the background

	mu       sync.Mutex
	of       map[string]*following // by set
	forsaken int64
}

func newFollowing(settings *Settings, numbers *Numbers, running context.Context, later func(func())) *Following {
	return &Following{settings: settings, numbers: numbers, running: running, later: later, of: map[string]*following{}}
}

// logOf is the name of the log by which a set is read at present; "" if it is not.
func (all *Following) logOf(set *catalog.Set) string {
	f := all.follows(set.Definition)
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest == nil {
		return ""
	}
	return f.latest.State.Log
}

// following is the state of following one table, for one definition of its set.
type following struct {
	*catalog.Definition

	mu       sync.Mutex
	latest   *relation.View // at the latest known state; nil while it is read the plain way
	why      []string       // why it is read the plain way
	unkept   string         // why its log could not be pruned at the last attempt
	since    time.Time
	tried    time.Time
	checking bool
}

// FollowAgain is the time between attempts to find a log.
const FollowAgain = 5 * time.Second

const (
	followWait = 10 * time.Second // longest wait for transactions that began before the log was seen
	followPoll = 50 * time.Millisecond
	keepTime   = 30 * time.Second // time limit for pruning a log
)

// tableChanged is the reason if a followed table is not what it was.
const tableChanged = "the table, its triggers or its log have changed"

// FollowState is how a followed table is read.
type FollowState struct {
	Exact   bool      // pages are read by the log
	Since   time.Time // when that began
	Missing []string  // what is missing or differs, so that pages are read the plain way
	Unkept  string    // why its log could not be pruned lately; writers stop filling a log that is not pruned for an hour
	Images  int64     // in the log, counted up to imagesCounted
	Bytes   int64     // size of the log
	Lag     *float64  // seconds that a standby is behind its primary; nil for a primary
}

const imagesCounted = 200_000

// follows is the state of following a set's table.
func (all *Following) follows(d *catalog.Definition) *following {
	all.mu.Lock()
	defer all.mu.Unlock()
	f := all.of[d.Name]
	if f == nil || !f.Same(d) {
		f = &following{Definition: d, since: time.Now(), why: []string{"its log has not been looked for yet"}}
		all.of[d.Name] = f
	}
	return f
}

// unfollow forgets tables that are not followed any more.
func (all *Following) unfollow(sets []*catalog.Set) {
	all.mu.Lock()
	defer all.mu.Unlock()
	for name := range all.of {
		if !slices.ContainsFunc(sets, func(set *catalog.Set) bool { return set.Name == name && set.Followed }) {
			delete(all.of, name)
		}
	}
}

// latest is the view of the latest known state of a set. It is nil if the set is read the plain way
// at present; its log is then looked for in the background.
func (all *Following) latest(source *Followed, set *catalog.Set) *relation.View {
	f := all.follows(set.Definition)
	latest, mine, _ := f.claim(all.settings.Follow)
	if mine {
		all.later(func() { all.begin(f, source, set) })
	}
	if latest == nil || latest.On == set {
		return latest
	}
	current := *latest // the same state, of the set as it was read last
	current.On = set
	return &current
}

// claim returns the latest state. If there is none, it reports whether the caller is to look for
// the log (nobody has for as long as again), and whether somebody is looking already.
func (f *following) claim(again time.Duration) (latest *relation.View, mine, busy bool) {
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest == nil && !f.checking && time.Since(f.tried) >= again {
		f.checking, f.tried = true, time.Now()
		return nil, true, false
	}
	return f.latest, false, f.latest == nil && f.checking
}

// forsake drops what is known of a followed table whose log is not what it was. The error is that the
// set has to be read again.
func (all *Following) forsake(v *relation.View, why string) error {
	f := all.follows(v.On.Definition)
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest != nil && f.latest.State.Log == v.State.Log {
		f.latest, f.why, f.since = nil, []string{why}, time.Now()
		all.mu.Lock()
		all.forsaken++
		all.mu.Unlock()
	}
	return &view.Moved{Why: why}
}

// reaches is a view of a state that a statement has just seen. The error is a *Moved if that is older
// than the latest one, or the order of the two is not known.
func (all *Following) reaches(v *relation.View, saw *changes.Snapshot) (*relation.View, error) {
	f := all.follows(v.On.Definition)
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest == nil || f.latest.State.Log != v.State.Log {
		return nil, &view.Moved{Why: "its log is another one by now"}
	}
	at := changes.Mark{Log: v.State.Log, Saw: saw}
	before := f.latest.State
	if !at.Covers(before) {
		return nil, &view.Moved{Why: "a later state is known"}
	}
	if !before.Covers(at) {
		number, err := all.numbers.state(v.On.Name, v.State.Log, saw, v.Table.Holds && !all.numbers.readOnly)
		if err != nil {
			return nil, err
		}
		at.Version = number
		f.latest = f.latest.StateAt(at)
	}
	current := *f.latest
	current.On, current.AsOf = v.On, v.AsOf
	return &current, nil
}

// markedAt is a view of a state by its mark.
func (all *Following) markedAt(latest *relation.View, mark changes.Mark) (*relation.View, error) {
	switch {
	case mark.Log != latest.State.Log:
		return nil, all.forsake(latest, tableChanged)
	case mark.Saw.Equal(latest.State.Saw): // it is the transaction that the state was seen in
		return latest, nil
	}
	return all.reaches(latest, mark.Saw)
}

// same notes that a later snapshot saw the same state. The next statement is compared with that
// snapshot.
func (all *Following) same(v *relation.View, saw *changes.Snapshot) {
	f := all.follows(v.On.Definition)
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.latest == nil || f.latest.State.Log != v.State.Log || f.latest.State.Version != v.State.Version {
		return
	}
	if at := (changes.Mark{Log: v.State.Log, Version: v.State.Version, Saw: saw}); at.Covers(f.latest.State) {
		f.latest = f.latest.StateAt(at)
	}
}

// notFollowed says why a set whose table is to be followed is read the plain way.
func (all *Following) notFollowed(set *catalog.Set) string {
	if why := all.Known(set).Missing; len(why) > 0 {
		return "its table is not followed: " + strings.Join(why, "; ")
	}
	return relation.NotHeld
}

// Known is how a followed table is read, as last seen.
func (all *Following) Known(set *catalog.Set) FollowState {
	f := all.follows(set.Definition)
	f.mu.Lock()
	defer f.mu.Unlock()
	return FollowState{Exact: f.latest != nil, Since: f.since, Missing: slices.Clone(f.why), Unkept: f.unkept}
}

// Count is the number of sets whose tables are to be followed, how many of them are read by their
// logs, and how often a log turned out not to be what it was.
func (all *Following) Count() (sets, exact int, forsaken int64) {
	all.mu.Lock()
	defer all.mu.Unlock()
	for _, f := range all.of {
		sets++
		f.mu.Lock()
		if f.latest != nil {
			exact++
		}
		f.mu.Unlock()
	}
	return sets, exact, all.forsaken
}

// State is how a followed table is read. It looks for the log first if the table is not read by it.
func (f *Followed) State(ctx context.Context, set *catalog.Set) (FollowState, error) {
	all := f.following
	one := all.follows(set.Definition)
	_, mine, busy := one.claim(0)
	for ; busy; _, mine, busy = one.claim(0) { // that search may have begun too early
		select {
		case <-ctx.Done():
			return FollowState{}, ctx.Err()
		case <-time.After(followPoll):
		}
	}
	if mine {
		all.begin(one, f, set)
	}
	state := all.Known(set)
	return state, f.sizeLog(ctx, set.Definition, &state)
}

// sizeLog adds the size of a log, as far as that can be read.
func (f *Followed) sizeLog(ctx context.Context, d *catalog.Definition, state *FollowState) error {
	pool, err := f.db.Connect(ctx)
	if err != nil {
		return f.db.explained(tables.Name(d), err)
	}
	l := changes.Log{Schema: changes.LogSchema, Name: changes.LogName(d.Schema, d.Table)}
	var readable bool
	err = pool.QueryRow(ctx, `select coalesce(pg_total_relation_size(to_regclass($1)), 0), coalesce(has_schema_privilege(to_regnamespace($2), 'usage') and has_table_privilege(to_regclass($1), 'select'), false),
		case when pg_is_in_recovery() then extract(epoch from now() - pg_last_xact_replay_timestamp())::float8 end`, l.Table(), changes.LogSchema).Scan(&state.Bytes, &readable, &state.Lag)
	if err == nil && readable {
		err = pool.QueryRow(ctx, fmt.Sprintf("select count(*) from (select from %s limit %d) l", l.Table(), imagesCounted)).Scan(&state.Images)
	}
	return f.db.explained(tables.Name(d), err)
}

// begin looks for a table's log and, if it is in place, begins to use it.
func (all *Following) begin(f *following, source *Followed, set *catalog.Set) {
	ctx, cancel := context.WithTimeout(all.running, followWait)
	defer cancel()
	current, missing, err := source.findLog(ctx, set)
	if err != nil {
		missing = []string{source.db.explained(tables.Name(set.Definition), err).Error()}
	}
	f.mu.Lock()
	defer f.mu.Unlock()
	f.checking = false
	if current == nil {
		if f.latest == nil {
			f.why = missing
		}
		return
	}
	number, err := all.numbers.state(set.Name, current.State.Log, current.State.Saw, current.Table.Holds && !all.numbers.readOnly)
	if err != nil {
		f.why = []string{"no number for its state has come yet"}
		return
	}
	at := current.State
	at.Version = number
	f.latest, f.why, f.since = current.StateAt(at), nil, time.Now()
}

// Script is the script for a set's table, and the one that undoes it.
func (f *Followed) Script(ctx context.Context, d *catalog.Definition) (*changes.Followed, error) {
	script := changes.Followed{Schema: d.Schema, Table: d.Table}
	err := f.db.InSnapshot(ctx, func(tx pgx.Tx) error {
		if err := changes.Followable(ctx, tx, d.Schema, d.Table, d.Rules.Key); err != nil {
			return err
		}
		if err := tx.QueryRow(ctx, "select session_user, relkind = 'p' from pg_class where oid = to_regclass($1)", tables.Name(d)).Scan(&script.Role, &script.Parts); err != nil {
			return err
		}
		var err error
		script.Fields, err = changes.Columns(ctx, tx, d.Schema, d.Table, loggedNames(relation.AllFields(d)))
		return err
	})
	return &script, f.db.explained(tables.Name(d), err)
}

func loggedNames(fields []changes.Field) []string {
	names := make([]string, len(fields))
	for i, f := range fields {
		names[i] = f.Name
	}
	return names
}

// findLog is a set at its current state, with the log of its table, or what is missing of that log.
func (f *Followed) findLog(ctx context.Context, set *catalog.Set) (current *relation.View, missing []string, err error) {
	f.keepLog(ctx, set) // a log that is broken begins anew by this
	script, err := f.Script(ctx, set.Definition)
	if err != nil {
		return nil, nil, err
	}
	// Transactions that were writing when the log was first seen may not have been logged. So the
	// first known state is one in which all of them have ended.
	first := changes.Mark{}
	for {
		err := f.db.InSnapshot(ctx, func(tx pgx.Tx) error {
			log, lacks, err := script.Check(ctx, tx)
			for _, earlier := range script.Earlier(loggedNames(relation.LoggedFields(set.Definition))) {
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
			t, err := relation.New(set.Definition, followedForm, log, mark.Log)
			if err == nil {
				current, missing = &relation.View{Kind: f, On: set, Table: t, State: mark}, nil
			}
			return err
		})
		if err != nil || current != nil || first.Log == "" {
			return current, missing, err
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
func (f *Followed) keepLog(ctx context.Context, set *catalog.Set) {
	if !f.keeps {
		return
	}
	ctx, cancel := context.WithTimeout(ctx, keepTime)
	defer cancel()
	err := f.db.keep(ctx, set.Definition)
	one := f.following.follows(set.Definition)
	one.mu.Lock()
	defer one.mu.Unlock()
	if one.unkept = ""; err != nil {
		one.unkept = err.Error()
	}
}

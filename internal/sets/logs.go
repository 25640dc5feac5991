package sets

import (
	"context"
	"slices"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/intake"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/value"
)

// This file knows what the change logs of sets tell.

// readLog reads which log the set's table has.
func (s *Set) readLog(ctx context.Context, tx pgx.Tx) error {
	log, err := changes.Of(ctx, tx, s.table)
	if err != nil || log == nil || !log.Has(loggedFields(s)) {
		return err
	}
	state, err := changes.StateOf(ctx, tx, s.Name, log)
	if err != nil || state.Log == "" {
		return err
	}
	s.log, s.logName = log, state.Log
	if s.logged, err = logList(s); err == nil && s.holds() {
		err = s.pinnable()
	}
	return err
}

// compared is the type that a field's values are compared as, and the collation, as SQL.
func (s *Set) compared(f *intake.Field) (base, collation string) {
	if s.saw == nil {
		base, collation, _ = strings.Cut(columnTypes[f.Type], " ")
		return base, collation
	}
	base, collation, collated := strings.Cut(s.log.Type(f.Name), " collate ")
	if collated {
		collation = "collate " + collation
	}
	return base, collation
}

// Fields of a log that no field of a set has the name of.
const (
	versionField = "\x00version"
	sideField    = "\x00side"
	placeField   = "\x00place" // where it stands in the log
)

// logList asks a set's log as the set is asked.
func logList(s *Set) (*statement.List, error) {
	t := statement.Table{
		Dialect: statement.PostgreSQL, From: s.log.Table() + " " + alias, Search: s.searched(),
		Fields: map[string]statement.Field{
			versionField: {SQL: logColumn(changes.Version), Type: value.Integer},
			sideField:    {SQL: logColumn(changes.Side), Type: value.Integer},
			placeField:   {SQL: logColumn("ctid") + "::text", Type: value.Text},
		},
	}
	if s.saw != nil {
		t.Fields[versionField] = statement.Field{SQL: logColumn(changes.Xid) + "::text::bigint", Type: value.Integer}
	}
	for i := range s.Fields {
		if f := &s.Fields[i]; slices.Contains(s.log.Fields, f.Name) {
			t.Fields[f.Name] = s.asked(f)
		}
	}
	return statement.New(t)
}

// loggedFields are the fields that a set's log has to hold for what is known to be kept current by it:
// those that its rules and its fixed filter name. Logs of earlier versions hold no others.
func loggedFields(s *Set) []changes.Field {
	names := askedBy(s.Rules)
	if ask, err := s.Rules.Read(""); err == nil {
		for _, o := range ask.Order() {
			names = append(names, o.Field)
		}
	}
	for i := range s.fixed {
		names = append(names, s.fixed[i].Field)
	}
	return slices.DeleteFunc(allFields(s), func(f changes.Field) bool { return !slices.Contains(names, f.Name) })
}

// allFields are the fields that a log holds by which a list can be held still: all.
func allFields(s *Set) []changes.Field {
	fields := make([]changes.Field, len(s.Fields))
	for i := range s.Fields {
		f := &s.Fields[i]
		fields[i] = changes.Field{Name: f.Name, Type: columnTypes[f.Type], Long: long(f.Type)}
	}
	return fields
}

// holds tells whether a list of the set can be held still.
func (s *Set) holds() bool { return s.logged != nil && s.log.Lacks() && s.log.Has(allFields(s)) }

// long tells whether values of a type may be long.
func long(t value.Type) bool { return t == value.Text || t == value.JSON }

// logTable is the set's table for its log.
func logTable(s *Set) changes.Table {
	return changes.Table{Set: s.Name, Name: s.table, Fields: allFields(s)}
}

const (
	logWait  = 2 * time.Second  // longest wait for changes in progress before a log is made
	logAgain = 10 * time.Second // between attempts

	logAttempts = 3 // before it is left to whoever asks for the set next
)

// makeLog makes a set's log in the background: of tables that earlier versions made, or
// an older service beside this one, and where rules name other fields by now. Until it is
// there, nothing is brought on, and pages come as they do from a set that stands still or
// by the plain way.
func (s *Store) makeLog(set *Set) {
	if s.readOnly {
		return
	}
	s.logMu.Lock()
	defer s.logMu.Unlock()
	if time.Since(s.logTried[set.table]) < s.logAgain {
		return
	}
	s.logTried[set.table] = time.Now()
	again := s.logAgain
	attempt := func() error {
		return pgx.BeginFunc(s.running, fresh{s.pool}, func(tx pgx.Tx) error {
			if _, err := tx.Exec(s.running, "set local lock_timeout = "+strconv.FormatInt(logWait.Milliseconds(), 10)); err != nil {
				return err
			}
			set, err := get(s.running, tx, set.Name) // as it is by now
			if err != nil || set.Attached() {
				return err
			}
			_, err = changes.Make(s.running, tx, logTable(set))
			return err
		})
	}
	s.background.Go(func() {
		for range logAttempts { // a lock may be taken for longer than the wait, as while an index is made
			if attempt() == nil {
				s.catalogue.stale(set.Name)
				return
			}
			select {
			case <-s.running.Done():
				return
			case <-time.After(again):
			}
		}
	})
}

// distrust lets a set's log be looked at anew, since what was known could not be brought on by it.
func (s *Store) distrust(set *Set, why string) {
	if set.saw == nil {
		s.catalogue.distrust(set.Name)
	} else if why == anotherLog || why == noLog || why == changes.Lost {
		s.forsake(set, why)
	}
}

// pruneEvery is how often logs are pruned.
const pruneEvery = time.Minute

// pruneLogs prunes the logs of all sets now and then.
func (s *Store) pruneLogs() {
	for {
		select {
		case <-s.running.Done():
			return
		case <-time.After(pruneEvery):
		}
		s.Prune(s.running) // what fails is done the next time
	}
}

// Prune prunes the logs of all sets.
func (s *Store) Prune(ctx context.Context) error {
	all, err := s.List(ctx)
	if err != nil {
		return err
	}
	s.unfollow(all)
	if err := s.forgetMarks(ctx); err != nil {
		return err
	}
	for _, set := range all {
		if set.Followed {
			s.keepLog(ctx, set) // what fails is seen where it is read
		}
		if set.Attached() {
			continue
		}
		err := pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
			log, err := changes.Of(ctx, tx, set.table)
			if err == nil && log != nil {
				err = changes.Prune(ctx, tx, set.Name, set.table, log)
			}
			return err
		})
		if err != nil {
			return err
		}
	}
	return nil
}

// stamp is what every statement tells of its own snapshot.
type stamp struct {
	version, records, defined int64
	catalogue                 uint32
	changedAt                 int64          // microseconds since 1970
	table                     *changes.Stamp // of a followed table, in place of all else
}

// stampSQL is the SQL of a stamp, of a row v of the catalogue.
const stampSQL = "v.stamp || ' ' || (date_part('epoch', v.changed_at) * 1e6)::bigint"

// readStamp reads what a statement on the set told.
func (s *Set) readStamp(text []byte) (stamp, error) {
	if s.saw == nil {
		return readStamp(text)
	}
	told, err := changes.ReadStamp(string(text), s.saw)
	return stamp{table: told}, err
}

// readStamp reads a stamp: five numbers that are not negative, with spaces between them.
func readStamp(text []byte) (stamp, error) {
	var numbers [5]int64
	at := 0
	for _, c := range text {
		switch {
		case c == ' ' && at < 4:
			at++
		case c >= '0' && c <= '9':
			numbers[at] = 10*numbers[at] + int64(c-'0')
		default:
			return stamp{}, errMoved
		}
	}
	if at < 4 { // no set of the name
		return stamp{}, errMoved
	}
	return stamp{numbers[0], numbers[1], numbers[2], uint32(numbers[3]), numbers[4], nil}, nil
}

// seenAt is the set as a stamp tells it.
func (s *Set) seenAt(by stamp) *Set {
	set := *s
	set.Version, set.Records, set.ChangedAt = by.version, by.records, time.UnixMicro(by.changedAt)
	return &set
}

// isAt tells whether a stamp is of the set as it is here, its records too.
func (s *Set) isAt(by stamp) bool {
	if s.saw != nil {
		return by.table == nil || by.table.Log == s.logName && by.table.Gap == "" && !by.table.New
	}
	return by.version == s.Version && s.stamped(by)
}

// stamped tells whether a stamp is of the kept set as it is defined here.
func (s *Set) stamped(by stamp) bool { return s.defined == by.defined && s.catalogue == by.catalogue }

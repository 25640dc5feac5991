package sets

import (
	"context"
	"maps"
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

// This file connects sets with their change logs.

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

// Fields of statements on a log. No field of a set has such a name.
const (
	versionField = "\x00version"
	sideField    = "\x00side"
	placeField   = "\x00place" // its place in the log
)

// logList is a set's log as a list, so that it can be asked like the set itself.
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
			field := s.sqlField(f)
			field.SQL = s.log.Value(alias, f.Name)
			t.Fields[f.Name] = field
		}
	}
	return statement.New(t)
}

// loggedFields are the fields that a log must have so that what is remembered can be kept current
// by it: those that the set's rules and its fixed filter name. Logs of earlier versions have no
// others.
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

// allFields are the fields that a log must have so that the list can be held still: all of them.
func allFields(s *Set) []changes.Field {
	fields := make([]changes.Field, len(s.Fields))
	for i := range s.Fields {
		f := &s.Fields[i]
		fields[i] = changes.Field{Name: f.Name, Type: columnTypes[f.Type], Long: long(f.Type)}
	}
	return fields
}

// holds reports whether the set's list can be held still.
func (s *Set) holds() bool { return s.logged != nil && s.log.Lacks() && s.log.Has(allFields(s)) }

// long reports whether values of a type may be long.
func long(t value.Type) bool { return t == value.Text || t == value.JSON }

// logTable is the set's table, as package changes takes it.
func logTable(s *Set) changes.Table {
	return changes.Table{Set: s.Name, Name: s.table, Fields: allFields(s)}
}

const (
	logWait  = 2 * time.Second  // longest wait for changes in progress before a log is made
	logAgain = 10 * time.Second // between attempts

	logAttempts = 3 // then the next question for the set tries again
)

// makeLog makes a set's log in the background: for tables that earlier versions made, or an older
// service next to this one, and if the rules name other fields by now. Until the log is there
// nothing is updated by it: pages are read as from a set that never changes, or the plain way.
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
		for range logAttempts { // a lock may be held for longer than the wait, for example while an index is made
			if attempt() == nil {
				s.catalogue.distrust(set.Name) // no version has moved
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

// distrust has a set's log read again, since what is remembered could not be updated by it.
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
		s.Prune(s.running) // a failure is made up for the next time
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
	s.logMu.Lock()
	maps.DeleteFunc(s.logTried, func(_ string, at time.Time) bool { return time.Since(at) >= s.logAgain })
	s.logMu.Unlock()
	for _, set := range all {
		if set.Followed {
			s.keepLog(ctx, set) // a failure is reported where the table is read
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

// stamp is what every statement reports about its own snapshot.
type stamp struct {
	version, records, defined int64
	catalogue                 uint32
	changedAt                 int64          // microseconds since 1970
	table                     *changes.Stamp // of a followed table, in place of the rest
}

// stampSQL is the SQL of a stamp, from row v of the catalogue.
const stampSQL = "v.stamp || ' ' || (date_part('epoch', v.changed_at) * 1e6)::bigint"

// readStamp reads the stamp of a statement on the set.
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
	if at < 4 { // there is no set of the name
		return stamp{}, errMoved
	}
	return stamp{numbers[0], numbers[1], numbers[2], uint32(numbers[3]), numbers[4], nil}, nil
}

// seenAt is the set as a stamp reports it.
func (s *Set) seenAt(by stamp) *Set {
	set := *s
	set.Version, set.Records, set.ChangedAt = by.version, by.records, time.UnixMicro(by.changedAt)
	return &set
}

// isAt reports whether a stamp shows the set exactly as it is here, records included.
func (s *Set) isAt(by stamp) bool {
	if s.saw != nil {
		return by.table == nil || by.table.Log == s.logName && by.table.Gap == "" && !by.table.New
	}
	return by.version == s.Version && s.stamped(by)
}

// stamped reports whether a stamp is of the kept set as it is defined here.
func (s *Set) stamped(by stamp) bool { return s.defined == by.defined && s.catalogue == by.catalogue }

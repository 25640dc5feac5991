// Package fence remembers how far our own database had come when a service last saw it, in a file of the service's data
// folder. A server that has not come as far is not taken for the primary: what was acknowledged would be gone, and
// versions that were given out would be given out again for other records.
package fence

import (
	"context"
	"errors"
	"fmt"
	"log/slog"
	"maps"
	"slices"
	"strconv"
	"strings"
	"sync"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/postgres"
)

// Fence is what one service has seen. It is safe for concurrent use. A nil one has seen nothing, and lets all pass.
type Fence struct {
	log *slog.Logger

	mu   sync.RWMutex
	all  map[string]*seen // by database
	now  *seen            // the one of them that was checked last
	life string           // of the server that was checked last, see changes.Life
	said time.Time        // when something was last said in the log
	file *file            // nil: it is remembered while the process lasts
}

// seen is what has been seen of one database.
type seen struct {
	timeline int64
	epoch    string           // the last one
	accepted map[string]bool  // epochs that operators have begun
	versions map[string]int64 // of kept sets
}

// New remembers while the process lasts.
func New(log *slog.Logger) *Fence { return &Fence{log: log, all: map[string]*seen{}} }

// Behind is the error for a server that has not come as far as what has been seen.
type Behind struct {
	Why []string
}

func (b *Behind) Error() string {
	return "the database's primary is behind what has been seen of it: " + strings.Join(b.Why, "; ")
}

// Unwrap says that it is no primary for us.
func (b *Behind) Unwrap() error { return postgres.ErrAway }

// sayEvery is how often something is said in the log.
const sayEvery = 10 * time.Second

// Check compares the server of a connection with what has been seen, once for each life of a server; what it finds is for
// Follow. The error is a *Behind or the server's.
func (f *Fence) Check(ctx context.Context, conn *pgx.Conn, life string) (*changes.Reached, error) {
	if f == nil {
		return nil, nil
	}
	f.mu.RLock()
	checked := life != "" && f.life == life
	f.mu.RUnlock()
	if checked {
		return nil, nil
	}
	has, err := changes.HasReached(ctx, conn)
	if err != nil {
		return nil, err
	}
	return &has, f.compare(has)
}

// compare is nil if a server has come as far as what has been seen.
func (f *Fence) compare(has changes.Reached) error {
	f.mu.Lock()
	defer f.mu.Unlock()
	if s := f.all[has.Database]; s != nil && !s.accepts(has) {
		if why := s.ahead(has); len(why) > 0 {
			f.say("NOTHING IS READ FROM THIS SERVER, NOR WRITTEN TO IT: it is behind what this service has seen of the database. Find out which server has the records that you want. "+
				"To go on with this one, without what it does not have: pageladder accept-primary --database-url URL", "behind", strings.Join(why, "; "))
			return &Behind{why}
		}
	}
	return nil
}

// Follow notes that the service goes on with a server, in an epoch: from now on none is to be behind it. It is on disk before
// anything of it is shown. Nil is what Check found of a server that had been checked.
func (f *Fence) Follow(life string, has *changes.Reached, epoch string) {
	if f == nil {
		return
	}
	if has == nil {
		f.Began(epoch)
		return
	}
	f.mu.Lock()
	defer f.mu.Unlock()
	s := f.all[has.Database]
	if s == nil || s != f.now {
		f.note("database", has.Database)
	}
	if s != nil && s.accepts(*has) {
		f.note("anew")
	}
	f.note("timeline", fmt.Sprint(has.Timeline))
	for _, e := range has.Epochs {
		if e.Accepted && !f.now.accepted[e.ID] {
			f.note("accepted", e.ID)
		}
	}
	if epoch != "" {
		f.note("epoch", epoch)
	}
	for _, name := range slices.Sorted(maps.Keys(has.Versions)) {
		if f.now.versions[name] < has.Versions[name] {
			f.note("set", name, fmt.Sprint(has.Versions[name]))
		}
	}
	f.life = life
	f.keeps(f.file.sync())
}

// accepts reports whether an operator has begun an epoch on a server since it was last seen.
func (s *seen) accepts(has changes.Reached) bool {
	return slices.ContainsFunc(has.Epochs, func(e changes.Epoch) bool { return e.Accepted && !s.accepted[e.ID] })
}

// shownSets is how many sets that are behind are named.
const shownSets = 5

// ahead says where what has been seen is ahead of a server; nothing if it is not.
func (s *seen) ahead(has changes.Reached) (why []string) {
	if has.Timeline < s.timeline {
		why = append(why, fmt.Sprintf("it is on timeline %d, and %d has been seen", has.Timeline, s.timeline))
	}
	reached := has.Versions
	if at := slices.IndexFunc(has.Epochs, func(e changes.Epoch) bool { return e.ID == s.epoch }); at < 0 && s.epoch != "" {
		why = append(why, fmt.Sprintf("it knows nothing of epoch %s, which has been seen", s.epoch))
	} else if s.epoch != "" && at < len(has.Epochs)-1 {
		reached = has.Epochs[at+1].Versions // those of now have jumped
	}
	var sets []string
	for _, name := range slices.Sorted(maps.Keys(s.versions)) {
		if reached[name] < s.versions[name] {
			sets = append(sets, fmt.Sprintf("it has %s at version %d, and %d has been seen", name, reached[name], s.versions[name]))
		}
	}
	if n := len(sets); n > shownSets {
		sets = append(sets[:shownSets], fmt.Sprintf("and so it is with %d more sets", n-shownSets))
	}
	return append(why, sets...)
}

// Began notes that the server that was checked last is in an epoch.
func (f *Fence) Began(epoch string) {
	if f == nil || epoch == "" {
		return
	}
	f.mu.RLock()
	known := f.now == nil || f.now.epoch == epoch
	f.mu.RUnlock()
	if known {
		return
	}
	f.mu.Lock()
	defer f.mu.Unlock()
	f.note("epoch", epoch)
	f.keeps(f.file.sync())
}

// Saw notes that a kept set has reached a version, before anybody is shown it. It must have been committed.
func (f *Fence) Saw(name string, version int64) {
	if f == nil {
		return
	}
	f.mu.RLock()
	known := f.now == nil || f.now.versions[name] >= version
	f.mu.RUnlock()
	if known {
		return
	}
	f.mu.Lock()
	defer f.mu.Unlock()
	if f.now.versions[name] < version {
		f.note("set", name, fmt.Sprint(version))
	}
}

// note notes one thing, and writes it to the file. The caller holds the lock.
func (f *Fence) note(words ...string) {
	if err := f.apply(words); err != nil {
		panic(err) // a mistake of ours
	}
	f.keeps(f.file.add(words, f.lines))
}

// keeps says so in the log if the file cannot be written: the service goes on, and remembers while it runs.
func (f *Fence) keeps(err error) {
	if err != nil {
		f.say("what has been seen of the database cannot be written down, and is remembered while the service runs", "err", err.Error())
	}
}

// say writes an error into the log, unless one was written just before.
func (f *Fence) say(what, name, value string) {
	if time.Since(f.said) > sayEvery {
		f.said = time.Now()
		f.log.Error(what, name, value)
	}
}

// apply takes what a line says. The error says what would be right.
func (f *Fence) apply(words []string) error {
	number := func(at int) (n int64) {
		if n, err := strconv.ParseInt(words[at], 10, 64); err == nil && n >= 0 {
			return n
		}
		return -1
	}
	switch kind := strings.Join(words[:min(1, len(words))], ""); {
	case kind == "database" && len(words) == 2:
		if f.all[words[1]] == nil {
			f.all[words[1]] = &seen{accepted: map[string]bool{}, versions: map[string]int64{}}
		}
		f.now = f.all[words[1]]
	case f.now == nil:
		return errors.New("a line that names the database first")
	case kind == "timeline" && len(words) == 2 && number(1) >= 0:
		f.now.timeline = number(1)
	case kind == "epoch" && len(words) == 2:
		f.now.epoch = words[1]
	case kind == "accepted" && len(words) == 2:
		f.now.accepted[words[1]] = true
	case kind == "set" && len(words) == 3 && number(2) >= 0:
		f.now.versions[words[1]] = number(2)
	case kind == "anew" && len(words) == 1:
		f.now.timeline, f.now.epoch = 0, ""
		clear(f.now.versions)
	default:
		return errors.New(`"database ID", "timeline NUMBER", "epoch ID", "accepted ID", "set NAME NUMBER" or "anew"`)
	}
	return nil
}

// lines say everything that has been seen; the database that was checked last comes last.
func (f *Fence) lines() (lines [][]string) {
	ids := slices.Sorted(maps.Keys(f.all))
	if at := slices.IndexFunc(ids, func(id string) bool { return f.all[id] == f.now }); at >= 0 {
		now := ids[at]
		ids = append(slices.Delete(ids, at, at+1), now)
	}
	for _, id := range ids {
		s := f.all[id]
		lines = append(lines, []string{"database", id}, []string{"timeline", fmt.Sprint(s.timeline)})
		if s.epoch != "" {
			lines = append(lines, []string{"epoch", s.epoch})
		}
		for _, e := range slices.Sorted(maps.Keys(s.accepted)) {
			lines = append(lines, []string{"accepted", e})
		}
		for _, name := range slices.Sorted(maps.Keys(s.versions)) {
			lines = append(lines, []string{"set", name, fmt.Sprint(s.versions[name])})
		}
	}
	return lines
}

// Close writes what has been seen to disk.
func (f *Fence) Close() error {
	if f == nil {
		return nil
	}
	f.mu.Lock()
	defer f.mu.Unlock()
	return f.file.close()
}

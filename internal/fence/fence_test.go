package fence

import (
	"bytes"
	"fmt"
	"log/slog"
	"maps"
	"os"
	"path/filepath"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/internal/changes"
)

var quiet = slog.New(slog.DiscardHandler)

// server is a model of a server: what happens to it, and how far it has come.
type server struct{ changes.Reached }

func newServer() *server {
	return &server{changes.Reached{Database: "7/5", Timeline: 1, Epochs: []changes.Epoch{{ID: "first"}}, Versions: map[string]int64{"boats": 1}}}
}

func (s *server) copied() *server {
	c := *s
	c.Epochs, c.Versions = append([]changes.Epoch(nil), s.Epochs...), maps.Clone(s.Versions)
	return &c
}

func (s *server) begin(id string, accepted bool) {
	s.Epochs = append(s.Epochs, changes.Epoch{ID: id, Accepted: accepted, Versions: maps.Clone(s.Versions)})
	for name, v := range s.Versions {
		s.Versions[name] = (v>>32+1)<<32 + int64(len(id))
	}
}

func (s *server) epoch() string { return s.Epochs[len(s.Epochs)-1].ID }

// A server that has everything that was seen is let in, and one that has not is not, however often the service is
// killed in between, until an operator accepts it.
func TestAServerIsLetInIfItHasAllThatWasSeen(t *testing.T) {
	rapid.Check(t, func(t *rapid.T) {
		dir, err := os.MkdirTemp("", "seen-")
		require.NoError(t, err)
		defer os.RemoveAll(dir)
		open := func() *Fence {
			f, err := Open(dir, quiet)
			require.NoError(t, err)
			return f
		}
		f := open()
		defer func() { f.Close() }()
		at := newServer()
		f.Follow("a life", &at.Reached, at.epoch())
		lives := 1
		var older *server // and what it lacks
		for range rapid.IntRange(1, 30).Draw(t, "steps") {
			name := rapid.SampledFrom([]string{"boats", "berths", "a_very-long_name"}).Draw(t, "set")
			switch rapid.SampledFrom([]string{"change", "change", "change", "promotion", "copy", "back", "accept", "killed", "full", "restart"}).Draw(t, "step") {
			case "change":
				at.Versions[name]++
				f.Saw(name, at.Versions[name])
			case "promotion":
				at.Timeline++
				lives++
				at.begin(fmt.Sprint("epoch ", lives)[:5]+fmt.Sprint(lives), false)
				require.NoError(t, f.compare(at.Reached))
				f.Follow(fmt.Sprint("life ", lives), &at.Reached, at.epoch())
			case "copy":
				older = at.copied()
			case "back": // an older copy, perhaps of the same state
				if older == nil {
					continue
				}
				same := older.epoch() == at.epoch() && maps.Equal(older.Versions, at.Versions)
				lives++
				back := older.copied()
				if rapid.Bool().Draw(t, "another service has begun an epoch there") {
					back.begin(fmt.Sprint("elsewhere", lives), false)
				}
				err := f.compare(back.Reached)
				if same {
					require.NoError(t, err)
					continue
				}
				var behind *Behind
				require.ErrorAs(t, err, &behind)
				require.NotEmpty(t, behind.Why)
			case "accept":
				if older == nil {
					continue
				}
				lives++
				at, older = older, nil
				at.begin(fmt.Sprint("accepted", lives), true)
				require.NoError(t, f.compare(at.Reached))
				f.Follow(fmt.Sprint("life ", lives), &at.Reached, at.epoch())
			case "killed": // in the middle of a line
				text, err := os.ReadFile(filepath.Join(dir, fileName))
				require.NoError(t, err)
				f.Close()
				require.NoError(t, os.WriteFile(filepath.Join(dir, fileName), append(text, "set boats 99999999"[:rapid.IntRange(0, 18).Draw(t, "written")]...), 0o600))
				f = open()
				require.NoError(t, f.compare(at.Reached))
				f.Follow("again", &at.Reached, at.epoch())
			case "full":
				f.mu.Lock()
				f.file.bytes = fileBytes + 1
				f.mu.Unlock()
			case "restart":
				require.NoError(t, f.Close())
				f = open()
				require.NoError(t, f.compare(at.Reached))
				f.Follow("again", &at.Reached, at.epoch())
			}
			require.NoError(t, f.compare(at.Reached), "what is followed is let in")
			lacks := at.copied()
			lacks.Versions[name]--
			if f.now.versions[name] > 0 {
				require.Error(t, f.compare(lacks.Reached), "one version less")
			}
		}
	})
}

// What is said of a server that is behind says what it lacks, once in a while.
func TestWhatIsSaidOfAServerThatIsBehind(t *testing.T) {
	for name, c := range map[string]struct {
		lacks func(*server)
		says  string
	}{
		"timeline":         {func(s *server) { s.Timeline = 1 }, "it is on timeline 1, and 2 has been seen"},
		"epoch":            {func(s *server) { s.Epochs = nil }, "it knows nothing of epoch second, which has been seen"},
		"version":          {func(s *server) { s.Versions["boats"] = 3 }, "it has boats at version 3, and 4294967302 has been seen"},
		"set":              {func(s *server) { delete(s.Versions, "boats") }, "it has boats at version 0, and 4294967302 has been seen"},
		"everything":       {func(s *server) { s.Timeline, s.Epochs, s.Versions = 1, nil, nil }, "and so it is with 4 more sets"},
		"before the epoch": {func(s *server) { delete(s.Versions, "list 7"); s.begin("third", false) }, "it has list 7 at version 0, and 4294967302 has been seen"},
	} {
		var log bytes.Buffer
		f := New(slog.New(slog.NewTextHandler(&log, nil)))
		s := newServer()
		for n := range 8 {
			s.Versions[fmt.Sprint("list ", n)] = 1
		}
		s.begin("second", false)
		s.Timeline = 2
		f.Follow("a life", &s.Reached, s.epoch())
		c.lacks(s)
		var behind *Behind
		for range 3 {
			require.ErrorAs(t, f.compare(s.Reached), &behind, name)
		}
		assert.Contains(t, behind.Error(), c.says, name)
		assert.Equal(t, 1, strings.Count(log.String(), "level=ERROR"), name)
		assert.Contains(t, log.String(), "accept-primary", name)
	}
}

// The file can be read by its owner alone, is kept by one service, and is not taken if something else is in it.
func TestTheFile(t *testing.T) {
	dir := filepath.Join(t.TempDir(), "new", "folder")
	f, err := Open(dir, quiet)
	require.NoError(t, err)
	s := newServer()
	f.Follow("a life", &s.Reached, s.epoch())
	f.Saw("boats", 2)
	path := filepath.Join(dir, fileName)
	info, err := os.Stat(path)
	require.NoError(t, err)
	assert.Equal(t, os.FileMode(0o600), info.Mode().Perm())
	_, err = Open(dir, quiet)
	require.ErrorIs(t, err, ErrShared)
	text, err := os.ReadFile(path)
	require.NoError(t, err)
	assert.Contains(t, string(text), "set boats 2\n", "before anything is closed")
	require.NoError(t, f.Close())
	f.Saw("boats", 3) // nobody reads it any more

	for wrong, where := range map[string]string{
		"set boats 1":                               "line 1",
		"database 7/5\nset boats x":                 "line 2",
		"database 7/5\nset boats -1":                "line 2",
		"database 7/5\nset boats 1 2":               "line 2",
		"database 7/5\n\n":                          "line 2",
		"database 7/5\nanother kind":                "line 2",
		"database 7/5\n" + strings.Repeat("x", 1e5): "line 2",
	} {
		require.NoError(t, os.WriteFile(path, []byte(wrong+"\n"), 0o600))
		_, err := Open(dir, quiet)
		require.ErrorContains(t, err, where, wrong)
		assert.ErrorContains(t, err, path)
	}
}

// A service goes on if the file cannot be written, says so, and writes all of it once it can.
func TestADiskThatIsFull(t *testing.T) {
	dir := t.TempDir()
	var log bytes.Buffer
	f, err := Open(dir, slog.New(slog.NewTextHandler(&log, nil)))
	require.NoError(t, err)
	s := newServer()
	f.Follow("a life", &s.Reached, s.epoch())
	full, err := os.OpenFile("/dev/full", os.O_WRONLY, 0)
	require.NoError(t, err)
	f.file.at.Close()
	f.file.at = full
	f.Saw("boats", 2)
	assert.Contains(t, log.String(), "cannot be written down")
	f.Saw("boats", 3)
	f.file.again = time.Now().Add(-time.Second)
	f.Saw("boats", 4)
	require.NoError(t, f.Close())
	f, err = Open(dir, quiet)
	require.NoError(t, err)
	defer f.Close()
	assert.EqualValues(t, 4, f.now.versions["boats"])
}

// A file of many sets is not written anew for each version.
func TestAFileOfManySetsIsSeldomWrittenAnew(t *testing.T) {
	f, err := Open(t.TempDir(), quiet)
	require.NoError(t, err)
	defer f.Close()
	s := newServer()
	for n := range 30_000 {
		s.Versions[fmt.Sprintf("a-set-with-the-number-%d", n)] = 4_000_000_000
	}
	f.Follow("a life", &s.Reached, s.epoch())
	require.Greater(t, f.file.bytes, int64(fileBytes))
	anew, at := 0, f.file.at
	for n := range int64(1000) {
		f.Saw("boats", n+2)
		if f.file.at != at {
			anew, at = anew+1, f.file.at
		}
	}
	assert.LessOrEqual(t, anew, 1)
}

// A version that was seen before, and one that is new: what a page and a change cost on top.
func BenchmarkSaw(b *testing.B) {
	for name, step := range map[string]int64{"known": 0, "new": 1} {
		b.Run(name, func(b *testing.B) {
			f, err := Open(b.TempDir(), quiet)
			require.NoError(b, err)
			defer f.Close()
			s := newServer()
			f.Follow("a life", &s.Reached, s.epoch())
			for n := int64(1); b.Loop(); n += step {
				f.Saw("boats", n)
			}
		})
	}
}

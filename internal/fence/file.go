package fence

import (
	"bufio"
	"errors"
	"fmt"
	"io"
	"io/fs"
	"log/slog"
	"os"
	"path/filepath"
	"strings"
	"sync/atomic"
	"syscall"
	"time"
)

const (
	fileName   = "seen"
	fileBytes  = 1 << 20   // a longer file is written anew, with one line for each thing, if it has doubled since it was
	bytesLimit = 256 << 20 // a longer one is not ours: a set takes some 50 bytes
	firstLine  = "# How far our database had come when this service last saw it: see docs/cluster.md. A server that is behind is refused."
	lineBytes  = 1 << 10         // longest line
	syncWithin = 1 * time.Second // a version is on disk
)

// ErrShared is the error for a data folder in which another service keeps what it has seen.
var ErrShared = errors.New("another service that runs keeps what it has seen in this folder")

// file keeps lines, each of which is in the hands of the operating system when add returns: it is lost only if the machine
// fails within the next second.
type file struct {
	path   string
	lock   *os.File // the folder
	at     *os.File
	bytes  int64
	whole  int64     // bytes when it was last written anew
	again  time.Time // the file is not whole, and is tried again then
	syncs  atomic.Bool
	closed bool
}

// Open remembers in a folder, which is created if it is not there. The error is ErrShared, that of the file system, or that the file
// is not what Page Ladder has written.
func Open(dir string, log *slog.Logger) (*Fence, error) {
	f := New(log)
	if err := os.MkdirAll(dir, 0o700); err != nil {
		return nil, err
	}
	lock, err := os.Open(dir)
	if err != nil {
		return nil, err
	}
	if err := syscall.Flock(int(lock.Fd()), syscall.LOCK_EX|syscall.LOCK_NB); err != nil {
		lock.Close()
		return nil, fmt.Errorf("%s: %w", dir, ErrShared)
	}
	f.file = &file{path: filepath.Join(dir, fileName), lock: lock}
	if err = f.read(); err == nil {
		err = f.file.write(f.lines())
	}
	if err != nil {
		lock.Close()
		return nil, err
	}
	return f, nil
}

// read takes what the file says. A last line that was cut off is not taken.
func (f *Fence) read() error {
	info, err := os.Stat(f.file.path)
	switch {
	case errors.Is(err, fs.ErrNotExist):
		return nil
	case err != nil:
		return err
	case info.Size() > bytesLimit:
		return fmt.Errorf("%s has %d bytes; right would be %d at most", f.file.path, info.Size(), bytesLimit)
	}
	text, err := os.Open(f.file.path)
	if err != nil {
		return err
	}
	defer text.Close()
	lines := bufio.NewReaderSize(text, lineBytes)
	for n := 1; ; n++ {
		line, err := lines.ReadSlice('\n')
		if errors.Is(err, io.EOF) {
			return nil
		}
		if err != nil {
			return fmt.Errorf("%s: line %d: %w", f.file.path, n, err)
		}
		if strings.HasPrefix(string(line), "#") {
			continue
		}
		if err := f.apply(strings.Fields(string(line))); err != nil {
			return fmt.Errorf("%s: line %d: found %.100q; right would be %w; without the file the service takes the database for whole as it is", f.file.path, n, strings.TrimSpace(string(line)), err)
		}
	}
}

// write writes all lines anew.
func (k *file) write(lines [][]string) (err error) {
	var text strings.Builder
	text.WriteString(firstLine + "\n")
	for _, words := range lines {
		text.WriteString(strings.Join(words, " ") + "\n")
	}
	unfinished := k.path + ".unfinished"
	at, err := os.OpenFile(unfinished, os.O_CREATE|os.O_WRONLY|os.O_TRUNC|os.O_APPEND|syscall.O_NOFOLLOW, 0o600)
	if err != nil {
		return err
	}
	defer func() {
		if err != nil {
			at.Close()
		}
	}()
	if _, err = at.WriteString(text.String()); err != nil {
		return err
	}
	if err = errors.Join(at.Chmod(0o600), at.Sync()); err != nil {
		return err
	}
	if err = os.Rename(unfinished, k.path); err != nil {
		return err
	}
	if k.at != nil {
		k.at.Close()
	}
	k.at, k.bytes, k.whole, k.again = at, int64(text.Len()), int64(text.Len()), time.Time{}
	return k.lock.Sync() // the name
}

// add adds a line; all are the lines that say the same as all that was added, this one included.
func (k *file) add(words []string, all func() [][]string) error {
	if k == nil || k.closed {
		return nil
	}
	if !k.again.IsZero() || k.bytes > max(fileBytes, 2*k.whole) {
		if time.Now().Before(k.again) {
			return nil
		}
		k.again = time.Now().Add(syncWithin)
		return k.write(all())
	}
	n, err := k.at.WriteString(strings.Join(words, " ") + "\n")
	k.bytes += int64(n)
	if err != nil {
		k.again = time.Now().Add(syncWithin)
		return err
	}
	if k.syncs.CompareAndSwap(false, true) {
		at := k.at
		time.AfterFunc(syncWithin, func() {
			k.syncs.Store(false)
			at.Sync() // one that has been replaced is closed, and the new one is on disk
		})
	}
	return nil
}

// sync has all lines on disk.
func (k *file) sync() error {
	if k == nil || k.closed || !k.again.IsZero() {
		return nil
	}
	return k.at.Sync()
}

func (k *file) close() error {
	if k == nil || k.closed {
		return nil
	}
	k.closed = true
	return errors.Join(k.at.Sync(), k.at.Close(), k.lock.Close())
}

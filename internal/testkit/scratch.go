package testkit

import (
	"fmt"
	"os"
	"strings"

	"golang.org/x/sys/unix"
)

// memory is a file system in memory that most Linux machines have.
const memory = "/dev/shm"

// roomy is how many bytes must be free in memory for the files of the tests to be put there. PostgreSQL alone
// may keep 1 GiB of write-ahead log (max_wal_size); packages are tested side by side, some with a standby.
const roomy = 8 << 30

// scratch is the folder under which the files of the tests are put: memory, where a database is created in a
// tenth of the time, if there is room, programs may be run from there, and TMPDIR names no other place.
func scratch() string {
	var fs unix.Statfs_t
	if os.Getenv("TMPDIR") != "" || unix.Statfs(memory, &fs) != nil ||
		fs.Flags&unix.ST_NOEXEC != 0 || fs.Bavail*uint64(fs.Bsize) < roomy || available() < roomy {
		return os.TempDir()
	}
	return memory
}

// available is how much memory may be taken before the machine swaps, in bytes; 0 where that is not known.
func available() (bytes uint64) {
	info, _ := os.ReadFile("/proc/meminfo")
	_, rest, _ := strings.Cut(string(info), "\nMemAvailable:")
	fmt.Sscan(rest, &bytes)
	return bytes << 10
}

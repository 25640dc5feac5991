package postgres

import (
	"context"
	"os"
	"path/filepath"
	"regexp"
	"time"

	"github.com/jackc/pgx/v5"
)

// sweepTime is the longest time to look for files that nothing refers to.
const sweepTime = 10 * time.Second

// numbered is a file of a relation: its number, and those of its segments and forks.
var numbered = regexp.MustCompile(`^(\d+)(_fsm|_vm|_init)?(\.\d+)?$`)

// sweepFiles removes what a transaction that was cut short by a crash has left on the
// disk: the files of tables and indexes that it had created, to which nothing refers and
// which PostgreSQL itself never removes. An import that is killed leaves as much as it
// had loaded. The files are listed first; where no other client is connected then, one
// that nothing refers to is of no transaction that runs. PostgreSQL gives no number anew
// whose file is there.
func (s *Server) sweepFiles(ctx context.Context) error {
	ctx, cancel := context.WithTimeout(ctx, sweepTime)
	defer cancel()
	conn, err := pgx.Connect(ctx, s.URL())
	if err != nil {
		return err
	}
	defer conn.Close(context.WithoutCancel(ctx))
	var database string
	if err := conn.QueryRow(ctx, "select oid::text from pg_database where datname = current_database()").Scan(&database); err != nil {
		return err
	}
	folder := filepath.Join(s.cluster(), "base", database)
	entries, err := os.ReadDir(folder)
	if err != nil {
		return err
	}
	var busy bool // what runs, or is prepared, may have created tables that the catalogue does not show yet
	err = conn.QueryRow(ctx, `select exists (select from pg_prepared_xacts) or
		exists (select from pg_stat_activity where backend_type = 'client backend' and pid <> pg_backend_pid())`).Scan(&busy)
	if err != nil || busy {
		return err
	}
	for _, entry := range entries {
		parts := numbered.FindStringSubmatch(entry.Name())
		info, err := entry.Info()
		if parts == nil || err != nil || !info.Mode().IsRegular() || info.Size() == 0 {
			continue // an empty one may be of a table that was dropped since the last checkpoint, which removes it
		}
		var known bool
		if err := conn.QueryRow(ctx, "select pg_filenode_relation(0, $1::text::oid) is not null", parts[1]).Scan(&known); err != nil {
			return err
		}
		if !known {
			if err := os.Remove(filepath.Join(folder, entry.Name())); err != nil {
				return err
			}
			s.opts.Log.Info("removed a file that a crash had left", "file", entry.Name(), "bytes", info.Size())
		}
	}
	return nil
}

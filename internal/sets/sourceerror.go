package sets

import (
	"context"
	"errors"
	"fmt"
	"strings"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"
	"github.com/jackc/pgx/v5/pgxpool"
)

// This file says what an error of a source's database is for those who read there. Whatever a
// table's owner does, readers get a page, or an answer that says why there is none at the moment.

// TableError is the error for an attached table that cannot be read any more as it was attached: a
// column is gone, it has another type, a right was taken away.
type TableError struct {
	Table string // with its schema
	Role  string // that reads it
	err   *pgconn.PgError
}

// Error says what is wrong for the set's owner, and what helps.
func (e *TableError) Error() string {
	message := strings.ReplaceAll(e.err.Message, "column "+alias+".", "column ")
	if e.err.Code == noPrivilege {
		return fmt.Sprintf("the source's role may not read %s (%s); %s", e.Table, message, grants(e.Table, e.Role))
	}
	return fmt.Sprintf("%s is not as it was when it was attached: %s; attach it anew, or change it back", e.Table, message)
}

// Says is the error for everybody else: names of columns are the owner's.
func (e *TableError) Says() string {
	if e.err.Code == noPrivilege {
		return "the list's table may not be read at the moment"
	}
	return "the list's table has changed, and cannot be read as it is"
}

func (e *TableError) Unwrap() error { return e.err }

// grants is what the owner of a table, as SQL names it, can run so that a role may read it.
func grants(table, role string) string {
	schema := table[:strings.LastIndex(table, ".")]
	if strings.HasSuffix(table, `"`) {
		schema = table[:strings.LastIndex(table, `."`)]
	}
	return fmt.Sprintf("this would help, run by its owner: grant usage on schema %s to %s; grant select on %s to %[2]s;", schema, quote(role), table)
}

// notReadable says why a table has no column that a source's role may read.
func notReadable(ctx context.Context, pool *pgxpool.Pool, schema, table string) error {
	var there bool
	var role string
	err := pool.QueryRow(ctx, "select session_user, exists (select from pg_class c join pg_namespace n on n.oid = c.relnamespace where n.nspname = $1 and c.relname = $2 and c.relkind in ('r', 'p', 'v', 'm', 'f'))", schema, table).Scan(&role, &there)
	switch {
	case err != nil:
		return err
	case there:
		return fmt.Errorf("%w: the source's role, %s, may not read %s.%s; %s", ErrTable, role, schema, table, grants(quote(schema)+"."+quote(table), role))
	}
	return fmt.Errorf("%w: the source has no table or view %s.%s that its role, %s, may read", ErrTable, schema, table, role)
}

// PostgreSQL's codes of errors that a source is asked again for, and of a missing right.
const (
	planChanged     = "0A000" // "cached plan must not change result type", among others
	deadlock        = "40P01"
	notSerializable = "40001"
	noPrivilege     = "42501"
)

// midway is an error after which a question cannot be asked again: a part of the answer was sent.
type midway struct{ error }

func (m midway) Unwrap() error { return m.error }

// askAgain reports whether a source may answer a question that it has just failed to answer: its
// owner was changing the table, or has changed it.
func (s *Store) askAgain(ctx context.Context, set *Set, err error) bool {
	var pg *pgconn.PgError
	if !errors.As(err, &pg) || errors.As(err, new(midway)) || ctx.Err() != nil {
		return false
	}
	switch pg.Code {
	case planChanged:
		// Each connection has prepared the question for the table as it was.
		if src, ok := s.sources[set.Source]; ok {
			src.renew()
		}
		return true
	case deadlock, notSerializable:
		return true
	}
	return false
}

// renew has connections opened anew. Those in use go on.
func (src *source) renew() {
	src.mu.Lock()
	defer src.mu.Unlock()
	for _, pool := range []*pgxpool.Pool{src.pool, src.plain, src.folding} {
		if pool != nil {
			pool.Reset()
		}
	}
}

// sourceError is what an error of a source's database is for those who read a set in it. Data
// exceptions are left as they are: the question's values are wrong.
func (s *Store) sourceError(set *Set, err error) error {
	if err = sourceError(err); err == nil || errors.Is(err, ErrSourceAway) {
		return err
	}
	var pg *pgconn.PgError
	var ours *TableError
	switch {
	case !errors.As(err, &pg), errors.As(err, &ours), isCanceled(err):
		return err
	case pg.Code == deadlock, pg.Code == notSerializable, pg.Code == lockNotAvailable:
		return fmt.Errorf("%w: %w", ErrSourceAway, err)
	case isDataException(pg.Code):
		return err
	}
	role := ""
	if src, ok := s.sources[set.Source]; ok {
		role = src.role()
	}
	return &TableError{tableName(set), role, pg}
}

// role is the role that a source is read by.
func (src *source) role() string {
	config, err := pgx.ParseConfig(src.url)
	if err != nil {
		return ""
	}
	return config.User
}

// sourceError adds to a connection error that it is about the source.
func sourceError(err error) error {
	if err != nil && Unavailable(err) {
		return fmt.Errorf("%w: %w", ErrSourceAway, err)
	}
	return err
}

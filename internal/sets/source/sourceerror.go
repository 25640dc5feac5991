package source

import (
	"context"
	"errors"
	"fmt"
	"strings"

	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/relation"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
)

// This file says what an error of a source's database is for those who read there. Whatever a
// table's owner does, readers get a page, or an answer that says why there is none at the moment.

// ErrSourceAway is the error for a source that does not answer.
var ErrSourceAway = errors.New("the source cannot be reached")

// TableError is the error for an attached table that cannot be read any more as it was attached: a
// column is gone, it has another type, a right was taken away.
type TableError struct {
	Table string // with its schema
	Role  string // that reads it
	err   *pgconn.PgError
}

// Error says what is wrong for the set's owner, and what helps.
func (e *TableError) Error() string {
	message := strings.ReplaceAll(e.err.Message, "column "+relation.Alias+".", "column ")
	if e.err.Code == postgres.NoPrivilege {
		return fmt.Sprintf("the source's role may not read %s (%s); %s", e.Table, message, Grants(e.Table, e.Role))
	}
	return fmt.Sprintf("%s is not as it was when it was attached: %s; attach it anew, or change it back", e.Table, message)
}

// Says is the error for everybody else: names of columns are the owner's.
func (e *TableError) Says() string {
	if e.err.Code == postgres.NoPrivilege {
		return "the list's table may not be read at the moment"
	}
	return "the list's table has changed, and cannot be read as it is"
}

func (e *TableError) Unwrap() error { return e.err }

// Grants is what the owner of a table, as SQL names it, can run so that a role may read it.
func Grants(table, role string) string {
	schema := table[:strings.LastIndex(table, ".")]
	if strings.HasSuffix(table, `"`) {
		schema = table[:strings.LastIndex(table, `."`)]
	}
	return fmt.Sprintf("this would help, run by its owner: grant usage on schema %s to %s; grant select on %s to %[2]s;", schema, tables.Quote(role), table)
}

// Away adds to a connection error that it is about the source.
func Away(err error) error {
	if err != nil && postgres.Unavailable(err) {
		return fmt.Errorf("%w: %w", ErrSourceAway, err)
	}
	return err
}

// explained is what an error of a source's database is for those who read a table in it. Data exceptions
// are left as they are: the question's values are wrong.
func (d *Database) explained(table string, err error) error {
	if err = Away(err); err == nil || errors.Is(err, ErrSourceAway) {
		return err
	}
	var pg *pgconn.PgError
	var ours *TableError
	switch {
	case !errors.As(err, &pg), errors.As(err, &ours), pg.Code == postgres.Canceled:
		return err
	case pg.Code == postgres.Deadlock, pg.Code == postgres.NotSerializable, pg.Code == postgres.LockNotAvailable:
		return fmt.Errorf("%w: %w", ErrSourceAway, err)
	case postgres.IsDataException(pg.Code):
		return err
	}
	return &TableError{table, d.role(), pg}
}

// askAgain reports whether a source may answer a question that it has just failed to answer: its
// owner was changing the table, or has changed it.
func (d *Database) askAgain(ctx context.Context, err error) bool {
	if ctx.Err() != nil {
		return false
	}
	switch postgres.Code(err) {
	case postgres.PlanChanged:
		d.renew() // each connection has prepared the question for the table as it was
		return true
	case postgres.Deadlock, postgres.NotSerializable:
		return true
	}
	return false
}

// unopened is an error of opening a view, for those who read there: a *view.Moved too if it may help to open
// it again.
func (d *Database) unopened(ctx context.Context, set *catalog.Definition, err error) error {
	var moved *view.Moved
	if errors.As(err, &moved) {
		return err
	}
	explained := d.explained(tables.Name(set), err)
	if d.askAgain(ctx, err) {
		return fmt.Errorf("%w: %w", explained, &view.Moved{Why: "its owner is changing the table"})
	}
	return explained
}

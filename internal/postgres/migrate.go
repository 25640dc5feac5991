package postgres

import (
	"context"
	"embed"
	"fmt"
	"io/fs"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/tern/v2/migrate"
)

// migrations are those of the schema from before it could be updated back and forth; an older program accepts no more of them than
// it knows. Steps have followed since: they only add, and are counted apart.
//
//go:embed migrations/*.sql steps/*.sql
var migrations embed.FS

// Schema is the schema that everything of the service's own lives in.
const Schema = "pageladder"

// Migrate brings a database to the newest version of the schema. Several services may do so at
// once: they take turns, from the first statement on.
func Migrate(ctx context.Context, url string) error { return migrateTo(ctx, url, newest) }

const newest int32 = -1

func migrateTo(ctx context.Context, url string, version int32) error {
	conn, err := pgx.Connect(ctx, url)
	if err != nil {
		return err
	}
	defer conn.Close(context.WithoutCancel(ctx))
	// Services that start at the same time take turns. The lock ends with the connection.
	if _, err := conn.Exec(ctx, fmt.Sprintf("set lock_timeout = '%dms'; select pg_advisory_lock(hashtext('pageladder.migrate')); reset lock_timeout", migrateWait.Milliseconds())); err != nil {
		return fmt.Errorf("waiting for another service that migrates the database: %w", err)
	}
	if _, err := conn.Exec(ctx, "create schema if not exists "+Schema); err != nil {
		return err
	}
	if err := bring(ctx, conn, "migrations", "schema_version", version, func(is, known int32) error {
		return fmt.Errorf("the database was last used by a newer Page Ladder: its schema is version %d, and this one knows %d; start the newer one, or restore a backup from before", is, known)
	}); err != nil || version != newest {
		return err
	}
	return bring(ctx, conn, "steps", "step", newest, func(_, known int32) error { return programFits(ctx, conn, known) })
}

// bring runs the migrations of a folder, which a table counts, up to a version. Where more of them have been run than we
// know, it asks what to do about that, and runs none.
func bring(ctx context.Context, conn *pgx.Conn, folder, table string, version int32, ahead func(is, known int32) error) error {
	m, err := migrate.NewMigrator(ctx, conn, Schema+"."+table)
	if err != nil {
		return err
	}
	files, err := fs.Sub(migrations, folder)
	if err != nil {
		return err
	}
	if err := m.LoadMigrations(files); err != nil {
		return err
	}
	is, err := m.GetCurrentVersion(ctx)
	if err != nil {
		return err
	}
	known := int32(len(m.Migrations))
	if is > known {
		return ahead(is, known)
	}
	if version == newest {
		version = known
	}
	if err := m.MigrateTo(ctx, version); err != nil {
		return fmt.Errorf("migrating the database: %w", err)
	}
	return nil
}

// programFits is nil if the database may be used by a program that knows so many steps.
func programFits(ctx context.Context, conn *pgx.Conn, known int32) error {
	var oldest int32
	if err := conn.QueryRow(ctx, "select oldest from "+Schema+".program").Scan(&oldest); err != nil {
		return err
	}
	if oldest > known {
		return fmt.Errorf("the database is of a newer Page Ladder: it needs one that knows step %d of its schema, and this one knows %d; start the newer one, or restore a backup from before", oldest, known)
	}
	return nil
}

// migrateWait is the longest wait for another service that migrates the database.
const migrateWait = 10 * time.Minute

// Keeps reports whether a database keeps record sets.
func Keeps(ctx context.Context, url string) (bool, error) {
	conn, err := pgx.Connect(ctx, url)
	if err != nil {
		return false, err
	}
	defer conn.Close(context.WithoutCancel(ctx))
	var keeps bool
	err = conn.QueryRow(ctx, "select to_regclass('pageladder.record_set') is not null").Scan(&keeps)
	return keeps, err
}

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

//go:embed migrations/*.sql
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
	m, err := migrate.NewMigrator(ctx, conn, Schema+".schema_version")
	if err != nil {
		return err
	}
	files, err := fs.Sub(migrations, "migrations")
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
	if known := int32(len(m.Migrations)); is > known {
		return fmt.Errorf("the database was last used by a newer Page Ladder: its schema is version %d, and this one knows %d; start the newer one, or restore a backup from before", is, known)
	}
	if version == newest {
		version = int32(len(m.Migrations))
	}
	if err := m.MigrateTo(ctx, version); err != nil {
		return fmt.Errorf("migrating the database: %w", err)
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

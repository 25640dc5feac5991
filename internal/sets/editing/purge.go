package editing

import (
	"cmp"
	"context"
	"errors"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/once"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/internal/sets/tables"
	"pageladder.example/internal/sets/view"
)

// This file deletes every trace of a record.

// Purge deletes a record for good, if it still has the revision, or one that is no longer in the
// set: from the withdrawn records, the change log, the tables of earlier imports and the memory of
// all services too. Lists cannot be held at earlier versions afterwards.
func (e *Editor) Purge(ctx context.Context, name string, key []string, revision Revision) (version int64, err error) {
	gone := int64(0)
	purge := func(tx pgx.Tx, set *catalog.Set) error {
		key, err := canonical(set, key)
		if err != nil {
			return err
		}
		if gone < 0 {
			err = e.remove(ctx, tx, set, key, revision)
		} else if _, _, err = e.read(ctx, tx, set, key); err == nil {
			err = ErrStale // it was added meanwhile
		} else if errors.Is(err, view.ErrNoRecord) {
			err = nil
		}
		if err != nil {
			return err
		}
		stored, err := withdrawnKey(set, key)
		if err != nil {
			return err
		}
		tag, err := tx.Exec(ctx, "delete from pageladder.withdrawn where set_name = $1 and key = $2", name, stored)
		if err != nil {
			return err
		}
		found := tag.RowsAffected() > 0 || gone < 0
		log, err := changes.Of(ctx, tx, set.Table)
		if err == nil && log != nil {
			w := &writer{set: set}
			where := w.whereKey(key)
			var logged bool
			if err := tx.QueryRow(ctx, "select exists (select from "+log.Table()+where+")", w.args...).Scan(&logged); err != nil {
				return err
			}
			if found = found || logged; found {
				err = changes.Empty(ctx, tx, set.Name, set.Table, log)
			}
		}
		if err == nil && !found {
			err = view.ErrNoRecord
		}
		if err == nil {
			err = catalog.NotifyPurged(ctx, tx, name)
		}
		return err
	}
	there, err := e.there(ctx, name, key)
	if err != nil {
		return 0, err
	}
	if there {
		gone = -1
	}
	unnamed := (*once.Write)(nil).With(ctx)
	// It is done when all of it is, and noted then.
	version, err = e.change(unnamed, name, gone, func(tx pgx.Tx, set *catalog.Set) (int64, error) { return 0, purge(tx, set) })
	if err != nil && !errors.Is(err, view.ErrNoRecord) {
		return 0, err
	}
	// Also where nothing was found: an earlier attempt may have failed after this point.
	e.catalog.Purged()
	if err != nil {
		ctx = unnamed
	}
	return version, cmp.Or(err, e.empty(ctx, version))
}

// empty drops the tables that imports have replaced, at once: a purged record may be in one of
// them. One that somebody still reads loses its records and those of its log instead. The purge is then done.
func (e *Editor) empty(ctx context.Context, version int64) error {
	if err := e.sweep(ctx, 0); err != nil {
		return err
	}
	named := once.Of(ctx)
	return e.writes.Write(ctx, func(tx pgx.Tx) error {
		if err := named.Begin(ctx, tx); err != nil {
			return err
		}
		rows, err := tx.Query(ctx, "select r.record_table, coalesce(l.log_table, '') from pageladder.replaced_table r left join pageladder.change_log l on l.record_table = r.record_table where to_regclass('pageladder.' || quote_ident(r.record_table)) is not null for update of r")
		if err != nil {
			return err
		}
		left, err := pgx.CollectRows(rows, func(row pgx.CollectableRow) (both [2]string, err error) {
			return both, row.Scan(&both[0], &both[1])
		})
		if err != nil {
			return err
		}
		for _, both := range left {
			for _, table := range both { // the log last: it has what is deleted from the table
				if table == "" {
					continue
				}
				if _, err := tx.Exec(ctx, "delete from "+tables.Name(&catalog.Definition{Table: table})); err != nil {
					return err
				}
			}
		}
		return named.End(ctx, tx, version, "")
	})
}

// there reports whether a set has a record.
func (e *Editor) there(ctx context.Context, name string, key []string) (there bool, err error) {
	err = e.writes.Write(ctx, func(tx pgx.Tx) error {
		set, err := catalog.Get(ctx, tx, name)
		if err != nil {
			return err
		}
		if set.Attached() {
			return ErrReadOnly
		}
		_, _, err = e.read(ctx, tx, set, key)
		if there = err == nil; errors.Is(err, view.ErrNoRecord) {
			err = nil
		}
		return err
	})
	return there, err
}

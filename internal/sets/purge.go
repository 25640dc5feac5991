package sets

import (
	"cmp"
	"context"
	"errors"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/changes"
)

// This file deletes every trace of a record.

// Purge deletes a record for good, if it still has the revision, or one that is no longer in the
// set: from the withdrawn records, the change log, the tables of earlier imports and the memory of
// all services too. Lists cannot be held at earlier versions afterwards.
func (s *Store) Purge(ctx context.Context, name string, key []string, revision Revision) (version int64, err error) {
	gone := int64(0)
	purge := func(tx pgx.Tx, set *Set) error {
		key, err := canonicalKey(set, key)
		if err != nil {
			return err
		}
		if gone < 0 {
			err = remove(ctx, tx, set, key, revision)
		} else if _, _, err = readRecord(ctx, tx, set, All, key); err == nil {
			err = ErrStale // it was added meanwhile
		} else if errors.Is(err, ErrNoRecord) {
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
		log, err := changes.Of(ctx, tx, set.table)
		if err == nil && log != nil {
			w := &writer{set: set}
			where := w.whereKey(key)
			var logged bool
			if err := tx.QueryRow(ctx, "select exists (select from "+log.Table()+where+")", w.args...).Scan(&logged); err != nil {
				return err
			}
			if found = found || logged; found {
				err = changes.Empty(ctx, tx, set.Name, set.table, log)
			}
		}
		if err == nil && !found {
			err = ErrNoRecord
		}
		if err == nil {
			err = notify(ctx, tx, name+" "+purged)
		}
		return err
	}
	_, _, _, err = s.Record(ctx, Request{Set: name, Visibility: All}, key)
	if err == nil {
		gone = -1
	} else if !errors.Is(err, ErrNoRecord) {
		return 0, err
	}
	version, err = s.change(ctx, name, gone, purge)
	if err != nil && !errors.Is(err, ErrNoRecord) {
		return 0, err
	}
	// Also where nothing was found: an attempt before may have failed from here on.
	s.forget()
	return version, cmp.Or(err, s.empty(ctx))
}

// empty drops the tables that imports have replaced, at once: a purged record may be in one of
// them. One that somebody still reads loses its records and those of its log instead.
func (s *Store) empty(ctx context.Context) error {
	if err := s.sweepAll(ctx, 0); err != nil {
		return err
	}
	return pgx.BeginFunc(ctx, fresh{s.pool}, func(tx pgx.Tx) error {
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
				if _, err := tx.Exec(ctx, "delete from "+tableName(&Set{table: table})); err != nil {
					return err
				}
			}
		}
		return nil
	})
}

// purged is what services tell each other behind a set's name when one of its records is purged.
const purged = "purged"

// forget forgets everything that is remembered of records.
func (s *Store) forget() {
	s.lately.forget()
	s.tracks.dropAll("")
	s.held.dropAll("")
	s.counts.Purge()
	s.counted.Purge()
	s.facets.Purge()
	s.since.Purge()
	s.heldValues.Purge()
	if forget := s.onForget.Load(); forget != nil {
		(*forget)()
	}
}

// OnForget sets what is called when everything that is remembered of records has to be forgotten.
func (s *Store) OnForget(forget func()) { s.onForget.Store(&forget) }

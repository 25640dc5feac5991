package sets

import (
	"context"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
)

// This file opens snapshots of databases, and reads sets in them.

// snapshot runs a read-only transaction that sees one state of our own database.
func snapshot(ctx context.Context, pool *pgxpool.Pool, do func(tx pgx.Tx) error) error {
	return pgx.BeginTxFunc(ctx, fresh{pool}, pgx.TxOptions{IsoLevel: pgx.RepeatableRead, AccessMode: pgx.ReadOnly}, do)
}

// elsewhere does the same in a source's database. Session settings may not get through a pooler,
// so they are made in the transaction.
func elsewhere(ctx context.Context, pool *pgxpool.Pool, do func(tx pgx.Tx) error) error {
	return pgx.BeginTxFunc(ctx, fresh{pool}, pgx.TxOptions{BeginQuery: "begin isolation level repeatable read read only; set local statement_timeout = '" + sourceTimeout + "'"}, do)
}

// snapshotOf opens a snapshot of the database that has a set's records.
func (s *Store) snapshotOf(ctx context.Context, set *Set, do func(tx pgx.Tx) error) error {
	if set.pool != nil {
		return elsewhere(ctx, set.pool, do)
	}
	return snapshot(ctx, s.pool, do)
}

// within calls a function with a set and a snapshot of the database that its records are in.
func (s *Store) within(ctx context.Context, name string, do func(tx pgx.Tx, set *Set) error) (err error) {
	set, _, _ := s.catalogue.get(name)
	for known := set != nil && !set.Attached(); ; known = false {
		if !known {
			if set, err = s.Latest(ctx, name); err != nil {
				return err
			}
		}
		if set.Attached() {
			pool, err := s.sourcePool(ctx, set.Source)
			if err != nil {
				return err
			}
			for attempt := range attempts {
				err = elsewhere(ctx, pool, func(tx pgx.Tx) error { return do(tx, set) })
				if attempt == attempts-1 || !s.askAgain(ctx, set, err) {
					break
				}
			}
			return s.sourceError(set, err)
		}
		attached := false
		err := snapshot(ctx, s.pool, func(tx pgx.Tx) error {
			here, err := s.here(ctx, tx, set)
			if attached = err == nil && here.Attached(); err != nil || attached {
				return err
			}
			return do(tx, here)
		})
		if err != nil || !attached {
			return err
		}
		s.catalogue.stale(name) // it has become an attached one since it was last seen
	}
}

// here is a set as a transaction sees it.
func (s *Store) here(ctx context.Context, tx pgx.Tx, known *Set) (*Set, error) {
	set, err := moved(ctx, tx, known)
	if err == nil && set == nil {
		return get(ctx, tx, known.Name)
	}
	return set, err
}

// movingColumns are the columns of a set that change with its records, and those that show whether
// everything else is as it was.
const movingColumns = "version, records, changed_at, defined, tableoid"

// moved is a known set as it is by now; nil if it was defined anew.
func moved(ctx context.Context, db querier, known *Set) (*Set, error) {
	rows, err := db.Query(ctx, "select "+movingColumns+" from pageladder.record_set where name = $1", known.Name)
	if err != nil {
		return nil, err
	}
	return known.movedBy(rows)
}

// movedBy is the set with its moving columns as a row has them; nil if it was defined anew.
func (s *Set) movedBy(rows pgx.Rows) (*Set, error) {
	here := *s
	err := pgx.ErrNoRows
	_, scanned := pgx.ForEachRow(rows, []any{&here.Version, &here.Records, &here.ChangedAt, &here.defined, &here.catalogue}, func() error { err = nil; return nil })
	switch {
	case scanned != nil:
		return nil, scanned
	case err != nil:
		return nil, ErrNoSet
	case here.defined != s.defined || here.catalogue != s.catalogue:
		return nil, nil
	}
	return &here, nil
}

// folds are the connections over which what is remembered is updated. Nobody holds one of them
// while waiting for another, and no page queues for them: all pages may be waiting for the update.
func (s *Store) folds(set *Set) *pgxpool.Pool {
	if set.folds != nil {
		return set.folds
	}
	return s.folding
}

// poolOf are the connections to the database that has a set's records.
func (s *Store) poolOf(set *Set) *pgxpool.Pool {
	if set.pool != nil {
		return set.pool
	}
	return s.pool
}

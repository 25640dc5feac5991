// Package once has writes that name themselves: whoever got no answer sends one again, and it is done once. What is kept of one is
// written in the transaction of the write.
package once

import (
	"context"
	"errors"
	"fmt"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/postgres"
)

// Errors about writes that name themselves.
var (
	ErrWriting = errors.New("a write of this name is being done at the moment")
	ErrKeyUsed = errors.New("another write had this name")
)

// Write names a write of one caller. Nil is one without a name.
type Write struct {
	Caller string
	Key    string
	Digest [32]byte // of what was sent
	Status int      // of the answer
}

// Done is the error for a write that has been done already: what it was answered with.
type Done struct {
	Status   int
	Version  int64
	Revision string // "": there is none, or the record was not in the set any more
}

func (d *Done) Error() string { return fmt.Sprintf("the write was done at version %d", d.Version) }

const (
	kept  = "1 day"
	each  = 10_000 // writes of one caller
	room  = 100    // by so many fewer are left when older ones are dropped
	locks = 8470   // sets these locks apart from those of other programs
)

type contextKey struct{}

// With has the writes under a context be done once; those under the context that a nil one gives have no name.
func (w *Write) With(ctx context.Context) context.Context {
	return context.WithValue(ctx, contextKey{}, w)
}

// Of is the write that a context names; nil if it names none.
func Of(ctx context.Context) *Write {
	w, _ := ctx.Value(contextKey{}).(*Write)
	return w
}

// Look is nil if no write of the name has been done. The error is a *Done or ErrKeyUsed if one has.
func (w *Write) Look(ctx context.Context, db postgres.Querier) error {
	if w == nil {
		return nil
	}
	rows, err := db.Query(ctx, "select digest, status, version, revision from pageladder.done where caller = $1 and key = $2 and at > now() - $3::interval", w.Caller, w.Key, kept)
	if err != nil {
		return err
	}
	var digest []byte
	var found *Done
	done := &Done{}
	if _, err := pgx.ForEachRow(rows, []any{&digest, &done.Status, &done.Version, &done.Revision}, func() error { found = done; return nil }); err != nil {
		return err
	}
	switch {
	case found == nil:
		return nil
	case string(digest) != string(w.Digest[:]):
		return ErrKeyUsed
	}
	return found
}

// Begin begins a write: nobody else does one of the same name until the transaction ends.
func (w *Write) Begin(ctx context.Context, tx pgx.Tx) error {
	if w == nil {
		return nil
	}
	var alone bool
	if err := tx.QueryRow(ctx, "select pg_try_advisory_xact_lock($1, hashtext($2))", locks, w.Caller+" "+w.Key).Scan(&alone); err != nil {
		return err
	}
	if !alone {
		return ErrWriting
	}
	return w.Look(ctx, tx)
}

// End notes that the write has been done, in its transaction. Of one caller the latest are kept.
func (w *Write) End(ctx context.Context, tx pgx.Tx, version int64, revision string) error {
	if w == nil {
		return nil
	}
	var number int64
	err := tx.QueryRow(ctx, `insert into pageladder.done (caller, key, digest, status, version, revision) values ($1, $2, $3, $4, $5, $6)
		on conflict (caller, key) do update set digest = excluded.digest, status = excluded.status, version = excluded.version, revision = excluded.revision, at = now()
		returning number`, w.Caller, w.Key, w.Digest[:], w.Status, version, revision).Scan(&number)
	if err != nil || number%room != 0 {
		return err
	}
	_, err = tx.Exec(ctx, `delete from pageladder.done where caller = $1 and number <= (
		select number from pageladder.done where caller = $1 order by number desc offset $2 limit 1)`, w.Caller, each-room)
	return err
}

// Forget forgets writes that were done too long ago.
func Forget(ctx context.Context, pool *pgxpool.Pool) error {
	_, err := pool.Exec(ctx, "delete from pageladder.done where at < now() - $1::interval", kept)
	return err
}

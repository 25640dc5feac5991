package editing

import (
	"context"
	"errors"
	"fmt"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/postgres"
)

// This file has writes that name themselves: whoever got no answer sends one again, and it is done once.

// Errors about writes that name themselves.
var (
	ErrWriting = errors.New("a write of this name is being done at the moment")
	ErrKeyUsed = errors.New("another write had this name")
)

// Once names a write of one caller.
type Once struct {
	Caller string
	Key    string
	Digest [32]byte // of what was sent
	Status int      // of the answer
}

// Done is the error for a write that has been done already: what it was answered with.
type Done struct {
	Status   int
	Version  int64
	Revision Revision // "": the record was not in the set any more
}

func (d *Done) Error() string { return fmt.Sprintf("the write was done at version %d", d.Version) }

const (
	doneKept   = "1 day"
	doneEach   = 10_000 // writes of one caller
	doneRoom   = 100    // by so many fewer are left when older ones are dropped
	writesLock = 8470   // sets these locks apart from those of other programs
)

type onceKey struct{}

// With has the writes under a context be done once.
func (o *Once) With(ctx context.Context) context.Context { return context.WithValue(ctx, onceKey{}, o) }

func onceOf(ctx context.Context) *Once {
	o, _ := ctx.Value(onceKey{}).(*Once)
	return o
}

// unnamed is the context of a write that is not noted when it commits.
func unnamed(ctx context.Context) context.Context {
	return context.WithValue(ctx, onceKey{}, (*Once)(nil))
}

// Look is nil if no write of the name has been done. The error is a *Done or ErrKeyUsed if one has.
func (o *Once) Look(ctx context.Context, db postgres.Querier) error {
	rows, err := db.Query(ctx, "select digest, status, version, revision from pageladder.done where caller = $1 and key = $2 and at > now() - $3::interval", o.Caller, o.Key, doneKept)
	if err != nil {
		return err
	}
	var digest []byte
	var found *Done
	done := &Done{}
	if _, err := pgx.ForEachRow(rows, []any{&digest, &done.Status, &done.Version, (*string)(&done.Revision)}, func() error { found = done; return nil }); err != nil {
		return err
	}
	switch {
	case found == nil:
		return nil
	case string(digest) != string(o.Digest[:]):
		return ErrKeyUsed
	}
	return found
}

// begin begins a write: nobody else does one of the same name until the transaction ends.
func (o *Once) begin(ctx context.Context, tx pgx.Tx) error {
	if o == nil {
		return nil
	}
	var alone bool
	if err := tx.QueryRow(ctx, "select pg_try_advisory_xact_lock($1, hashtext($2))", writesLock, o.Caller+" "+o.Key).Scan(&alone); err != nil {
		return err
	}
	if !alone {
		return ErrWriting
	}
	return o.Look(ctx, tx)
}

// end notes that the write has been done, in its transaction. Of one caller the latest are kept.
func (o *Once) end(ctx context.Context, tx pgx.Tx, version int64, revision Revision) error {
	if o == nil {
		return nil
	}
	var number int64
	err := tx.QueryRow(ctx, `insert into pageladder.done (caller, key, digest, status, version, revision) values ($1, $2, $3, $4, $5, $6)
		on conflict (caller, key) do update set digest = excluded.digest, status = excluded.status, version = excluded.version, revision = excluded.revision, at = now()
		returning number`, o.Caller, o.Key, o.Digest[:], o.Status, version, string(revision)).Scan(&number)
	if err != nil || number%doneRoom != 0 {
		return err
	}
	_, err = tx.Exec(ctx, `delete from pageladder.done where caller = $1 and number <= (
		select number from pageladder.done where caller = $1 order by number desc offset $2 limit 1)`, o.Caller, doneEach-doneRoom)
	return err
}

// ForgetDone forgets writes that were done too long ago.
func (e *Editor) ForgetDone(ctx context.Context) error {
	_, err := e.pool.Exec(ctx, "delete from pageladder.done where at < now() - $1::interval", doneKept)
	return err
}

// LookDone is nil if the write that a context names has not been done; else see Once.Look.
func (e *Editor) LookDone(ctx context.Context) error {
	if o := onceOf(ctx); o != nil {
		return o.Look(ctx, e.pool)
	}
	return nil
}

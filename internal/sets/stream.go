package sets

import (
	"context"
	"errors"

	"github.com/jackc/pgx/v5"

	"pageladder.example/internal/intake"
	"pageladder.example/paging"
)

// Stream reads every record that a query asks for, in its order, in one snapshot, however many
// there are; with a cursor, those behind it or before it. Page and size have no effect. It calls
// begin with the set, the fields and the ask before the first record, then each with every record,
// whose memory is valid until each returns. Errors are those of Page, of begin and of each.
func (s *Store) Stream(ctx context.Context, req Request, begin func(*Set, []intake.Field, *paging.Ask) error, each func(Record) error) error {
	err := s.stream(ctx, req, begin, each)
	if mended, ok := req.mended(err); ok {
		return s.stream(ctx, mended, begin, each)
	}
	return err
}

func (s *Store) stream(ctx context.Context, req Request, begin func(*Set, []intake.Field, *paging.Ask) error, each func(Record) error) error {
	return s.withinAt(ctx, req, func(tx pgx.Tx, set *Set) error {
		if set.Followed && req.At == 0 { // at the state that this transaction sees
			here, err := s.followedIn(ctx, tx, set)
			if err != nil && !errors.Is(err, errMoved) {
				return err
			}
			if err == nil {
				set = here
			}
		}
		ask, err := req.read(set)
		if err != nil {
			return err
		}
		q, err := newQuestion(set, ask, req.Visibility)
		if err != nil {
			return err
		}
		if _, err := tx.Exec(ctx, "set local statement_timeout = 0"); err != nil { // a source has a limit
			return err
		}
		rows := q.Rows
		if q.at != nil {
			rows = q.at.rows
			// Whatever goes wrong before the first record is an error like any other.
			cuts, err := q.at.cuts(ctx, tx)
			if err != nil {
				return err
			}
			if cuts {
				return &GoneError{req.At, textLost}
			}
		}
		begun := false // with the first record: a failure before it is an ordinary error
		start := func() error {
			if begun {
				return nil
			}
			begun = true
			return begin(set, q.fields, ask)
		}
		regions, wrong, err := q.beyond()
		if err != nil {
			return err
		}
		for _, g := range regions {
			all, err := rows(q.shown(), g, 0, 0)
			if err != nil {
				return err
			}
			came, err := tx.Query(ctx, all.SQL, append([]any{pgx.QueryResultFormats{pgx.TextFormatCode}}, all.Args...)...)
			if err != nil {
				if err = wrong(err); begun {
					err = midway{err}
				}
				return err
			}
			for came.Next() {
				err := start()
				if err == nil {
					err = each(came.RawValues())
				}
				if err != nil {
					came.Close()
					return err
				}
			}
			if err := came.Err(); err != nil {
				if err = wrong(err); begun {
					err = midway{err}
				}
				return err
			}
		}
		return start()
	})
}

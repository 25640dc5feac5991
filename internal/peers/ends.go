package peers

import (
	"context"

	"github.com/jackc/pgx/v5"
)

// Ends is the channel on which services notify each other whose rights have ended, so that they end everywhere at once.
const Ends = "pageladder_ended"

// NotifyEnded notifies every service that the rights of a token or a session have ended, once the transaction commits.
func NotifyEnded(ctx context.Context, tx pgx.Tx, what string) error {
	_, err := tx.Exec(ctx, "select pg_notify($1, $2)", Ends, what)
	return err
}

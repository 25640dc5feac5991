package source

import (
	"context"
	"errors"

	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/sets/view"
)

// NewNumbers numbers states in a database.
func NewNumbers(pool *pgxpool.Pool, running context.Context) *Numbers {
	return newNumbers(pool, running, func(do func()) { do() }, false, servers.Of(pool))
}

// WriteTwice writes states of a set, twice, as it happens where the answer to the first attempt is
// lost. It gives their numbers.
func (m *Numbers) WriteTwice(ctx context.Context, set string, n int) (numbers []int64, err error) {
	var some []named
	for range n {
		number, _ := m.number()
		some = append(some, named{set, changes.Mark{Log: "a log", Version: number, Saw: &changes.Snapshot{Xmin: 5, Xmax: 7, Listed: []uint64{6}}}})
		numbers = append(numbers, number)
	}
	return numbers, errors.Join(m.write(ctx, some), m.write(ctx, some))
}

// Note has a state written down some time later.
func (m *Numbers) Note(set string) (int64, error) {
	return m.state(set, "a log", &changes.Snapshot{Xmin: 5, Xmax: 7}, true)
}

// Making are the turns of those who read much of a log of a database.
func (d *Database) Making() view.Turns { return d.making }

// Unreached is a database's pool before it has been reached.
func (d *Database) Unreached(ctx context.Context) (*pgxpool.Pool, error) {
	pool, _, err := d.now(ctx)
	return pool, err
}

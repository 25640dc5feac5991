package sets

import (
	"context"
	"maps"
	"slices"
	"time"

	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/internal/servers"
)

// This file reads from replicas, and without a primary.

// Replicate reads from replicas: those of our own database by their URLs, and those of sources, by the source's name. It is called once, before
// the first request. Replicas are read from as soon as they answer.
func (s *Store) Replicate(ctx context.Context, own []string, of map[string][]string, limits servers.Limits) error {
	primary := servers.Member{Config: s.config, Admit: s.catalog.Lives, Busy: s.pools.Busy}
	return s.sources.Replicate(ctx, primary, own, of, limits)
}

// Read asks the database for what is only read: sets, tokens. Where the primary does not answer and replicas may answer alone, the one that has got
// furthest answers; what it says then counts only as far as nothing later has been heard.
func (s *Store) Read(ctx context.Context, do func(ctx context.Context, db *pgxpool.Pool) error) (alone *servers.Replica, err error) {
	group := s.sources.OfOurs()
	if group == nil {
		return nil, do(ctx, s.pools.Main)
	}
	return group.Read(ctx, func(ctx context.Context, on *servers.Server) error { return do(ctx, s.sources.PoolOf(on)) })
}

// OnEnded sets what is called when another service notifies that the rights of a token or a session have ended.
func (s *Store) OnEnded(ended func(what string)) { s.onEnded.Store(&ended) }

// ServerState is how one server of a database is.
type ServerState struct {
	Source string // "": of our own database
	Name   string
	At     string
	servers.State
}

// Age is how many seconds old a replica's records are at most; nil if that is not known.
func (s *ServerState) Age() *float64 {
	if s.AsOf.IsZero() {
		return nil
	}
	age := time.Since(s.AsOf).Seconds()
	return &age
}

// Servers are the servers of each database that has several.
func (s *Store) Servers() (all []ServerState) {
	groups := s.sources.Groups()
	for _, source := range slices.Sorted(maps.Keys(groups)) {
		for _, server := range groups[source].Servers() {
			all = append(all, ServerState{source, server.Name, server.Address, server.State()})
		}
	}
	return all
}

// Alone reports whether replicas of our own database answer without its primary at the moment, and since when.
func (s *Store) Alone() (since time.Time, alone bool) {
	group := s.sources.OfOurs()
	if group == nil || !group.Alone() || group.Furthest() == nil {
		return time.Time{}, false
	}
	return group.Heard(), true
}

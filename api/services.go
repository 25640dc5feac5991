package api

import "time"

// Services are the services that share a database, and how far that has come.
type Services struct {
	Services   []Service `json:"services"`    // the latest first
	Earlier    bool      `json:"earlier"`     // a program of an earlier version, which does not make itself known, uses the database too
	PostgreSQL string    `json:"postgresql"`  // version of the server
	Timeline   int64     `json:"timeline"`    // one more with each promotion
	Epoch      string    `json:"epoch"`       // another one after a promotion, a restore, or when an operator has accepted a primary
	EpochSince time.Time `json:"epoch_since"` // when it began
}

// Service is one of the services that share a database.
type Service struct {
	ID        string    `json:"id"`      // another one for each start
	Version   string    `json:"version"` // of the program
	Address   string    `json:"address"`
	StartedAt time.Time `json:"started_at"`
	SeenAt    time.Time `json:"seen_at"` // it says every five seconds that it runs
	Lives     bool      `json:"lives"`   // it said so within twenty seconds
	Answers   bool      `json:"answers"` // it is the one that has answered this
	Lacks     []string  `json:"lacks"`   // what the one that answers may write and this one could not read: entries of rules, words, roles
}

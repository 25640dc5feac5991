package access

import (
	"fmt"
	"slices"
)

// Role is what a caller may do. Each may do what the ones before it may.
type Role int

// The roles.
const (
	Nobody Role = iota // a caller without a token: may read open sets only
	Reader             // reads
	Editor             // changes records, and sees records that a fixed filter hides
	Owner              // decides about sets and tokens
)

var roleNames = []string{"nobody", "reader", "editor", "owner"}

func (r Role) String() string {
	if r < 0 || int(r) >= len(roleNames) {
		return fmt.Sprintf("role %d", int(r))
	}
	return roleNames[r]
}

// ParseRole reads the name of a role that a token can have.
func ParseRole(name string) (Role, error) {
	if at := slices.Index(roleNames, name); at > 0 {
		return Role(at), nil
	}
	return Nobody, fmt.Errorf("found role %q; right would be reader, editor or owner", name)
}

// Caller is who calls, and what it may do.
type Caller struct {
	Role  Role
	Token int64    // 0: none
	Label string   // of the token
	Sets  []string // nil: all
}

// May reports whether a caller has a role for a set.
func (c *Caller) May(role Role, set string) bool {
	return c.Role >= role && (c.Sets == nil || slices.Contains(c.Sets, set))
}

// All reports whether a caller has a role for every set.
func (c *Caller) All(role Role) bool { return c.Role >= role && c.Sets == nil }

// Scope is what a caller needs a role for.
type Scope int

// The scopes.
const (
	Everywhere Scope = iota // needs no role
	ThisSet                 // one set
	AnySet                  // any set, even if only some
	AllSets                 // every set
)

var scopeNames = []string{"everywhere", "this set", "any set", "all sets"}

func (s Scope) String() string {
	if s < 0 || int(s) >= len(scopeNames) {
		return fmt.Sprintf("scope %d", int(s))
	}
	return scopeNames[s]
}

// Has reports whether a caller has a role for a scope; set is the one of ThisSet.
func (c *Caller) Has(role Role, scope Scope, set string) bool {
	switch scope {
	case Everywhere:
		return true
	case ThisSet:
		return c.May(role, set)
	case AnySet:
		return c.Role >= role
	}
	return c.All(role)
}

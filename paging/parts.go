package paging

import (
	"strings"

	"pageladder.example/paging/query"
)

// part is one parameter of the query, and what the rules take it for.
type part struct {
	query.Part
	role role
}

// role is what the rules take a part for.
type role uint8

const (
	roleRides   role = iota // not ours: kept as it is
	roleDropped             // not on any link
	rolePage                // page or offset
	roleSize                // size or limit
	roleSort
	roleDirection
	roleFields
	roleCursor // after or before
	roleAside  // speaks to whoever serves the list
)

func split(raw string) []part {
	if raw == "" {
		return nil
	}
	parts := make([]part, 0, strings.Count(raw, "&")+1)
	for p := range query.Parts(raw) {
		parts = append(parts, part{Part: p})
	}
	return parts
}

// occurrence is where a parameter stands in the query.
type occurrence struct {
	first, last int // index into parts, plus one; 0: not given
}

func (o *occurrence) see(parts []part, i int, r role) {
	if o.first == 0 {
		o.first = i + 1
	} else {
		parts[o.last-1].role = roleDropped // the last one counts
	}
	o.last = i + 1
	parts[i].role = r
}

func (o *occurrence) repeated() bool { return o.first != o.last }

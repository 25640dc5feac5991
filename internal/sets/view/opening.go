package view

import (
	"fmt"
	"strconv"
	"strings"
	"time"

	"pageladder.example/internal/changes"
	"pageladder.example/internal/servers"
)

// Opening says which view of a set is opened.
type Opening struct {
	Set    string
	How    How
	Afresh bool // what is remembered of the set is of no use, unless it is known to be as it is now
	Caller Caller
	At     int64    // the number of the state that the list is to be held at; 0: none
	Avoid  []string // servers that have failed for this reading
}

// Caller is who reads, as far as it matters from which server.
type Caller struct {
	Name  string // keeps to one replica; "": reads from the primary
	Floor Floor
}

// Floor is the state of a set below which a caller gets no page: what it has seen or written. The zero Floor is below all.
type Floor struct {
	Version int64            // of a kept set
	Place   servers.Position // of a set in a source, in the log of its database
	Saw     string           // of a place that a replica has shown: what it saw, see changes.Seen
}

// Max is the higher one of two floors of a set.
func (f Floor) Max(other Floor) Floor {
	f.Version = max(f.Version, other.Version)
	if !other.Place.Before(f.Place) {
		f.Place, f.Saw = other.Place, other.Saw
	}
	return f
}

// String is a floor as ParseFloor reads it: a version, or a place such as "t3.16b374d8", with "~" before what was seen there; "" if it is below all.
func (f Floor) String() string {
	switch {
	case f.Version > 0:
		return strconv.FormatInt(f.Version, 10)
	case f.Place != servers.Position{}:
		if f.Saw != "" {
			return f.Place.String() + "~" + f.Saw
		}
		return f.Place.String()
	}
	return ""
}

// ParseFloor reads a floor.
func ParseFloor(text string) (f Floor, ok bool) {
	if n, err := strconv.ParseInt(text, 10, 64); err == nil {
		return Floor{Version: n}, n > 0 && strconv.FormatInt(n, 10) == text
	}
	place, saw, seen := strings.Cut(text, "~")
	f.Place, ok = servers.ParsePosition(place)
	if f.Saw = saw; seen && ok {
		_, ok = changes.ReadSeen(saw)
	}
	return f, ok
}

// Sighting is what a caller has seen: from where, and the floor that it has since.
type Sighting struct {
	From
	Floor Floor
}

// From says where a view is read. The zero From is the one server that there is.
type From struct {
	Server  string
	Replica bool
	AsOf    time.Time // of a replica: its records are at least as they were then
	Stale   bool      // they are older than pages are while the primary is there
}

// BehindError is the error for a floor that not even the primary shows.
type BehindError struct{ Floor Floor }

func (e *BehindError) Error() string {
	return fmt.Sprintf("found %s as what has been seen of the list; no server that answers shows that", e.Floor)
}

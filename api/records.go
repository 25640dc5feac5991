package api

import "encoding/json"

// RecordAnswer is one record.
type RecordAnswer struct {
	Record json.RawMessage `json:"record"` // null after a change whose record could not be read back
	AboutRecord
}

// AboutRecord is what an answer tells besides a record.
type AboutRecord struct {
	Revision string `json:"revision,omitempty"` // of a kept set's; its ETag holds the same
	Href     string `json:"href"`
	Version  int64  `json:"version,omitempty"` // of the set, after a change, or that the list is held at
}

// Changed tells the version that a set has after a change.
type Changed struct {
	Version int64 `json:"version"`
}

// Place is where a record stands.
type Place struct {
	Row  int64  `json:"row"`                        // its number, from 1
	Page *int64 `json:"page" jsonschema:"nullable"` // the page that holds it; null where lists are addressed by cursor
	Href string `json:"href"`                       // of that page
	// WayBack is what brings an editor back to that page; "" where the list's
	// address is too long for one.
	WayBack string `json:"way_back"`
}

package api

import "encoding/json"

// RecordAnswer is one record.
type RecordAnswer struct {
	Record json.RawMessage `json:"record"` // null after a change, if the record could not be read back
	AboutRecord
}

// AboutRecord is what an answer contains besides a record.
type AboutRecord struct {
	Revision string `json:"revision,omitempty"` // of a kept set; the ETag has the same
	Href     string `json:"href"`
	Version  int64  `json:"version,omitempty"` // of the set after a change, or the one that the list is held at
}

// Changed is the version of a set after a change.
type Changed struct {
	Version int64 `json:"version"`
}

// Place is the position of a record.
type Place struct {
	Row  int64  `json:"row"`                        // its number, from 1
	Page *int64 `json:"page" jsonschema:"nullable"` // the page that contains it; null if lists are addressed by cursor
	Href string `json:"href"`                       // of that page
	// WayBack leads an editor back to that page; "" if the list's address is too long for one.
	WayBack string `json:"way_back"`
}

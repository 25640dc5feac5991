package api

// ClimbBody says how to check a set's list.
type ClimbBody struct {
	Query  string `json:"query,omitempty"`                                      // part of each request, such as "berth=N4"
	Expect string `json:"expect,omitempty" jsonschema:"enum=usual,enum=strict"` // what counts as a fault; left out: usual
	Seed   int64  `json:"seed,omitempty" jsonschema:"minimum=0"`                // the same seed gives the same run
}

// Climbed is the result of checking a set's list.
type Climbed struct {
	Holds    bool           `json:"holds"`    // no broken promise counts as a fault
	Summary  string         `json:"summary"`  // in one sentence
	Promises []ClimbPromise `json:"promises"` // faults first
	Cost     []ClimbCost    `json:"cost"`     // of pages from the first to the last
	Found    []string       `json:"found"`    // what was found out about the list, as sentences
	Notes    []string       `json:"notes"`
	Page     string         `json:"page"` // the report as an HTML page in one file
}

// ClimbPromise is the result for one promise.
type ClimbPromise struct {
	Code     string         `json:"code"`
	Title    string         `json:"title"`
	Verdict  string         `json:"verdict" jsonschema:"enum=kept,enum=broken,enum=not offered,enum=not checked"`
	Severity string         `json:"severity" jsonschema:"enum=fault,enum=warning,enum=off"` // of the promise, if it is broken
	Note     string         `json:"note,omitempty"`                                         // why there is no verdict
	Findings []ClimbFinding `json:"findings,omitempty"`
}

// ClimbFinding is one broken promise, as it was seen.
type ClimbFinding struct {
	Says      string   `json:"says"`
	Addresses []string `json:"addresses"` // that show it, at most five
	Times     int      `json:"times"`     // how often it was seen
}

// ClimbCost is the cost of one page.
type ClimbCost struct {
	Row    int64   `json:"row"`     // of its first record, from 1
	TimeMS float64 `json:"time_ms"` // median of several readings
	Bytes  int64   `json:"bytes"`
}

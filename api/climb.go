package api

// ClimbBody says how a set's list is checked.
type ClimbBody struct {
	Query  string `json:"query,omitempty"`                                      // that each request carries, such as "berth=N4"
	Expect string `json:"expect,omitempty" jsonschema:"enum=usual,enum=strict"` // what counts as a fault; left out: usual
	Seed   int64  `json:"seed,omitempty" jsonschema:"minimum=0"`                // the same seed gives the same run
}

// Climbed is what a check of a set's list has seen.
type Climbed struct {
	Holds    bool           `json:"holds"`    // nothing is broken that counts as a fault
	Summary  string         `json:"summary"`  // in one sentence
	Promises []ClimbPromise `json:"promises"` // faults first
	Cost     []ClimbCost    `json:"cost"`     // of pages further and further down
	Found    []string       `json:"found"`    // what was found out about the list, in sentences
	Notes    []string       `json:"notes"`
	Page     string         `json:"page"` // the report as a page of HTML that needs nothing else
}

// ClimbPromise is what has become of one promise.
type ClimbPromise struct {
	Code     string         `json:"code"`
	Title    string         `json:"title"`
	Verdict  string         `json:"verdict" jsonschema:"enum=kept,enum=broken,enum=not offered,enum=not checked"`
	Severity string         `json:"severity" jsonschema:"enum=fault,enum=warning,enum=off"` // of a broken one
	Note     string         `json:"note,omitempty"`                                         // why it has no verdict
	Findings []ClimbFinding `json:"findings,omitempty"`
}

// ClimbFinding is one thing that does not hold.
type ClimbFinding struct {
	Says      string   `json:"says"`
	Addresses []string `json:"addresses"` // that show it, at most five
	Times     int      `json:"times"`     // how often it was seen
}

// ClimbCost is what one page costs.
type ClimbCost struct {
	Row    int64   `json:"row"`     // of its first record, from 1
	TimeMS float64 `json:"time_ms"` // the median of a few readings
	Bytes  int64   `json:"bytes"`
}

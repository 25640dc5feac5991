package report

import (
	"encoding/xml"
	"fmt"
	"io"
	"strings"
)

// junitSuite is the form of test results that pipelines read.
type junitSuite struct {
	XMLName  xml.Name    `xml:"testsuite"`
	Name     string      `xml:"name,attr"`
	Tests    int         `xml:"tests,attr"`
	Failures int         `xml:"failures,attr"`
	Skipped  int         `xml:"skipped,attr"`
	Time     string      `xml:"time,attr"`
	Cases    []junitCase `xml:"testcase"`
}

type junitCase struct {
	Name    string     `xml:"name,attr"`
	Class   string     `xml:"classname,attr"`
	Failure *junitSays `xml:"failure,omitempty"`
	Skipped *junitSays `xml:"skipped,omitempty"`
	Out     string     `xml:"system-out,omitempty"`
}

type junitSays struct {
	Message string `xml:"message,attr"`
	Text    string `xml:",chardata"`
}

// WriteJUnit writes the report as JUnit XML: one test for each promise. Faults are failures,
// warnings pass and are in the output; promises that were not offered or not checked are skipped.
func (r *Report) WriteJUnit(w io.Writer) error {
	suite := junitSuite{Name: r.Endpoint.Address, Tests: len(r.Promises), Time: fmt.Sprintf("%.3f", r.Took.Seconds())}
	for _, p := range r.Promises {
		one := junitCase{Name: p.Code + " " + p.Title, Class: "climb"}
		var all []string
		for _, f := range p.Findings {
			all = append(all, f.Says+" "+strings.Join(f.Addresses, " "))
		}
		switch {
		case p.Verdict == Broken && p.Severity == Fault:
			one.Failure = &junitSays{p.Findings[0].Says, strings.Join(all, "\n")}
			suite.Failures++
		case p.Verdict == Broken:
			one.Out = strings.Join(all, "\n")
		case p.Verdict != Kept:
			one.Skipped = &junitSays{Message: string(p.Verdict) + ": " + p.Note}
			suite.Skipped++
		}
		suite.Cases = append(suite.Cases, one)
	}
	if _, err := io.WriteString(w, xml.Header); err != nil {
		return err
	}
	e := xml.NewEncoder(w)
	e.Indent("", "  ")
	if err := e.Encode(suite); err != nil {
		return err
	}
	_, err := io.WriteString(w, "\n")
	return err
}

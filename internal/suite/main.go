// Command suite writes into a page of the docs how many tests each package has and how long they take:
//
//	go test -json ./... | go run ./internal/suite docs/CONTRIBUTING.md
//
// The page has a table with a row for each package that has tests; what they hold is written by hand.
package main

import (
	"bufio"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"math"
	"os"
	"regexp"
	"strings"
)

const module = "pageladder.example/"

func main() {
	if err := run(os.Stdin, os.Args[1:]); err != nil {
		fmt.Fprintln(os.Stderr, err)
		os.Exit(1)
	}
}

func run(events io.Reader, args []string) error {
	if len(args) != 1 {
		return errors.New("found no page; right would be: go test -json ./... | go run ./internal/suite docs/CONTRIBUTING.md")
	}
	all, err := read(events)
	if err != nil {
		return err
	}
	page, err := os.ReadFile(args[0])
	if err != nil {
		return err
	}
	text, err := update(string(page), all)
	if err != nil {
		return err
	}
	return os.WriteFile(args[0], []byte(text), 0o644)
}

// duration is the number and the time of the tests of one package.
type duration struct {
	tests   int
	seconds float64
}

// read reads what go test -json writes. A test that failed, or a package that was not run anew, is an error:
// its time says nothing.
func read(events io.Reader) (map[string]*duration, error) {
	all := map[string]*duration{}
	lines := bufio.NewScanner(events)
	lines.Buffer(nil, 64<<20)
	for lines.Scan() {
		var e struct {
			Action, Package, Test, Output string
			Elapsed                       float64
		}
		if err := json.Unmarshal(lines.Bytes(), &e); err != nil {
			return nil, fmt.Errorf("found %.100q; right would be what go test -json writes: %w", lines.Text(), err)
		}
		name, ours := strings.CutPrefix(e.Package, module)
		switch {
		case !ours:
			continue
		case e.Action == "fail":
			return nil, fmt.Errorf("%s %s has failed", name, e.Test)
		case e.Action == "output" && strings.Contains(e.Output, "\t(cached)"):
			return nil, fmt.Errorf("%s was not run; right would be go test -count=1", name)
		}
		if all[name] == nil {
			all[name] = &duration{}
		}
		switch {
		case e.Action == "pass" && e.Test == "":
			all[name].seconds = e.Elapsed
		case e.Action == "pass" && !strings.Contains(e.Test, "/"):
			all[name].tests++
		}
	}
	for name, t := range all {
		if t.tests == 0 {
			delete(all, name)
		}
	}
	return all, lines.Err()
}

var row = regexp.MustCompile("(?m)^(\\| `([a-z/]+)` \\|) *[0-9]* \\| *[0-9]* (\\|.*)$")

// update gives each row of the table its numbers.
func update(page string, all map[string]*duration) (string, error) {
	var wrong error
	page = row.ReplaceAllStringFunc(page, func(line string) string {
		m := row.FindStringSubmatch(line)
		t := all[m[2]]
		if t == nil {
			wrong = errors.Join(wrong, fmt.Errorf("%s has a row, and no tests were run there", m[2]))
			return line
		}
		delete(all, m[2])
		return fmt.Sprintf("%s %d | %.0f %s", m[1], t.tests, math.Ceil(t.seconds), m[3])
	})
	for name := range all {
		wrong = errors.Join(wrong, fmt.Errorf("%s has tests, and no row says what they hold", name))
	}
	return page, wrong
}

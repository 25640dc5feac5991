// Command mutants plants faults in a copy of the repository, one at a time, and runs the tests of the
// package that makes the promise: each fault must be noticed. The faults are in faults.txt, which whoever
// changes that code reads and keeps.
//
//	go run ./internal/mutants [-only WORDS]
//
// It prints a line for each fault and ends with 1 if one was not noticed. Nothing in the repository is changed.
package main

import (
	"bytes"
	_ "embed"
	"errors"
	"flag"
	"fmt"
	"io/fs"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"time"
)

//go:embed faults.txt
var list string

// longest is how long the tests of one package may take; a fault that makes them hang is noticed.
const longest = 15 * time.Minute

func main() {
	only := flag.String("only", "", "plant those faults only whose name or file holds this")
	flag.Parse()
	missed, err := run(*only)
	if err != nil {
		fmt.Fprintln(os.Stderr, err)
	}
	if err != nil || missed > 0 {
		os.Exit(1)
	}
}

func run(only string) (missed int, err error) {
	faults, err := read(list)
	if err != nil {
		return 0, err
	}
	dir, err := os.MkdirTemp("", "pageladder-mutants-")
	if err != nil {
		return 0, err
	}
	defer os.RemoveAll(dir)
	if err := os.Chmod(dir, 0o711); err != nil { // PostgreSQL's account reads below it
		return 0, err
	}
	if err := copied(dir); err != nil {
		return 0, err
	}
	all := 0
	for _, f := range faults {
		if !strings.Contains(f.name, only) && !strings.Contains(f.file, only) {
			continue
		}
		all++
		began := time.Now()
		by, err := f.plant(dir)
		if err != nil {
			return missed, err
		}
		said := "noticed by " + by
		if by == "" {
			missed++
			said = "NOT NOTICED"
		}
		fmt.Printf("%-8s %-24s %s: %s\n", time.Since(began).Round(time.Second), f.tests, f.name, said)
	}
	fmt.Printf("%d of %d faults were noticed\n", all-missed, all)
	return missed, nil
}

// fault is an edit that breaks a promise.
type fault struct {
	name  string
	file  string   // where it is planted
	tests string   // the package whose tests notice it
	first string   // a test to begin with, if any: the others follow if it passes
	right []string // the lines that are there, without the white space around them
	wrong []string // the lines in their place
	line  int      // of the list
}

// read reads the list. A fault is three parts, and a line without text ends it:
//
//	# what is broken
//	FILE PACKAGE [TEST]
//	- a line as it is
//	+ a line as it is broken
func read(list string) (faults []*fault, err error) {
	var f *fault
	for i, line := range strings.Split(list, "\n") {
		wrong := func(what string) error { return fmt.Errorf("faults.txt, line %d: %s", i+1, what) }
		switch {
		case strings.TrimSpace(line) == "":
			f = nil
		case strings.HasPrefix(line, "# ") && f == nil:
			f = &fault{name: line[2:], line: i + 1}
			faults = append(faults, f)
		case f == nil:
			return nil, wrong("a fault begins with # and what is broken")
		case f.file == "":
			parts := strings.Fields(line)
			if len(parts) < 2 || len(parts) > 3 {
				return nil, wrong("want FILE PACKAGE [TEST]")
			}
			f.file, f.tests = parts[0], parts[1]
			f.first = strings.Join(parts[2:], "")
		case strings.HasPrefix(line, "-"):
			f.right = append(f.right, strings.TrimSpace(line[1:]))
		case strings.HasPrefix(line, "+"):
			f.wrong = append(f.wrong, strings.TrimSpace(line[1:]))
		default:
			return nil, wrong("want a line that begins with - or +")
		}
	}
	for _, f := range faults {
		if len(f.right) == 0 {
			return nil, fmt.Errorf("faults.txt, line %d: %s: no line to break", f.line, f.name)
		}
	}
	return faults, nil
}

// broken is a file's text with the fault in it. The lines must be there once.
func (f *fault) broken(text string) (string, error) {
	lines := strings.Split(text, "\n")
	at := -1
	for i := 0; i+len(f.right) <= len(lines); i++ {
		same := true
		for j, want := range f.right {
			same = same && strings.TrimSpace(lines[i+j]) == want
		}
		if !same {
			continue
		}
		if at >= 0 {
			return "", fmt.Errorf("faults.txt, line %d: %s: the lines are twice in %s, at %d and %d; add a line before or after them", f.line, f.name, f.file, at+1, i+1)
		}
		at = i
	}
	if at < 0 {
		return "", fmt.Errorf("faults.txt, line %d: %s: the lines are not in %s; write them as they are now", f.line, f.name, f.file)
	}
	after := append(append(append([]string{}, lines[:at]...), f.wrong...), lines[at+len(f.right):]...)
	return strings.Join(after, "\n"), nil
}

// plant breaks a copy of the repository, runs the tests and mends it again. It returns the test that noticed,
// or "".
func (f *fault) plant(dir string) (by string, err error) {
	path := filepath.Join(dir, f.file)
	whole, err := os.ReadFile(path)
	if err != nil {
		return "", err
	}
	text, err := f.broken(string(whole))
	if err != nil {
		return "", err
	}
	if err := os.WriteFile(path, []byte(text), 0o644); err != nil {
		return "", err
	}
	defer func() { err = errors.Join(err, os.WriteFile(path, whole, 0o644)) }()
	if strings.HasPrefix(f.file, "console/src/") {
		if out, err := command(dir, "npm", "--prefix", "console", "run", "build").CombinedOutput(); err != nil {
			return "", fmt.Errorf("%s: the console cannot be built: %w\n%s", f.name, err, out)
		}
	}
	runs := [][]string{{f.tests}}
	if f.first != "" {
		runs = [][]string{{"-run", f.first, f.tests}, {f.tests}}
	}
	for _, run := range runs {
		out, err := command(dir, "go", append([]string{"test", "-vet=off", "-count=1", "-failfast", "-timeout=" + longest.String()}, run...)...).CombinedOutput()
		if err == nil {
			continue
		}
		if bytes.Contains(out, []byte("[build failed]")) {
			return "", fmt.Errorf("%s: it does not compile: %s", f.name, out)
		}
		for _, line := range strings.Split(string(out), "\n") {
			if name, failed := strings.CutPrefix(line, "--- FAIL: "); failed {
				name, _, _ = strings.Cut(name, " ")
				return name, nil
			}
		}
		return "the package's end", nil
	}
	return "", nil
}

func command(dir, name string, args ...string) *exec.Cmd {
	cmd := exec.Command(name, args...)
	cmd.Dir = dir
	return cmd
}

// copied copies what is in the repository, and what the console was built of, into a folder.
func copied(dir string) error {
	out, err := exec.Command("git", "ls-files", "-z").Output()
	if err != nil {
		return fmt.Errorf("the repository's files: %w", err)
	}
	names := strings.Split(strings.Trim(string(out), "\x00"), "\x00")
	err = filepath.WalkDir(filepath.Join("console", "dist"), func(path string, entry fs.DirEntry, err error) error {
		if err == nil && entry.Type().IsRegular() {
			names = append(names, path)
		}
		return err
	})
	if err != nil {
		return err
	}
	for _, name := range names {
		text, err := os.ReadFile(name)
		if errors.Is(err, fs.ErrNotExist) { // removed, and not committed
			continue
		}
		to := filepath.Join(dir, name)
		if err == nil {
			err = os.MkdirAll(filepath.Dir(to), 0o755)
		}
		var info fs.FileInfo
		if err == nil {
			info, err = os.Stat(name)
		}
		if err == nil {
			err = os.WriteFile(to, text, info.Mode().Perm())
		}
		if err != nil {
			return err
		}
	}
	modules, err := filepath.Abs(filepath.Join("console", "node_modules"))
	if err != nil {
		return err
	}
	return os.Symlink(modules, filepath.Join(dir, "console", "node_modules"))
}

package main

import (
	"bufio"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"strings"
)

// build is a build of pageladder whose service runs on the same database.
type build struct {
	name    string // of its file
	address string
	cmd     *exec.Cmd
}

// startBuilds starts the service of each of some builds.
func startBuilds(files []string, dir, database, source string) (started []build, stop func(), err error) {
	stop = func() {
		for _, b := range started {
			b.cmd.Process.Signal(os.Interrupt)
			b.cmd.Wait()
		}
	}
	for i, file := range files {
		data := filepath.Join(dir, fmt.Sprint("build", i))
		b := build{name: filepath.Base(file), cmd: exec.Command(file, "serve", "--data-dir", data, "--listen", "127.0.0.1:0", "--database-url", database, "--source", "harbour="+source, "--answers", "0", "--rate", "0")}
		b.cmd.Stderr = os.Stderr
		out, err := b.cmd.StdoutPipe()
		if err == nil {
			err = b.cmd.Start()
		}
		if err != nil {
			stop()
			return nil, nil, err
		}
		started = append(started, b)
		lines := bufio.NewScanner(out)
		for b.address == "" && lines.Scan() {
			if found := regexp.MustCompile(`http://[\d.:]+`).FindString(lines.Text()); found != "" {
				b.address = found
			}
		}
		if started[i] = b; b.address == "" {
			stop()
			return nil, nil, fmt.Errorf("%s does not say where it is ready", file)
		}
	}
	return started, stop, nil
}

// ofBuilds are requests to our service, sent to each build instead, and the pairs: the last build against the
// first.
func ofBuilds(questions []question, ours string, builds []build) (all []question, compared [][2]string) {
	for _, q := range questions {
		path, ok := strings.CutPrefix(q.base, ours)
		if !ok {
			continue
		}
		name := q.name
		for _, b := range builds {
			q.name, q.base = b.name+": "+name, b.address+path
			all = append(all, q)
		}
		compared = append(compared, [2]string{q.name, builds[0].name + ": " + name})
	}
	return all, compared
}

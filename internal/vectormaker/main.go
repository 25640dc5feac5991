// Command vectormaker makes the files of paging/vectors: the chosen cases, and drawn ones, with what becomes of each in packages
// paging and statement. The same program makes the same files. Without a folder it reads cases of the core from its input, one a line, and
// writes what becomes of each.
package main

import (
	"bytes"
	"compress/gzip"
	"encoding/json"
	"fmt"
	"io"
	"math/rand/v2"
	"os"
	"path/filepath"

	"pageladder.example/paging/vectors"
)

const (
	lines        = 6000
	casesOfAList = 20
	seed         = 1
)

func main() {
	if err := run(os.Args[1:]); err != nil {
		fmt.Fprintln(os.Stderr, "vectormaker:", err)
		os.Exit(1)
	}
}

func run(args []string) error {
	if len(args) == 0 {
		return answer(os.Stdin, os.Stdout)
	}
	files, err := Make()
	if err != nil {
		return err
	}
	for name, file := range files {
		if err := os.WriteFile(filepath.Join(args[0], name), file, 0o644); err != nil {
			return err
		}
	}
	return nil
}

// answer answers each case as soon as it is read.
func answer(from io.Reader, to io.Writer) error {
	cases, results := json.NewDecoder(from), json.NewEncoder(to)
	results.SetEscapeHTML(false)
	for {
		var c vectors.Case
		if err := cases.Decode(&c); err == io.EOF {
			return nil
		} else if err != nil {
			return err
		}
		result, err := vectors.ResultOf(&c)
		if err != nil {
			return err
		}
		if err := results.Encode(result); err != nil {
			return err
		}
	}
}

// Make makes the files.
func Make() (map[string][]byte, error) {
	core := chosen()
	d := generator{rand.New(rand.NewPCG(seed, 0))}
	for len(core) < lines {
		core = append(core, d.draw(casesOfAList)...)
	}
	for i := range core {
		var err error
		if core[i].Result, err = vectors.ResultOf(&core[i].Case); err != nil {
			return nil, fmt.Errorf("%s %s: %w", core[i].Name, core[i].Rules, err)
		}
	}
	statements := allStatements(generator{rand.New(rand.NewPCG(seed, 1))})
	for i := range statements {
		var err error
		if statements[i].Result, err = vectors.StatementsOf(&statements[i].StatementCase); err != nil {
			return nil, fmt.Errorf("%s %s: %w", statements[i].Name, statements[i].Query, err)
		}
	}
	files := map[string][]byte{}
	var err error
	if files["core.ndjson.gz"], err = packed(core); err != nil {
		return nil, err
	}
	files["statements.ndjson.gz"], err = packed(statements)
	return files, err
}

// packed has each value in a line.
func packed[T any](all []T) ([]byte, error) {
	var file bytes.Buffer
	packed, err := gzip.NewWriterLevel(&file, gzip.BestCompression)
	if err != nil {
		return nil, err
	}
	line := json.NewEncoder(packed)
	line.SetEscapeHTML(false)
	for _, v := range all {
		if err := line.Encode(v); err != nil {
			return nil, err
		}
	}
	if err := packed.Close(); err != nil {
		return nil, err
	}
	return file.Bytes(), nil
}

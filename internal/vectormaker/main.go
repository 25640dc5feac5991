// Command vectormaker makes paging/vectors/core.ndjson.gz: the chosen cases, and drawn ones, with what becomes of each in package
// paging. The same program makes the same file. Without a file it reads cases from its input, one a line, and writes what becomes of each.
package main

import (
	"bytes"
	"compress/gzip"
	"encoding/json"
	"fmt"
	"io"
	"math/rand/v2"
	"os"

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
	file, err := Make()
	if err != nil {
		return err
	}
	return os.WriteFile(args[0], file, 0o644)
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

// Make makes the file.
func Make() ([]byte, error) {
	all := chosen()
	d := generator{rand.New(rand.NewPCG(seed, 0))}
	for len(all) < lines {
		all = append(all, d.draw(casesOfAList)...)
	}
	var file bytes.Buffer
	packed, err := gzip.NewWriterLevel(&file, gzip.BestCompression)
	if err != nil {
		return nil, err
	}
	for _, v := range all {
		if v.Result, err = vectors.ResultOf(&v.Case); err != nil {
			return nil, fmt.Errorf("%s %s: %w", v.Name, v.Rules, err)
		}
		line := json.NewEncoder(packed)
		line.SetEscapeHTML(false)
		if err := line.Encode(v); err != nil {
			return nil, err
		}
	}
	if err := packed.Close(); err != nil {
		return nil, err
	}
	return file.Bytes(), nil
}

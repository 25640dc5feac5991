// Package upload reads a request to import a file: its parameters, and the file as a stream.
package upload

import (
	"bytes"
	"crypto/sha256"
	"fmt"
	"io"
	"maps"
	"mime"
	"mime/multipart"
	"net/http"
	"net/url"
	"slices"
	"strings"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
	"pageladder.example/paging/value"
)

// fileTypes are the media types of files.
var fileTypes = map[string]intake.Format{
	"text/csv": intake.CSV, "text/tab-separated-values": intake.CSV, "application/x-ndjson": intake.NDJSON, "application/jsonl": intake.NDJSON,
	"application/json": intake.JSON, "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet": intake.XLSX,
}

var fileNames = map[string]intake.Format{".csv": intake.CSV, ".tsv": intake.CSV, ".ndjson": intake.NDJSON, ".jsonl": intake.NDJSON, ".json": intake.JSON, ".xlsx": intake.XLSX}

// asideLimit is the longest CSV of rows set aside that is sent back.
const asideLimit = 8 << 20

// Limits of a form's fields before its file.
const (
	formBytes  = 2 << 20
	fieldBytes = 4 << 10 // what a field counts in addition to its value
)

// Read reads the parameters of an import, from the query or from the fields of a form before the
// file, and the file itself, as a stream.
func Read(w http.ResponseWriter, r *http.Request, limit int64, progress func(name string) func(bytes, rows int64)) (*sets.Import, *bytes.Buffer, error) {
	given := url.Values{}
	for _, pair := range query.Pairs(r.URL.RawQuery) {
		given.Add(pair.Name, pair.Value)
	}
	mediaType, params, _ := mime.ParseMediaType(r.Header.Get("Content-Type"))
	if r.Header.Get("Content-Encoding") != "" {
		return nil, nil, problem.Of(problem.BadMedia, "found Content-Encoding %.100q; files are read as they are", r.Header.Get("Content-Encoding"))
	}
	var source io.Reader = http.MaxBytesReader(w, r.Body, limit)
	format := fileTypes[mediaType]
	if mediaType == "multipart/form-data" {
		form := multipart.NewReader(source, params["boundary"])
		left := formBytes
		for source = nil; source == nil; {
			part, err := form.NextPart()
			if err != nil {
				return nil, nil, problem.Of(problem.BadRequest, "the form has no part named file with a file in it: %v", err)
			}
			if part.FormName() == "file" {
				source = part
				partType, _, _ := mime.ParseMediaType(part.Header.Get("Content-Type"))
				if format = fileTypes[partType]; format == "" {
					at := strings.LastIndexByte(part.FileName(), '.')
					format = fileNames[strings.ToLower(part.FileName()[max(at, 0):])]
				}
				continue
			}
			text, err := io.ReadAll(io.LimitReader(part, int64(left)))
			if err != nil {
				return nil, nil, problem.Of(problem.BadRequest, "the form ended early: %v", err)
			}
			given.Add(part.FormName(), string(text))
			if left -= len(text) + fieldBytes; left <= 0 {
				return nil, nil, problem.Of(problem.TooLarge, "the fields before the file are longer than %d bytes", formBytes)
			}
		}
	}
	in := &sets.Import{Source: source, BytesLimit: limit, Hash: sha256.New()}
	for _, name := range slices.Sorted(maps.Keys(given)) {
		if name != "progress" { // another one for each attempt
			fmt.Fprintf(in.Hash, "%q=%q ", name, given[name])
		}
	}
	in.Options.Types = map[string]value.Type{}
	var aside *bytes.Buffer
	for name, values := range given {
		text := values[len(values)-1]
		wrong := func(want string) error {
			return &problem.Error{Kind: problem.BadQuery, Says: fmt.Sprintf("%s: found %.200q; right would be %s", name, text, want),
				Faults: []paging.Fault{{Param: name, Given: text, Why: problem.WrongParam, Says: "right would be " + want}}}
		}
		switch field, isType := strings.CutPrefix(name, "type."); {
		case isType:
			t, want := value.Parse(text)
			if want != "" {
				return nil, nil, wrong(want)
			}
			in.Options.Types[field] = t
		case name == "name":
			in.Name = text
		case name == "label":
			in.Label = text
		case name == "fixed":
			in.Fixed = text
		case name == "format":
			format = intake.Format(text)
		case name == "delimiter":
			var err error
			if in.Options.Delimiter, err = intake.DelimiterNamed(text); err != nil {
				return nil, nil, wrong("one character, or comma, semicolon, tab or bar")
			}
		case name == "encoding":
			in.Options.Encoding = intake.Encoding(text)
			if in.Options.Encoding != intake.UTF8 && in.Options.Encoding != intake.Windows1252 {
				return nil, nil, wrong(string(intake.UTF8) + " or " + string(intake.Windows1252))
			}
		case name == "sheet":
			in.Options.Sheet = text
		case name == "key":
			in.Options.Key = strings.Split(text, ",")
		case name == "rules":
			rules, err := rulesfile.Parse([]byte(text))
			if err != nil {
				return nil, nil, problem.FromRules(err)
			}
			in.Rules = rules
		case name == "aside" || name == "check" || name == "decimal_comma" || name == "day_first":
			if text != "true" && text != "false" {
				return nil, nil, wrong("true or false")
			}
			switch yes := text == "true"; {
			case name == "check":
				in.Check = yes
			case name == "decimal_comma":
				in.Options.DecimalComma = yes
			case name == "day_first":
				in.Options.DayFirst = yes
			case yes:
				aside = &bytes.Buffer{}
				in.Aside = &bounded{aside, asideLimit}
			}
		case name == "progress":
			if len(text) < 8 || len(text) > 100 {
				return nil, nil, wrong("8 to 100 characters of the caller's choice, hard to guess")
			}
			in.Options.Progress = progress(text)
		default:
			return nil, nil, wrong("no such parameter: an import has name, label, key, rules, fixed, format, delimiter, encoding, sheet, decimal_comma, day_first, type.FIELD, aside, check and progress")
		}
	}
	fmt.Fprintf(in.Hash, "%q ", format)
	if in.Options.Format = format; format == "" {
		return nil, nil, problem.Of(problem.BadMedia, "found Content-Type %.100q; right would be text/csv, application/x-ndjson, application/json, an XLSX workbook, or multipart/form-data with such a file", r.Header.Get("Content-Type"))
	}
	return in, aside, nil
}

// bounded is a buffer with a limit.
type bounded struct {
	*bytes.Buffer
	limit int
}

func (b *bounded) Write(p []byte) (int, error) {
	if b.Len()+len(p) > b.limit {
		return 0, &sets.FileError{Cause: fmt.Errorf("the rows to be set aside are more than %d MB; is this the right file, and read in the right way?", b.limit>>20)}
	}
	return b.Buffer.Write(p)
}

package service

import (
	"bytes"
	"errors"
	"fmt"
	"io"
	"mime"
	"mime/multipart"
	"net/http"
	"net/url"
	"regexp"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/query"
	"pageladder.example/paging/value"
)

// setName is what a set can be called.
var setName = regexp.MustCompile(`^[a-z][a-z0-9_-]{0,62}$`)

// asideMost is the longest CSV of rows set aside that is answered.
const asideMost = 8 << 20

// createSet makes a set of a file: multipart/form-data, or the body itself.
func (s *Service) createSet(c *gin.Context) error { return s.importFile(c, "") }

func (s *Service) created(c *gin.Context, set *sets.Set) error {
	c.Header("Location", s.public+"/api/sets/"+url.PathEscape(set.Name))
	return nil
}

// newName checks that a set can be made under a name.
func (s *Service) newName(c *gin.Context, name string) error {
	if !setName.MatchString(name) {
		return &sets.ValueError{Field: "name", Found: strconv.Quote(name), Want: "1 to 63 of a–z, 0–9, _ and -, a letter first"}
	}
	if _, err := s.store.Get(c.Request.Context(), name); !errors.Is(err, sets.ErrNoSet) {
		if err == nil {
			err = problem.Of(problem.Taken, "a record set named %q is there already; PUT /api/sets/%s/records replaces its records", name, name)
		}
		return err
	}
	return nil
}

// reimport replaces a set's records by those of a file.
func (s *Service) reimport(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	if set.Attached() {
		return sets.ErrReadOnly
	}
	return s.importFile(c, set.Name)
}

// fileTypes are the media types of files.
var fileTypes = map[string]intake.Format{
	"text/csv": intake.CSV, "text/tab-separated-values": intake.CSV, "application/x-ndjson": intake.NDJSON, "application/jsonl": intake.NDJSON,
	"application/json": intake.JSON, "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet": intake.XLSX,
}

var fileNames = map[string]intake.Format{".csv": intake.CSV, ".tsv": intake.CSV, ".ndjson": intake.NDJSON, ".jsonl": intake.NDJSON, ".json": intake.JSON, ".xlsx": intake.XLSX}

// importFile imports a file. Into a set that is there, its name is given.
func (s *Service) importFile(c *gin.Context, into string) error {
	caller := callerName(who(c), c)
	if says := s.imports.Begin(caller); says != "" {
		return problem.Later(problem.Busy, 10, nil, "imports: %s; try again later", says)
	}
	defer s.imports.End(caller)
	control := http.NewResponseController(c.Writer)
	if err := errors.Join(control.SetReadDeadline(time.Now().Add(s.limits.StreamTime)), control.SetWriteDeadline(time.Now().Add(s.limits.StreamTime+writeTime))); err != nil {
		return err
	}
	in, aside, err := s.importOf(c)
	if err != nil {
		return err
	}
	switch {
	case into != "":
		in.Name = into
	case in.Check:
	default:
		in.New = true
		if err := s.newName(c, in.Name); err != nil {
			return err
		}
	}
	set, plan, err := s.store.Import(c.Request.Context(), *in)
	answer := api.Imported{}
	var bad *intake.BadRows
	if in.Check && errors.As(err, &bad) {
		answer.Bad, err = &api.BadRowsAnswer{Count: bad.Count, Rows: wireRows(bad.Rows)}, nil
	}
	if err != nil {
		return err
	}
	answer.Rows, answer.Key, answer.MadeKey = plan.Rows, plan.Key, plan.MadeKey
	for i, f := range plan.Fields {
		sample := api.FieldSample{Field: api.Field(f), Samples: []string{}}
		if i < len(plan.Samples) {
			sample.Samples = append(sample.Samples, plan.Samples[i]...)
		}
		answer.Fields = append(answer.Fields, sample)
	}
	if aside != nil && aside.Len() > 0 && strings.Count(aside.String(), "\n") > 1 {
		answer.Aside = &api.Aside{CSV: aside.String()}
	}
	if set == nil {
		c.PureJSON(http.StatusOK, answer)
		return nil
	}
	info := infoOf(set, who(c))
	answer.Set = &info
	status := http.StatusOK
	if into == "" {
		status = http.StatusCreated
		s.created(c, set)
	}
	c.PureJSON(status, answer)
	return nil
}

// What a form may have before its file.
const (
	formBytes  = 2 << 20
	fieldBytes = 4 << 10 // that a field counts for beside its value
)

// importOf reads what an import is to be: its parameters, from the query or from
// the form's fields before the file, and the file itself, as a stream.
func (s *Service) importOf(c *gin.Context) (*sets.Import, *bytes.Buffer, error) {
	given := url.Values{}
	for _, pair := range query.Pairs(c.Request.URL.RawQuery) {
		given.Add(pair.Name, pair.Value)
	}
	mediaType, params, _ := mime.ParseMediaType(c.GetHeader("Content-Type"))
	if c.GetHeader("Content-Encoding") != "" {
		return nil, nil, problem.Of(problem.BadMedia, "found Content-Encoding %.100q; files are read as they are", c.GetHeader("Content-Encoding"))
	}
	var source io.Reader = http.MaxBytesReader(c.Writer, c.Request.Body, s.limits.ImportBytes)
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
	in := &sets.Import{Source: source, MostBytes: s.limits.ImportBytes}
	in.Options.Types = map[string]value.Type{}
	var aside *bytes.Buffer
	for name, values := range given {
		text := values[len(values)-1]
		wrong := func(want string) error {
			return &problem.Error{Kind: problem.BadQuery, Says: fmt.Sprintf("%s: found %.200q; right would be %s", name, text, want),
				Faults: []paging.Fault{{Param: name, Given: text, Why: "service.wrong", Says: "right would be " + want}}}
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
			var err error
			if in.Rules, err = rulesOf([]byte(text)); err != nil {
				return nil, nil, err
			}
		case name == "aside" || name == "check":
			if text != "true" && text != "false" {
				return nil, nil, wrong("true or false")
			}
			if name == "check" {
				in.Check = text == "true"
			} else if text == "true" {
				aside = &bytes.Buffer{}
				in.Aside = &bounded{aside, asideMost}
			}
		case name == "progress":
			if len(text) < 8 || len(text) > 100 {
				return nil, nil, wrong("8 to 100 characters of the caller's choice, hard to guess")
			}
			in.Options.Progress = s.files.begin(text)
		default:
			return nil, nil, wrong("no such parameter: an import has name, label, key, rules, fixed, format, delimiter, encoding, sheet, type.FIELD, aside, check and progress")
		}
	}
	if in.Options.Format = format; format == "" {
		return nil, nil, problem.Of(problem.BadMedia, "found Content-Type %.100q; right would be text/csv, application/x-ndjson, application/json, an XLSX workbook, or multipart/form-data with such a file", c.GetHeader("Content-Type"))
	}
	return in, aside, nil
}

// bounded is a buffer that takes no more than so many bytes.
type bounded struct {
	*bytes.Buffer
	most int
}

func (b *bounded) Write(p []byte) (int, error) {
	if b.Len()+len(p) > b.most {
		return 0, &sets.FileError{Cause: fmt.Errorf("the rows to be set aside are more than %d MB; is this the right file, and read in the right way?", b.most>>20)}
	}
	return b.Buffer.Write(p)
}

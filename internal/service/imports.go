package service

import (
	"errors"
	"fmt"
	"net/http"
	"net/url"
	"regexp"
	"strconv"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/server"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/upload"
)

// setName is what names of sets look like.
var setName = regexp.MustCompile(`^[a-z][a-z0-9_-]{0,62}$`)

// createSet makes a set from a file: multipart/form-data, or the body itself.
func (s *Service) createSet(c *gin.Context) error { return s.importFile(c, "") }

func (s *Service) created(c *gin.Context, set *sets.Set) error {
	c.Header("Location", s.hosts.Public+"/api/sets/"+url.PathEscape(set.Name))
	return nil
}

// newName checks that a set can have a name.
func (s *Service) newName(c *gin.Context, name string) error {
	if !setName.MatchString(name) {
		return &sets.ValueError{Field: "name", Found: strconv.Quote(name), Want: "1 to 63 of a–z, 0–9, _ and -, a letter first"}
	}
	if sets.OnceOf(c.Request.Context()) != nil { // perhaps it is of this import: that is known when the file has been read
		return nil
	}
	_, err := s.store.Get(c.Request.Context(), name)
	switch {
	case errors.Is(err, sets.ErrNoSet):
		return nil
	case err == nil:
		return taken(name)
	}
	return err
}

func taken(name string) error {
	return problem.Of(problem.Taken, "a record set named %q is there already; PUT /api/sets/%s/records replaces its records", name, name)
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

// importFile imports a file; into names the set, if it exists already.
func (s *Service) importFile(c *gin.Context, into string) error {
	caller := who(c).Name(c.ClientIP())
	if says := s.imports.Begin(caller); says != "" {
		return problem.Later(problem.Busy, 10, nil, "imports: %s; try again later", says)
	}
	defer s.imports.End(caller)
	control := http.NewResponseController(c.Writer)
	if err := errors.Join(control.SetReadDeadline(time.Now().Add(s.limits.StreamTime)), control.SetWriteDeadline(time.Now().Add(s.limits.StreamTime+server.WriteTime))); err != nil {
		return err
	}
	status := http.StatusOK
	if into == "" {
		status = http.StatusCreated
	}
	if c.Request.Header["Idempotency-Key"] != nil {
		once, err := named(c, status)
		if err != nil {
			return err
		}
		c.Request = c.Request.WithContext(once.With(c.Request.Context()))
	}
	in, aside, err := upload.Read(c.Writer, c.Request, s.limits.ImportBytes, s.files.Begin)
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
	fmt.Fprintf(in.Hash, "%s %q", c.Request.Method, in.Name)
	set, plan, err := s.store.Import(c.Request.Context(), *in)
	if in.New && errors.Is(err, sets.ErrSetTaken) {
		err = taken(in.Name)
	}
	answer := api.Imported{}
	var bad *intake.BadRows
	if in.Check && errors.As(err, &bad) {
		answer.Bad, err = &api.BadRowsAnswer{Count: bad.Count, Rows: wireRows(bad.Rows)}, nil
	}
	if err != nil {
		return err
	}
	describePlan(&answer, plan, aside)
	if in.Check {
		c.PureJSON(http.StatusOK, answer)
		return nil
	}
	if set != nil { // else it is of an earlier attempt, and has been removed since
		s.wrote(c, set.Name, set.Version)
		info := infoOf(set, who(c))
		answer.Set = &info
	}
	if into == "" && set != nil {
		s.created(c, set)
	}
	c.PureJSON(status, answer)
	return nil
}

func (s *Service) readProgress(c *gin.Context) error {
	now, ok := s.files.Of(c.Param("name"))
	if !ok {
		return problem.Of(problem.NoSuchPath, "no import under this name is running, or has run lately")
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, now)
	return nil
}

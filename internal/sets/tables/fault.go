package tables

import (
	"errors"
	"fmt"
	"regexp"
	"slices"
	"strings"

	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets/catalog"
)

// DataError is the error for data that the database cannot store: too large, of an unknown type,
// or against a constraint of the table.
type DataError struct {
	Says string
	err  error
}

func (e *DataError) Error() string { return e.Says }
func (e *DataError) Unwrap() error { return e.err }

// IsDataFault reports whether PostgreSQL's error code (appendix A of its manual) is the data's
// fault: data exceptions, violated constraints, limits of the server, reserved names.
func IsDataFault(code string) bool {
	return postgres.IsDataException(code) || strings.HasPrefix(code, "23") || strings.HasPrefix(code, "54") ||
		slices.Contains([]string{"42701", "42611", "42622"}, code)
}

var indexInMessage = regexp.MustCompile(`for index "([^"]+)"`)

// Fault turns a database error that is the data's fault into a DataError, or into a catalog.ValueError
// if the field is known. Other errors stay as they are.
func Fault(set *catalog.Definition, err error) error {
	var pg *pgconn.PgError
	if !errors.As(err, &pg) || !IsDataFault(pg.Code) {
		return err
	}
	if found := indexInMessage.FindStringSubmatch(pg.Message); found != nil && set != nil {
		fields := strings.Join(set.Rules.Key, ", ")
		if definition, ok := Indexes(set)[found[1]]; ok {
			fields = strings.NewReplacer(`"`, "", "(", "", ")", "").Replace(definition)
		}
		return catalog.Unfit(fields, "values that are too long to be indexed together", "at most about 2,700 bytes, or rules that neither sort nor filter by them")
	}
	if strings.HasPrefix(pg.Message, "index row") {
		return &DataError{"a value is too long to be indexed; right would be at most about 2,700 bytes in fields that the rules sort or filter by, or that are the key's", err}
	}
	if pg.ColumnName != "" {
		return catalog.Unfit(pg.ColumnName, "a value that cannot be kept", pg.Message)
	}
	says := pg.Message
	if pg.Detail != "" && pg.Code != postgres.UniqueViolation {
		says += ": " + pg.Detail
	}
	return &DataError{fmt.Sprintf("the database cannot take this: %.500s", says), err}
}

package sets

import (
	"errors"
	"fmt"
	"regexp"
	"slices"
	"strings"

	"github.com/jackc/pgx/v5/pgconn"
)

// DataError is the error for data that the database cannot store: too large, of an unknown type,
// or against a constraint of the table.
type DataError struct {
	Says string
	err  error
}

func (e *DataError) Error() string { return e.Says }
func (e *DataError) Unwrap() error { return e.err }

// isDataFault reports whether PostgreSQL's error code (appendix A of its manual) is the data's
// fault: data exceptions, violated constraints, limits of the server, reserved names.
func isDataFault(code string) bool {
	return isDataException(code) || strings.HasPrefix(code, "23") || strings.HasPrefix(code, "54") ||
		slices.Contains([]string{"42701", "42611", "42622"}, code)
}

// isDataException reports whether an error code is for a value that does not fit. A division by zero
// and the like come of a view's own expressions, and of no value of a question.
func isDataException(code string) bool {
	return strings.HasPrefix(code, "22") && !slices.Contains([]string{"22012", "2201E", "2201F", "22004"}, code)
}

var indexInMessage = regexp.MustCompile(`for index "([^"]+)"`)

// dataFault turns a database error that is the data's fault into a DataError, or into a ValueError
// if the field is known. Other errors stay as they are.
func dataFault(set *Set, err error) error {
	var pg *pgconn.PgError
	if !errors.As(err, &pg) || !isDataFault(pg.Code) {
		return err
	}
	if found := indexInMessage.FindStringSubmatch(pg.Message); found != nil && set != nil {
		fields := strings.Join(set.Rules.Key, ", ")
		if definition, ok := indexes(set)[found[1]]; ok {
			fields = strings.NewReplacer(`"`, "", "(", "", ")", "").Replace(definition)
		}
		return &ValueError{fields, "values that are too long to be indexed together", "at most about 2,700 bytes, or rules that neither sort nor filter by them"}
	}
	if strings.HasPrefix(pg.Message, "index row") {
		return &DataError{"a value is too long to be indexed; right would be at most about 2,700 bytes in fields that the rules sort or filter by, or that are the key's", err}
	}
	if pg.ColumnName != "" {
		return &ValueError{pg.ColumnName, "a value that cannot be kept", pg.Message}
	}
	says := pg.Message
	if pg.Detail != "" && pg.Code != uniqueViolation {
		says += ": " + pg.Detail
	}
	return &DataError{fmt.Sprintf("the database cannot take this: %.500s", says), err}
}

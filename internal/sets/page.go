package sets

import (
	"context"
	"errors"
	"net"
	"strconv"
	"strings"

	"github.com/jackc/pgx/v5"

	"pageladder.example/paging"
)

// Page is one page of a set: what was settled, and its records.
type Page struct {
	Set     *Set
	Settled paging.Page
	Records []Record
}

// Page reads one page. Its version, its total and its records come from one
// snapshot. Errors are ErrNoSet, *paging.Refusal, or the database's.
func (s *Store) Page(ctx context.Context, name, query string) (page *Page, err error) {
	err = pgx.BeginTxFunc(ctx, s.pool, pgx.TxOptions{IsoLevel: pgx.RepeatableRead, AccessMode: pgx.ReadOnly}, func(tx pgx.Tx) error {
		set, err := get(ctx, tx, name)
		if err != nil {
			return err
		}
		ask, err := set.Rules.Read(query)
		if err != nil {
			return err
		}
		var total int64
		if err := tx.QueryRow(ctx, "select count(*) from "+tableName(set)).Scan(&total); err != nil {
			return err
		}
		settled, err := ask.Settle(paging.Exact(total))
		if err != nil {
			return err
		}
		page = &Page{Set: set, Settled: settled}
		if settled.Fetch() == 0 {
			return nil
		}
		page.Records, err = readRecords(ctx, tx, pageSQL(set, &settled))
		return err
	})
	return page, err
}

func pageSQL(set *Set, page *paging.Page) string {
	var b strings.Builder
	b.WriteString("select ")
	for i, f := range set.Fields {
		if i > 0 {
			b.WriteString(", ")
		}
		b.WriteString(quote(f.Name))
	}
	b.WriteString(" from " + tableName(set))
	sep := " order by "
	for _, o := range page.Ask().Order() {
		b.WriteString(sep + quote(o.Field))
		sep = ", "
		if o.Desc {
			b.WriteString(" desc")
		}
		if o.NullsFirst {
			b.WriteString(" nulls first")
		} else {
			b.WriteString(" nulls last")
		}
	}
	b.WriteString(" limit " + strconv.Itoa(page.Fetch()))
	b.WriteString(" offset " + strconv.FormatInt(page.Offset(), 10))
	return b.String()
}

// readRecords reads every row in PostgreSQL's text format, which needs no
// decoding: a number's text is a JSON number's.
func readRecords(ctx context.Context, tx pgx.Tx, sql string) ([]Record, error) {
	rows, err := tx.Query(ctx, sql, pgx.QueryResultFormats{pgx.TextFormatCode})
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	var records []Record
	for rows.Next() {
		raw := rows.RawValues()
		record := make(Record, len(raw))
		for i, v := range raw {
			if v != nil {
				record[i] = append(make([]byte, 0, len(v)), v...)
			}
		}
		records = append(records, record)
	}
	return records, rows.Err()
}

func isNetwork(err error) bool {
	var network net.Error
	return errors.As(err, &network)
}

// Package statement writes an ask as SQL, for PostgreSQL, MySQL with MariaDB, and SQLite:
// text and arguments, for any driver. It runs nothing itself; the packages sqlpage
// and pgxpage below it read a page in one call.
//
// A Table says once where the records are and what each field is in SQL. An ask of it is
// a Question, which writes every statement that a list needs:
//
//	arrivals, err := statement.New(statement.Table{
//		Dialect: statement.PostgreSQL,
//		From:    "arrivals a join berths b on b.id = a.berth_id",
//		Fields: map[string]statement.Field{
//			"id":    {SQL: "a.id", Type: value.BigInteger},
//			"berth": {SQL: "b.code"},
//			"cargo": {SQL: "a.cargo", Nullable: true},
//		},
//	}, rules)
//	q, err := arrivals.Ask(ask, statement.Where{SQL: "a.harbour = $1", Args: []any{harbour}})
//	count := q.Count(statement.Region{}, 0)
//	rows := q.Rows([]string{"id", "berth"}, statement.Region{}, page.Offset(), page.Fetch())
//
// What stands in the text is the Table's SQL, the Where's SQL, and this package's own
// words and numbers. A value of the query is always an argument, of the type that the
// database compares rightly; a name of the query that is no field of the Table never
// comes near the text.
//
// # Regions
//
// Missing values stand at one end of an index, and the rules may want them at the other.
// A Question therefore offers its records as Regions, parts that follow one another and
// of which each can be read along an index: those with a value in the first field of the
// order, and those without. Walk reads a page that may begin in one and end in the next.
// The zero Region is all records, for lists that need no index.
package statement

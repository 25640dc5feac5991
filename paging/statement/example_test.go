package statement_test

import (
	"fmt"

	"pageladder.example/paging"
	"pageladder.example/paging/cursor"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/text"
	"pageladder.example/paging/value"
)

var arrivalRules = &paging.Rules{
	Key:   []string{"id"},
	Sorts: []paging.SortKey{{Key: "vessel"}, {Key: "tonnage"}},
	Filters: []paging.FilterRule{
		{Field: "berth"}, {Field: "vessel"}, {Field: "tonnage", Type: value.Integer},
	},
}

// arrivals is a join: the rules' "berth" is another table's "code".
func arrivals(d statement.Dialect) *statement.List {
	list, err := statement.New(statement.Table{
		Dialect: d,
		From:    "arrivals a join berths b on b.id = a.berth_id",
		Fields: map[string]statement.Field{
			"id":      {SQL: "a.id", Type: value.BigInteger},
			"vessel":  {SQL: "a.vessel"},
			"berth":   {SQL: "b.code"},
			"tonnage": {SQL: "a.tonnage", Type: value.Integer, Nullable: true},
		},
		ByKey: []string{"id"},
	})
	if err != nil {
		panic(err)
	}
	return list
}

func show(s statement.Statement, err error) {
	if err != nil {
		panic(err)
	}
	fmt.Println(s.SQL)
	for i, arg := range s.Args {
		fmt.Printf("  %d: %#v\n", i+1, arg)
	}
}

func ExampleList_Ask() {
	list := arrivals(statement.PostgreSQL)
	ask, _ := arrivalRules.Read("berth=N4&berth=N5&tonnage.min=500&vessel.has=50%25&page=3")
	q, _ := list.Ask(ask, statement.Where{SQL: "a.harbour = $1 and a.deleted_at is null", Args: []any{7}})
	show(q.Rows([]string{"id", "berth"}, statement.Region{}, 40, 20))
	// Output:
	// select a.id as "id", b.code as "berth" from arrivals a join berths b on b.id = a.berth_id where (a.harbour = $1 and a.deleted_at is null) and (b.code = any($2::text[])) and a.tonnage >= $3::bigint and (a.vessel ilike $4::text escape '!') order by a.id limit 20 offset 40
	//   1: 7
	//   2: "{\"N4\",\"N5\"}"
	//   3: "500"
	//   4: "%50!%%"
}

func ExampleQuestion_Without() {
	ask, _ := arrivalRules.Read("berth=N4&tonnage.min=500")
	q, _ := arrivals(statement.MySQL).Ask(ask, statement.Where{})
	others, _ := q.Without("berth")
	show(others.Count(statement.Region{}, 0), nil)
	// Output:
	// select count(*) from arrivals a join berths b on b.id = a.berth_id where a.tonnage >= cast(? as signed)
	//   1: 500
}

func ExampleQuestion_Count() {
	ask, _ := arrivalRules.Read("tonnage.min=500")
	q, _ := arrivals(statement.MySQL).Ask(ask, statement.Where{})
	show(q.Count(statement.Region{}, 0), nil)
	show(q.Count(statement.Region{}, 10_001), nil)
	// Output:
	// select count(*) from arrivals a join berths b on b.id = a.berth_id where a.tonnage >= cast(? as signed)
	//   1: 500
	// select count(*) from (select 1 as one from arrivals a join berths b on b.id = a.berth_id where a.tonnage >= cast(? as signed) limit 10001) counted
	//   1: 500
}

func ExampleQuestion_Facet() {
	ask, _ := arrivalRules.Read("berth=N4&tonnage.min=500")
	q, _ := arrivals(statement.SQLite).Ask(ask, statement.Where{})
	show(q.Facet("berth", 50)) // without the condition on the berth
	// Output:
	// select b.code as value, count(*) as records from arrivals a join berths b on b.id = a.berth_id where a.tonnage >= ? group by b.code collate binary order by count(*) desc, b.code collate binary is null, b.code limit 50
	//   1: 500
}

// An order with missing values is read as two regions, each along an index.
func ExampleQuestion_Regions() {
	ask, _ := arrivalRules.Read("sort=-tonnage")
	q, _ := arrivals(statement.SQLite).Ask(ask, statement.Where{})
	fmt.Println(q.Order())
	for _, r := range q.Regions() {
		show(q.Rows([]string{"id"}, r, 0, 20))
	}
	// Output:
	// [{tonnage true false} {id true false}]
	// select a.id as "id" from arrivals a join berths b on b.id = a.berth_id where a.tonnage is not null order by a.tonnage desc, a.id desc limit 20
	// select a.id as "id" from arrivals a join berths b on b.id = a.berth_id where a.tonnage is null order by a.tonnage desc, a.id desc limit 20
}

// The records from a given one on, those after it, and those before it.
func ExampleQuestion_From() {
	ask, _ := arrivalRules.Read("sort=-vessel")
	q, _ := arrivals(statement.PostgreSQL).Ask(ask, statement.Where{})
	vessel, id := "Grey Gull", "7"
	place := []*string{&vessel, &id}
	from, _ := q.From(place)
	for _, r := range from {
		show(q.Rows([]string{"id"}, r, 0, 20))
	}
	after, _ := q.After(place)
	show(q.Rows([]string{"id"}, after[0], 0, 20))
	back := q.Reversed()
	before, _ := back.After(place) // the nearest first
	show(back.Rows([]string{"id"}, before[0], 0, 20))
	// Output:
	// select a.id as "id" from arrivals a join berths b on b.id = a.berth_id where a.vessel = $1::text and a.id <= $2::bigint order by a.vessel desc, a.id desc limit 20
	//   1: "Grey Gull"
	//   2: "7"
	// select a.id as "id" from arrivals a join berths b on b.id = a.berth_id where a.vessel < $1::text order by a.vessel desc, a.id desc limit 20
	//   1: "Grey Gull"
	// select a.id as "id" from arrivals a join berths b on b.id = a.berth_id where a.vessel = $1::text and a.id < $2::bigint order by a.vessel desc, a.id desc limit 20
	//   1: "Grey Gull"
	//   2: "7"
	// select a.id as "id" from arrivals a join berths b on b.id = a.berth_id where a.vessel = $1::text and a.id > $2::bigint order by a.vessel, a.id limit 20
	//   1: "Grey Gull"
	//   2: "7"
}

func ExampleQuestion_WithKey() {
	ask, _ := arrivalRules.Read("")
	q, _ := arrivals(statement.MySQL).Ask(ask, statement.Where{})
	one, _ := q.WithKey([]string{"7"})
	show(q.Unordered([]string{"vessel"}, one))
	// Output:
	// select a.vessel as `vessel` from arrivals a join berths b on b.id = a.berth_id where a.id = cast(? as signed)
	//   1: 7
}

// Walk reads a page that may begin in one region and end in the next.
func ExampleWalk() {
	ask, _ := arrivalRules.Read("sort=tonnage")
	q, _ := arrivals(statement.PostgreSQL).Ask(ask, statement.Where{})
	sizes := []int64{30, 50} // with a tonnage, and without
	region := -1
	statement.Walk(q.Regions(), 20, 20, func(r statement.Region, offset int64, limit int) (int, error) {
		region++
		received := min(sizes[region]-offset, int64(limit))
		fmt.Println(limit, "from", offset, "on:", received, "received")
		return int(received), nil
	}, func(r statement.Region, limit int64) (int64, error) { return sizes[region], nil })
	// Output:
	// 20 from 20 on: 10 received
	// 10 from 0 on: 10 received
}

// A filter that holds whatever the query says.
func ExampleList_Where() {
	list := arrivals(statement.PostgreSQL)
	fixed, _ := arrivalRules.Read("berth=N4")
	own, _ := list.Where(fixed.Conditions())
	fmt.Println(own.SQL, own.Args)
	// Output: (b.code = $1::text) [N4]
}

func ExampleList_Text() {
	list := arrivals(statement.MySQL)
	fmt.Println(list.Dialect(), list.Fields(), list.Type("tonnage"))
	text, _ := list.Text("tonnage", []byte("0500")) // as a driver may give it
	fmt.Println(*text)
	// Output:
	// MySQL [berth id tonnage vessel] integer
	// 500
}

func ExampleDialect_Quote() {
	fmt.Println(statement.PostgreSQL.Quote(`a"b`), statement.MySQL.Quote("a`b"), statement.SQLite.String())
	// Output: "a""b" `a``b` SQLite
}

// A search in a column that the program fills.
func ExampleNew_words() {
	list, _ := statement.New(statement.Table{
		Dialect: statement.SQLite, From: "arrivals", Words: "search_text", SplitWords: text.Words,
		Fields: map[string]statement.Field{"id": {SQL: "id", Type: value.Integer}, "vessel": {SQL: "vessel"}},
	})
	rules := &paging.Rules{Key: []string{"id"}, Search: []string{"vessel"}}
	ask, _ := rules.Read("q=Øst+gu")
	q, _ := list.Ask(ask, statement.Where{})
	fmt.Printf("filled with %q\n", text.ForSearch("Øst Gull"))
	show(q.Rows([]string{"id"}, statement.Region{}, 0, 20))
	// Output:
	// filled with " ost gull "
	// select id as "id" from arrivals where instr(search_text, ?) > 0 and instr(search_text, ?) > 0 order by id limit 20
	//   1: " ost "
	//   2: " gu"
}

// A page that follows a place, by hand. The packages sqlpage and pgxpage do it in one call.
func ExampleQuestion_Seek() {
	ask, _ := arrivalRules.Read("sort=-tonnage")
	q, _ := arrivals(statement.PostgreSQL).Ask(ask, statement.Where{})
	// Two records were read, and their places behind them; the second ends the page.
	place, _ := q.Place([]any{"700", "4"})
	read := func(q *statement.Question, regions []statement.Region, limit int) (received int, first []*string, err error) {
		s, err := q.Placed([]string{"id"}, regions[0], 0, limit) // Walk reads on in the others
		fmt.Println(s.SQL)
		return 3, place, err // as if the record of the place and two more had come
	}
	there := func(q *statement.Question, regions []statement.Region) (bool, error) { return false, nil }
	found, skip, err := q.Seek(&cursor.Place{Values: place, Behind: true}, false, 20, read, there)
	fmt.Println(found.Rows, found.Behind, skip, err)
	// Output:
	// select a.id as "id", a.tonnage::text as place0, a.id::text as place1 from arrivals a join berths b on b.id = a.berth_id where a.tonnage = $1::bigint and a.id <= $2::bigint order by a.tonnage desc, a.id desc limit 21
	// 2 true true <nil>
}

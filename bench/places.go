package main

import (
	"context"
	"fmt"
	"math/rand/v2"
	"net/http"

	"github.com/gin-gonic/gin"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
)

// orders are those that are asked for, each with the statement by which a page of it begins at a
// place: the value of a record, and its id.
var orders = map[string]struct{ field, order, from string }{
	"id":         {"id", "id", "id >= $1 and $2::bigint is not null"},
	"read_at":    {"read_at", "read_at, id", "(read_at, id) >= ($1, $2)"},
	"-height_cm": {"height_cm", "height_cm desc, id desc", "(height_cm, id) <= ($1, $2)"},
	"gauge":      {"gauge", "gauge, id", "(gauge, id) >= ($1, $2)"},
}

// place is where a page begins.
type place struct {
	Value any
	ID    int64
}

// knownPlaces is a handler of pages whose places are known beforehand: at=start, at=again, always
// the same place, or at=anywhere, one of up to 3,000. It reads twenty records and reports nothing else. Its
// ratios between places are what the database alone makes of them.
func knownPlaces(ctx context.Context, pool *pgxpool.Pool, table string, records int) (http.Handler, error) {
	ids := make([]int64, 3000)
	for i := range ids {
		ids[i] = 1 + rand.Int64N(int64(records))
	}
	places := map[string][]place{}
	for sort, o := range orders {
		rows, err := pool.Query(ctx, fmt.Sprintf("select %[1]s as at, id from %[2]s where id = any($1) and %[1]s is not null order by random()", o.field, table), ids)
		if err != nil {
			return nil, err
		}
		places[sort], err = pgx.CollectRows(rows, pgx.RowToStructByPos[place])
		if err == nil && len(places[sort]) == 0 {
			err = fmt.Errorf("too few records to ask for by %s", sort)
		}
		if err != nil {
			return nil, err
		}
	}
	r := gin.New()
	r.GET("/places", func(c *gin.Context) {
		sort, at := c.Query("sort"), c.Query("at")
		o, known := orders[sort]
		if !known {
			c.JSON(400, gin.H{"error": "no such sort"})
			return
		}
		where, args := "", []any(nil)
		if at != "start" {
			i := 0
			if at == "anywhere" {
				i = rand.IntN(len(places[sort]))
			}
			p := places[sort][i]
			where, args = " where "+o.from, []any{p.Value, p.ID}
		}
		records, err := tides(c.Request.Context(), pool, table+where+" order by "+o.order+" limit 20", args...)
		if err != nil {
			c.JSON(500, gin.H{"error": err.Error()})
			return
		}
		c.JSON(200, gin.H{"records": records})
	})
	return r, nil
}

// placing gives the questions for pages whose places are known, and the pairs that they are compared in.
func placing(base string, change func(context.Context) error) (questions []question, compared [][2]string) {
	for _, sort := range []string{"id", "-height_cm", "read_at", "gauge"} {
		named := func(at string) string { return "by hand, at a known place, " + at + ", by " + sort }
		under := func(name string) string { return name + ", under its owner's changes" }
		for _, at := range []string{"start", "again", "anywhere"} {
			query := "?sort=" + sort + "&at=" + at
			one := question{name: named(at), base: base + "/places", query: func() string { return query }}
			questions = append(questions, one)
			if at != "again" {
				one.name, one.writing = under(one.name), change
				questions = append(questions, one)
			}
		}
		compared = append(compared, [2]string{named("again"), named("start")}, [2]string{named("anywhere"), named("start")}, [2]string{under(named("anywhere")), under(named("start"))})
	}
	return questions, compared
}

package main

import (
	"context"
	"net/http"
	"strconv"
	"sync/atomic"
	"time"

	"github.com/gin-gonic/gin"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"

	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/statement"
	"pageladder.example/paging/statement/pgxpage"
	"pageladder.example/paging/value"
)

// tide is one record as handlers that are no service read it.
type tide struct {
	ID       int64     `json:"id"`
	Gauge    string    `json:"gauge"`
	ReadAt   time.Time `json:"read_at"`
	HeightCM *int64    `json:"height_cm"`
	Pressure float64   `json:"pressure_hpa"`
	Checked  bool      `json:"checked"`
	Remark   *string   `json:"remark"`
}

// tides reads records as a developer does, from a table in some order.
func tides(ctx context.Context, pool *pgxpool.Pool, from string, args ...any) ([]tide, error) {
	rows, err := pool.Query(ctx, "select id, gauge, read_at, height_cm, pressure_hpa::float8, checked, remark from "+from, args...)
	if err != nil {
		return nil, err
	}
	return pgx.CollectRows(rows, pgx.RowToStructByPos[tide])
}

// handWritten is the handler that a developer writes for one list: page and size
// from the query, a count, LIMIT and OFFSET, CollectRows, c.JSON. With cached the
// count is taken once.
func handWritten(pool *pgxpool.Pool, table string, cached bool) http.Handler {
	gin.SetMode(gin.ReleaseMode)
	r := gin.New()
	var total atomic.Int64
	r.GET("/tides", func(c *gin.Context) {
		ctx := c.Request.Context()
		page, err := strconv.Atoi(c.DefaultQuery("page", "1"))
		if err != nil || page < 1 {
			page = 1
		}
		size, err := strconv.Atoi(c.DefaultQuery("size", "20"))
		if err != nil || size < 1 || size > 100 {
			size = 20
		}
		order, ok := map[string]string{"": "id", "id": "id", "height_cm": "height_cm nulls last, id", "-height_cm": "height_cm desc nulls last, id desc",
			"read_at": "read_at, id", "-read_at": "read_at desc, id desc"}[c.Query("sort")]
		if !ok {
			order = "id"
		}
		n := total.Load()
		if !cached || n == 0 {
			if err := pool.QueryRow(ctx, "select count(*) from "+table).Scan(&n); err != nil {
				c.JSON(500, gin.H{"error": err.Error()})
				return
			}
			total.Store(n)
		}
		records, err := tides(ctx, pool, table+" order by "+order+" limit $1 offset $2", size, (page-1)*size)
		if err != nil {
			c.JSON(500, gin.H{"error": err.Error()})
			return
		}
		c.JSON(200, gin.H{"records": records, "page": page, "size": size, "total_items": n, "total_pages": (n + int64(size) - 1) / int64(size)})
	})
	return r
}

// byPackages is the same list by the packages that the service stands on, as
// examples/postgres has it; its count is taken once.
func byPackages(pool *pgxpool.Pool, table string) (http.Handler, error) {
	rules := &paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "id"}, {Key: "height_cm"}, {Key: "read_at"}}}
	list, err := statement.New(statement.Table{Dialect: statement.PostgreSQL, From: table, ByKey: []string{"id"}, Fields: map[string]statement.Field{
		"id": {SQL: "id", Type: value.Integer}, "gauge": {SQL: "gauge"}, "read_at": {SQL: "read_at", Type: value.Time}, "height_cm": {SQL: "height_cm", Type: value.Integer, Nullable: true},
		"pressure_hpa": {SQL: "pressure_hpa::float8", Type: value.Decimal}, "checked": {SQL: "checked", Type: value.Boolean}, "remark": {SQL: "remark", Nullable: true}}}, rules)
	if err != nil {
		return nil, err
	}
	var total atomic.Int64
	r := gin.New()
	r.GET("/tides", func(c *gin.Context) {
		ask, err := rules.Read(c.Request.URL.RawQuery)
		if err == nil && total.Load() == 0 {
			var n int64
			if err = pool.QueryRow(c.Request.Context(), "select count(*) from "+table).Scan(&n); err == nil {
				total.Store(n)
			}
		}
		var page paging.Page
		if err == nil {
			page, err = ask.Settle(paging.Exact(total.Load()))
		}
		var records []tide
		if err == nil {
			page, records, err = pgxpage.Records[tide](c.Request.Context(), pool, list, page, statement.Where{})
		}
		if err != nil {
			answer.Fail(c.Writer, c.Request, err)
			return
		}
		answer.Write(c.Writer, c.Request, page, records, answer.Options{})
	})
	return r, nil
}

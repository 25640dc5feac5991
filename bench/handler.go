package main

import (
	"net/http"
	"strconv"
	"sync/atomic"
	"time"

	"github.com/gin-gonic/gin"
	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgxpool"
)

// tide is one record as the hand-written handler reads it.
type tide struct {
	ID       int64     `json:"id"`
	Gauge    string    `json:"gauge"`
	ReadAt   time.Time `json:"read_at"`
	HeightCM *int64    `json:"height_cm"`
	Pressure float64   `json:"pressure_hpa"`
	Checked  bool      `json:"checked"`
	Remark   *string   `json:"remark"`
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
		rows, err := pool.Query(ctx, "select id, gauge, read_at, height_cm, pressure_hpa::float8, checked, remark from "+table+
			" order by "+order+" limit $1 offset $2", size, (page-1)*size)
		if err != nil {
			c.JSON(500, gin.H{"error": err.Error()})
			return
		}
		records, err := pgx.CollectRows(rows, pgx.RowToStructByPos[tide])
		if err != nil {
			c.JSON(500, gin.H{"error": err.Error()})
			return
		}
		c.JSON(200, gin.H{"records": records, "page": page, "size": size, "total_items": n, "total_pages": (n + int64(size) - 1) / int64(size)})
	})
	return r
}

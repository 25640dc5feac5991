package service

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"net/http"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/sets"
	"pageladder.example/paging"
)

// Problem is an error answer, RFC 9457.
type Problem struct {
	Type   string         `json:"type"`
	Title  string         `json:"title"`
	Status int            `json:"status"`
	Detail string         `json:"detail"`
	Faults []paging.Fault `json:"faults,omitempty"` // every fault of the query
}

// problem is the one place that writes an error answer.
func problem(c *gin.Context, status int, detail string, faults ...paging.Fault) {
	body, err := json.Marshal(Problem{
		Type: "about:blank", Title: http.StatusText(status), Status: status, Detail: detail, Faults: faults,
	})
	if err != nil {
		c.Error(err)
	}
	c.Header("Cache-Control", "no-store")
	c.Abort()
	c.Data(status, "application/problem+json", body)
}

func unavailable(c *gin.Context) {
	c.Header("Retry-After", "2")
	problem(c, http.StatusServiceUnavailable, "the database cannot be reached at the moment; try again in a few seconds")
}

// fail answers an error of the store or of the core.
func (s *Service) fail(c *gin.Context, err error) {
	var refusal *paging.Refusal
	switch {
	case errors.Is(err, sets.ErrNoSet):
		problem(c, http.StatusNotFound, fmt.Sprintf("there is no record set named %q; /api/sets lists those that there are", c.Param("set")))
	case errors.As(err, &refusal):
		status := http.StatusBadRequest
		if refusal.PastLast() {
			status = http.StatusNotFound
		}
		problem(c, status, refusal.Faults[0].Param+": "+refusal.Faults[0].Says, refusal.Faults...)
	case errors.Is(err, sets.ErrNoSource), errors.Is(err, sets.ErrSuperuser):
		c.Error(err)
		problem(c, http.StatusServiceUnavailable, "the set's source cannot be used: "+err.Error())
	case sets.Unavailable(err):
		c.Error(err)
		unavailable(c)
	case errors.Is(err, context.DeadlineExceeded):
		c.Error(err)
		c.Header("Retry-After", "10")
		problem(c, http.StatusServiceUnavailable, fmt.Sprintf("the answer took longer than %v", requestTime))
	default:
		c.Error(err)
		problem(c, http.StatusInternalServerError, "something went wrong in the service; its log says what")
	}
}

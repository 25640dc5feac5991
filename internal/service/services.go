package service

import (
	"net/http"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/peers"
)

// listServices lists the services that share the database.
func (s *Service) listServices(c *gin.Context) error {
	ctx, pool := c.Request.Context(), s.store.Pool()
	all, err := peers.All(ctx, pool)
	if err != nil {
		return err
	}
	list := api.Services{Services: []api.Service{}}
	for _, p := range all {
		list.Services = append(list.Services, api.Service{ID: p.ID, Version: p.Version, Address: p.Address, StartedAt: p.StartedAt.UTC(), SeenAt: p.SeenAt.UTC(), Lives: p.Lives, Answers: p.ID == s.name[:8], Lacks: p.Lacks})
	}
	if list.Earlier, err = peers.Earlier(ctx, pool); err != nil {
		return err
	}
	if list.PostgreSQL, list.Timeline, list.Epoch, list.EpochSince, err = s.store.Reached(ctx); err != nil {
		return err
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, list)
	return nil
}

// Package server serves HTTP on a listener, with limits on the time that a connection may take,
// and stops in an orderly way.
package server

import (
	"context"
	"errors"
	"log/slog"
	"net"
	"net/http"
	"time"
)

// Time-outs.
const (
	readHeaderTime = 5 * time.Second
	readTime       = 30 * time.Second  // for a body, unless its handler allows more
	WriteTime      = 60 * time.Second  // for an answer, unless its handler allows more
	idleTime       = 120 * time.Second // between two requests
	graceTime      = 15 * time.Second  // for running requests when the server stops
)

// Serve answers requests until the context ends, then lets running ones finish. The head of a
// request may have 32 KiB, and a query of queryBytes more.
func Serve(ctx context.Context, l net.Listener, h http.Handler, log *slog.Logger, queryBytes int) error {
	server := &http.Server{
		Handler:           h,
		ReadHeaderTimeout: readHeaderTime,
		ReadTimeout:       readTime,
		WriteTimeout:      WriteTime,
		IdleTimeout:       idleTime,
		MaxHeaderBytes:    32<<10 + queryBytes,
		ErrorLog:          slog.NewLogLogger(log.Handler(), slog.LevelWarn),
	}
	failed := make(chan error, 1)
	go func() { failed <- server.Serve(l) }()
	select {
	case err := <-failed:
		return err
	case <-ctx.Done():
	}
	grace, cancel := context.WithTimeout(context.WithoutCancel(ctx), graceTime)
	defer cancel()
	if err := server.Shutdown(grace); err != nil {
		server.Close()
		return errors.New("some requests did not finish in time and were cut off")
	}
	return nil
}

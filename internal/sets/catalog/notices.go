package catalog

import (
	"context"
	"errors"
	"strconv"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"
	"github.com/jackc/pgx/v5/pgconn"

	"pageladder.example/internal/fence"
	"pageladder.example/internal/peers"
)

// This file receives the notices of other services.

// notices receives the notices of other services. A change of records sends two notices in one
// transaction: the set's name with its stamp, and the name alone. Services of earlier versions,
// and triggers, send the name alone.
type notices struct {
	*Catalog
	stamped string // who sent the stamp of which set in the notice before this one
}

func (n *notices) hear(notice *pgconn.Notification) {
	if notice.Channel == peers.Ends {
		if n.Ended != nil {
			n.Ended(notice.Payload)
		}
		return
	}
	by := strconv.FormatUint(uint64(notice.PID), 10) + " "
	name, rest, _ := strings.Cut(notice.Payload, " ")
	if rest == purged {
		n.noticed(name)
		n.Purged()
		return
	}
	if stamp, err := ReadStamp([]byte(rest)); err == nil {
		if set := n.noteStamp(name, stamp); set != nil && n.Moved != nil {
			n.Moved(set)
		}
		n.stamped = by + name
		return
	}
	if n.stamped != by+notice.Payload {
		n.noticed(notice.Payload)
	}
	n.stamped = ""
}

// Listen receives notices until the context of New ends, over a connection of its own.
func (c *Catalog) Listen() {
	silent := time.AfterFunc(longSilence, c.primary.Silent)
	defer silent.Stop()
	for c.running.Err() == nil {
		var behind *fence.Behind
		if err := c.listenOnce(c.running, silent); errors.As(err, &behind) {
			c.primary.Lost(behind)
		} else {
			c.primary.Lost(nil)
		}
		c.deaf()
		c.Purged() // a notice of it may be missed
		select {
		case <-c.running.Done():
		case <-time.After(relisten):
		}
	}
}

// listenOnce receives notices over one connection until that fails or falls silent. Each answer puts off that all who
// wait get an error.
func (c *Catalog) listenOnce(ctx context.Context, silent *time.Timer) error {
	config := c.listens.Copy()
	heard := notices{Catalog: c}
	config.OnNotification = func(_ *pgconn.PgConn, notice *pgconn.Notification) { heard.hear(notice) }
	conn, err := pgx.ConnectConfig(ctx, config)
	if err != nil {
		return err
	}
	defer func() {
		ctx, cancel := context.WithTimeout(context.WithoutCancel(ctx), beatWait)
		defer cancel()
		conn.Close(ctx)
	}()
	first, cancel := context.WithTimeout(ctx, beatWait)
	defer cancel()
	life, err := c.lives(first, conn, func(string) error { return nil })
	if err != nil {
		return err
	}
	c.primary.Heard(life, conn.PgConn().Conn().RemoteAddr().String())
	note := c.listening
	for question := "listen " + channel; ; question, note = "select", c.hears {
		startedAt := time.Now()
		answer, cancel := context.WithTimeout(ctx, beatWait)
		_, err := conn.Exec(answer, question)
		cancel()
		if err != nil {
			return err
		}
		note(startedAt)
		silent.Reset(longSilence)
		for until := startedAt.Add(beat); time.Now().Before(until); {
			wait, cancel := context.WithDeadline(ctx, until)
			err := conn.PgConn().WaitForNotification(wait)
			cancel()
			if err != nil && wait.Err() == nil {
				return err
			}
			if ctx.Err() != nil {
				return ctx.Err()
			}
		}
	}
}

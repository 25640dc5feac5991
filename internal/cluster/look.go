package cluster

import (
	"bytes"
	"cmp"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"net/http"
	"slices"
	"sync"
	"time"
)

// Node is what a node's Patroni says of it.
type Node struct {
	Name     string
	Role     string // "" if it does not answer
	State    string
	Timeline int
	Sync     bool // a write is acknowledged once this standby has it
}

// Primary reports whether it is the primary.
func (n Node) Primary() bool { return n.Role == "master" || n.Role == "primary" }

// lookTime is how long one answer may take.
const lookTime = time.Second

// Look asks each node, and etcd which standby has whatever is acknowledged: a node that was frozen answers what it knew before.
func (c *Cluster) Look(ctx context.Context) []Node {
	nodes := make([]Node, len(c.Nodes))
	var wait sync.WaitGroup
	var primary, synchronous string
	wait.Go(func() { primary, synchronous = c.pair(ctx) })
	for i, name := range c.Nodes {
		wait.Go(func() {
			var is struct {
				Role, State string
				Timeline    int
			}
			if err := c.get(ctx, name+" rest", "/patroni", &is); err != nil {
				is.Role, is.State = "", "does not answer"
			}
			nodes[i] = Node{Name: name, Role: is.Role, State: is.State, Timeline: is.Timeline}
		})
	}
	wait.Wait()
	for i, n := range nodes {
		nodes[i].Sync = n.Name == synchronous && slices.ContainsFunc(nodes, func(n Node) bool { return n.Name == primary && n.Primary() })
	}
	return nodes
}

// pair is a primary, and the standby that may take its place; "" for what is not known.
func (c *Cluster) pair(ctx context.Context) (primary, synchronous string) {
	var key struct{ Node struct{ Value string } }
	var pair struct {
		Leader  string
		Standby string `json:"sync_standby"`
	}
	if c.get(ctx, "etcd", "/v2/keys/service/saltmere/sync", &key) != nil || json.Unmarshal([]byte(key.Node.Value), &pair) != nil {
		return "", ""
	}
	return pair.Leader, pair.Standby
}

// Leader is the name of the primary; "" if there is none.
func (c *Cluster) Leader(ctx context.Context) string {
	for _, n := range c.Look(ctx) {
		if n.Primary() {
			return n.Name
		}
	}
	return ""
}

// Synchronous is the name of the standby that has whatever is acknowledged; "" if there is none.
func (c *Cluster) Synchronous(ctx context.Context) string {
	for _, n := range c.Look(ctx) {
		if n.Sync {
			return n.Name
		}
	}
	return ""
}

// Answers reports whether something answers 200 at a path.
func (c *Cluster) Answers(ctx context.Context, name, path string) bool {
	return c.get(ctx, name, path, nil) == nil
}

// get asks for JSON.
func (c *Cluster) get(ctx context.Context, name, path string, into any) error {
	return c.do(ctx, lookTime, http.MethodGet, name, path, nil, into)
}

// errBusy is the error for a node whose Patroni is doing something else, for example starting it.
var errBusy = errors.New("it is busy")

func (c *Cluster) do(ctx context.Context, limit time.Duration, method, name, path string, body []byte, into any) error {
	ctx, cancel := context.WithTimeout(ctx, limit)
	defer cancel()
	req, err := http.NewRequestWithContext(ctx, method, c.URL(name)+path, bytes.NewReader(body))
	if err != nil {
		return err
	}
	if body != nil {
		req.SetBasicAuth("operator", c.Secrets["rest"])
	}
	res, err := http.DefaultClient.Do(req)
	if err != nil {
		return err
	}
	defer res.Body.Close()
	text, err := io.ReadAll(io.LimitReader(res.Body, 1<<20))
	if err != nil {
		return err
	}
	if res.StatusCode >= 300 {
		err := fmt.Errorf("%s %s: %d %s", method, path, res.StatusCode, bytes.TrimSpace(text))
		if res.StatusCode == http.StatusServiceUnavailable {
			err = errors.Join(errBusy, err)
		}
		return err
	}
	if into == nil {
		return nil
	}
	return json.Unmarshal(text, into)
}

// Renew has a standby copied anew from the primary: one that has what the primary has not, and does not get rid of it.
func (c *Cluster) Renew(ctx context.Context, node string) error {
	if err := c.node(node); err != nil {
		return err
	}
	ctx, cancel := context.WithTimeout(ctx, switchTime)
	defer cancel()
	var err error
	waited := c.until(ctx, "Patroni copies "+node, func() bool {
		err = c.do(ctx, switchTime, http.MethodPost, node+" rest", "/reinitialize", []byte(`{"force": true}`), nil)
		return !errors.Is(err, errBusy)
	})
	return cmp.Or(err, waited)
}

// switchTime is how long a switchover may take.
const switchTime = 60 * time.Second

// Switchover makes another node the primary; "": one that Patroni chooses.
func (c *Cluster) Switchover(ctx context.Context, to string) error {
	leader := c.Leader(ctx)
	if leader == "" {
		return fmt.Errorf("no node is the primary at the moment")
	}
	if to != "" && !slices.Contains(c.Nodes, to) {
		return c.node(to)
	}
	body, err := json.Marshal(map[string]string{"leader": leader, "candidate": to})
	if err != nil {
		return err
	}
	return c.do(ctx, switchTime, http.MethodPost, leader+" rest", "/switchover", body, nil)
}

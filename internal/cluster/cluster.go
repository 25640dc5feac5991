// Package cluster runs, on loopback, what an operator runs on several machines: etcd, three PostgreSQL servers under
// Patroni, HAProxy, and some services. It elects, replicates and routes nothing by itself.
package cluster

import (
	"context"
	"crypto/rand"
	"encoding/json"
	"errors"
	"fmt"
	"net"
	"net/url"
	"os"
	"os/exec"
	"path/filepath"
	"slices"
	"strconv"
	"strings"
	"syscall"
	"time"

	"github.com/jackc/pgx/v5"

	files "pageladder.example/deploy/cluster"
	"pageladder.example/internal/postgres"
)

// Cluster is a cluster in a folder. Each of its methods may be called by another process than the one that started it.
type Cluster struct {
	Dir      string              `json:"-"`
	Program  string              `json:"program"` // of the services
	Nodes    []string            `json:"nodes"`
	Services []string            `json:"services"`
	Ports    map[string]int      `json:"ports"`
	Secrets  map[string]string   `json:"secrets"`
	Started  map[string]*Process `json:"started"` // what was started last under a name
}

// nodeNames are the names of the machines.
var nodeNames = []string{"db1", "db2", "db3"}

const (
	host      = "127.0.0.1"
	database  = "pageladder"
	readyTime = 90 * time.Second
	stateFile = "cluster.json"
)

// Open gives the cluster that was started in a folder.
func Open(dir string) (*Cluster, error) {
	text, err := os.ReadFile(filepath.Join(dir, stateFile))
	if errors.Is(err, os.ErrNotExist) {
		return nil, fmt.Errorf("no cluster runs in %s; start one with: make cluster", dir)
	}
	c := &Cluster{Dir: dir}
	if err == nil {
		err = json.Unmarshal(text, c)
	}
	return c, err
}

func (c *Cluster) save() error {
	text, err := json.MarshalIndent(c, "", "  ")
	if err != nil {
		return err
	}
	path := filepath.Join(c.Dir, stateFile)
	if err := os.WriteFile(path+".new", text, 0o600); err != nil {
		return err
	}
	return os.Rename(path+".new", path)
}

// New makes a cluster with some services in a folder, which must not exist yet: it is nobody else's. Nothing of it runs yet.
func New(dir, program string, services int) (*Cluster, error) {
	if err := installed(); err != nil {
		return nil, err
	}
	if err := os.Mkdir(dir, 0o711); err != nil { // the account of PostgreSQL passes through
		if errors.Is(err, os.ErrExist) {
			err = fmt.Errorf("%s is there already; if a cluster runs in it, end that with: bin/cluster down", dir)
		}
		return nil, err
	}
	c := &Cluster{Dir: dir, Program: program, Nodes: nodeNames, Ports: map[string]int{}, Secrets: map[string]string{}, Started: map[string]*Process{}}
	for i := range services {
		c.Services = append(c.Services, fmt.Sprint("service", i+1))
	}
	names := []string{"etcd", "etcd peer", "front", "primary"}
	for _, node := range c.Nodes {
		names = append(names, node, node+" rest")
	}
	if err := c.takePorts(append(names, c.Services...)); err != nil {
		return nil, err
	}
	for _, name := range []string{"rest", "superuser", "replication", "rewind", database} {
		c.Secrets[name] = rand.Text()
	}
	if err := c.write(); err != nil {
		return nil, err
	}
	return c, c.save()
}

// takePorts finds a free port for each name.
func (c *Cluster) takePorts(names []string) error {
	for _, name := range names {
		l, err := net.Listen("tcp", host+":0")
		if err != nil {
			return err
		}
		defer l.Close() // once all are found, so that none is found twice
		c.Ports[name] = l.Addr().(*net.TCPAddr).Port
	}
	return nil
}

// installed says which Debian packages are missing.
func installed() error {
	var missing []string
	for _, needed := range [][2]string{{"patroni", "patroni"}, {"etcd", "etcd-server"}, {haproxy, "haproxy"}} {
		if _, err := exec.LookPath(needed[0]); err != nil {
			missing = append(missing, needed[1])
		}
	}
	if _, err := postgres.BinDir(); err != nil {
		missing = append(missing, "postgresql-15")
	}
	if len(missing) > 0 {
		return fmt.Errorf("missing Debian packages; as root: apt-get install --no-install-recommends %s", strings.Join(missing, " "))
	}
	return nil
}

const haproxy = "/usr/sbin/haproxy"

// write writes the settings of all that runs.
func (c *Cluster) write() error {
	bin, err := postgres.BinDir()
	if err != nil {
		return err
	}
	port := func(name string) string { return strconv.Itoa(c.Ports[name]) }
	with := map[string]string{
		"HOST": host, "DIR": c.Dir, "NETWORK": host + "/32", "PG_BIN": bin, "WATCHDOG": `"off"`, "STRICT": "false", "MORE_PARAMETERS": "",
		"ETCD_PORT": port("etcd"), "ETCD_PEER_PORT": port("etcd peer"), "ETCD_HOSTS": host + ":" + port("etcd"),
		"FRONT_PORT": port("front"), "PRIMARY_PORT": port("primary"), "REST_PASSWORD": c.Secrets["rest"],
		"SUPERUSER_PASSWORD": c.Secrets["superuser"], "REPLICATION_PASSWORD": c.Secrets["replication"], "REWIND_PASSWORD": c.Secrets["rewind"],
	}
	var services, primaries strings.Builder
	for _, s := range c.Services {
		fmt.Fprintf(&services, "    server %s %s:%s check\n", s, host, port(s))
	}
	for _, n := range c.Nodes {
		fmt.Fprintf(&primaries, "    server %s %s:%s check port %s\n", n, host, port(n), port(n+" rest"))
	}
	with["SERVICES"], with["PRIMARIES"] = services.String(), primaries.String()
	put := func(name, as string, mode os.FileMode) error {
		text, err := files.Files.ReadFile(name)
		if err != nil {
			return err
		}
		missing := ""
		filled := os.Expand(string(text), func(key string) string {
			value, ok := with[key]
			if !ok && key != "" {
				missing = key
			}
			return value
		})
		if missing != "" {
			return fmt.Errorf("deploy/cluster/%s: nothing is known of ${%s}", name, missing)
		}
		return os.WriteFile(filepath.Join(c.Dir, as), []byte(filled), mode)
	}
	with["NAME"] = "etcd1"
	if err := errors.Join(put("etcd.yml", "etcd.yml", 0o600), put("haproxy.cfg", "haproxy.cfg", 0o600)); err != nil {
		return err
	}
	for _, n := range c.Nodes {
		with["NAME"], with["PG_PORT"], with["REST_PORT"] = n, port(n), port(n+" rest")
		if err := errors.Join(os.Mkdir(filepath.Join(c.Dir, n), 0o700), put("patroni.yml", n+"/patroni.yml", 0o600)); err != nil {
			return err
		}
		if err := own(filepath.Join(c.Dir, n), filepath.Join(c.Dir, n, "patroni.yml")); err != nil {
			return err
		}
	}
	return nil
}

// own gives files to the account that runs PostgreSQL, if we are root.
func own(paths ...string) error {
	as, err := owner()
	if as == nil || err != nil {
		return err
	}
	for _, path := range paths {
		if err := os.Chown(path, int(as.Uid), int(as.Gid)); err != nil {
			return err
		}
	}
	return nil
}

// Start starts everything but the services, and waits until the primary and its synchronous standby are there.
func (c *Cluster) Start(ctx context.Context) error {
	ctx, cancel := context.WithTimeout(ctx, readyTime)
	defer cancel()
	if err := c.launch("etcd", nil, "etcd", "--config-file", filepath.Join(c.Dir, "etcd.yml")); err != nil {
		return err
	}
	if err := c.until(ctx, "etcd answers", func() bool { return c.get(ctx, "etcd", "/health", nil) == nil }); err != nil {
		return err
	}
	for _, n := range c.Nodes {
		if err := c.StartNode(n); err != nil {
			return err
		}
	}
	if err := c.launch("haproxy", nil, haproxy, "-db", "-f", filepath.Join(c.Dir, "haproxy.cfg")); err != nil {
		return err
	}
	if err := c.Settled(ctx); err != nil {
		return err
	}
	return c.prepare(ctx)
}

// Settled waits until one node is the primary, all others are its standbys, and one of those is synchronous.
func (c *Cluster) Settled(ctx context.Context) error {
	return c.until(ctx, "one primary, and standbys that follow it", func() bool {
		nodes := c.Look(ctx)
		primary := slices.IndexFunc(nodes, Node.Primary)
		return primary >= 0 && !slices.ContainsFunc(nodes, func(n Node) bool {
			return n.State != "running" && n.State != "streaming" || n.Timeline != nodes[primary].Timeline
		}) && slices.ContainsFunc(nodes, func(n Node) bool { return n.Sync })
	})
}

// prepare makes the role and the database of the services, if they are not there.
func (c *Cluster) prepare(ctx context.Context) error {
	conn, err := c.Primary(ctx)
	if err != nil {
		return err
	}
	defer conn.Close(ctx)
	var there bool
	if err := conn.QueryRow(ctx, "select exists (select from pg_database where datname = $1)", database).Scan(&there); err != nil || there {
		return err
	}
	if _, err := conn.Exec(ctx, "create role "+database+" login password '"+c.Secrets[database]+"'"); err != nil {
		return err
	}
	if _, err = conn.Exec(ctx, "create database "+database+" owner "+database); err != nil {
		return err
	}
	// A program that tries all hosts stops at the first one that does not know its role.
	return c.until(ctx, "every standby has the role of the services", func() bool {
		return !slices.ContainsFunc(c.Nodes, func(n string) bool {
			conn, err := pgx.Connect(ctx, c.NodeURL(n))
			if err == nil {
				conn.Close(ctx)
			}
			return err != nil
		})
	})
}

// Primary is a connection to the primary as its superuser.
func (c *Cluster) Primary(ctx context.Context) (*pgx.Conn, error) {
	return pgx.Connect(ctx, c.address("postgres", c.Secrets["superuser"], "postgres", c.Nodes...)+"&connect_timeout=3") // for each node: one may be frozen
}

// address is that of a database on the one of the nodes that is the primary.
func (c *Cluster) address(role, password, db string, nodes ...string) string {
	hosts := make([]string, len(nodes))
	for i, n := range nodes {
		hosts[i] = net.JoinHostPort(host, strconv.Itoa(c.Ports[n]))
	}
	u := url.URL{Scheme: "postgres", User: url.UserPassword(role, password), Host: strings.Join(hosts, ","), Path: "/" + db, RawQuery: "target_session_attrs=read-write&sslmode=disable"}
	return u.String()
}

// DatabaseURL is the services' database: all hosts in one address, of which one is the primary.
func (c *Cluster) DatabaseURL() string {
	return c.address(database, c.Secrets[database], database, c.Nodes...)
}

// RoutedURL is the services' database by HAProxy.
func (c *Cluster) RoutedURL() string {
	return c.address(database, c.Secrets[database], database, "primary")
}

// NodeURL is the services' database on one node, whatever that is.
func (c *Cluster) NodeURL(node string) string {
	return strings.Replace(c.address(database, c.Secrets[database], database, node), "target_session_attrs=read-write&", "", 1)
}

// URL is the address of something that answers HTTP: a service, or "front" for whichever is ready.
func (c *Cluster) URL(name string) string {
	return "http://" + net.JoinHostPort(host, strconv.Itoa(c.Ports[name]))
}

// until waits until something holds.
func (c *Cluster) until(ctx context.Context, what string, holds func() bool) error {
	for !holds() {
		select {
		case <-ctx.Done():
			return fmt.Errorf("waited in vain for this: %s; %s has the logs: %w", what, c.Dir, ctx.Err())
		case <-time.After(100 * time.Millisecond):
		}
	}
	return nil
}

// owner is the account that runs PostgreSQL for root, as which it refuses to run; nil: we are not root.
func owner() (*syscall.Credential, error) {
	if os.Geteuid() != 0 {
		return nil, nil
	}
	return postgres.Unprivileged()
}

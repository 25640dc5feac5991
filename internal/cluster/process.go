package cluster

import (
	"bytes"
	"context"
	"errors"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"slices"
	"strconv"
	"strings"
	"syscall"
	"time"
)

// Process is a process that was started. Its id may be another one's by now: that one was started at another moment.
type Process struct {
	Pid     int    `json:"pid"`
	Started string `json:"started"` // in clock ticks since the machine's start
}

// processOf is a process as it runs; nil if it does not.
func processOf(pid int) *Process {
	if _, started, ok := stat(pid); ok {
		return &Process{pid, started}
	}
	return nil
}

// stat is the parent of a process and when it was started; ok is false where it has ended.
func stat(pid int) (parent int, started string, ok bool) {
	text, err := os.ReadFile(fmt.Sprintf("/proc/%d/stat", pid))
	if err != nil {
		return 0, "", false
	}
	_, rest, _ := bytes.Cut(text, []byte(") ")) // behind the program's name
	f := strings.Fields(string(rest))
	if len(f) < 20 || f[0] == "Z" || f[0] == "X" {
		return 0, "", false
	}
	parent, _ = strconv.Atoi(f[1])
	return parent, f[19], true
}

// runs reports whether it still does.
func (p *Process) runs() bool {
	if p == nil {
		return false
	}
	_, started, ok := stat(p.Pid)
	return ok && started == p.Started
}

func (p *Process) signal(s syscall.Signal) error {
	if !p.runs() {
		return nil
	}
	if err := syscall.Kill(p.Pid, s); err != nil && !errors.Is(err, syscall.ESRCH) {
		return err
	}
	return nil
}

// family is a process and all that it has started, directly or not.
func family(p *Process) []*Process {
	if !p.runs() {
		return nil
	}
	children := map[int][]*Process{}
	all, _ := filepath.Glob("/proc/[0-9]*")
	for _, path := range all {
		pid, _ := strconv.Atoi(filepath.Base(path))
		if parent, started, ok := stat(pid); ok {
			children[parent] = append(children[parent], &Process{pid, started})
		}
	}
	found := []*Process{p}
	for i := 0; i < len(found); i++ {
		found = append(found, children[found[i].Pid]...)
	}
	return found
}

// launch starts a program in the background, which goes on when we end, and remembers it under a name. Its output
// goes to NAME.log.
func (c *Cluster) launch(name string, as *syscall.Credential, program string, args ...string) error {
	log, err := os.OpenFile(filepath.Join(c.Dir, name+".log"), os.O_CREATE|os.O_APPEND|os.O_WRONLY, 0o600)
	if err != nil {
		return err
	}
	defer log.Close()
	cmd := exec.Command(program, args...)
	cmd.Dir, cmd.Stdout, cmd.Stderr = c.Dir, log, log
	cmd.SysProcAttr = &syscall.SysProcAttr{Setsid: true, Credential: as}
	if err := cmd.Start(); err != nil {
		return err
	}
	c.Started[name] = processOf(cmd.Process.Pid)
	go cmd.Wait() // while we run, it leaves nothing behind
	return c.save()
}

// postmaster is the PostgreSQL of a node; nil if none runs.
func (c *Cluster) postmaster(node string) *Process {
	text, err := os.ReadFile(filepath.Join(c.Dir, node, "data", "postmaster.pid"))
	if err != nil {
		return nil
	}
	first, _, _ := strings.Cut(string(text), "\n")
	pid, err := strconv.Atoi(strings.TrimSpace(first))
	if err != nil {
		return nil
	}
	p := processOf(pid)
	if line, _ := os.ReadFile(fmt.Sprintf("/proc/%d/cmdline", pid)); p == nil || !bytes.Contains(line, []byte(filepath.Join(c.Dir, node, "data"))) {
		return nil // the file is of before
	}
	return p
}

// of are the processes of a node.
func (c *Cluster) of(node string) []*Process {
	all := append(family(c.postmaster(node)), family(c.Started[node])...)
	slices.SortFunc(all, func(a, b *Process) int { return a.Pid - b.Pid })
	return slices.CompactFunc(all, func(a, b *Process) bool { return a.Pid == b.Pid })
}

func signalAll(all []*Process, s syscall.Signal) (err error) {
	for _, p := range all {
		err = errors.Join(err, p.signal(s))
	}
	return err
}

func (c *Cluster) node(name string) error {
	if !slices.Contains(c.Nodes, name) {
		return fmt.Errorf("there is no node %q; right would be one of %s", name, strings.Join(c.Nodes, ", "))
	}
	return nil
}

// StartNode starts a node's Patroni, which starts its PostgreSQL.
func (c *Cluster) StartNode(node string) error {
	if err := c.node(node); err != nil {
		return err
	}
	if c.Started[node].runs() {
		return fmt.Errorf("%s runs", node)
	}
	as, err := owner()
	if err != nil {
		return err
	}
	return c.launch(node, as, "patroni", filepath.Join(c.Dir, node, "patroni.yml"))
}

// Kill kills a node's PostgreSQL. Its Patroni goes on.
func (c *Cluster) Kill(node string) error {
	if err := c.node(node); err != nil {
		return err
	}
	return signalAll(family(c.postmaster(node)), syscall.SIGKILL)
}

// Crash kills all that runs on a node. StartNode starts it again.
func (c *Cluster) Crash(node string) error {
	if err := c.node(node); err != nil {
		return err
	}
	return signalAll(c.of(node), syscall.SIGKILL)
}

// Freeze stops all that runs on a node where it is: its kernel still acknowledges what is sent to it.
func (c *Cluster) Freeze(node string) error {
	if err := c.node(node); err != nil {
		return err
	}
	return signalAll(c.of(node), syscall.SIGSTOP)
}

// Thaw lets a frozen node go on.
func (c *Cluster) Thaw(node string) error {
	if err := c.node(node); err != nil {
		return err
	}
	return signalAll(c.of(node), syscall.SIGCONT)
}

// endTime is how long a process may take to end in good order.
const endTime = 20 * time.Second

// end has processes end in good order, and kills those that do not.
func end(all []*Process, s syscall.Signal) error {
	err := errors.Join(signalAll(all, s), signalAll(all, syscall.SIGCONT)) // it may be frozen
	for late := time.Now().Add(endTime); slices.ContainsFunc(all, (*Process).runs); time.Sleep(20 * time.Millisecond) {
		if time.Now().After(late) {
			err = errors.Join(err, signalAll(all, syscall.SIGKILL))
			late = late.Add(endTime)
		}
	}
	return err
}

// StartService starts a service of a program, which may be another version than the cluster's.
func (c *Cluster) StartService(ctx context.Context, name, program string, args ...string) error {
	if !slices.Contains(c.Services, name) {
		return fmt.Errorf("there is no service %q; right would be one of %s", name, strings.Join(c.Services, ", "))
	}
	if c.Started[name].runs() {
		return fmt.Errorf("%s runs", name)
	}
	args = append(args, "--listen", strings.TrimPrefix(c.URL(name), "http://"), "--data-dir", filepath.Join(c.Dir, name))
	if err := c.launch(name, nil, program, args...); err != nil {
		return err
	}
	ctx, cancel := context.WithTimeout(ctx, readyTime)
	defer cancel()
	err := c.until(ctx, name+" is ready", func() bool { return c.get(ctx, name, "/readyz", nil) == nil || !c.Started[name].runs() })
	if err == nil && !c.Started[name].runs() {
		err = fmt.Errorf("%s has ended; %s says why", name, filepath.Join(c.Dir, name+".log"))
	}
	return err
}

// StopService has a service end in good order, and waits for that.
func (c *Cluster) StopService(name string) error {
	return end([]*Process{c.Started[name]}, syscall.SIGTERM)
}

// Down ends everything, and removes the folder.
func (c *Cluster) Down() error {
	var err error
	for _, name := range append(slices.Clone(c.Services), "haproxy") {
		if p := c.Started[name]; p.runs() {
			err = errors.Join(err, end(family(p), syscall.SIGTERM))
		}
	}
	for _, n := range c.Nodes { // nothing of it is kept
		err = errors.Join(err, end(c.of(n), syscall.SIGKILL), end(family(c.postmaster(n)), syscall.SIGKILL))
	}
	if p := c.Started["etcd"]; p.runs() {
		err = errors.Join(err, end(family(p), syscall.SIGKILL))
	}
	return errors.Join(err, os.RemoveAll(c.Dir))
}

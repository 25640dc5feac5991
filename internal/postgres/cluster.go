package postgres

import (
	"context"
	"crypto/rand"
	"errors"
	"fmt"
	"os"
	"os/user"
	"path/filepath"
	"strconv"
	"strings"
	"syscall"
)

// This file makes the data folder and the cluster in it.

// prepare makes the data folder, takes its lock and reads or makes the password.
func (s *Server) prepare() (err error) {
	mode := os.FileMode(0o700)
	if os.Geteuid() == 0 {
		if s.owner, err = Unprivileged(); err != nil {
			return err
		}
		mode = 0o711 // the account must be able to reach its cluster
	}
	if err := os.MkdirAll(s.opts.Dir, mode); err != nil {
		return err
	}
	if s.owner != nil {
		if err := reachable(s.opts.Dir); err != nil {
			return err
		}
	}
	s.lock, err = os.OpenFile(s.path("lock"), os.O_CREATE|os.O_RDWR, 0o600)
	if err != nil {
		return err
	}
	if err := syscall.Flock(int(s.lock.Fd()), syscall.LOCK_EX|syscall.LOCK_NB); err != nil {
		s.lock.Close()
		return errors.New("another Page Ladder is running on this data folder; stop it, or give this one a --data-dir of its own")
	}
	return nil
}

// Unprivileged is the account that runs the server for root, since PostgreSQL
// refuses to run as root.
func Unprivileged() (*syscall.Credential, error) {
	u, err := user.Lookup(account)
	if err != nil {
		return nil, fmt.Errorf("running as root needs the account %q, which Debian's postgresql package makes: %w", account, err)
	}
	uid, err := strconv.ParseUint(u.Uid, 10, 32)
	if err != nil {
		return nil, err
	}
	gid, err := strconv.ParseUint(u.Gid, 10, 32)
	if err != nil {
		return nil, err
	}
	return &syscall.Credential{Uid: uint32(uid), Gid: uint32(gid)}, nil
}

// reachable names the parent folder that keeps other accounts out, if one does.
func reachable(dir string) error {
	for ; ; dir = filepath.Dir(dir) {
		info, err := os.Stat(dir)
		if err != nil {
			return err
		}
		if info.Mode().Perm()&0o001 == 0 {
			return fmt.Errorf("the account %q, which runs PostgreSQL for root, cannot enter %s (mode %04o); choose another --data-dir, or chmod o+x it",
				account, dir, info.Mode().Perm())
		}
		if dir == filepath.Dir(dir) {
			return nil
		}
	}
}

func (s *Server) own(path string) error {
	if s.owner == nil {
		return nil
	}
	return os.Chown(path, int(s.owner.Uid), int(s.owner.Gid))
}

// init makes the cluster, once. It is created under another name and renamed when
// it is whole, so that one that was cut short is never taken for a cluster.
func (s *Server) init(ctx context.Context) error {
	passwordFile := s.path("password")
	if version, err := os.ReadFile(filepath.Join(s.cluster(), "PG_VERSION")); err == nil {
		major, err := strconv.Atoi(strings.TrimSpace(string(version)))
		if err != nil {
			return fmt.Errorf("%s/PG_VERSION holds %q, not a version", s.cluster(), version)
		}
		if s.bin, err = binaries(major); err != nil {
			return err
		}
		password, err := os.ReadFile(passwordFile)
		if err != nil {
			return fmt.Errorf("the cluster's password: %w", err)
		}
		s.password = strings.TrimSpace(string(password))
		return nil
	}
	var err error
	if s.bin, err = binaries(0); err != nil {
		return err
	}
	s.opts.Log.Info("making a private PostgreSQL cluster", "dir", s.cluster())
	s.password = rand.Text()
	if err := os.WriteFile(passwordFile, []byte(s.password+"\n"), 0o600); err != nil {
		return err
	}
	fresh := s.path("postgres.new")
	handed := s.path("password.new") // initdb's own copy: its account cannot read ours
	if err := os.RemoveAll(fresh); err != nil {
		return err
	}
	defer os.Remove(handed)
	if err := errors.Join(os.WriteFile(handed, []byte(s.password+"\n"), 0o600), s.own(handed), os.Mkdir(fresh, 0o700), s.own(fresh)); err != nil {
		return err
	}
	cmd := s.command(ctx, "initdb", "-D", fresh, "-U", dbUser, "-A", "scram-sha-256", "--pwfile", handed,
		"-E", "UTF8", "--lc-collate=C", "--lc-ctype=C.UTF-8")
	if out, err := cmd.CombinedOutput(); err != nil {
		return fmt.Errorf("initdb: %w\n%s", err, tail(out))
	}
	return os.Rename(fresh, s.cluster())
}

package access

import (
	"context"
	"errors"
	"fmt"
	"io/fs"
	"net"
	"net/url"
	"os"
	"path/filepath"
	"strings"
	"syscall"
	"time"
)

// This file keeps the owner's token of a data folder: a file that only its owner can read, so that
// the command line on the same machine needs no other token. Being on the machine alone gives
// nobody any right.

// ownerFile is the file's name in the data folder; its mode is 0600.
const ownerFile = "owner-token"

// OwnerLabel is the label of the token in the data folder.
const OwnerLabel = "owner-token in the data folder"

// KeepOwner makes the owner's token of a data folder, or reads the one that is there, and
// registers it. A token that has been ended is replaced. It returns the token.
func (k *Keeper) KeepOwner(ctx context.Context, dir string) (string, error) {
	if err := os.MkdirAll(dir, 0o700); err != nil {
		return "", err
	}
	path := filepath.Join(dir, ownerFile)
	secret, err := readSecret(path)
	switch {
	case errors.Is(err, fs.ErrNotExist):
	case err != nil:
		return "", err
	default:
		if err := k.Keep(ctx, secret, OwnerLabel, Owner); err != nil {
			return "", err
		}
		if _, err = k.Caller(ctx, secret); !errors.Is(err, ErrUnknown) {
			return secret, err
		}
		if err := os.Remove(path); err != nil {
			return "", err
		}
	}
	secret = prefix + random()
	// The file is written under another name first, since two services may start on one folder at
	// once.
	unfinished, err := os.CreateTemp(dir, ownerFile+"-")
	if err != nil {
		return "", err
	}
	defer os.Remove(unfinished.Name())
	_, err = unfinished.WriteString(secret + "\n") // CreateTemp's mode is 0600
	if err = errors.Join(err, unfinished.Close()); err != nil {
		return "", err
	}
	if err := os.Link(unfinished.Name(), path); errors.Is(err, fs.ErrExist) {
		return k.KeepOwner(ctx, dir) // the other service was first
	} else if err != nil {
		return "", err
	}
	return secret, k.Keep(ctx, secret, OwnerLabel, Owner)
}

// readSecret reads a token's file, which nobody else may be able to read.
func readSecret(path string) (string, error) {
	file, err := os.OpenFile(path, os.O_RDONLY|syscall.O_NOFOLLOW, 0)
	if err != nil {
		return "", err
	}
	defer file.Close()
	info, err := file.Stat()
	if err != nil {
		return "", err
	}
	if !info.Mode().IsRegular() || info.Mode().Perm()&0o077 != 0 {
		return "", fmt.Errorf("%s can be read by others (mode %04o); right would be mode 0600: remove it, and the service makes a new one", path, info.Mode().Perm())
	}
	text := make([]byte, 1024)
	n, err := file.Read(text)
	if err != nil {
		return "", fmt.Errorf("%s: %w", path, err)
	}
	return strings.TrimSpace(string(text[:n])), nil
}

// Listening notes in the data folder that one of its services listens on an address, until it is
// released or the process ends. The owner's token is only sent to such services: another user may
// listen on the same port while ours is not running.
func Listening(dir string, at net.Addr) (release func(), err error) {
	tcp, ok := at.(*net.TCPAddr)
	if !ok {
		return func() {}, nil
	}
	file, err := os.OpenFile(listeningFile(dir, fmt.Sprint(tcp.Port)), os.O_CREATE|os.O_RDWR|syscall.O_NOFOLLOW, 0o600)
	if err != nil {
		return nil, err
	}
	// A command line that checks whether the lock is held takes it for a moment itself.
	for tries := 0; ; tries++ {
		if err = syscall.Flock(int(file.Fd()), syscall.LOCK_EX|syscall.LOCK_NB); err == nil {
			break
		}
		if tries == 50 {
			file.Close()
			return nil, fmt.Errorf("%s is held by another service: %w", file.Name(), err)
		}
		time.Sleep(10 * time.Millisecond)
	}
	return func() {
		os.Remove(file.Name())
		file.Close()
	}, nil
}

func listeningFile(dir, port string) string { return filepath.Join(dir, "listening-"+port) }

// OwnerFor reads the owner's token of a data folder, for a server's address. It is "" if no
// service of the folder listens on that address on this machine, or if the file may not be read.
func OwnerFor(dir, server string) string {
	u, err := url.Parse(server)
	if err != nil {
		return ""
	}
	port := u.Port()
	if ip := net.ParseIP(u.Hostname()); port == "" || u.Hostname() != "localhost" && !ip.IsLoopback() {
		return ""
	}
	file, err := os.Open(listeningFile(dir, port))
	if err != nil {
		return ""
	}
	defer file.Close()
	if syscall.Flock(int(file.Fd()), syscall.LOCK_SH|syscall.LOCK_NB) == nil { // nobody holds the lock: the service was killed
		return ""
	}
	secret, err := readSecret(filepath.Join(dir, ownerFile))
	if err != nil {
		return ""
	}
	return secret
}

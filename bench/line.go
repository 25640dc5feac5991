package main

import (
	"bufio"
	"bytes"
	"fmt"
	"io"
	"net"
	"net/http/httputil"
	"strconv"
	"time"
)

// line is one connection that asks the same server again and again. It shares
// two cores with what it measures, so that it does no more than it must: about a
// third of what net/http's client does for each answer.
type line struct {
	net.Conn
	in   *bufio.Reader
	host string
	out  []byte
}

func dial(host string) (*line, error) {
	conn, err := net.Dial("tcp", host)
	if err != nil {
		return nil, err
	}
	return &line{Conn: conn, in: bufio.NewReaderSize(conn, 64<<10), host: host}, nil
}

// get asks for a path, with lines of header if any, and reads the whole answer,
// which has to be a 200 or, where there is a condition, a 304.
func (l *line) get(path, header string) error {
	l.out = fmt.Appendf(l.out[:0], "GET %s HTTP/1.1\r\nHost: %s\r\n%s\r\n", path, l.host, header)
	if _, err := l.Write(l.out); err != nil {
		return err
	}
	status, err := l.in.ReadSlice('\n')
	if err != nil {
		return err
	}
	length := -1 // -1: in chunks
	switch {
	case header != "" && bytes.HasPrefix(status, []byte("HTTP/1.1 304 ")):
		length = 0
	case !bytes.HasPrefix(status, []byte("HTTP/1.1 200 ")):
		answered := string(status)
		l.SetReadDeadline(time.Now().Add(time.Second))
		fate, _ := io.ReadAll(l.in)
		return fmt.Errorf("%s answered %q: %q", path, answered, fate)
	}
	for {
		field, err := l.in.ReadSlice('\n')
		if err != nil {
			return err
		}
		name, value, found := bytes.Cut(bytes.TrimSpace(field), []byte(": "))
		if !found {
			break
		}
		if bytes.EqualFold(name, []byte("Content-Length")) {
			if length, err = strconv.Atoi(string(value)); err != nil {
				return err
			}
		}
	}
	if length >= 0 {
		_, err := l.in.Discard(length)
		return err
	}
	if _, err := io.Copy(io.Discard, httputil.NewChunkedReader(l.in)); err != nil {
		return err
	}
	_, err = l.in.ReadSlice('\n') // the line after the last chunk
	return err
}

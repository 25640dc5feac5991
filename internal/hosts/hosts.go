// Package hosts knows the addresses at which callers reach a service, and refuses requests that
// are not meant for it.
package hosts

import (
	"fmt"
	"net/http"
	"net/url"
	"slices"
	"strings"

	"pageladder.example/internal/problem"
	"pageladder.example/paging"
)

// Hosts is where a service is reached. It does not change.
type Hosts struct {
	Public string // its address for callers, without a "/" at the end; "": as they ask
	Prefix string // the path of that

	hosts   map[string]bool
	origins []string
}

// New is the hosts of a service with a public address (or none) and further host names besides
// those of loopback, whose API pages of some origins may call.
func New(public string, hosts, origins []string) (*Hosts, error) {
	r := &Hosts{hosts: map[string]bool{"localhost": true, "127.0.0.1": true, "::1": true}, origins: origins}
	if public != "" {
		u, err := url.Parse(public)
		if err != nil || u.Scheme != "http" && u.Scheme != "https" || u.Host == "" || u.RawQuery != "" || u.Fragment != "" || u.User != nil {
			return nil, fmt.Errorf("public-url: found %q; right would be one such as https://saltmere.example/lists", public)
		}
		r.Public, r.Prefix = strings.TrimRight(u.String(), "/"), strings.TrimRight(u.EscapedPath(), "/")
		r.hosts[strings.ToLower(u.Hostname())] = true
	}
	for _, h := range hosts {
		r.hosts[strings.ToLower(h)] = true
	}
	for _, origin := range origins {
		if u, err := url.Parse(origin); err != nil || u.Host == "" || origin != u.Scheme+"://"+u.Host {
			return nil, fmt.Errorf("cors-origin: found %q; right would be a scheme and a host, such as https://saltmere.example", origin)
		}
	}
	return r, nil
}

// Base is the address of a path of the service, or of a template, as callers reach it.
func (r *Hosts) Base(path string) (paging.Base, error) {
	if r.Public == "" {
		return paging.ParseBase(path)
	}
	return paging.ParseBase(r.Public+path, strings.TrimSuffix(r.Public, r.Prefix))
}

// Admit checks where a request comes from and where it goes: the host that it names, and the
// origin of the page for which a browser sends it. For pages of an allowed origin it sets the
// headers of the Fetch standard, section 3.2; a preflight needs no further answer.
func (r *Hosts) Admit(h http.Header, req *http.Request) (preflight bool, err error) {
	host := req.Host
	if at := strings.LastIndexByte(host, ':'); at > strings.LastIndexByte(host, ']') {
		host = host[:at]
	}
	if !r.hosts[strings.ToLower(strings.Trim(host, "[]"))] {
		return false, problem.Of(problem.WrongHost, "found host %.100q; start the service with --host %.100s, or with the right --public-url", req.Host, host)
	}
	if origin := req.Header.Get("Origin"); origin != "" && slices.Contains(r.origins, origin) {
		h.Set("Access-Control-Allow-Origin", origin)
		h.Set("Access-Control-Expose-Headers", "Link, Content-Location, ETag, Location, Min-Version, Paging, Adjusted, Stale, Retry-After, X-Request-Id")
		if req.Method == http.MethodOptions && req.Header.Get("Access-Control-Request-Method") != "" {
			h.Set("Access-Control-Allow-Methods", "GET, HEAD, POST, PUT, PATCH, DELETE")
			h.Set("Access-Control-Allow-Headers", "Authorization, Content-Type, If-Match, If-None-Match, Idempotency-Key, Min-Version, Accept, Accept-Language")
			h.Set("Access-Control-Max-Age", "600")
			return true, nil
		}
		return false, nil
	}
	if crossOriginWrites.Check(req) != nil {
		return false, problem.Of(problem.CrossOrigin, "a browser sent this on behalf of another origin; that origin can be allowed with --cors-origin")
	}
	return false, nil
}

var crossOriginWrites = http.NewCrossOriginProtection()

package service

import (
	"bytes"
	"context"
	"net/http"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/climb"
	"pageladder.example/climb/report"
	"pageladder.example/internal/body"
	"pageladder.example/internal/problem"
)

// climbing marks the requests of a check: their caller has been let in already.
type climbing struct{}

// climb checks a set's list as its caller sees it, without a socket.
func (s *Service) climb(c *gin.Context) error {
	set, err := s.setOf(c)
	if err != nil {
		return err
	}
	var request api.ClimbBody
	if err := body.JSON(c.Request, &request, "application/json"); err != nil {
		return err
	}
	expect := report.Usual()
	switch {
	case request.Expect == "strict":
		expect = report.Strict()
	case request.Expect != "" && request.Expect != "usual":
		return problem.Of(problem.BadBody, "expect: found %.40q; right would be usual or strict", request.Expect)
	case request.Seed < 0:
		return problem.Of(problem.BadBody, "seed: found %d; right would be 0 or more", request.Seed)
	}
	caller := who(c).Name(c.ClientIP())
	if says := s.streams.Begin(caller); says != "" {
		return problem.Later(problem.Busy, 5, nil, "checks and streams: %s; try again later", says)
	}
	defer s.streams.End(caller)
	ctx := context.WithValue(c.Request.Context(), climbing{}, true)
	e := climb.Endpoint{Address: s.climbAddress(c, set.Name, request.Query), Header: credentials(c.Request)}
	checker := climb.Checker{Client: climb.HandlerClient(http.StripPrefix(s.hosts.Prefix, s)), Expect: expect, Seed: uint64(request.Seed), Pause: -1, Time: s.limits.RequestTime * 3 / 4}
	report, err := checker.Run(ctx, e)
	if err != nil && c.Request.Context().Err() == nil {
		return problem.Of(problem.BadBody, "the list cannot be checked: %s", strings.TrimPrefix(err.Error(), "climb: "))
	}
	if err != nil {
		return err
	}
	var page bytes.Buffer
	if err := report.WriteHTML(&page); err != nil {
		return err
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, climbed(report, page.String()))
	return nil
}

// climbed is a report as it is sent.
func climbed(r *climb.Report, page string) api.Climbed {
	all := api.Climbed{Holds: r.Holds(), Summary: r.Summary(), Promises: []api.ClimbPromise{}, Cost: []api.ClimbCost{},
		Found: append([]string{}, r.Found...), Notes: append([]string{}, r.Notes...), Page: page}
	for _, p := range r.WorstFirst() {
		one := api.ClimbPromise{Code: p.Code, Title: p.Title, Verdict: string(p.Verdict), Severity: string(p.Severity), Note: p.Note}
		for _, f := range p.Findings {
			one.Findings = append(one.Findings, api.ClimbFinding(f))
		}
		all.Promises = append(all.Promises, one)
	}
	for _, cost := range r.Cost {
		all.Cost = append(all.Cost, api.ClimbCost{Row: cost.Row + 1, TimeMS: float64(cost.Time.Microseconds()) / 1000, Bytes: cost.Bytes})
	}
	return all
}

// climbAddress is the address of a set's list, as callers reach it.
func (s *Service) climbAddress(c *gin.Context, set, query string) string {
	address := s.hosts.Public
	if address == "" {
		address = "http://" + c.Request.Host
	}
	address += "/api/sets/" + set + "/records"
	if query = strings.TrimPrefix(query, "?"); query != "" {
		address += "?" + query
	}
	return address
}

// credentials are the credentials of a request.
func credentials(r *http.Request) http.Header {
	header := http.Header{}
	for _, name := range []string{"Authorization", "Cookie"} {
		if values := r.Header.Values(name); len(values) > 0 {
			header[name] = values
		}
	}
	return header
}

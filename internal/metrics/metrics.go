// Package metrics counts what a service does, for Prometheus.
package metrics

import (
	"net/http"
	"slices"
	"strconv"
	"time"

	"github.com/prometheus/client_golang/prometheus"
	"github.com/prometheus/client_golang/prometheus/collectors"
	"github.com/prometheus/client_golang/prometheus/promhttp"

	"pageladder.example/internal/sets"
	"pageladder.example/paging"
)

// Metrics are what the service counts about itself.
type Metrics struct {
	registry     *prometheus.Registry
	requests     *prometheus.CounterVec
	latency      *prometheus.HistogramVec
	depth        prometheus.Histogram
	adjustments  *prometheus.CounterVec
	totals       *prometheus.CounterVec
	answersKept  prometheus.Counter
	answersAgain prometheus.Counter
}

// New counts for a service of a store.
func New(store *sets.Store, version string) *Metrics {
	m := &Metrics{
		registry: prometheus.NewRegistry(),
		requests: prometheus.NewCounterVec(prometheus.CounterOpts{Name: "pageladder_requests_total", Help: "Requests, by route, method and status."}, []string{"route", "method", "status"}),
		latency: prometheus.NewHistogramVec(prometheus.HistogramOpts{Name: "pageladder_request_seconds", Help: "Time of requests, by route.",
			Buckets: []float64{.001, .0025, .005, .01, .025, .05, .1, .25, .5, 1, 2.5, 5, 10, 20}}, []string{"route"}),
		depth: prometheus.NewHistogram(prometheus.HistogramOpts{Name: "pageladder_page_depth_rows", Help: "Records before the pages that were answered.",
			Buckets: prometheus.ExponentialBuckets(10, 10, 8)}),
		adjustments:  prometheus.NewCounterVec(prometheus.CounterOpts{Name: "pageladder_adjustments_total", Help: "Adjustments of parameters, by code."}, []string{"code"}),
		totals:       prometheus.NewCounterVec(prometheus.CounterOpts{Name: "pageladder_totals_total", Help: "Totals of pages, by kind."}, []string{"kind"}),
		answersKept:  prometheus.NewCounter(prometheus.CounterOpts{Name: "pageladder_answers_kept_total", Help: "Answers that were given again within a version."}),
		answersAgain: prometheus.NewCounter(prometheus.CounterOpts{Name: "pageladder_answers_again_total", Help: "Answers that were written anew for another version, of records that were remembered."}),
	}
	build := prometheus.NewGaugeVec(prometheus.GaugeOpts{Name: "pageladder_build_info", Help: "1, with the version of the service."}, []string{"version"})
	build.WithLabelValues(version).Set(1)
	gauge := func(name, help string, value func() float64) prometheus.Collector {
		return prometheus.NewGaugeFunc(prometheus.GaugeOpts{Name: name, Help: help}, value)
	}
	m.registry.MustRegister(m.requests, m.latency, m.depth, m.adjustments, m.totals, m.answersKept, m.answersAgain, build,
		gauge("pageladder_pool_connections", "Connections to the database.", func() float64 { return float64(store.Pool().Stat().TotalConns()) }),
		gauge("pageladder_pool_in_use", "Connections to the database in use.", func() float64 { return float64(store.Pool().Stat().AcquiredConns()) }),
		gauge("pageladder_counts_kept", "Filtered counts that are remembered.", func() float64 { return float64(store.CountsKept()) }),
		gauge("pageladder_footholds_dropped", "Footholds that were found not to fit their list's total, and dropped. There should be none.", func() float64 { return float64(store.Unlike()) }),
		prometheus.NewCounterFunc(prometheus.CounterOpts{Name: "pageladder_pages_reread_total", Help: "Pages that were read again, since their set changed while they were read."}, func() float64 { return float64(store.Reread()) }),
		gauge("pageladder_followed_sets", "Attached sets whose tables are followed, of those that were asked for.", func() float64 { all, _, _ := store.Followed(); return float64(all) }),
		gauge("pageladder_followed_sets_exact", "Of these, those that are read by their change logs.", func() float64 { _, exact, _ := store.Followed(); return float64(exact) }),
		prometheus.NewCounterFunc(prometheus.CounterOpts{Name: "pageladder_followed_broken_total", Help: "How often a followed table's log turned out to be no more what it was."}, func() float64 { _, _, broken := store.Followed(); return float64(broken) }),
		gauge("pageladder_footholds_bytes", "Bytes of footholds that are remembered.", func() float64 { return float64(store.FootholdBytes()) }),
		collectors.NewGoCollector(), collectors.NewProcessCollector(collectors.ProcessCollectorOpts{}))
	m.registry.MustRegister(&servers{store: store})
	return m
}

// servers counts for each server of a database that has several.
type servers struct{ store *sets.Store }

var (
	serverLabels  = []string{"source", "server"}
	serverAnswers = prometheus.NewDesc("pageladder_server_answers", "1 if the server may be read from, of a database that has several; source is empty of the service's own.", serverLabels, nil)
	serverAge     = prometheus.NewDesc("pageladder_server_age_seconds", "How old a replica's records are at most.", serverLabels, nil)
	serverReads   = prometheus.NewDesc("pageladder_server_reads_total", "Reads for which the server was chosen.", serverLabels, nil)
)

// Describe and Collect are a prometheus.Collector's.
func (s *servers) Describe(to chan<- *prometheus.Desc) {
	to <- serverAnswers
	to <- serverAge
	to <- serverReads
}

// Collect counts now.
func (s *servers) Collect(to chan<- prometheus.Metric) {
	for _, one := range s.store.Servers() {
		answers := 0.0
		if one.Answers && one.Wrong == "" {
			answers = 1
		}
		to <- prometheus.MustNewConstMetric(serverAnswers, prometheus.GaugeValue, answers, one.Source, one.Name)
		if age := one.Age(); age != nil {
			to <- prometheus.MustNewConstMetric(serverAge, prometheus.GaugeValue, *age, one.Source, one.Name)
		}
		to <- prometheus.MustNewConstMetric(serverReads, prometheus.CounterValue, float64(one.Reads), one.Source, one.Name)
	}
}

var methods = []string{http.MethodGet, http.MethodHead, http.MethodPost, http.MethodPut, http.MethodPatch, http.MethodDelete, http.MethodOptions}

// Request counts a request.
func (m *Metrics) Request(route, method string, status int, took time.Duration) {
	if route == "" {
		route = "console"
	}
	if !slices.Contains(methods, method) { // callers can make up any number of them
		method = "other"
	}
	m.requests.WithLabelValues(route, method, strconv.Itoa(status)).Inc()
	m.latency.WithLabelValues(route).Observe(took.Seconds())
}

// Page counts a page that was answered.
func (m *Metrics) Page(p paging.Page) {
	m.depth.Observe(float64(p.Offset()))
	total := p.Total()
	m.totals.WithLabelValues(string(total.Is())).Inc()
	for _, a := range p.Ask().Adjusted() {
		m.adjustments.WithLabelValues(string(a.Why)).Inc()
	}
}

// AnswerKept counts an answer that was given again.
func (m *Metrics) AnswerKept() { m.answersKept.Inc() }

// AnswerAgain counts an answer that was written anew of records that were remembered.
func (m *Metrics) AnswerAgain() { m.answersAgain.Inc() }

// ServeHTTP reports what was counted, in Prometheus' text format.
func (m *Metrics) ServeHTTP(w http.ResponseWriter, r *http.Request) {
	promhttp.HandlerFor(m.registry, promhttp.HandlerOpts{}).ServeHTTP(w, r)
}

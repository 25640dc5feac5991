package main

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"image/color"
	"io"
	"math/rand/v2"
	"net/http"
	"slices"
	"time"

	"gonum.org/v1/plot"
	"gonum.org/v1/plot/plotter"
	"gonum.org/v1/plot/vg"

	"pageladder.example/api"
)

// timedPage is a page whose steps are timed.
type timedPage struct {
	name    string
	query   func() string
	writing func(context.Context) error // meanwhile
}

// stepsOfAPage are the parts of an answer's time, in their order, and their colours. "keep" is the
// part of "count" and "cut" that goes into bringing what is known up to date.
var stepsOfAPage = []struct {
	name, shown string
	colour      color.Color
}{
	{"read", "read the query", color.RGBA{0x5b, 0x8d, 0xb8, 0xff}},
	{"count", "total", color.RGBA{0x8f, 0xb3, 0x5a, 0xff}},
	{"settle", "settle", color.RGBA{0x3c, 0x3c, 0x3c, 0xff}},
	{"cut", "records", color.RGBA{0x1f, 0x5a, 0xa6, 0xff}},
	{"keep", "bring up to date", color.RGBA{0xb5, 0x3a, 0x1e, 0xff}},
	{"link", "links", color.RGBA{0xd9, 0xa4, 0x41, 0xff}},
	{"rest", "HTTP and JSON", color.RGBA{0xbb, 0xbb, 0xbb, 0xff}},
}

// plotSteps asks for pages one after the other over one connection, and draws what each step of them
// takes: the service reports the steps, the rest of the time is HTTP and JSON.
func plotSteps(file, list string, pages []timedPage, w *writer, rounds, each int) error {
	took := make([]map[string][]float64, len(pages))
	for i := range took {
		took[i] = map[string][]float64{}
	}
	for range rounds {
		for i, p := range pages {
			stop := func() error { return nil }
			if p.writing != nil {
				stop = w.steadily(p.writing)
			}
			var err error
			for n := 0; n < each && err == nil; n++ {
				err = timeOne(list+p.query(), took[i])
			}
			if err = errors.Join(err, stop()); err != nil {
				return fmt.Errorf("%s: %w", p.name, err)
			}
		}
	}
	chart := plot.New()
	chart.Title.Text = "The time that each step of a page takes (20 records, one connection)"
	chart.X.Label.Text = "microseconds"
	chart.X.Min = 0
	fmt.Print("\n| page, µs |")
	var below *plotter.BarChart
	names := make([]string, len(pages))
	for i, p := range pages {
		names[len(pages)-1-i] = p.name
	}
	for _, s := range stepsOfAPage {
		fmt.Printf(" %s |", s.shown)
		values := make(plotter.Values, len(pages))
		for i := range pages {
			values[len(pages)-1-i] = mean(took[i][s.name])
		}
		bar, err := plotter.NewBarChart(values, vg.Points(16))
		if err != nil {
			return err
		}
		bar.Horizontal, bar.Color, bar.LineStyle.Width = true, s.colour, 0
		if below != nil {
			bar.StackOn(below)
		}
		below = bar
		chart.Add(bar)
		chart.Legend.Add(s.shown, bar)
	}
	fmt.Println()
	for i, p := range pages {
		fmt.Printf("| %s |", p.name)
		for _, s := range stepsOfAPage {
			fmt.Printf(" %.0f |", mean(took[i][s.name]))
		}
		fmt.Println()
	}
	chart.NominalY(names...)
	// Viewers draw labels in a font of their own, which may be wider than the one that gonum measures.
	chart.Y.Padding, chart.Y.Tick.Label.Font.Size = vg.Points(46), vg.Points(10)
	chart.Legend.TextStyle.Font.Size, chart.Legend.Padding = vg.Points(10), vg.Points(3)
	chart.Legend.Top, chart.Legend.Left, chart.Legend.XOffs = true, true, 12.8*vg.Centimeter
	chart.X.Max *= 1.45 // room for the legend
	return save(chart, 11*vg.Centimeter, file)
}

// mean is the mean of all but the slowest hundredth, since another program may have had the processor.
func mean(of []float64) float64 {
	slices.Sort(of)
	of = of[:len(of)-len(of)/100]
	sum := 0.0
	for _, v := range of {
		sum += v
	}
	return sum / float64(max(len(of), 1))
}

// timeOne asks for one page, and notes what its steps took, in microseconds.
func timeOne(address string, took map[string][]float64) error {
	began := time.Now()
	res, err := http.Get(address + "&pl.explain=true")
	if err != nil {
		return err
	}
	defer res.Body.Close()
	body, err := io.ReadAll(res.Body)
	whole := float64(time.Since(began).Microseconds())
	if err != nil {
		return err
	}
	var page struct{ Made api.Explain }
	if err := json.Unmarshal(body, &page); err != nil {
		return err
	}
	if len(page.Made.Steps) == 0 {
		return fmt.Errorf("%s reports no steps: %s", address, res.Status)
	}
	steps := map[string]float64{}
	rest := whole
	for _, s := range page.Made.Steps {
		steps[s.Step] += float64(s.Took)
		if s.Step != "keep" {
			rest -= float64(s.Took)
		}
	}
	steps["rest"] = max(rest, 0)
	if keep := steps["keep"]; keep > 0 { // a part of the others, reported by itself
		of := "cut"
		if steps["count"] > steps["cut"] {
			of = "count"
		}
		steps[of] = max(steps[of]-keep, 0)
	}
	for _, s := range stepsOfAPage {
		took[s.name] = append(took[s.name], steps[s.name])
	}
	return nil
}

// pagesToTime are the pages whose steps are drawn.
func pagesToTime(pages int, w *writer) []timedPage {
	anywhere := func(sort string) func() string {
		return func() string { return fmt.Sprintf("?page=%d&sort=%s", 1+rand.IntN(pages), sort) }
	}
	return []timedPage{
		{"page 1", func() string { return "?sort=id" }, nil},
		{"any page by id", anywhere("id"), nil},
		{"any page by a time", anywhere("read_at"), nil},
		{"any page by a text", anywhere("gauge"), nil},
		{"one filter, page 1", func() string { return "?gauge=gauge+7&sort=id" }, nil},
		{"page 1, under the writer", func() string { return "?sort=id" }, w.change},
		{"any page by id, under the writer", anywhere("id"), w.change},
		{"any page by a text, under the writer", anywhere("gauge"), w.change},
	}
}

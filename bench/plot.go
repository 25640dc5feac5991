package main

import (
	"context"
	"errors"
	"fmt"
	"image/color"
	"math"
	"os"
	"strings"
	"time"

	"gonum.org/v1/plot"
	"gonum.org/v1/plot/plotter"
	"gonum.org/v1/plot/vg"
	"gonum.org/v1/plot/vg/draw"
)

// plotLine is a line of the plot: how many pages a second, by page number.
type plotLine struct {
	name    string
	base    string
	writing func(context.Context) error // meanwhile
	colour  color.Color
	dashed  bool
}

// plotPages measures pages a second against the page's number, and draws them as SVG. The
// lines are measured in turn at each number.
func plotPages(file string, lines []plotLine, w *writer, sort string, pages, rounds int, each time.Duration) error {
	var numbers []int
	for n := 1; n < pages; n *= 4 {
		numbers = append(numbers, n)
	}
	numbers = append(numbers, pages/2, pages*3/4, pages)
	points := make([]plotter.XYs, len(lines))
	fmt.Printf("\n| page by %s |", sort)
	for _, l := range lines {
		fmt.Printf(" %s |", l.name)
	}
	fmt.Println()
	for _, number := range numbers {
		rates := make([][]float64, len(lines))
		for range rounds {
			for i, l := range lines {
				stop := func() error { return nil }
				if l.writing != nil {
					stop = w.steadily(l.writing)
				}
				one, err := ask(l.base, func() string { return fmt.Sprintf("?page=%d&sort=%s", number, sort) }, "", each)
				if err = errors.Join(err, stop()); err != nil {
					return err
				}
				rates[i] = append(rates[i], one.rates...)
			}
		}
		fmt.Printf("| %d |", number)
		for i := range lines {
			rate := middle(rates[i])
			points[i] = append(points[i], plotter.XY{X: float64(number), Y: math.Max(rate, 0.1)})
			fmt.Printf(" %.1f |", rate)
		}
		fmt.Println()
	}
	p := plot.New()
	p.Title.Text = fmt.Sprintf("Pages a second by page number (20 records by %s, %d connections)", sort, connections)
	p.X.Label.Text, p.Y.Label.Text = "page", "pages a second"
	p.X.Scale, p.Y.Scale = plot.LogScale{}, plot.LogScale{}
	p.X.Tick.Marker, p.Y.Tick.Marker = plot.TickerFunc(powers), plot.TickerFunc(powers)
	p.Y.Min, p.Y.Max = 1, 20_000
	p.Legend.Left, p.Legend.Padding = true, vg.Points(2)
	p.Legend.XOffs, p.Legend.YOffs = vg.Points(8), vg.Points(8)
	p.Add(plotter.NewGrid())
	for i, l := range lines {
		line, marks, err := plotter.NewLinePoints(points[i])
		if err != nil {
			return err
		}
		line.Color, marks.Color, marks.Shape = l.colour, l.colour, draw.CircleGlyph{}
		line.Width = vg.Points(1.5)
		if l.dashed {
			line.Dashes = []vg.Length{vg.Points(5), vg.Points(3)}
		}
		p.Add(line, marks)
		p.Legend.Add(l.name, line, marks)
	}
	return save(p, 13*vg.Centimeter, file)
}

// save writes a plot as SVG. Viewers without gonum's font take one that is as wide.
func save(p *plot.Plot, height vg.Length, file string) error {
	drawn, err := p.WriterTo(24*vg.Centimeter, height, "svg")
	if err != nil {
		return err
	}
	var b strings.Builder
	if _, err := drawn.WriteTo(&b); err != nil {
		return err
	}
	text := strings.ReplaceAll(b.String(), "font-family:Liberation Serif", "font-family:Liberation Serif,Times New Roman,Times,serif")
	return os.WriteFile(file, []byte(text), 0o644)
}

// powers marks the powers of ten.
func powers(from, to float64) (ticks []plot.Tick) {
	for at := 1.0; at <= to; at *= 10 {
		if at >= from {
			ticks = append(ticks, plot.Tick{Value: at, Label: fmt.Sprintf("%.0f", at)})
		}
	}
	return ticks
}

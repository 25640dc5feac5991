package report

import (
	_ "embed"
	"fmt"
	"html/template"
	"io"
	"time"
)

//go:embed report.html
var reportPage string

var reportTemplate = template.Must(template.New("report").Funcs(template.FuncMap{
	"ms":  milliseconds,
	"row": func(c Cost) int64 { return c.Row + 1 },
}).Parse(reportPage))

func milliseconds(d time.Duration) string {
	return fmt.Sprintf("%.2f ms", float64(d)/float64(time.Millisecond))
}

// WriteHTML writes the report as a page in one file, without a script or anything from elsewhere.
// It is light or dark like its reader's system.
func (r *Report) WriteHTML(w io.Writer) error {
	return reportTemplate.Execute(w, struct {
		*Report
		Broken, Kept, Open []Outcome
		Plots              []plot
	}{r, append(r.broken(Fault), r.broken(Warning)...), r.with(Kept), append(r.with(NotChecked), r.with(NotOffered)...), []plot{r.plot("Time", "ms", func(c Cost) float64 { return float64(c.Time) / float64(time.Millisecond) }),
		r.plot("Size", "kB", func(c Cost) float64 { return float64(c.Bytes) / 1000 })}})
}

// plot is a line through what pages cost, in a box of 560 by 180.
type plot struct {
	Title, Unit string
	Line        string
	Points      []plotPoint
	Ticks       []plotTick // of the height
}

type plotPoint struct {
	X, Y   float64
	Row    int64
	Value  string
	Anchor string // where its label begins
}

type plotTick struct {
	Y     float64
	Value string
}

const plotLeft, plotTop, plotWidth, plotHeight = 60, 20, 480, 120

func (r *Report) plot(title, unit string, of func(Cost) float64) plot {
	p := plot{Title: title, Unit: unit}
	if len(r.Cost) < 2 {
		return p
	}
	top, far := 0.0, int64(1)
	for _, c := range r.Cost {
		top, far = max(top, of(c)), max(far, c.Row)
	}
	top = max(round(top*1.1), 0.001)
	for i, c := range r.Cost {
		x := plotLeft + plotWidth*float64(c.Row)/float64(far)
		y := plotTop + plotHeight*(1-of(c)/top)
		point := plotPoint{X: x, Y: y, Row: c.Row + 1, Value: fmt.Sprintf("%.3g %s", of(c), unit), Anchor: "middle"}
		if i == len(r.Cost)-1 {
			point.Anchor = "end"
		}
		p.Points = append(p.Points, point)
		p.Line += fmt.Sprintf("%.1f,%.1f ", x, y)
	}
	for i := range 3 {
		p.Ticks = append(p.Ticks, plotTick{plotTop + plotHeight*(1-float64(i)/2), fmt.Sprintf("%.3g", top*float64(i)/2)})
	}
	return p
}

// round rounds up to 1, 2 or 5 and zeros.
func round(v float64) float64 {
	unit := 1.0
	for unit > v && unit > 1e-6 {
		unit /= 10
	}
	for unit*10 <= v {
		unit *= 10
	}
	for _, step := range []float64{1, 2, 5, 10} {
		if unit*step >= v {
			return unit * step
		}
	}
	return v
}

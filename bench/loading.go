package main

import (
	"bufio"
	"context"
	"encoding/csv"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"os/exec"
	"path/filepath"
	"slices"
	"strings"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/demo"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
)

// loading measures how records come in, against psql's \copy of the same file into
// the same table. It leaves the tides in the store.
func loading(ctx context.Context, store *sets.Store, server *postgres.Server, dir string, records int) error {
	path := filepath.Join(dir, "tides.csv")
	file, err := os.Create(path)
	if err != nil {
		return err
	}
	defer file.Close()
	if err := demo.WriteTides(file, records); err != nil {
		return err
	}
	info, err := file.Stat()
	if err != nil {
		return err
	}
	conn, err := pgx.Connect(ctx, server.URL())
	if err != nil {
		return err
	}
	defer conn.Close(ctx)
	// The same table has the set's key; without one psql only writes rows.
	var copied [2]time.Duration
	for i, key := range []string{", primary key (id)", ""} {
		if _, err := conn.Exec(ctx, `create table copied (id bigint, gauge text collate "und-x-icu", read_at timestamptz, height_cm bigint, pressure_hpa numeric, checked boolean, remark text collate "und-x-icu"`+key+")"); err != nil {
			return err
		}
		copied[i], err = timed(func() error {
			out, err := exec.Command("psql", "-q", server.URL(), "-c", `\copy copied from '`+path+`' with (format csv, header)`).CombinedOutput()
			if err != nil {
				return fmt.Errorf("psql: %w: %s", err, out)
			}
			return nil
		})
		if err != nil {
			return err
		}
		if _, err := conn.Exec(ctx, "drop table copied"); err != nil {
			return err
		}
	}
	imported, err := timed(func() error {
		if _, err := file.Seek(0, 0); err != nil {
			return err
		}
		_, _, err := store.Import(ctx, sets.Import{Name: "imported", Source: file, Options: intake.Options{Format: intake.CSV}})
		return err
	})
	if err != nil {
		return err
	}
	store.Indexed()
	loaded, err := timed(func() error {
		if _, err := file.Seek(0, 0); err != nil {
			return err
		}
		tides := demo.Tides()
		tides.Rules.Sorts = append(tides.Rules.Sorts, paging.SortKey{Key: "gauge"})
		return store.LoadCSV(ctx, tides, file)
	})
	if err != nil {
		return err
	}
	rate := func(d time.Duration) string {
		return fmt.Sprintf("%.1f s, %.2f × the rate of psql (%.2f × without a key)", d.Seconds(), copied[0].Seconds()/d.Seconds(), copied[1].Seconds()/d.Seconds())
	}
	fmt.Printf("%d records, %d MB of CSV\npsql \\copy into the same table: %.1f s, into one without a key: %.1f s\nloaded, types known: %s\nimported, from the first byte to a served set: %s\nmost memory of this process so far: %s\n",
		records, info.Size()>>20, copied[0].Seconds(), copied[1].Seconds(), rate(loaded), rate(imported), peakMemory())
	return nil
}

// peakMemory is the peak memory of this process, as Linux reports it.
func peakMemory() string {
	status, err := os.ReadFile("/proc/self/status")
	if err != nil {
		return "not reported by this system"
	}
	_, after, _ := strings.Cut(string(status), "VmHWM:")
	line, _, _ := strings.Cut(after, "\n")
	return strings.TrimSpace(line)
}

// importing imports the same records as CSV, NDJSON and JSON.
func importing(ctx context.Context, store *sets.Store, dir string, records int) error {
	csvPath := filepath.Join(dir, "tides.csv")
	csvFile, err := os.Create(csvPath)
	if err != nil {
		return err
	}
	defer csvFile.Close()
	if err := demo.WriteTides(csvFile, records); err != nil {
		return err
	}
	for _, format := range []intake.Format{intake.CSV, intake.NDJSON, intake.JSON} {
		file := csvFile
		if format != intake.CSV {
			if file, err = os.Create(filepath.Join(dir, "tides."+string(format))); err != nil {
				return err
			}
			defer file.Close()
			if err := asObjects(csvFile, file, format == intake.JSON); err != nil {
				return err
			}
		}
		info, err := file.Stat()
		if err != nil {
			return err
		}
		took, err := timed(func() error {
			if _, err := file.Seek(0, 0); err != nil {
				return err
			}
			_, _, err := store.Import(ctx, sets.Import{Name: "imported", Source: file, Options: intake.Options{Format: format}})
			return err
		})
		if err != nil {
			return err
		}
		store.Indexed()
		if err := store.Remove(ctx, "imported"); err != nil {
			return err
		}
		fmt.Printf("%s, %d MB: %.0f s; most memory of this process so far: %s\n", format, info.Size()>>20, took.Seconds(), peakMemory())
	}
	return nil
}

// asObjects writes CSV as JSON objects, a line each, or as one array of them.
func asObjects(from io.ReadSeeker, to io.Writer, array bool) error {
	if _, err := from.Seek(0, 0); err != nil {
		return err
	}
	r, w := csv.NewReader(bufio.NewReader(from)), bufio.NewWriter(to)
	r.ReuseRecord = true
	first, err := r.Read()
	if err != nil {
		return err
	}
	names := slices.Clone(first)
	before, after := "", "\n"
	if array {
		before, after = "[", "]"
	}
	for {
		row, err := r.Read()
		if err == io.EOF {
			break
		}
		if err != nil {
			return err
		}
		w.WriteString(before)
		for i, name := range names {
			text, err := json.Marshal(row[i])
			if err != nil {
				return err
			}
			fmt.Fprintf(w, "%s%q:%s", map[bool]string{true: "{", false: ","}[i == 0], name, text)
		}
		w.WriteString("}")
		before = "\n"
		if array {
			before = ","
		}
	}
	w.WriteString(after)
	return w.Flush()
}

func timed(do func() error) (time.Duration, error) {
	began := time.Now()
	err := do()
	return time.Since(began), err
}

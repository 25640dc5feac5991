package main

import (
	"context"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"runtime"
	"time"

	"github.com/jackc/pgx/v5"

	"pageladder.example/demo"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
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
	copied, err := timed(func() error {
		_, err := conn.Exec(ctx, `create table copied (id bigint, gauge text collate "und-x-icu", read_at timestamptz, height_cm bigint, pressure_hpa numeric, checked boolean, remark text collate "und-x-icu")`)
		if err != nil {
			return err
		}
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
		return store.LoadCSV(ctx, demo.Tides(), file)
	})
	if err != nil {
		return err
	}
	var memory runtime.MemStats
	runtime.ReadMemStats(&memory)
	rate := func(d time.Duration) string {
		return fmt.Sprintf("%.1f s, %.2f × the rate of psql", d.Seconds(), copied.Seconds()/d.Seconds())
	}
	fmt.Printf("%d records, %d MB of CSV\npsql \\copy, no key: %.1f s\nloaded, types known, with its key: %s\nimported, from the first byte to a served set with its key: %s\nmemory taken from the system by this process: %d MB\n",
		records, info.Size()>>20, copied.Seconds(), rate(loaded), rate(imported), memory.Sys>>20)
	return nil
}

func timed(do func() error) (time.Duration, error) {
	began := time.Now()
	err := do()
	return time.Since(began), err
}

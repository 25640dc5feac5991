package cli

import (
	"context"
	"errors"
	"fmt"
	"io"
	"log/slog"
	"net"
	"os"
	"path/filepath"

	"github.com/spf13/cobra"

	"pageladder.example/console"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
)

// serveFlags are the flags of the commands that run a service.
type serveFlags struct {
	listen      string
	dataDir     string
	databaseURL string
	verbose     bool
}

func (f *serveFlags) add(cmd *cobra.Command) {
	cmd.Flags().StringVar(&f.listen, "listen", "127.0.0.1:8470", "loopback address and port to listen on; port 0 takes a free one")
	cmd.Flags().StringVar(&f.dataDir, "data-dir", defaultDataDir(), "folder of the private PostgreSQL")
	cmd.Flags().StringVar(&f.databaseURL, "database-url", os.Getenv("PAGELADDER_DATABASE_URL"),
		"PostgreSQL server to use in place of a private one; also PAGELADDER_DATABASE_URL")
	cmd.Flags().BoolVar(&f.verbose, "verbose", false, "log each request")
	cmd.Flags().Lookup("database-url").DefValue = "" // it may hold a password
}

// defaultDataDir is below the user's data folder; for root it is the system's,
// because PostgreSQL runs under another account, which cannot enter root's home.
func defaultDataDir() string {
	if os.Geteuid() == 0 {
		return "/var/lib/pageladder"
	}
	if data := os.Getenv("XDG_DATA_HOME"); filepath.IsAbs(data) {
		return filepath.Join(data, "pageladder")
	}
	home, err := os.UserHomeDir()
	if err != nil {
		return "pageladder-data"
	}
	return filepath.Join(home, ".local", "share", "pageladder")
}

func newServe() *cobra.Command {
	var flags serveFlags
	cmd := &cobra.Command{
		Use:   "serve",
		Short: "Run the service",
		Long: `Run the service: the API and the console. It keeps its records in a private
PostgreSQL that starts and stops with it, or in the one of --database-url.
Ctrl-C stops it.`,
		Example: `  pageladder serve
  pageladder serve --listen 127.0.0.1:9000 --data-dir /srv/pageladder`,
		Args: exactly(),
		RunE: func(cmd *cobra.Command, _ []string) error {
			return serve(cmd.Context(), flags, cmd.OutOrStdout(), cmd.ErrOrStderr(), nil)
		},
	}
	flags.add(cmd)
	return cmd
}

// serve runs a service until the context ends. With load, records are put in
// before it answers.
func serve(ctx context.Context, f serveFlags, out, errOut io.Writer, load func(context.Context, *sets.Store) error) (err error) {
	level := slog.LevelWarn
	if f.verbose {
		level = slog.LevelInfo
	}
	log := slog.New(slog.NewTextHandler(errOut, &slog.HandlerOptions{Level: level}))

	listener, err := listenLoopback(ctx, f.listen)
	if err != nil {
		return err
	}
	defer listener.Close()

	url := f.databaseURL
	if url == "" {
		server, err := postgres.Start(ctx, postgres.Options{Dir: f.dataDir, Log: log})
		if err != nil {
			return err
		}
		defer func() { err = errors.Join(err, server.Stop()) }()
		url = server.URL()
	}
	store, err := sets.Open(ctx, url)
	if err != nil {
		return fmt.Errorf("opening the database: %w", err)
	}
	defer store.Close()
	if load != nil {
		if err := load(ctx, store); err != nil {
			return err
		}
	}
	fmt.Fprintf(out, "Page Ladder is ready: http://%s (Ctrl-C stops it)\n", listener.Addr())
	s, err := service.New(store, console.Files(), log, service.Options{Version: Version, Answers: service.DefaultAnswers})
	if err != nil {
		return err
	}
	if err := s.Serve(ctx, listener); err != nil {
		return err
	}
	fmt.Fprintln(out, "Page Ladder has stopped.")
	return nil
}

// listenLoopback listens on a loopback address alone: there is no sign-in yet,
// so whoever reaches the service may read all of it.
func listenLoopback(ctx context.Context, address string) (net.Listener, error) {
	host, _, err := net.SplitHostPort(address)
	if err != nil {
		return nil, usageError{fmt.Errorf("--listen %q is not of the form 127.0.0.1:8470: %w", address, err)}
	}
	if ip := net.ParseIP(host); host != "localhost" && (ip == nil || !ip.IsLoopback()) {
		return nil, usageError{fmt.Errorf("--listen %q is not a loopback address; the service has no sign-in, so it listens on 127.0.0.1, ::1 or localhost alone", address)}
	}
	listener, err := (&net.ListenConfig{}).Listen(ctx, "tcp", address)
	if err != nil {
		return nil, fmt.Errorf("%w; choose another address with --listen", err)
	}
	return listener, nil
}

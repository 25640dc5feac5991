package cli

import (
	"context"
	"errors"
	"fmt"
	"io"
	"io/fs"
	"log/slog"
	"net"
	"os"
	"strings"
	"syscall"

	"github.com/spf13/cobra"

	"pageladder.example/console"
	"pageladder.example/internal/access"
	"pageladder.example/internal/fence"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/servers"
	"pageladder.example/internal/service"
	"pageladder.example/internal/sets"
)

func newServe() *cobra.Command {
	cmd := &cobra.Command{
		Use:   "serve",
		Short: "Run the service",
		Long: `Run the service: the API, the lists and the console. It keeps its records in a
private PostgreSQL that starts and stops with it, or in the one of --database-url.
Each flag can also stand in the environment (--data-dir is PAGELADDER_DATA_DIR) or in
the YAML file of --config; a flag is stronger than the environment, and that than the
file. Its own command line calls it with the token in DATA-DIR/owner-token; "pageladder
console" prints a link that signs a browser in. Ctrl-C stops it.`,
		Example: `  pageladder serve
  pageladder serve --listen 127.0.0.1:9000 --data-dir /srv/pageladder
  pageladder serve --config /etc/pageladder.yaml`,
		Args: exactly(),
		RunE: func(cmd *cobra.Command, _ []string) error {
			return serve(cmd, nil)
		},
	}
	configFlags(cmd.Flags())
	return cmd
}

// serve runs a service until the context ends. With load, records are put in
// before it answers.
func serve(cmd *cobra.Command, load func(context.Context, *sets.Store) error) (err error) {
	ctx, out := cmd.Context(), cmd.OutOrStdout()
	c, err := readConfig(cmd.Flags())
	if err != nil {
		return err
	}
	log := newLog(c, cmd.ErrOrStderr())
	listener, err := (&net.ListenConfig{}).Listen(ctx, "tcp", c.Listen)
	if err != nil {
		return fmt.Errorf("%w; choose another address with --listen", err)
	}
	defer listener.Close()

	url := c.DatabaseURL
	if url == "" {
		server, err := postgres.Start(ctx, postgres.Options{Dir: c.DataDir, Log: log})
		if err != nil {
			return err
		}
		defer func() { err = errors.Join(err, server.Stop()) }()
		url = server.URL()
	}
	seen, err := seenIn(c.DataDir, log)
	if err != nil {
		return err
	}
	defer func() { err = errors.Join(err, seen.Close()) }()
	store, err := sets.OpenBehind(ctx, url, seen)
	if err != nil {
		return fmt.Errorf("opening the database: %w", err)
	}
	defer store.Close()
	for name, url := range c.Sources {
		if err := store.AddSource(name, url); err != nil {
			return err
		}
	}
	if err := store.Replicate(ctx, c.Replicas, c.SourceReplicas, servers.Limits{MaxLag: c.MaxLag, Stale: c.StaleReads}); err != nil {
		return err
	}
	s, err := service.New(store, console.Files(), log, c.Service)
	if err != nil {
		return err
	}
	owner, err := admit(ctx, c, s.Tokens(), log)
	if err != nil {
		return err
	}
	if owner != "" {
		release, err := access.Listening(c.DataDir, listener.Addr())
		if err != nil {
			return err
		}
		defer release()
	}
	if load != nil {
		if err := load(ctx, store); err != nil {
			return err
		}
	}
	fmt.Fprintf(out, "Page Ladder is ready: http://%s (Ctrl-C stops it)\n", listener.Addr())
	if load != nil && owner != "" { // somebody is trying it out
		address, err := signInAddress(ctx, c, s.Tokens(), owner, listener.Addr())
		if err != nil {
			return err
		}
		fmt.Fprintf(out, "Sign in as the owner, once, within ten minutes: %s\n", address)
	}
	if err := s.Serve(ctx, listener); err != nil {
		return err
	}
	fmt.Fprintln(out, "Page Ladder has stopped.")
	return nil
}

// seenIn is what the services of a data folder have seen of the database. Where it cannot be kept it is remembered while this one
// runs.
func seenIn(dir string, log *slog.Logger) (*fence.Fence, error) {
	f, err := fence.Open(dir, log)
	if errors.Is(err, fence.ErrShared) || errors.Is(err, fs.ErrPermission) || errors.Is(err, syscall.EROFS) {
		log.Warn("what this service sees of the database is not kept", "err", err)
		return fence.New(log), nil
	}
	return f, err
}

// admit keeps the owner's token of the data folder, which it prints, and that of the
// token file. It is "" where a database elsewhere is used and the folder cannot be
// written.
func admit(ctx context.Context, c *config, keeper *access.Keeper, log *slog.Logger) (string, error) {
	if c.TokenFile != "" {
		text, err := os.ReadFile(c.TokenFile)
		if err != nil {
			return "", err
		}
		if err := keeper.Keep(ctx, strings.TrimSpace(string(text)), "from the token file", access.Owner); err != nil {
			return "", err
		}
	}
	secret, err := keeper.KeepOwner(ctx, c.DataDir)
	if c.DatabaseURL != "" && (errors.Is(err, fs.ErrPermission) || errors.Is(err, syscall.EROFS)) {
		log.Warn("no owner-token is kept: the data folder cannot be written", "err", err)
		return "", nil // with a server of its own nothing else needs the folder
	}
	return secret, err
}

func newLog(c *config, to io.Writer) *slog.Logger {
	l, _ := level(c.LogLevel) // has been checked
	options := &slog.HandlerOptions{Level: l}
	if c.LogFormat == "json" {
		return slog.New(slog.NewJSONHandler(to, options))
	}
	return slog.New(slog.NewTextHandler(to, options))
}

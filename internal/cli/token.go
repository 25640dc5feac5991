package cli

import (
	"context"
	"errors"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"strconv"
	"strings"
	"time"

	"github.com/spf13/cobra"

	"pageladder.example/client"
	"pageladder.example/internal/access"
	"pageladder.example/internal/postgres"
	"pageladder.example/internal/sets"
)

func newToken() *cobra.Command {
	cmd := &cobra.Command{Use: "token", Short: "Make, list and end tokens"}
	cmd.AddCommand(newTokenCreate(), newTokenList(), newTokenEnd())
	return cmd
}

func newTokenCreate() *cobra.Command {
	var label, role string
	var forSets []string
	var offline bool
	cmd := &cobra.Command{
		Use:   "create",
		Short: "Make a token and print it",
		Long: `Make a token of the role reader, editor or owner and print it. It cannot be printed
again: only a hash of it is stored. With --offline it is written into the database
directly, so that a service which nobody can reach yet gets its first one.`,
		Example: `  pageladder token create --label "Ada's scripts" --role reader --sets arrivals,berths
  pageladder token create --offline --label "the harbour master" --role owner`,
		Args: exactly(),
	}
	f := cmd.Flags()
	f.StringVar(&label, "label", "", "who will use the token")
	f.StringVar(&role, "role", "", "reader, editor or owner")
	cmd.RegisterFlagCompletionFunc("role", cobra.FixedCompletions([]string{"reader", "editor", "owner"}, cobra.ShellCompDirectiveNoFileComp))
	f.StringSliceVar(&forSets, "sets", nil, "sets that the token is for; left out: all")
	f.BoolVar(&offline, "offline", false, "write it into the database directly, without a service")
	databaseFlags(f)
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, _ []string) error {
		parsed, err := access.ParseRole(role)
		if err != nil {
			return usageError{fmt.Errorf("--role: %w", err)}
		}
		if label == "" {
			return usageError{errors.New("--label is wanted: who will use the token")}
		}
		if !offline {
			token, err := c.CreateToken(cmd.Context(), label, role, forSets)
			if err != nil {
				return err
			}
			return outcome(cmd, token.Secret, "id", token.ID, "label", token.Label, "role", token.Role, "secret", token.Secret)
		}
		return withDatabase(cmd, func(ctx context.Context, url string) error {
			store, err := sets.Open(ctx, url)
			if err != nil {
				return err
			}
			defer store.Close()
			secret, token, err := access.New(store.Pool(), store.Writes()).Create(ctx, label, parsed, forSets)
			if err != nil {
				return err
			}
			return outcome(cmd, secret, "id", token.ID, "label", token.Label, "role", token.Role, "secret", secret)
		})
	})
}

func newTokenList() *cobra.Command {
	var output string
	cmd := &cobra.Command{
		Use: "list", Short: "List the tokens that have been created", Args: exactly(),
		Example: `  pageladder token list`,
	}
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, _ []string) error {
		all, err := c.Tokens(cmd.Context())
		if err != nil {
			return err
		}
		at := func(t *time.Time) string {
			if t == nil {
				return ""
			}
			return t.UTC().Format("2006-01-02 15:04")
		}
		t := newListing("id", "label", "role", "sets", "created", "last used", "ended")
		for _, token := range all {
			forSets := "all"
			if token.Sets != nil {
				forSets = strings.Join(token.Sets, ",")
			}
			t.add(token.ID, token.Label, token.Role, forSets, at(&token.CreatedAt), at(token.UsedAt), at(token.EndedAt))
		}
		return t.write(cmd.OutOrStdout(), output, all)
	})
}

func newTokenEnd() *cobra.Command {
	cmd := &cobra.Command{
		Use: "end ID", Short: "End a token and its sessions", Args: exactly("ID"),
		Example: `  pageladder token end 3`,
	}
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		id, err := strconv.ParseInt(args[0], 10, 64)
		if err != nil {
			return usageError{fmt.Errorf("found ID %q; right would be a number of \"token list\"", args[0])}
		}
		if err := c.EndToken(cmd.Context(), id); err != nil {
			return err
		}
		return outcome(cmd, fmt.Sprintf("Token %d has ended.", id), "id", id, "done", "ended")
	})
}

// withDatabase gives the address of the database that the flags name: a server's, a
// private one that runs already, or one that is started for the time.
func withDatabase(cmd *cobra.Command, do func(ctx context.Context, url string) error) (err error) {
	ctx := cmd.Context()
	flags := cmd.Flags()
	for name, variable := range map[string]string{"database-url": "PAGELADDER_DATABASE_URL", "data-dir": "PAGELADDER_DATA_DIR"} {
		if value := os.Getenv(variable); value != "" && !flags.Changed(name) {
			if err := flags.Set(name, value); err != nil {
				return err
			}
		}
	}
	url, err := flags.GetString("database-url")
	if err != nil || url != "" {
		return errors.Join(err, do(ctx, url))
	}
	dir, err := flags.GetString("data-dir")
	if err != nil {
		return err
	}
	if url, ok := postgres.Running(dir); ok {
		return do(ctx, url)
	}
	server, err := postgres.Start(ctx, postgres.Options{Dir: dir})
	if err != nil {
		return err
	}
	defer func() { err = errors.Join(err, server.Stop()) }()
	return do(ctx, server.URL())
}

func newBackup() *cobra.Command {
	cmd := &cobra.Command{
		Use:   "backup FILE",
		Short: "Write all sets, rules and tokens into a file",
		Long: `Write everything that a service keeps into a file, in the custom format of
pg_dump: one snapshot, also while the service runs. The file is whole or not there.`,
		Example: `  pageladder backup harbour.dump`,
		Args:    exactly("FILE"),
		RunE: func(cmd *cobra.Command, args []string) error {
			return withDatabase(cmd, func(ctx context.Context, url string) error {
				unfinished := args[0] + ".unfinished"
				defer os.Remove(unfinished)
				if err := postgresTool(ctx, "pg_dump", url, "--format=custom", "--schema=pageladder", "--extension=unaccent", "--extension=pg_trgm", "--file="+unfinished); err != nil {
					return err
				}
				if err := os.Rename(unfinished, args[0]); err != nil {
					return err
				}
				info, err := os.Stat(args[0])
				if err != nil {
					return err
				}
				return outcome(cmd, fmt.Sprintf("%s: %s.", args[0], several(info.Size(), "byte")), "file", args[0], "bytes", info.Size())
			})
		},
	}
	databaseFlags(cmd.Flags())
	return telling(cmd)
}

func newRestore() *cobra.Command {
	var replace bool
	cmd := &cobra.Command{
		Use:   "restore FILE",
		Short: "Restore a backup",
		Long: `Restore a file that "backup" has written, all or nothing. What is in the database now is
replaced only with --replace. Stop the service first. Versions of before mean nothing afterwards.`,
		Example: `  pageladder restore harbour.dump --data-dir /srv/pageladder`,
		Args:    exactly("FILE"),
		RunE: func(cmd *cobra.Command, args []string) error {
			if _, err := os.Stat(args[0]); err != nil {
				return usageError{err}
			}
			return withDatabase(cmd, func(ctx context.Context, url string) error {
				kept, err := postgres.Keeps(ctx, url)
				if err != nil {
					return err
				}
				if kept && !replace {
					return errors.New("the database keeps sets already; --replace puts the file in their place")
				}
				options := []string{"--single-transaction", "--exit-on-error", "--no-owner"}
				if kept {
					options = append(options, "--clean", "--if-exists")
				}
				if err := postgresTool(ctx, "pg_restore", url, append(options, args[0])...); err != nil {
					return err
				}
				if err := sets.AcceptPrimary(ctx, url); err != nil {
					return fmt.Errorf("the file is restored; what follows failed: %w", err)
				}
				return outcome(cmd, "Restored.", "file", args[0], "done", "restored")
			})
		},
	}
	cmd.Flags().BoolVar(&replace, "replace", false, "replace what is in the database now")
	databaseFlags(cmd.Flags())
	return telling(cmd)
}

// postgresTool runs one of PostgreSQL's programs on a database.
func postgresTool(ctx context.Context, name, url string, args ...string) error {
	dir, err := postgres.BinDir()
	if err != nil {
		return err
	}
	run := exec.CommandContext(ctx, filepath.Join(dir, name), append([]string{"--dbname=" + url}, args...)...)
	out, err := run.CombinedOutput()
	if err != nil {
		return fmt.Errorf("%s: %w\n%s", name, err, out)
	}
	return nil
}

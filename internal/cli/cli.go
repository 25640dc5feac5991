// Package cli is the command line, one file a command.
package cli

import (
	"context"
	"errors"
	"fmt"
	"io"
	"net/http"
	"os"
	"os/signal"
	"regexp"
	"strings"
	"syscall"

	"github.com/jedib0t/go-pretty/v6/text"
	"github.com/spf13/cobra"

	"pageladder.example/client"
	"pageladder.example/paging"
)

// Version is set when the binary is linked.
var Version = "development"

// Exit codes.
const (
	exitOK          = 0
	exitFailed      = 1 // anything else that went wrong
	exitUsage       = 2 // the command line is wrong
	exitNotFound    = 3 // no such set or record, or no such page where the rules refuse it
	exitRefused     = 4 // the service refused the question
	exitUnavailable = 5 // no service answers, or its database is away
)

// usageError is an error in what was typed.
type usageError struct{ error }

// Run runs one command line and returns the exit code.
func Run(args []string, in io.Reader, out, errOut io.Writer) int {
	ctx, stop := signal.NotifyContext(context.Background(), os.Interrupt, syscall.SIGTERM)
	defer stop()
	context.AfterFunc(ctx, stop) // a second Ctrl-C ends the process at once

	root := Root()
	root.SetArgs(args)
	root.SetIn(in)
	root.SetOut(out)
	root.SetErr(errOut)
	cmd, err := root.ExecuteContextC(ctx)
	if err == nil {
		return exitOK
	}
	fmt.Fprintf(errOut, "%s %s\n", terminalOf(errOut).in(text.FgRed, "pageladder:"), inShell(strings.TrimSpace(says(err))))
	code := exitCode(err)
	if code == exitUsage {
		fmt.Fprintf(errOut, "See '%s --help'.\n", cmd.CommandPath())
	}
	return code
}

// says is the text of an error; of a refused query, every fault.
func says(err error) string {
	var refusal *paging.Refusal
	if !errors.As(err, &refusal) {
		return strings.TrimPrefix(strings.TrimPrefix(err.Error(), "client: "), "climb: ")
	}
	all := make([]string, len(refusal.Faults))
	for i, f := range refusal.Faults {
		all[i] = f.Param + ": " + f.Says
	}
	return strings.Join(all, " ")
}

// inShell says with commands what the service says with calls of its API.
func inShell(text string) string {
	text = replaceCall.ReplaceAllString(text, `"pageladder sets import $1 FILE --again" replaces its records`)
	text = noSet.ReplaceAllString(text, `$0; "pageladder sets list" lists the sets`)
	return strings.ReplaceAll(text, "sign in, or send it in the Authorization header", "name it with --token-file or PAGELADDER_TOKEN")
}

var (
	noSet       = regexp.MustCompile(`there is no record set named "[^"]*"$`)
	replaceCall = regexp.MustCompile(`PUT /api/sets/([a-z0-9_-]+)/records replaces its records`)
)

func exitCode(err error) int {
	var usage usageError
	var away unavailableError
	var refused *client.Problem
	switch {
	case errors.As(err, &away):
		return exitUnavailable
	case errors.As(err, &usage), strings.HasPrefix(err.Error(), "unknown command"):
		return exitUsage
	case errors.Is(err, client.ErrUnreachable):
		return exitUnavailable
	case errors.As(err, &refused):
		switch refused.Status {
		case http.StatusNotFound:
			return exitNotFound
		case http.StatusServiceUnavailable:
			return exitUnavailable
		}
		return exitRefused
	}
	return exitFailed
}

// Root is the program with all its commands.
func Root() *cobra.Command {
	root := &cobra.Command{
		Use:   "pageladder",
		Short: "Pages of record sets, done once and done right",
		Long: `Page Ladder reads page, size and sort from a query, settles them against the
total, and answers the page's records with its metadata and links.

On a terminal what is drawn fits its width, and is coloured unless NO_COLOR is set.

Exit codes: 0 done, 1 failed, 2 wrong command line, 3 no such set or page,
4 refused by the service, 5 no service answers or its database is away.`,
		SilenceErrors: true,
		SilenceUsage:  true,
	}
	root.SetFlagErrorFunc(func(_ *cobra.Command, err error) error { return usageError{err} })
	root.AddCommand(newDemo(), newServe(), newConsole(), newConfig(), newStatus(), newToken(), newBackup(), newRestore(), newAcceptPrimary(),
		newSets(), newRecords(), newPlace(), newPage(), newReckon(), newCut(), newLadder(), newClimb(), newVersion())
	return root
}

// exactly demands a number of arguments, named in the message.
func exactly(names ...string) cobra.PositionalArgs {
	return func(_ *cobra.Command, args []string) error {
		if len(args) != len(names) {
			want := "no arguments are"
			if len(names) > 0 {
				want = "exactly " + strings.Join(names, " ") + " is"
			}
			return usageError{fmt.Errorf("%s wanted, found %d: %q", want, len(args), args)}
		}
		return nil
	}
}

// serverFlag adds --server to a command that needs a service.
func serverFlag(cmd *cobra.Command) func() (*client.Client, error) {
	server := os.Getenv("PAGELADDER_SERVER")
	if server == "" {
		server = client.DefaultServer
	}
	cmd.Flags().String("server", server, "address of the service; also PAGELADDER_SERVER")
	cmd.Flags().String("token-file", "", "file with the token to call with; PAGELADDER_TOKEN is used otherwise")
	if cmd.Flags().Lookup("data-dir") == nil {
		cmd.Flags().String("data-dir", defaultDataDir(), "data folder of the service on this machine, whose owner-token is used where no other token is given")
	}
	return func() (*client.Client, error) { return connect(cmd) }
}

// connect gives a client by the flags of serverFlag.
func connect(cmd *cobra.Command) (*client.Client, error) {
	server, err := cmd.Flags().GetString("server")
	if err != nil {
		return nil, err
	}
	c, err := client.New(server)
	if err != nil {
		return nil, usageError{err}
	}
	token, err := tokenFor(cmd, server)
	if err != nil {
		return nil, err
	}
	return c.WithToken(token), nil
}

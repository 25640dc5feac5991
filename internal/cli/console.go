package cli

import (
	"context"
	"fmt"
	"net"
	"net/url"
	"os"
	"strings"

	"github.com/spf13/cobra"

	"pageladder.example/client"
	"pageladder.example/internal/access"
	"pageladder.example/internal/service"
)

func newConsole() *cobra.Command {
	cmd := &cobra.Command{
		Use:   "console",
		Short: "Print a link that signs a browser in to the console",
		Long: `Print a link to the console that signs a browser in as the caller, once, within ten
minutes. The session lasts 12 hours; the token itself never reaches the browser.`,
		Example: `  pageladder console`,
		Args:    exactly(),
	}
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, _ []string) error {
		address, until, err := c.SignInLink(cmd.Context())
		if err != nil {
			return err
		}
		return outcome(cmd, address, "address", address, "expires_at", until)
	})
}

// signInAddress makes a link for the owner's token of a service that is starting.
func signInAddress(ctx context.Context, c *config, keeper *access.Keeper, secret string, at net.Addr) (string, error) {
	owner, err := keeper.Caller(ctx, secret)
	if err != nil {
		return "", err
	}
	code, _, err := keeper.Invite(ctx, owner.Token)
	if err != nil {
		return "", err
	}
	base := strings.TrimRight(c.Service.PublicURL, "/")
	if base == "" {
		base = "http://" + reachable(at)
	}
	return base + service.SignInPath + code, nil
}

// reachable is an address to call a listener by: one that listens everywhere is on
// loopback too.
func reachable(at net.Addr) string {
	tcp, ok := at.(*net.TCPAddr)
	if !ok || !tcp.IP.IsUnspecified() {
		return at.String()
	}
	return net.JoinHostPort("127.0.0.1", fmt.Sprint(tcp.Port))
}

// tokenFor is the token to call a server with: that of --token-file, of
// PAGELADDER_TOKEN or, where a service of the data folder is that server, the owner's
// of the folder; "" for none.
func tokenFor(cmd *cobra.Command, server string) (string, error) {
	flags := cmd.Flags()
	if file, err := flags.GetString("token-file"); err != nil {
		return "", err
	} else if file != "" {
		text, err := readFile(file, cmd.InOrStdin())
		if err != nil {
			return "", usageError{fmt.Errorf("--token-file: %w", err)}
		}
		return strings.TrimSpace(string(text)), nil
	}
	if token := strings.TrimSpace(os.Getenv("PAGELADDER_TOKEN")); token != "" {
		return token, nil
	}
	dir, err := flags.GetString("data-dir")
	if err != nil {
		return "", err
	}
	if value := os.Getenv("PAGELADDER_DATA_DIR"); value != "" && !flags.Changed("data-dir") {
		dir = value
	}
	if u, err := url.Parse(server); err != nil || u.Host == "" {
		return "", nil
	}
	return access.OwnerFor(dir, server), nil
}

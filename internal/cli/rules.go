package cli

import (
	"bytes"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"os"
	"os/exec"
	"strings"

	"github.com/goccy/go-yaml"
	"github.com/spf13/cobra"

	"pageladder.example/client"
	"pageladder.example/paging/rulesfile"
)

func newRules() *cobra.Command {
	cmd := &cobra.Command{Use: "rules", Short: "Show, edit, check and apply a set's rules"}
	cmd.AddCommand(newRulesShow(), newRulesEdit(), newRulesCheck(), newRulesApply())
	return cmd
}

// readRulesFile reads rules from JSON or YAML, as JSON.
func readRulesFile(path string, in io.Reader) ([]byte, error) {
	text, err := readFile(path, in)
	if err != nil {
		return nil, err
	}
	if trimmed := bytes.TrimSpace(text); len(trimmed) > 0 && trimmed[0] == '{' {
		return text, nil
	}
	asJSON, err := yaml.YAMLToJSON(text)
	if err != nil {
		return nil, usageError{fmt.Errorf("%s is neither JSON nor YAML: %w", path, err)}
	}
	return asJSON, nil
}

func readFile(path string, in io.Reader) ([]byte, error) {
	if path == "-" {
		return io.ReadAll(in)
	}
	text, err := os.ReadFile(path)
	if err != nil {
		return nil, usageError{err}
	}
	return text, nil
}

func newRulesShow() *cobra.Command {
	var asJSON bool
	var output string
	cmd := &cobra.Command{
		Use: "show SET", Short: "Show a set's rules as YAML or JSON", Args: exactly("SET"),
		Example: `  pageladder sets rules show arrivals > arrivals.yaml`,
	}
	formFlag(cmd, &output, "yaml", "json")
	cmd.Flags().BoolVar(&asJSON, "json", false, "as JSON")
	cmd.Flags().MarkHidden("json") // what -o json was called
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		text, _, err := c.Rules(cmd.Context(), args[0])
		if err != nil {
			return err
		}
		if asJSON || output == "json" {
			return writeJSON(cmd.OutOrStdout(), json.RawMessage(text))
		}
		if text, err = yaml.JSONToYAML(text); err != nil {
			return err
		}
		_, err = cmd.OutOrStdout().Write(text)
		return err
	})
}

func newRulesCheck() *cobra.Command {
	return telling(&cobra.Command{
		Use: "check FILE", Short: "Name every mistake in rules, without a service", Args: exactly("FILE"),
		Example: `  pageladder sets rules check arrivals.yaml`,
		RunE: func(cmd *cobra.Command, args []string) error {
			text, err := readRulesFile(args[0], cmd.InOrStdin())
			if err != nil {
				return err
			}
			if _, err := rulesfile.Parse(text); err != nil {
				return rulesMistakes(err)
			}
			return outcome(cmd, "The rules have no mistakes.", "file", args[0], "mistakes", 0)
		},
	})
}

// rulesMistakes lists what is wrong with rules, a line each.
func rulesMistakes(err error) error {
	var all rulesfile.Errors
	var refused *client.Problem
	var lines []string
	switch {
	case errors.As(err, &all):
		for _, e := range all {
			lines = append(lines, e.Error())
		}
	case errors.As(err, &refused) && len(refused.Faults) > 0:
		for _, f := range refused.Faults {
			lines = append(lines, f.Param+": "+f.Says)
		}
	case err != nil && strings.HasPrefix(err.Error(), "rulesfile: "): // what was typed is no JSON
		return errors.New(strings.TrimPrefix(err.Error(), "rulesfile: "))
	default:
		return err
	}
	return errors.New("the rules have mistakes:\n  " + strings.Join(lines, "\n  "))
}

func newRulesApply() *cobra.Command {
	cmd := &cobra.Command{
		Use: "apply SET FILE", Short: "Replace a set's rules", Args: exactly("SET", "FILE"),
		Example: `  pageladder sets rules apply arrivals arrivals.yaml`,
	}
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		text, err := readRulesFile(args[1], cmd.InOrStdin())
		if err != nil {
			return err
		}
		if _, err := rulesfile.Parse(text); err != nil { // as "check" reports it
			return rulesMistakes(err)
		}
		_, tag, err := c.Rules(cmd.Context(), args[0])
		if err == nil {
			err = rulesMistakes(c.ReplaceRules(cmd.Context(), args[0], text, tag))
		}
		if err != nil {
			return err
		}
		return outcome(cmd, fmt.Sprintf("The rules of %s are replaced.", args[0]), "set", args[0], "rules", "replaced")
	})
}

func newRulesEdit() *cobra.Command {
	cmd := &cobra.Command{
		Use: "edit SET", Short: "Edit a set's rules in $EDITOR", Args: exactly("SET"),
		Long: `Edit a set's rules as YAML in the editor of $VISUAL or $EDITOR. What has mistakes
is not taken, and stays in its file. Rules that have changed meanwhile are not
overwritten.`,
		Example: `  EDITOR=nano pageladder sets rules edit arrivals`,
	}
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		editor := os.Getenv("VISUAL")
		if editor == "" {
			editor = os.Getenv("EDITOR")
		}
		if editor == "" {
			return usageError{errors.New("neither $VISUAL nor $EDITOR names an editor")}
		}
		text, tag, err := c.Rules(cmd.Context(), args[0])
		if err == nil {
			text, err = yaml.JSONToYAML(text)
		}
		if err != nil {
			return err
		}
		file, err := os.CreateTemp("", "rules-"+args[0]+"-*.yaml")
		if err != nil {
			return err
		}
		if _, err := file.Write(text); err != nil || file.Close() != nil {
			return fmt.Errorf("writing %s: %w", file.Name(), err)
		}
		run := exec.CommandContext(cmd.Context(), "sh", "-c", editor+` "$1"`, "editor", file.Name())
		run.Stdin, run.Stdout, run.Stderr = cmd.InOrStdin(), cmd.OutOrStdout(), cmd.ErrOrStderr()
		if err := run.Run(); err != nil {
			return fmt.Errorf("the editor: %w", err)
		}
		edited, err := os.ReadFile(file.Name())
		if err != nil {
			return err
		}
		if bytes.Equal(edited, text) {
			return errors.Join(os.Remove(file.Name()), outcome(cmd, "Nothing was changed.", "set", args[0], "rules", "as they were"))
		}
		asJSON, err := readRulesFile(file.Name(), nil)
		if err == nil {
			_, err = rulesfile.Parse(asJSON)
		}
		if err == nil {
			err = c.ReplaceRules(cmd.Context(), args[0], json.RawMessage(asJSON), tag)
		}
		if err != nil {
			return fmt.Errorf("%w\nwhat you wrote is in %s", rulesMistakes(err), file.Name())
		}
		return errors.Join(os.Remove(file.Name()), outcome(cmd, fmt.Sprintf("The rules of %s are replaced.", args[0]), "set", args[0], "rules", "replaced"))
	})
}

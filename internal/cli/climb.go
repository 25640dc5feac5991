package cli

import (
	"bytes"
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"net/http"
	"net/textproto"
	"os"
	"os/exec"
	"strings"
	"syscall"
	"time"

	"github.com/goccy/go-yaml"
	"github.com/jedib0t/go-pretty/v6/text"
	"github.com/schollz/progressbar/v3"
	"github.com/spf13/cobra"

	"pageladder.example/climb"
	"pageladder.example/climb/report"
)

// errNotKept is the error for an endpoint that does not keep its promises.
var errNotKept = errors.New("the endpoint does not keep its promises")

func newClimb() *cobra.Command {
	var c climb.Checker
	var describe, expect, tokenFile, tokenEnv, headerFile, while, junit, report, output string
	var show bool
	cmd := &cobra.Command{
		Use:   "climb URL",
		Short: "Check whether a paged endpoint keeps its promises",
		Long: `Walk a paged endpoint, any one, from end to end by each of its ways of paging, send it
bad input, and report which promises it keeps: no record lost or repeated, totals and page
numbers that are right, a sort and filters that hold, links that keep their parameters,
bad input that is answered, deep pages that are quick. How it pages is found out by itself;
--show-envelope prints that, so that you can correct it and use it by --endpoint.

It makes one request at a time, only GET and HEAD, waits between them as long as the last
answer took, obeys Retry-After, and stays on the endpoint's host. A token comes from a file
or the environment, and is sent to that host alone.

Exit codes: 0 the promises are kept, 1 they are not, 5 there is no answer.`,
		Example: `  pageladder climb $PAGELADDER_SERVER/api/sets/arrivals/records
  pageladder climb $PAGELADDER_SERVER/api/sets/arrivals/records --show-envelope > endpoint.yaml
  pageladder climb $PAGELADDER_SERVER/api/sets/arrivals/records --expect strict --junit climb.xml --report climb.html`,
		Args: exactly("URL"),
	}
	f := cmd.Flags()
	f.StringVar(&describe, "endpoint", "", "file that describes the endpoint, as --show-envelope prints it")
	f.BoolVar(&show, "show-envelope", false, "only find out how the endpoint pages, and print it as YAML")
	f.StringVar(&expect, "expect", "usual", "what counts as a fault: usual, strict, or a file with codes, each with fault, warning or off")
	f.IntVar(&c.Requests, "requests", climb.DefaultRequests, "most requests")
	f.DurationVar(&c.Timeout, "timeout", climb.DefaultTimeout, "time limit of one answer")
	f.DurationVar(&c.Pause, "pause", 0, "shortest pause between requests; 0: as long as the last answer took")
	f.Uint64Var(&c.Seed, "seed", 0, "order in which bad input is sent: the same seed repeats a run")
	f.StringVar(&tokenFile, "token-file", "", "file with a token to send as Authorization: Bearer")
	f.StringVar(&tokenEnv, "token-env", "", "name of an environment variable with such a token")
	f.StringVar(&headerFile, "header-file", "", "file with headers to send, one a line, such as Cookie: session=…")
	f.StringVar(&while, "while", "", "shell command that changes records during one more walk, which counts the lost and repeated ones")
	f.StringVar(&junit, "junit", "", "file to write JUnit XML to")
	f.StringVar(&report, "report", "", "file to write a page of HTML to")
	formFlag(cmd, &output, "table", "json")
	cmd.RunE = func(cmd *cobra.Command, args []string) error {
		e, err := describedEndpoint(describe, args[0], cmd.InOrStdin())
		if err != nil {
			return err
		}
		if e.Header, err = climbHeader(tokenFile, tokenEnv, headerFile); err != nil {
			return err
		}
		if c.Expect, err = expected(expect); err != nil {
			return err
		}
		if c.Requests < 1 || c.Timeout <= 0 {
			return usageError{fmt.Errorf("--requests %d and --timeout %s have to be more than 0", c.Requests, c.Timeout)}
		}
		if show {
			return showEnvelope(cmd, &c, e)
		}
		if while != "" {
			c.While = func(ctx context.Context) error { return runWhile(ctx, while, cmd.ErrOrStderr()) }
		}
		done := climbProgress(&c, cmd.ErrOrStderr())
		r, err := c.Run(cmd.Context(), e)
		done()
		if err != nil {
			return climbError(err)
		}
		return printReport(cmd, r, output, junit, report)
	}
	return cmd
}

// describedEndpoint reads the description of an endpoint, if there is one, for an address.
func describedEndpoint(file, address string, in io.Reader) (e climb.Endpoint, err error) {
	if file != "" {
		text, err := readRulesFile(file, in)
		if err != nil {
			return e, err
		}
		d := json.NewDecoder(bytes.NewReader(text))
		d.DisallowUnknownFields()
		if err := d.Decode(&e); err != nil {
			return e, usageError{fmt.Errorf("%s: %w", file, err)}
		}
	}
	if e.Address == "" || !strings.Contains(e.Address, "{") { // a template that was found stays
		e.Address = address
	}
	return e, nil
}

// climbHeader is what is sent along. Nothing of it is ever on the command line.
func climbHeader(tokenFile, tokenEnv, headerFile string) (http.Header, error) {
	header := http.Header{}
	token := ""
	switch {
	case tokenFile != "" && tokenEnv != "":
		return nil, usageError{errors.New("--token-file and --token-env cannot be given both")}
	case tokenFile != "":
		text, err := os.ReadFile(tokenFile)
		if err != nil {
			return nil, usageError{err}
		}
		token = strings.TrimSpace(string(text))
	case tokenEnv != "":
		if token = os.Getenv(tokenEnv); token == "" {
			return nil, usageError{fmt.Errorf("the environment variable %s, named by --token-env, is empty", tokenEnv)}
		}
	}
	if token != "" {
		header.Set("Authorization", "Bearer "+token)
	}
	if headerFile == "" {
		return header, nil
	}
	text, err := os.ReadFile(headerFile)
	if err != nil {
		return nil, usageError{err}
	}
	for i, line := range strings.Split(string(text), "\n") {
		if line = strings.TrimSpace(line); line == "" {
			continue
		}
		name, value, ok := strings.Cut(line, ":")
		if name = textproto.TrimString(name); !ok || name == "" || strings.ContainsAny(name, " \t") {
			return nil, usageError{fmt.Errorf("%s, line %d: right would be a header such as Cookie: session=1", headerFile, i+1)}
		}
		header.Add(name, textproto.TrimString(value))
	}
	return header, nil
}

// expected is what counts as a fault.
func expected(text string) (report.Expect, error) {
	switch text {
	case "usual":
		return report.Usual(), nil
	case "strict":
		return report.Strict(), nil
	}
	asJSON, err := readRulesFile(text, nil)
	if err != nil {
		return nil, usageError{fmt.Errorf("--expect %s is neither usual nor strict, nor a file that can be read: %w", text, err)}
	}
	var e report.Expect
	if err := json.Unmarshal(asJSON, &e); err != nil {
		return nil, usageError{fmt.Errorf("%s: right would be lines such as walk.lost: fault: %w", text, err)}
	}
	if err := e.Check(); err != nil {
		return nil, usageError{fmt.Errorf("%s: %w", text, err)}
	}
	return e, nil
}

func showEnvelope(cmd *cobra.Command, c *climb.Checker, e climb.Endpoint) error {
	e, said, err := c.Find(cmd.Context(), e)
	if err != nil {
		return climbError(err)
	}
	asJSON, err := json.Marshal(e)
	if err != nil {
		return err
	}
	asYAML, err := yaml.JSONToYAML(asJSON)
	if err != nil {
		return err
	}
	for _, line := range said {
		fmt.Fprintln(cmd.OutOrStdout(), "# "+line)
	}
	_, err = cmd.OutOrStdout().Write(asYAML)
	return err
}

// climbError gives an endpoint that does not answer its exit code.
func climbError(err error) error {
	var none *climb.NoPageError
	switch {
	case !errors.As(err, &none):
		return usageError{errors.New(strings.TrimPrefix(err.Error(), "climb: "))}
	case none.Status == 0 || none.Status == http.StatusServiceUnavailable:
		return unavailableError{err}
	}
	return err
}

// unavailableError is the error where nobody answers.
type unavailableError struct{ error }

// runWhile runs a command until it is over or its time is.
func runWhile(ctx context.Context, command string, errOut io.Writer) error {
	run := exec.CommandContext(ctx, "sh", "-c", command)
	run.Stderr = errOut
	run.SysProcAttr = &syscall.SysProcAttr{Setpgid: true}
	run.Cancel = func() error { return syscall.Kill(-run.Process.Pid, syscall.SIGTERM) }
	run.WaitDelay = 5 * time.Second
	if err := run.Run(); err != nil && ctx.Err() == nil {
		return err
	}
	return nil
}

// climbProgress draws on a terminal how many requests have been sent.
func climbProgress(c *climb.Checker, errOut io.Writer) (done func()) {
	if terminalOf(errOut).columns == 0 {
		return func() {}
	}
	bar := progressbar.NewOptions(c.Requests, progressbar.OptionSetWriter(errOut), progressbar.OptionSetWidth(30), progressbar.OptionSetElapsedTime(false),
		progressbar.OptionSetPredictTime(false), progressbar.OptionSetDescription("climbing"), progressbar.OptionShowCount(), progressbar.OptionClearOnFinish())
	c.Progress = func(requests, limit int, _ string) { bar.Set(min(requests, limit-1)) }
	return func() { bar.Finish() }
}

// printReport writes a report to where it is wanted.
func printReport(cmd *cobra.Command, r *climb.Report, output, junit, report string) error {
	for _, file := range []struct {
		path  string
		write func(io.Writer) error
	}{{junit, r.WriteJUnit}, {report, r.WriteHTML}} {
		if file.path == "" {
			continue
		}
		var b bytes.Buffer
		if err := file.write(&b); err != nil {
			return err
		}
		if err := os.WriteFile(file.path, b.Bytes(), 0o644); err != nil {
			return err
		}
	}
	if output == "json" {
		if err := writeJSON(cmd.OutOrStdout(), r); err != nil {
			return err
		}
	} else {
		drawClimb(cmd.OutOrStdout(), r)
	}
	if !r.Holds() {
		return errNotKept
	}
	return nil
}

// drawClimb draws the promises, faults first, each of them with an address to try.
func drawClimb(w io.Writer, r *climb.Report) {
	t := terminalOf(w)
	for _, line := range r.Found {
		fmt.Fprintln(w, t.in(text.Faint, t.wrapped(line, "")))
	}
	if len(r.Found) > 0 {
		fmt.Fprintln(w)
	}
	colours := map[string]text.Color{"fault": text.FgRed, "warning": text.FgYellow, "kept": text.FgGreen}
	for _, p := range r.WorstFirst() {
		verdict := string(p.Verdict)
		if p.Verdict == report.Broken {
			verdict = string(p.Severity)
		}
		says := p.Title
		if p.Verdict == report.NotOffered || p.Verdict == report.NotChecked {
			says += ": " + lowered(p.Note)
		}
		fmt.Fprintln(w, t.in(colours[verdict], fmt.Sprintf("%-12s", verdict))+t.hanging(fmt.Sprintf("%-16s ", p.Code), says))
		for i, f := range p.Findings {
			if f.Times > 1 {
				f.Says += fmt.Sprintf(" (%d times)", f.Times)
			}
			fmt.Fprintln(w, t.wrapped(f.Says, climbIndent))
			if i == 0 && len(f.Addresses) > 0 {
				fmt.Fprintf(w, "%s%s\n", climbIndent, t.in(text.FgCyan, "try "+printable(f.Addresses[0])))
			}
		}
		if p.More > 0 {
			fmt.Fprintf(w, "%sand %d more like these\n", climbIndent, p.More)
		}
	}
	if len(r.Cost) > 0 {
		fmt.Fprintln(w)
		for _, c := range r.Cost {
			fmt.Fprintf(w, "%12s  row %d, %s\n", fmt.Sprintf("%.2f ms", float64(c.Time)/float64(time.Millisecond)), c.Row+1, several(c.Bytes, "byte"))
		}
	}
	if r.Moving != nil {
		fmt.Fprintf(w, "\nWhile records changed, %d of %s were lost and %d repeated.\n", r.Moving.Lost, several(r.Moving.Records, "record"), r.Moving.Repeated)
		if r.Moving.Failed != "" {
			fmt.Fprintf(w, "The command failed: %s.\n", printable(r.Moving.Failed))
		}
	}
	fmt.Fprintln(w)
	for _, note := range r.Notes {
		fmt.Fprintln(w, printable(note))
	}
	fmt.Fprintln(w, t.in(text.Bold, r.Summary()))
	var not []string
	for _, p := range r.Promises {
		if p.Verdict == report.Broken {
			not = append(not, p.Code)
		}
	}
	if len(not) > 0 {
		fmt.Fprintln(w, t.wrapped("Not kept: "+strings.Join(not, ", ")+".", ""))
	}
}

const climbIndent = "            "

// wrapped is a sentence in lines as wide as there is room for.
func (t terminal) wrapped(says, indent string) string {
	says = printable(says)
	if t.columns > 60 {
		says = text.WrapSoft(says, t.columns-len(indent))
	}
	lines := strings.Split(says, "\n")
	for i := range lines {
		lines[i] = indent + strings.TrimRight(lines[i], " ")
	}
	return strings.Join(lines, "\n")
}

// hanging is a sentence after a short head, which its further lines leave room for.
func (t terminal) hanging(head, says string) string {
	indent := climbIndent + strings.Repeat(" ", len(head))
	return head + strings.TrimLeft(t.wrapped(says, indent), " ")
}

// lowered begins a sentence in the middle of another.
func lowered(s string) string {
	if s == "" {
		return s
	}
	return strings.ToLower(s[:1]) + strings.TrimSuffix(s[1:], ".")
}

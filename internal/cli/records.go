package cli

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"net/http"
	"strings"

	"github.com/spf13/cobra"

	"pageladder.example/api"
	"pageladder.example/client"
	"pageladder.example/paging/value"
)

func newRecords() *cobra.Command {
	cmd := &cobra.Command{Use: "records", Short: "Show, add, change, withdraw, restore, delete and purge records"}
	cmd.AddCommand(newRecordShow(), newRecordAdd(), newRecordChange(), newRecordGone("withdraw", "Take a record out of its set, so that it can be restored", "138", (*client.Client).Withdraw),
		newRecordRestore(), newRecordGone("delete", "Delete a record for good", "138", (*client.Client).Delete), newRecordGone("purge", "Delete every trace of a record, even if it is gone already", "9", (*client.Client).Purge))
	return cmd
}

// someKey demands a set and the parts of a key.
func someKey(cmd *cobra.Command, args []string) error {
	if len(args) < 2 {
		return usageError{fmt.Errorf("SET KEY is wanted, found %s: %q; a key of several fields is several arguments", several(len(args), "argument"), args)}
	}
	return nil
}

func newRecordShow() *cobra.Command {
	var output string
	cmd := &cobra.Command{
		Use: "show SET KEY...", Short: "Show one record", Args: someKey,
		Example: `  pageladder records show arrivals 138
  pageladder records show berths E1 -o json`,
	}
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		one, err := c.Record(cmd.Context(), args[0], args[1:])
		if err != nil {
			return err
		}
		return writeOne(cmd, output, one)
	})
}

func writeOne(cmd *cobra.Command, output string, one *client.One) error {
	if output != "table" {
		fields := make([]api.Field, len(one.Record))
		for i, v := range one.Record {
			fields[i].Name = v.Field
		}
		t := &listing{fields, []client.Record{one.Record}}
		return t.write(cmd.OutOrStdout(), output, one)
	}
	t := newListing("field", "value")
	for _, v := range one.Record {
		text, _ := v.Text()
		t.add(v.Field, text)
	}
	return t.write(cmd.OutOrStdout(), output, nil)
}

// readValues reads FIELD=VALUE for the fields of a set, as JSON of the fields'
// types; FIELD= alone is no value.
func readValues(set *api.SetInfo, given []string) (map[string]any, error) {
	types := map[string]value.Type{}
	for _, f := range append(append([]api.Field{}, set.Fields...), set.Hidden...) {
		types[f.Name] = f.Type
	}
	values := map[string]any{}
	for _, g := range given {
		name, text, ok := strings.Cut(g, "=")
		t, known := types[name]
		switch {
		case !ok:
			return nil, usageError{fmt.Errorf("%q is not of the form FIELD=VALUE", g)}
		case !known:
			return nil, usageError{fmt.Errorf("%s has no field %q", set.Name, name)}
		case text == "":
			values[name] = nil
			continue
		}
		switch t {
		case value.Integer, value.Decimal, value.Boolean, value.JSON:
			if json.Valid([]byte(text)) {
				values[name] = json.RawMessage(text)
				continue
			}
		}
		values[name] = text // what does not fit is refused by the service, which says what would
	}
	return values, nil
}

func newRecordAdd() *cobra.Command {
	var output string
	cmd := &cobra.Command{
		Use: "add SET FIELD=VALUE...", Short: "Add a record", Args: someKey,
		Example: `  pageladder records add berths code=X1 name="Ropewalk steps" lit=true`,
	}
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		set, err := c.Set(cmd.Context(), args[0])
		if err != nil {
			return err
		}
		values, err := readValues(set, args[1:])
		if err != nil {
			return err
		}
		one, err := c.Add(cmd.Context(), args[0], values)
		if err != nil {
			return err
		}
		return writeOne(cmd, output, one)
	})
}

func newRecordChange() *cobra.Command {
	var set []string
	var revision string
	var output string
	cmd := &cobra.Command{
		Use: "change SET KEY... --set FIELD=VALUE", Short: "Change fields of a record", Args: someKey,
		Long: `Change fields of a record; FIELD= alone removes the value. With --revision the record
is changed only if it still has that revision, which "records show -o json" prints.`,
		Example: `  pageladder records change arrivals 138 --set cleared=true --set note=`,
	}
	cmd.Flags().StringArrayVar(&set, "set", nil, "FIELD=VALUE; may be repeated")
	cmd.Flags().StringVar(&revision, "revision", "", "change the record only if it has this revision; left out: the current one")
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		if len(set) == 0 {
			return usageError{errors.New("nothing to change; name fields with --set FIELD=VALUE")}
		}
		about, err := c.Set(cmd.Context(), args[0])
		if err != nil {
			return err
		}
		values, err := readValues(about, set)
		if err != nil {
			return err
		}
		if revision, err = present(cmd, c, args, revision); err != nil {
			return err
		}
		one, err := c.Change(cmd.Context(), args[0], args[1:], revision, values)
		if err != nil {
			return err
		}
		return writeOne(cmd, output, one)
	})
}

// present is the revision that is named, or the one that the record has.
func present(cmd *cobra.Command, c *client.Client, args []string, revision string) (string, error) {
	if revision != "" {
		return revision, nil
	}
	one, err := c.Record(cmd.Context(), args[0], args[1:])
	if err != nil {
		return "", err
	}
	if one.Revision == "" {
		return "", errors.New(args[0] + " is attached: its records are changed by their owner")
	}
	return one.Revision, nil
}

type goneFunc = func(*client.Client, context.Context, string, []string, string) error

func newRecordGone(name, short, example string, do goneFunc) *cobra.Command {
	var revision string
	cmd := &cobra.Command{
		Use: name + " SET KEY...", Short: short, Args: someKey,
		Example: "  pageladder records " + name + " arrivals " + example,
	}
	cmd.Flags().StringVar(&revision, "revision", "", "only if the record has this revision; left out: the current one")
	return withClient(telling(cmd), func(cmd *cobra.Command, c *client.Client, args []string) error {
		revision, err := present(cmd, c, args, revision)
		var problem *client.Problem
		if name == "purge" && errors.As(err, &problem) && problem.Status == http.StatusNotFound {
			err = nil // the service reports whether there is a trace of it
		}
		if err == nil {
			err = do(c, cmd.Context(), args[0], args[1:], revision)
		}
		if err != nil {
			return err
		}
		key := strings.Join(args[1:], ",")
		words := []string{"  pageladder records restore", shellWord(args[0])}
		for _, part := range args[1:] {
			words = append(words, shellWord(part))
		}
		says := map[string]string{
			"withdraw": fmt.Sprintf("Record %s of %s is withdrawn. This brings it back:\n%s", key, args[0], strings.Join(words, " ")),
			"delete":   fmt.Sprintf("Record %s of %s is deleted.", key, args[0]),
			"purge":    fmt.Sprintf("Record %s of %s and every trace of it are deleted.", key, args[0]),
		}[name]
		return outcome(cmd, says, "set", args[0], "key", key, "done", name)
	})
}

func newRecordRestore() *cobra.Command {
	var output string
	cmd := &cobra.Command{
		Use: "restore SET KEY...", Short: "Bring a withdrawn record back", Args: someKey,
		Example: `  pageladder records restore arrivals 138`,
	}
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		one, err := c.Restore(cmd.Context(), args[0], args[1:])
		if err != nil {
			return err
		}
		return writeOne(cmd, output, one)
	})
}

func newPlace() *cobra.Command {
	var q questionFlags
	var output string
	cmd := &cobra.Command{
		Use: "place SET KEY...", Short: "Show the row and the page of a record", Args: someKey,
		Example: `  pageladder place arrivals 138 --sort -tonnage --size 20`,
	}
	q.add(cmd)
	outputFlag(cmd, &output)
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		query, err := q.query(cmd, c, args[0])
		if err != nil {
			return err
		}
		place, err := c.Place(cmd.Context(), args[0], args[1:], query)
		if err != nil {
			return err
		}
		t := newListing("row", "page", "href")
		t.add(place.Row, place.Page, place.Href)
		return t.write(cmd.OutOrStdout(), output, place)
	})
}

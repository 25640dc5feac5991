package cli

import (
	"encoding/json"
	"fmt"
	"io"
	"slices"
	"strings"

	"github.com/spf13/cobra"

	"pageladder.example/client"
)

func newSetsTypes() *cobra.Command {
	cmd := &cobra.Command{
		Use: "types SET", Short: "Write a set's types for TypeScript", Args: exactly("SET"),
		Long:    "Write a set's types for TypeScript, as @pageladder/client takes them: of its records, of what can be written, and of its parameters.",
		Example: `  pageladder sets types arrivals > arrivals.d.ts`,
	}
	return withClient(cmd, func(cmd *cobra.Command, c *client.Client, args []string) error {
		text, err := c.Description(cmd.Context(), args[0])
		if err != nil {
			return err
		}
		return writeTypes(cmd.OutOrStdout(), args[0], text)
	})
}

// schema is as much of JSON Schema as the description of a set uses.
type schema struct {
	Type        types             `json:"type"`
	Description string            `json:"description"`
	Enum        []json.RawMessage `json:"enum"`
	AnyOf       []schema          `json:"anyOf"`
	Items       *schema           `json:"items"`
	Properties  map[string]schema `json:"properties"`
	Required    []string          `json:"required"`
}

// types are one name of a type, or several.
type types []string

// UnmarshalJSON reads a name or a list of them.
func (t *types) UnmarshalJSON(text []byte) error {
	if len(text) > 0 && text[0] == '[' {
		return json.Unmarshal(text, (*[]string)(t))
	}
	*t = make(types, 1)
	return json.Unmarshal(text, &(*t)[0])
}

// written are the names of JSON Schema's types in TypeScript.
var written = map[string]string{"string": "string", "integer": "number", "number": "number", "boolean": "boolean", "null": "null", "object": "{ [name: string]: unknown }"}

// text is a schema's type in TypeScript.
func (s *schema) text() string {
	var all []string
	add := func(name string) {
		if !slices.Contains(all, name) {
			all = append(all, name)
		}
	}
	for i := range s.AnyOf {
		add(s.AnyOf[i].text())
	}
	for _, value := range s.Enum {
		add(string(value))
	}
	for _, name := range s.Type {
		switch {
		case len(s.Enum) > 0:
		case name == "array" && s.Items != nil:
			if of := s.Items.text(); strings.Contains(of, " ") {
				add("readonly (" + of + ")[]")
			} else {
				add("readonly " + of + "[]")
			}
		case name == "array":
			add("readonly unknown[]")
		default:
			add(written[name])
		}
	}
	if len(all) == 0 {
		return "unknown"
	}
	return strings.Join(all, " | ")
}

// member writes a member of a type, with what it means.
func member(b *strings.Builder, name, means, kind string, optional bool) {
	if means != "" {
		fmt.Fprintf(b, "    /** %s */\n", strings.ReplaceAll(strings.Join(strings.Fields(means), " "), "*/", "*\u200b/"))
	}
	if !plainName(name) {
		quoted, _ := json.Marshal(name) // a text always can be written
		name = string(quoted)
	}
	fmt.Fprintf(b, "    %s%s: %s\n", name, map[bool]string{true: "?"}[optional], kind)
}

// plainName reports whether a name stands in TypeScript without quotes.
func plainName(name string) bool {
	for i, r := range name {
		if r != '_' && (r < 'a' || r > 'z') && (r < 'A' || r > 'Z') && (i == 0 || r < '0' || r > '9') {
			return false
		}
	}
	return name != ""
}

// writeTypes writes the types of a set by its description.
func writeTypes(w io.Writer, set string, description []byte) error {
	type parameter struct {
		Ref         string `json:"$ref"`
		Name, In    string
		Description string
		Schema      schema
	}
	var doc struct {
		Paths map[string]struct {
			Get struct{ Parameters []parameter }
		}
		Components struct {
			Schemas    map[string]json.RawMessage
			Parameters map[string]parameter
		}
	}
	err := json.Unmarshal(description, &doc)
	var record, draft schema
	for name, of := range map[string]*schema{"SetRecord": &record, "Draft": &draft} {
		if err == nil {
			err = json.Unmarshal(doc.Components.Schemas[name], of)
		}
	}
	if err != nil {
		return fmt.Errorf("the description of %s: %w", set, err)
	}
	var b strings.Builder
	name := ""
	for _, part := range strings.FieldsFunc(set, func(r rune) bool { return r == '_' || r == '-' }) {
		name += strings.ToUpper(part[:1]) + part[1:]
	}
	fmt.Fprintf(&b, "// The types of the set %q, for @pageladder/client: pageladder sets types %s\n\nexport interface %s {\n  record: {\n", set, set, name)
	// In the order of the record, which a map does not have.
	for _, field := range append(slices.Clone(record.Required), missing(record.Properties, record.Required)...) {
		of := record.Properties[field]
		member(&b, field, of.Description, of.text(), !slices.Contains(record.Required, field))
	}
	b.WriteString("  }\n  draft: {\n")
	for _, field := range append(common(record.Required, draft.Properties), missing(draft.Properties, record.Required)...) {
		of := draft.Properties[field]
		member(&b, field, of.Description, of.text(), true)
	}
	b.WriteString("  }\n  params: {\n")
	for _, p := range doc.Paths["/api/sets/"+set+"/records"].Get.Parameters {
		if p.Ref != "" {
			p = doc.Components.Parameters[p.Ref[strings.LastIndexByte(p.Ref, '/')+1:]]
		}
		if p.In != "query" {
			continue
		}
		kind := p.Schema.text()
		if p.Schema.Items != nil { // one value needs no brackets
			kind = p.Schema.Items.text() + " | " + kind
		}
		member(&b, p.Name, p.Description, kind+" | null", true)
	}
	b.WriteString("  }\n}\n")
	_, err = io.WriteString(w, b.String())
	return err
}

// missing are the names in a map that are not in a list, in order.
func missing(all map[string]schema, list []string) (names []string) {
	for name := range all {
		if !slices.Contains(list, name) {
			names = append(names, name)
		}
	}
	slices.Sort(names)
	return names
}

// common are the names of a list that are in a map.
func common(list []string, all map[string]schema) (names []string) {
	for _, name := range list {
		if _, ok := all[name]; ok {
			names = append(names, name)
		}
	}
	return names
}

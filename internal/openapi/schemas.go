package openapi

import (
	"encoding/json"
	"maps"
	"reflect"
	"slices"
	"strings"

	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// schema is a type's schema, by reference if the type has a name.
func (d *describer) schema(of any, set *sets.Set) object {
	if _, ok := of.(Record); ok {
		d.schemas["Draft"] = d.draft(set)
		return refer("Draft")
	}
	if _, ok := of.([]Record); ok {
		return object{"type": "array", "items": d.recordRef(set)}
	}
	t := reflect.TypeOf(of)
	text, err := json.Marshal(d.reflect.ReflectFromType(t))
	if err != nil {
		panic(err) // schemas are JSON
	}
	var schema struct {
		Ref  string            `json:"$ref"`
		Defs map[string]object `json:"$defs"`
	}
	if err := json.Unmarshal([]byte(strings.ReplaceAll(string(text), "#/$defs/", "#/components/schemas/")), &schema); err != nil {
		panic(err)
	}
	for name, def := range schema.Defs {
		if name == "Field" || name == "FieldSample" {
			withOther(def)
		}
		plain(def)
		switch name {
		case "Answer":
			def["properties"].(object)["records"] = object{"type": "array", "items": d.recordRef(set)}
			def["description"] = "A page. With pl.parts it has the named members and no others; those that the page does not have are then null."
		case "RecordAnswer":
			def["properties"].(object)["record"] = object{"anyOf": []any{d.recordRef(set), object{"type": "null"}}}
		case "Rung":
			d.rungs(def)
		case "Problem":
			d.problems(def)
		}
		if known, ok := d.schemas[name]; ok && !reflect.DeepEqual(known, def) {
			panic("two types of the API are called " + name)
		}
		d.schemas[name] = def
	}
	return object{"$ref": schema.Ref}
}

// refer is a reference to a schema.
func refer(name string) object { return object{"$ref": "#/components/schemas/" + name} }

// recordRef refers to the schema of records.
func (d *describer) recordRef(set *sets.Set) object {
	d.schemas["SetRecord"] = d.record(set)
	return refer("SetRecord")
}

// rungs makes one schema of each kind of rung, so that a client knows which have a page and a link.
func (d *describer) rungs(def object) {
	properties := def["properties"].(object)
	var kinds []any
	mapping := object{}
	for _, k := range []struct {
		kind              paging.RungKind
		name              string
		always, sometimes []string
	}{
		{paging.RungPage, "PageRung", []string{"page", "href"}, nil},
		{paging.RungCurrent, "CurrentRung", []string{"page"}, nil},
		{paging.RungGap, "GapRung", []string{"from"}, []string{"page", "to", "href"}},
	} {
		own := object{"rung": object{"type": "string", "enum": []any{string(k.kind)}}}
		for _, name := range append(slices.Clone(k.always), k.sometimes...) {
			own[name] = properties[name]
		}
		d.schemas[k.name] = object{"type": "object", "properties": own, "required": anys(append([]string{"rung"}, k.always...))}
		kinds = append(kinds, refer(k.name))
		mapping[string(k.kind)] = refer(k.name)["$ref"]
	}
	clear(def)
	def["oneOf"], def["discriminator"] = kinds, object{"propertyName": "rung", "mapping": mapping}
}

// problems lists the types of problems.
func (d *describer) problems(def object) {
	var types []any
	for _, k := range problem.Kinds() {
		types = append(types, d.api.Problems+k.Name)
	}
	def["properties"].(object)["type"] = object{"type": "string", "enum": types, "description": "The address of a page about it."}
}

// plain writes schemas so that every generator of clients reads them: what allows any value is {}, not true, and
// what may be null says so in its type.
func plain(def object) {
	for name, inner := range def {
		switch inner := inner.(type) {
		case object:
			if name == "properties" {
				for property, schema := range inner {
					if schema == true {
						inner[property] = object{}
					}
				}
			}
			plain(inner)
		case bool:
			if name == "items" && inner {
				def[name] = object{}
			}
		case []any:
			if name != "oneOf" || len(inner) != 2 || !reflect.DeepEqual(inner[1], object{"type": "null"}) {
				continue
			}
			if first := inner[0].(object); first["type"] != nil {
				delete(def, name)
				maps.Copy(def, orNull(first))
				plain(def)
				return // its entries are others now
			}
		}
	}
}

// orNull is a schema that allows null, too.
func orNull(schema object) object {
	if kind, ok := schema["type"].(string); ok {
		schema["type"] = []any{kind, "null"}
	}
	return schema
}

// enveloped is the schema of a page in the envelope of a set's rules. Its parts are those of the
// native answer, which is described already.
func (d *describer) enveloped(set *sets.Set) object {
	part := func(name string) object {
		for _, whole := range []string{"Metadata", "Steps", "Answer"} {
			def, _ := d.schemas[whole].(object)
			properties, _ := def["properties"].(object)
			if schema, ok := properties[name]; ok {
				required, _ := def["required"].([]any)
				if !slices.Contains(required, any(name)) {
					return object{"anyOf": []any{schema, object{"type": "null"}}}
				}
				return schema.(object)
			}
		}
		panic("no part of an answer is named " + name) // a test names all
	}
	root := object{"type": "object", "properties": object{}, "required": []any{}}
	for name, tokens := range set.Rules.Envelope.Places() {
		at := root
		for i, token := range tokens {
			properties := at["properties"].(object)
			below, ok := properties[token].(object)
			switch {
			case ok:
			case i < len(tokens)-1:
				below = object{"type": "object", "properties": object{}, "required": []any{}}
			case name == "records":
				below = object{"type": "array", "items": d.recordRef(set)}
			default:
				below = part(name)
			}
			if !ok {
				properties[token] = below
				at["required"] = append(at["required"].([]any), token)
			}
			at = below
		}
	}
	return root
}

// withOther adds the type "other" to the types of a field: columns that are shown as they are.
func withOther(field object) {
	if properties, ok := field["properties"].(object); ok {
		if typ, ok := properties["type"].(object); ok {
			if words, ok := typ["enum"].([]any); ok {
				typ["enum"] = append(words, "other")
			}
		}
	}
}

// record is the schema of a set's records in answers. Where callers cannot choose fields, each is there.
func (d *describer) record(set *sets.Set) object {
	if set == nil {
		return object{"type": "object", "propertyNames": object{"type": "string", "minLength": 1}, "additionalProperties": object{}, "description": "A record: a value for each field that the set shows."}
	}
	properties, names := object{}, []any{}
	for _, f := range set.Shown() {
		schema := valueSchema(f.Type)
		schema["description"] = f.Label
		if !slices.Contains(set.Rules.Key, f.Name) {
			schema = orNull(schema)
		}
		properties[f.Name] = schema
		names = append(names, f.Name)
	}
	record := object{"type": "object", "properties": properties}
	if len(set.Rules.Show) == 0 {
		record["required"] = names
	}
	return record
}

// draft is the schema of a record in a body: what is left out is missing or, of a change, stays as it is.
func (d *describer) draft(set *sets.Set) object {
	record := d.record(set)
	delete(record, "required")
	record["description"] = "What a record is made of, or what is changed of it."
	return record
}

// valueSchema is the schema of a field's values as JSON.
func valueSchema(t value.Type) object {
	switch t {
	case value.Integer:
		return object{"type": "integer", "minimum": -9007199254740991, "maximum": 9007199254740991}
	case value.Decimal:
		return object{"type": "number"}
	case value.Boolean:
		return object{"type": "boolean"}
	case value.Date:
		return object{"type": "string", "format": "date"}
	case value.Time:
		return object{"type": "string", "format": "date-time"}
	case value.BigInteger, value.BigDecimal:
		return object{"type": "string", "pattern": `^-?[0-9]+(\.[0-9]+)?$`}
	case value.JSON:
		return object{}
	}
	return object{"type": "string"}
}

func anys[T any](list []T) []any {
	all := make([]any, len(list))
	for i, v := range list {
		all[i] = v
	}
	return all
}

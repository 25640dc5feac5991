package choose

import (
	"encoding/json"
	"fmt"
	"reflect"
	"strconv"
	"time"

	"pageladder.example/internal/record"
	"pageladder.example/paging/value"
)

// ByName is the value of a record's field, for Page and All. Records are structs, pointers to structs or maps
// with names as keys; a query that looks at a field of any other records gets an error. A struct's field is found by
// its tag `db:"name"` or `json:"name"`, or by its own name (ArrivedAt is arrived_at). Texts, numbers, booleans,
// times and pointers to them keep their types; a nil pointer is a missing value, and so is a field that the
// record does not have. A value of any other type is the JSON that encoding/json writes. A function written for
// your type is faster.
func ByName[T any](one *T, field string) Value {
	v := pointed(reflect.ValueOf(one))
	switch {
	case !v.IsValid():
		return Value{}
	case v.Kind() == reflect.Struct:
		index := record.PlacesOf(v.Type()).Of(field)
		if index == nil {
			return Value{}
		}
		var err error
		if v, err = v.FieldByIndexErr(index); err != nil { // it is in an embedded struct that is a nil pointer
			return Value{}
		}
	case v.Kind() == reflect.Map && v.Type().Key().Kind() == reflect.String:
		v = v.MapIndex(reflect.ValueOf(field).Convert(v.Type().Key()))
	default:
		return Value{Type: value.JSON, Text: fmt.Sprintf("a record of the type %T", *one), wrong: "a struct, a pointer to one, or a map with names as keys"}
	}
	if v = pointed(v); !v.IsValid() {
		return Value{}
	}
	switch v.Kind() {
	case reflect.String:
		return Value{Type: value.Text, Text: v.String()}
	case reflect.Int, reflect.Int8, reflect.Int16, reflect.Int32, reflect.Int64:
		return Integer(v.Int())
	case reflect.Uint, reflect.Uint8, reflect.Uint16, reflect.Uint32, reflect.Uint64:
		return Value{Type: value.BigInteger, Text: strconv.FormatUint(v.Uint(), 10)}
	case reflect.Float32, reflect.Float64:
		return Value{Type: value.BigDecimal, Text: strconv.FormatFloat(v.Float(), 'f', -1, v.Type().Bits())}
	case reflect.Bool:
		return Value{Type: value.Boolean, Text: strconv.FormatBool(v.Bool())}
	}
	if at, ok := v.Interface().(time.Time); ok {
		return Value{Type: value.Time, Text: at.UTC().Format(time.RFC3339Nano)}
	}
	text, err := json.Marshal(v.Interface())
	if err != nil {
		return Value{}
	}
	return Value{Type: value.JSON, Text: string(text)}
}

// pointed is what a value points to, through all pointers and interfaces; not valid if one of them is nil.
func pointed(v reflect.Value) reflect.Value {
	for v.IsValid() && (v.Kind() == reflect.Pointer || v.Kind() == reflect.Interface) {
		v = v.Elem()
	}
	return v
}

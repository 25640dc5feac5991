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

// ByName is the value of a struct's field, for Page and All. A field is found by its tag
// `db:"name"` or `json:"name"`, or by its own name (ArrivedAt is arrived_at). Texts, numbers,
// booleans, times and pointers to them keep their types; a nil pointer is a missing value, and so
// is a field that the struct does not have. A value of any other type is the JSON that
// encoding/json writes. A function written for your type is faster.
func ByName[T any](one *T, field string) Value {
	t := reflect.TypeFor[T]()
	if t.Kind() != reflect.Struct {
		panic(fmt.Sprintf("choose: ByName: found records of the type %s; right would be a struct", t))
	}
	index := record.PlacesOf(t).Of(field)
	if index == nil {
		return Value{}
	}
	v := reflect.ValueOf(one).Elem().FieldByIndex(index)
	for v.Kind() == reflect.Pointer {
		if v.IsNil() {
			return Value{}
		}
		v = v.Elem()
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

package catalog_test

import (
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets/catalog"
	"pageladder.example/paging/value"
)

// Fields may have any names, also those of parameters.
func TestAFixedFilterNamesAnyField(t *testing.T) {
	fields := []intake.Field{{Name: "crew", Type: value.Integer}, {Name: "crew.min", Type: value.Text}, {Name: "page", Type: value.Integer},
		{Name: "page_", Type: value.Text}, {Name: "pl.base", Type: value.Text}, {Name: "hull", Type: catalog.UnknownType}}
	for filter, conditions := range map[string]string{
		"crew.max=5":        "crew max 5",
		"crew=5&page.min=2": "crew equals 5, page min 2",
		"crew.min=few":      "crew.min equals few",
		"crew.min.not=few":  "crew.min not few",
		"page_=a":           "page_ equals a",
		"field.pl.base=x":   "pl.base equals x",
	} {
		found, err := catalog.FixedFilter(fields, filter)
		require.NoError(t, err, filter)
		text := ""
		for i, c := range found {
			if i > 0 {
				text += ", "
			}
			text += c.Field + " " + string(c.Op) + " " + c.Values[0]
		}
		assert.Equal(t, conditions, text, filter)
	}
	for _, filter := range []string{"cew=5", "hull=1", "crew.man=5", "page=two", "crew=5&crew.min=few", "sort=crew", "crew.......=1"} {
		_, err := catalog.FixedFilter(fields, filter)
		assert.ErrorContains(t, err, "the fixed filter: ", filter)
	}
}

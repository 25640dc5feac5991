package tables

import (
	"testing"

	"github.com/stretchr/testify/assert"

	"pageladder.example/paging/value"
)

// A new type has a column.
func TestEachTypeHasAColumn(t *testing.T) {
	for _, of := range value.Types() {
		assert.NotEmpty(t, ColumnOf(of).SQL, of)
	}
}

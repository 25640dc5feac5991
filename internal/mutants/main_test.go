package main

import (
	"os"
	"path/filepath"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
)

// Each fault of the list can be planted in the code as it is now.
func TestFaultsCanBePlanted(t *testing.T) {
	faults, err := read(list)
	require.NoError(t, err)
	require.NotEmpty(t, faults)
	names := map[string]bool{}
	for _, f := range faults {
		assert.False(t, names[f.name], "%s: is there twice", f.name)
		names[f.name] = true
		whole, err := os.ReadFile(filepath.Join("..", "..", f.file))
		if assert.NoError(t, err, f.name) {
			text, err := f.broken(string(whole))
			assert.NoError(t, err)
			assert.NotEqual(t, string(whole), text, f.name)
		}
	}
}

// What is wrong in the list is said, with its line.
func TestTheListIsChecked(t *testing.T) {
	for says, text := range map[string]string{
		"line 1: a fault begins with #":          "paging/page.go ./paging",
		"line 2: want FILE PACKAGE [TEST]":       "# x\npaging/page.go",
		"line 3: want a line that begins with -": "# x\na b\nc",
		"line 1: x: no line to break":            "# x\na b\n+ c",
	} {
		_, err := read(text)
		assert.ErrorContains(t, err, says)
	}
	f := fault{name: "x", file: "f", right: []string{"a"}, wrong: []string{"b"}}
	_, err := f.broken("a\nc\na")
	assert.ErrorContains(t, err, "twice in f, at 1 and 3")
	_, err = f.broken("c")
	assert.ErrorContains(t, err, "the lines are not in f")
	text, err := f.broken("c\n\ta\nd")
	require.NoError(t, err)
	assert.Equal(t, "c\nb\nd", text)
}

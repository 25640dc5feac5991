// Package soak sets how much tests draw: little where somebody waits for them, much in make soak.
package soak

import "os"

// Long is whether the tests have all the time they want.
var Long = os.Getenv("PAGELADDER_SOAK") != ""

// Or is the first value in the suite, and the second one in make soak.
func Or[T any](suite, soak T) T {
	if Long {
		return soak
	}
	return suite
}

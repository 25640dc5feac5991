//go:build race

package soak

// Race reports whether the race detector is on. Pools then keep little, so that more memory is allocated.
const Race = true

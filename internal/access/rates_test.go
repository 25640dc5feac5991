package access_test

import (
	"fmt"
	"testing"

	"github.com/stretchr/testify/assert"

	"pageladder.example/internal/access"
)

// Whoever has many addresses has one rate for those that one host may choose, and ten times as much
// for those that one site may have.
func TestOneHostHasOneRate(t *testing.T) {
	for name, c := range map[string]struct {
		address func(n int) string
		allowed int // of 1,000, with a burst of 5
	}{
		"one address":            {func(int) string { return "192.0.2.1" }, 5},
		"addresses of IPv4":      {func(n int) string { return fmt.Sprintf("192.0.%d.%d", n/200, n%200) }, 1000},
		"the same in IPv6":       {func(n int) string { return fmt.Sprintf("::ffff:192.0.%d.%d", n/200, n%200) }, 1000},
		"one host's":             {func(n int) string { return fmt.Sprintf("2001:db8:1:2::%x", n) }, 5},
		"one host's, far apart":  {func(n int) string { return fmt.Sprintf("2001:db8:1:2:%x:ffff:0:1", n) }, 5},
		"one host's, in a zone":  {func(n int) string { return fmt.Sprintf("fe80::%x%%eth%d", n, n) }, 5},
		"one site's":             {func(n int) string { return fmt.Sprintf("2001:db8:1:%x::1", n) }, 50},
		"one host at many sites": {func(n int) string { return fmt.Sprintf("2001:db8:%x::1", n) }, 1000},
		"tokens":                 {func(n int) string { return fmt.Sprintf("token %d", n) }, 1000},
	} {
		rates := access.NewRates(0.0001, 5)
		allowed := 0
		for n := range 1000 {
			if rates.Allow(c.address(n)) {
				allowed++
			}
		}
		assert.Equal(t, c.allowed, allowed, name)
	}
	assert.Equal(t, "2001:db8:0:2::/64", (&access.Caller{}).Name("2001:db8:0:2:3::1"))
	assert.Equal(t, "token 7", (&access.Caller{Token: 7}).Name("2001:db8::1"))
}

package values

import (
	"fmt"

	"pageladder.example/paging/envelope"
)

// Names are the names that an envelope can map.
func Names() []string { return append(envelope.Names(), "has_next", "has_prev") }

func Several(n int, what string) string {
	if n != 1 {
		what += "s"
	}
	return fmt.Sprintf("%d %s", n, what)
}

func Times(n int) string {
	return map[bool]string{true: "once", false: fmt.Sprintf("%d times", n)}[n == 1]
}

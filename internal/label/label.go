// Package label checks what people call things: sets, tokens.
package label

import (
	"fmt"
	"strings"
)

const longest = 200 // bytes

// Error is the error for a label that is empty or too long.
type Error struct{ Found, Want string }

func (e *Error) Error() string {
	return fmt.Sprintf("label: found %s; right would be %s", e.Found, e.Want)
}

// Check checks a label.
func Check(text string) error {
	if strings.TrimSpace(text) == "" || len(text) > longest {
		return &Error{fmt.Sprintf("%d bytes", len(text)), fmt.Sprintf("1 to %d bytes", longest)}
	}
	return nil
}

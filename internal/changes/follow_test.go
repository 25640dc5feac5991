package changes

import (
	"crypto/md5"
	"fmt"
	"testing"

	"github.com/stretchr/testify/assert"
)

// Owners who ran an earlier script need not run another one: its functions are known to the
// letter.
func TestFunctionsOfEarlierScriptsAreKnown(t *testing.T) {
	f := Followed{Schema: "public", Table: "calls", Role: "reader", Fields: []Field{{Name: "id", Type: "bigint"}, {Name: "vessel", Type: "text", Long: true}}}
	for earlier, sum := range map[bool]string{false: "d677e7ea7e2076438b2e05b6cec5c5fa", true: "5c72c274ce49a811066a0db68bab1626"} {
		f.Earlier = earlier
		assert.Equal(t, sum, fmt.Sprintf("%x", md5.Sum([]byte(f.earlierBody()))), "without texts that are missing by name: %t", earlier)
	}
}

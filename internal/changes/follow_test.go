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
	for earlier, sums := range map[bool][]string{
		false: {"48a9c9ad2ecfe74ea391d250bc8bb1d1", "d677e7ea7e2076438b2e05b6cec5c5fa"},
		true:  {"6cb1d547adcdebedb3396cefcaa312ac", "5c72c274ce49a811066a0db68bab1626"}, // without texts that are missing by name
	} {
		f.Earlier = earlier
		for i, body := range f.bodies()[1:] {
			assert.Equal(t, sums[i], fmt.Sprintf("%x", md5.Sum([]byte(body))), "%d, %t", i, earlier)
		}
	}
}

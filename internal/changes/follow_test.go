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
	for edition, sums := range map[Edition][]string{
		Typed:   {"50a45cc1306a3652962844dda947abe4", "48a9c9ad2ecfe74ea391d250bc8bb1d1", "d677e7ea7e2076438b2e05b6cec5c5fa"},
		Unnamed: {"0e26bb59243a14e5a8ed5461ea558f60", "6cb1d547adcdebedb3396cefcaa312ac", "5c72c274ce49a811066a0db68bab1626"}, // without texts that are missing by name
	} {
		f.Edition = edition
		for i, body := range f.bodies() {
			assert.Equal(t, sums[i], fmt.Sprintf("%x", md5.Sum([]byte(body))), "%d, %d", i, edition)
		}
		for parts, sum := range map[bool]string{false: "6d5ef4ef257e8bd921c1a89de2939fb9", true: "4b3f892c5247a81dfc747f92f0ccd916"} {
			f.Parts = parts
			assert.Equal(t, sum, fmt.Sprintf("%x", md5.Sum([]byte(f.Log().stampSource()))), "%d, %t", edition, parts)
		}
	}
}

package nearest

import (
	"testing"

	"github.com/stretchr/testify/assert"
)

func TestTheNearestNameIsTheOneProbablyMeant(t *testing.T) {
	for _, c := range []struct{ name, want string }{{"pgae", "page"}, {"siz", "size"}, {"x", ""}, {"sort", ""}, {"pages", "page"}} {
		assert.Equal(t, c.want, Name(c.name, []string{"page", "size"}), c.name)
	}
}

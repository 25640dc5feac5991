package answer_test

import (
	"fmt"
	"io"
	"net/http"
	"net/http/httptest"
	"sync"
	"testing"

	"github.com/stretchr/testify/assert"
)

// The memory of an answer is used again for others, and no answer ever has a part of another.
func TestAnswersAtOnceAreTheirOwn(t *testing.T) {
	server := httptest.NewServer(http.HandlerFunc(boats))
	defer server.Close()
	get := func(query string) string {
		res, err := http.Get(server.URL + "/boats?" + query)
		if err != nil {
			return err.Error()
		}
		defer res.Body.Close()
		text, _ := io.ReadAll(res.Body)
		return string(text)
	}
	want := map[string]string{}
	for i := range 6 {
		query := fmt.Sprintf("size=%d&page=%d&sort=-name", i%3+1, i/3+1)
		want[query] = get(query)
	}
	var wg sync.WaitGroup
	for range 4 {
		wg.Go(func() {
			for range 50 {
				for query, text := range want {
					assert.Equal(t, text, get(query))
				}
			}
		})
	}
	wg.Wait()
}

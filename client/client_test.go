package client_test

import (
	"errors"
	"fmt"
	"net/http"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/client"
)

// sent answers each request with what was requested.
type sent func(r *http.Request) (*http.Response, error)

func (s sent) RoundTrip(r *http.Request) (*http.Response, error) { return s(r) }

func TestRequestsAreSentByTheCallersOwnClient(t *testing.T) {
	c, err := client.New("http://saltmere.example")
	require.NoError(t, err)
	var rawQuery []string
	own := c.WithHTTP(&http.Client{Transport: sent(func(r *http.Request) (*http.Response, error) {
		rawQuery = append(rawQuery, r.URL.String()+" "+r.Header.Get("Authorization"))
		return nil, errors.New("the line is cut")
	})}).WithToken("plt_x")
	_, err = own.Page(t.Context(), "arrivals", "page=2")
	assert.ErrorIs(t, err, client.ErrUnreachable)
	assert.Equal(t, []string{"http://saltmere.example/api/sets/arrivals/records?page=2 Bearer plt_x"}, rawQuery)
}

// Values that nobody has filled can be used and printed.
func TestZerosAreSafe(t *testing.T) {
	var s client.Stream
	assert.NoError(t, s.Close())
	for range s.Records() {
		assert.Fail(t, "there are none")
	}
	text, ok := client.Value{}.Text()
	assert.Equal(t, []any{"", false}, []any{text, ok})
	record, err := client.Record(nil).MarshalJSON()
	assert.NoError(t, err)
	assert.Equal(t, "{}", string(record))
	assert.Empty(t, (&client.Problem{}).Error())
	_ = fmt.Sprint(client.Client{}, client.Page{}, client.One{}, client.Import{}, s)
	_, err = client.New("saltmere")
	assert.ErrorContains(t, err, `client: the server's address "saltmere" is not of the form http://127.0.0.1:8470`)
}

package client_test

import (
	"fmt"
	"testing"

	"github.com/stretchr/testify/assert"

	"pageladder.example/client"
)

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

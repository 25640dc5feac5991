package answer

import (
	"encoding/json"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"pgregory.net/rapid"

	"pageladder.example/paging"
	"pageladder.example/paging/envelope"
)

// at finds what a pointer leads to, RFC 6901 section 4.
func at(t require.TestingT, document any, pointer string) any {
	for _, token := range strings.Split(pointer, "/")[1:] {
		object, ok := document.(map[string]any)
		require.True(t, ok, pointer)
		token = strings.ReplaceAll(strings.ReplaceAll(token, "~1", "/"), "~0", "~")
		document, ok = object[token]
		require.True(t, ok, pointer)
	}
	return document
}

// Every value stands where the envelope puts it and is the same as in the native answer; what the
// native answer leaves out is null.
func TestEnvelopesHoldWhatTheNativeAnswerTells(t *testing.T) {
	native := map[string]string{"records": "/records", "paging": "/paging", "links": "/links"}
	for _, name := range envelope.Names() {
		switch name {
		case "records", "paging", "links":
		case "adjusted", "sizes", "sorts", "ladder", "markup", "facets":
			native[name] = "/" + name
		case "self", "first", "prev", "next", "last":
			native[name] = "/links/" + name
		default:
			native[name] = "/paging/" + name
		}
	}
	rapid.Check(t, func(t *rapid.T) {
		e := envelope.Envelope{}
		for _, name := range rapid.SliceOfDistinct(rapid.SampledFrom(envelope.Names()), rapid.ID).Draw(t, "names") {
			pointer := "/" + strings.Join(rapid.SliceOfN(rapid.SampledFrom([]string{"data", "meta", "a~1b", "~0", "é\"<"}), 0, 3).Draw(t, "objects"), "/") + "/" + name
			e[name] = strings.Replace(pointer, "//", "/", 1)
		}
		require.Empty(t, e.Check())
		shape, err := Enveloped(e)
		require.NoError(t, err)
		query := rapid.SampledFrom([]string{"", "page=3&size=10&colour=red", "page=99", "sort=-height_cm,gauge&gauge=N4", "q=sea+gull", "size=all", "row=41&size=x"}).Draw(t, "query")
		total := rapid.SampledFrom([]paging.Total{paging.Exact(0), paging.Exact(168), paging.AtLeast(40), paging.NotCounted(), paging.Remembered(99, 5e9)}).Draw(t, "total")
		about := aboutOf(t, query, total, 21)
		if rapid.Bool().Draw(t, "facets") {
			about.Facets, about.Markup = map[string][]Facet{"gauge": {{Count: 1}}}, "<nav>"
		}
		records, err := RecordsOf([]map[string]any{{"id": 1}, {"id": 2}}, nil)
		require.NoError(t, err)
		p := &Content{About: *about, Records: records}
		text, err := shape.Append(nil, p)
		require.NoError(t, err)
		whole, err := Native.Append(nil, p)
		require.NoError(t, err)
		var mapped, answer any
		require.NoError(t, json.Unmarshal(text, &mapped), string(text))
		require.NoError(t, json.Unmarshal(whole, &answer))
		for name, pointer := range e {
			want := answer
			for _, token := range strings.Split(native[name], "/")[1:] {
				want = want.(map[string]any)[token] // nil where it is left out
			}
			assert.Equal(t, want, at(t, mapped, pointer), "%s in %s", name, text)
		}
	})
}

func TestContradictoryEnvelopesAreFaults(t *testing.T) {
	for _, c := range []struct {
		envelope envelope.Envelope
		says     string
	}{
		{envelope.Envelope{"total": "/total"}, "total: found an unknown name"},
		{envelope.Envelope{"page": "meta"}, `page: found "meta"; right would be a JSON Pointer to a member`},
		{envelope.Envelope{"page": ""}, `page: found ""; right would be a JSON Pointer`},
		{envelope.Envelope{"page": "/"}, `page: found "/"; right would be a JSON Pointer`},
		{envelope.Envelope{"page": "/a~2"}, "right would be a JSON Pointer"},
		{envelope.Envelope{"page": "/a/b/c/d/e/f/g/h/i"}, "8 steps"},
		{envelope.Envelope{"page": "/" + strings.Repeat("x", 200)}, "at most 200 bytes"},
		{envelope.Envelope{"page": "/a", "size": "/a"}, `size: found "/a"; right would be a place of its own; page is there`},
		{envelope.Envelope{"page": "/a", "size": "/a/b"}, "a place that is neither below nor above another's; page is at /a"},
		{envelope.Envelope{"page": "/a/b", "size": "/a"}, "neither below nor above"},
	} {
		_, err := Enveloped(c.envelope)
		assert.ErrorContains(t, err, c.says)
	}
	_, err := Enveloped(envelope.Envelope{"page": "/ab", "size": "/a", "links": "/a b"})
	assert.NoError(t, err, "places that begin alike are others")
}

// BenchmarkEnvelope writes an answer in an envelope that has everything, against the
// native answer.
func BenchmarkEnvelope(b *testing.B) {
	about := aboutOf(b, "page=500&sort=id", paging.Exact(1_000_000), 20)
	list := make([]call, 20)
	for i := range list {
		list[i] = call{int64(i), "Grey Gull", "N4", 700}
	}
	records, err := RecordsOf(list, nil)
	require.NoError(b, err)
	p := &Content{About: *about, Records: records}
	e := envelope.Envelope{}
	for _, name := range envelope.Names() {
		if name != "paging" && name != "links" {
			e[name] = "/meta/" + name
		}
	}
	e["records"] = "/data"
	mapped, err := Enveloped(e)
	require.NoError(b, err)
	for _, shape := range []Shape{Native, mapped} {
		b.Run(shape.Name(), func(b *testing.B) {
			dst := make([]byte, 0, 16<<10)
			for b.Loop() {
				if dst, err = shape.Append(dst[:0], p); err != nil {
					b.Fatal(err)
				}
			}
		})
	}
}

type call struct {
	ID            int64
	Vessel, Berth string
	Tonnage       int64
}

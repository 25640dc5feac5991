package answer

import (
	"strings"

	"github.com/dunglas/httpsfv"

	"pageladder.example/paging"
)

// MetadataHeader has the metadata for shapes that have no place for them: a dictionary, RFC 9651.
func MetadataHeader(m *paging.Metadata) string {
	all := httpsfv.NewDictionary()
	add := func(name string, n *int64) {
		if n != nil && *n <= headerLimit {
			all.Add(name, httpsfv.NewItem(*n))
		}
	}
	size := int64(m.Size)
	add("page", m.Page)
	add("size", &size)
	add("total-pages", m.TotalPages)
	add("total-items", m.TotalItems)
	all.Add("total-is", httpsfv.NewItem(httpsfv.Token(m.TotalIs)))
	add("first-row", m.FirstRow)
	add("last-row", m.LastRow)
	if m.Version > 0 {
		add("version", &m.Version)
	}
	add("changes-since", m.ChangesSince)
	if m.MayShrink {
		all.Add("may-shrink", httpsfv.NewItem(true))
	}
	if m.AsOf != nil {
		all.Add("as-of", httpsfv.NewItem(m.AsOf.UTC().Format(asOfFormat)))
	}
	if m.Stale {
		all.Add("stale", httpsfv.NewItem(true))
	}
	return header(all)
}

// AdjustedHeader has the adjustments for shapes that have no place for them: a list, RFC 9651
// section 3.1, of parameters' names with what was given, what was used (absent if nothing was) and
// the code of the reason. A long list ends with the number of those left out.
func AdjustedHeader(adjusted []paging.Adjustment) string {
	var list httpsfv.List
	for i, a := range adjusted {
		if i == adjustedLimit {
			more := httpsfv.NewItem(httpsfv.Token("more"))
			more.Params.Add("count", int64(len(adjusted)-i))
			list = append(list, more)
			break
		}
		item := httpsfv.NewItem(headerText(a.Param))
		item.Params.Add("given", headerText(a.Given))
		if a.Used != "" {
			item.Params.Add("used", headerText(a.Used))
		}
		item.Params.Add("why", headerText(string(a.Why)))
		list = append(list, item)
	}
	return header(list)
}

// headerLimit is the largest number in a structured header, RFC 9651 section 3.3.1; larger ones are
// left out.
const headerLimit = 999_999_999_999_999

// header writes a structured header.
func header(field httpsfv.StructuredFieldValue) string {
	text, err := httpsfv.Marshal(field)
	if err != nil {
		return "" // cannot be: every item is of a kind that can be written
	}
	return text
}

// adjustedLimit limits the adjustments in a header; each has up to 600 bytes.
const adjustedLimit = 10

// headerText is a string in a structured header: as a string if it is ASCII, otherwise as a
// display string.
func headerText(s string) any {
	for i := range len(s) {
		if s[i] < ' ' || s[i] > '~' {
			return httpsfv.DisplayString(strings.ToValidUTF8(s, "\uFFFD"))
		}
	}
	return s
}

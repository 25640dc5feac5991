// Package wayback writes and reads ways back: tokens that lead an editor back to the page of a
// list.
package wayback

import (
	"encoding/base64"
	"encoding/binary"
	"hash/crc32"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/query"
	"pageladder.example/paging/rulesfile"
)

// Max is the longest way back, in bytes.
const Max = 2048

// Write makes the way back to a set's query: the set's name and the query, with a checksum, as
// base64url (RFC 4648 section 5, without padding). It is not signed and need not be: it holds no
// address, and its query is read by the set's rules like any other. It is "" if the query is too
// long.
func Write(set, rawQuery string) string {
	text := binary.BigEndian.AppendUint32(nil, crc32.ChecksumIEEE([]byte(set+"\n"+rawQuery)))
	token := base64.RawURLEncoding.EncodeToString(append(append(append(text, set...), '\n'), rawQuery...))
	if strings.Contains(set, "\n") || len(token) > Max {
		return ""
	}
	return token
}

// Read returns the query in a way back to a set. If the way back is damaged, too long or of
// another set, why says so.
func Read(set, token string) (rawQuery string, why code.Code) {
	if len(token) > Max {
		return "", code.BackTooLong
	}
	text, err := base64.RawURLEncoding.Strict().DecodeString(token)
	if err != nil || len(text) < 4 || binary.BigEndian.Uint32(text) != crc32.ChecksumIEEE(text[4:]) {
		return "", code.BackDamaged
	}
	home, rawQuery, ok := strings.Cut(string(text[4:]), "\n")
	switch {
	case !ok:
		return "", code.BackDamaged
	case home != set:
		return "", code.BackForeign
	}
	return rawQuery, ""
}

// To is the way back to a page of a set, under the prefix of its parameters; "" if its query is too long.
func To(set string, page paging.Page) string {
	back := strings.TrimPrefix(page.On(paging.Base{}.Outside()).Steps().Self, "?")
	if prefix := query.Values(page.On(paging.Base{}).Steps().Self[1:], rulesfile.PrefixParam); len(prefix) > 0 {
		back = query.With(back, rulesfile.PrefixParam, prefix[len(prefix)-1])
	}
	return Write(set, back)
}

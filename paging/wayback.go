package paging

import (
	"encoding/base64"
	"encoding/binary"
	"errors"
	"hash/crc32"
	"strconv"
	"strings"

	"pageladder.example/paging/code"
)

// WayBackMax is the longest way back, in bytes.
const WayBackMax = 2048

// ErrWayBackTooLong is the error for a list's address that is too long for a way
// back.
var ErrWayBackTooLong = errors.New("paging: the list's address is too long for a way back of " + strconv.Itoa(WayBackMax) + " bytes")

// WayBack writes what brings an editor back to this page of a set: the set's name
// and the query, with a checksum, as base64url (RFC 4648 section 5, without
// padding). It is not signed, and need not be: it holds no address, and is read
// through the set's rules like any query.
func (p *Page) WayBack(set string) (string, error) {
	links := p.On(Base{}.Outside())
	query := strings.TrimPrefix(links.Steps().Self, "?")
	text := binary.BigEndian.AppendUint32(nil, crc32.ChecksumIEEE([]byte(set+"\n"+query)))
	token := base64.RawURLEncoding.EncodeToString(append(append(append(text, set...), '\n'), query...))
	if strings.Contains(set, "\n") || len(token) > WayBackMax {
		return "", ErrWayBackTooLong
	}
	return token, nil
}

// ReadWayBack reads a way back to a set through the set's rules. One that is
// damaged, too long or of another set asks for the list's first page, and an
// adjustment of the parameter that it came in says so. The error is nil or a
// *Refusal of the query that it holds.
func (r *Rules) ReadWayBack(set, param, token string) (Ask, error) {
	home, query, why := unpackWayBack(token)
	if why == "" && home != set {
		why = code.BackForeign
	}
	if why == "" {
		return r.Read(query)
	}
	reason := map[code.Code]string{
		code.BackDamaged: "the way back cannot be read",
		code.BackForeign: "the way back leads to another list",
		code.BackTooLong: "the way back is longer than " + strconv.Itoa(WayBackMax) + " bytes",
	}[why]
	ask, err := r.Read("")
	if err != nil {
		return Ask{}, err
	}
	if r.refuses(why) {
		ask.refuse(param, token, why, reason)
		return Ask{}, &Refusal{Faults: ask.faults}
	}
	ask.adjust(param, token, "", why, reason)
	return ask, nil
}

func unpackWayBack(token string) (set, query string, why code.Code) {
	if len(token) > WayBackMax {
		return "", "", code.BackTooLong
	}
	text, err := base64.RawURLEncoding.Strict().DecodeString(token)
	if err != nil || len(text) < 4 || binary.BigEndian.Uint32(text) != crc32.ChecksumIEEE(text[4:]) {
		return "", "", code.BackDamaged
	}
	set, query, ok := strings.Cut(string(text[4:]), "\n")
	if !ok {
		return "", "", code.BackDamaged
	}
	return set, query, ""
}

// Package cursor writes places in a list as tokens, and reads them: what a caller has in
// hand to read on from where it stopped, whatever is added or removed elsewhere.
//
// A place is between two records: right before one, or right behind it. It is given by
// that record's values in the fields of the order, so that it stays where it is when the
// record is changed or removed.
//
// A token is base64url (RFC 4648 section 5, without padding), at most MaxBytes long. It
// is not signed, and need not be: whoever reads it compares it with the list's rules like
// any query. Anybody can read it, too. A list that is sorted by a field which callers may
// not see has its tokens sealed: a readable one would show the field's values, and one
// that is made up would find them out.
package cursor

import (
	"encoding/base64"
	"encoding/binary"
	"hash/crc32"

	"pageladder.example/paging/code"
)

// MaxBytes is the length of the longest token.
const MaxBytes = 1024

// maxValues limits the fields in the order of a token.
const maxValues = 100

// Place is a place in the order of a list.
type Place struct {
	// Values are the record's values in the fields of the order, in the canonical form of their
	// types or as the database writes them; nil if missing.
	Values []*string
	// Behind means right behind that record; otherwise the place is right before it.
	Behind bool
}

// Pair has the tokens of a page's ends. A token is empty if the page has no records, or if the
// values of its record are too long for one: then Why says so.
type Pair struct {
	After  string `json:"after,omitempty"`  // reads what follows the page
	Before string `json:"before,omitempty"` // reads what precedes it
	Why    string `json:"why,omitempty"`    // why a token is missing
}

// List identifies the list that a token belongs to.
type List struct {
	Name   string // "": tokens of any list
	Order  string // as in the metadata: "-tonnage,-id"
	Sealer Sealer // nil: tokens are readable
}

// The first byte of a token's bytes.
const (
	plainForm  = 1
	sealedForm = 2 // of earlier versions: as long as what is sealed
	paddedForm = 3 // sealed, and padded
)

// paddedTo are the lengths that sealed bytes are padded to: what is sealed is not betrayed by how long
// it is. The last one makes a token of MaxBytes.
var paddedTo = []int{128, 256, 512, 739}

// padded is a text behind its length, padded with zeros; nil if it is too long.
func padded(text []byte) []byte {
	with := append(binary.AppendUvarint(nil, uint64(len(text))), text...)
	for _, n := range paddedTo {
		if len(with) <= n {
			return append(with, make([]byte, n-len(with))...)
		}
	}
	return nil
}

// The bytes of a place begin with one of these.
const (
	markBefore = 0
	markBehind = 1
)

// Write makes the token of a place; "" if it would be too long.
func Write(l List, p Place) string {
	n := 12 + len(l.Order)
	for _, v := range p.Values {
		if n += 2; v != nil {
			n += len(*v)
		}
	}
	if n > MaxBytes || len(p.Values) > maxValues {
		return ""
	}
	text := make([]byte, 5, n+5) // its form and checksum
	text = binary.BigEndian.AppendUint32(text, crc32.ChecksumIEEE([]byte(l.Name)))
	if p.Behind {
		text = append(text, markBehind)
	} else {
		text = append(text, markBefore)
	}
	text = append(binary.AppendUvarint(text, uint64(len(l.Order))), l.Order...)
	for _, v := range p.Values {
		if v == nil {
			text = append(text, 0)
			continue
		}
		text = append(binary.AppendUvarint(text, uint64(len(*v))+1), *v...)
	}
	if l.Sealer != nil {
		long := padded(text[5:])
		if long == nil {
			return ""
		}
		text = append([]byte{paddedForm}, l.Sealer.Seal(long)...)
	} else {
		text[0] = plainForm
		binary.BigEndian.PutUint32(text[1:], crc32.ChecksumIEEE(text[5:]))
	}
	if base64.RawURLEncoding.EncodedLen(len(text)) > MaxBytes {
		return ""
	}
	var token [MaxBytes]byte
	return string(base64.RawURLEncoding.AppendEncode(token[:0], text))
}

// Read returns the place in a token of a list, with as many values as the order has fields. If the
// token is damaged, too long, of another list or written under another order, why says so. The values
// themselves are not checked.
func Read(token string, l List, fields int) (p Place, why code.Code) {
	if len(token) > MaxBytes {
		return p, code.CursorTooLong
	}
	text, err := base64.RawURLEncoding.Strict().DecodeString(token)
	if err != nil || len(text) < 1 {
		return p, code.CursorDamaged
	}
	body, ok := text[1:], false
	switch {
	case l.Sealer != nil && text[0] == sealedForm:
		body, ok = l.Sealer.Open(body)
	case l.Sealer != nil && text[0] == paddedForm:
		if body, ok = l.Sealer.Open(body); ok {
			body, _, ok = cut(body, 0)
		}
	case l.Sealer != nil && text[0] == plainForm:
		return p, code.CursorNotSealed
	case text[0] == plainForm && len(body) > 4:
		ok = binary.BigEndian.Uint32(body) == crc32.ChecksumIEEE(body[4:])
		body = body[4:]
	case text[0] == sealedForm, text[0] == paddedForm: // of an order that is sealed
		return p, code.CursorOtherOrder
	}
	if !ok || len(body) < 5 || body[4] > markBehind {
		return p, code.CursorDamaged
	}
	if binary.BigEndian.Uint32(body) != crc32.ChecksumIEEE([]byte(l.Name)) {
		return p, code.CursorForeign
	}
	p.Behind = body[4] == markBehind
	order, rest, ok := cut(body[5:], 0)
	if !ok {
		return Place{}, code.CursorDamaged
	}
	if string(order) != l.Order {
		return Place{}, code.CursorOtherOrder
	}
	for len(rest) > 0 && len(p.Values) < fields {
		if rest[0] == 0 {
			p.Values, rest = append(p.Values, nil), rest[1:]
			continue
		}
		var v []byte
		if v, rest, ok = cut(rest, 1); !ok {
			return Place{}, code.CursorDamaged
		}
		value := string(v)
		p.Values = append(p.Values, &value)
	}
	if len(rest) > 0 || len(p.Values) != fields {
		return Place{}, code.CursorDamaged
	}
	return p, ""
}

// cut cuts off a text whose length stands before it, with so much added.
func cut(from []byte, added uint64) (text, rest []byte, ok bool) {
	n, size := binary.Uvarint(from)
	if size <= 0 || n < added || n-added > uint64(len(from)-size) {
		return nil, nil, false
	}
	end := size + int(n-added)
	return from[size:end], from[end:], true
}

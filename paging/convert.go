package paging

import (
	"errors"
	"strconv"
	"strings"

	"pageladder.example/paging/query"
)

// Convert turns a query that these rules read into the query that asks for the same records under
// other rules, with the other way of addressing: page 3 of size 20 is offset 40 with limit 20.
// Every other parameter keeps its place and bytes. The size is written if the query has one or the
// defaults differ. Errors: a *Refusal; no page begins at the offset; lists are addressed by
// cursor.
func (r *Rules) Convert(raw string, to *Rules) (string, error) {
	read, err := r.Read(raw)
	if err != nil {
		return "", err
	}
	ask := read.in()
	if ask.place != nil || r.byCursor() || to.byCursor() {
		return "", errors.New("paging: convert: a cursor names neither a page nor an offset")
	}
	size := int64(ask.size)
	offset := ask.pos
	switch {
	case ask.row > 0:
		offset = (ask.row - 1) / size * size
	case !r.byOffset():
		offset = times(ask.pos-1, size)
	case !r.OffsetAsIs:
		offset -= offset % size
	}
	position := offset
	if !to.byOffset() {
		if offset%size != 0 {
			return "", errors.New("paging: convert: the offset is not a multiple of the limit, so no page begins there")
		}
		position = add(offset/size, 1)
		if ask.row == 0 && !r.byOffset() {
			position = ask.pos
		}
	}
	var pieces []string
	wrote := struct{ page, size bool }{}
	add := func(name, value string) {
		pieces = append(pieces, string(append(append(query.AppendValue(nil, name), '='), value...)))
	}
	for i := range ask.parts {
		switch part := &ask.parts[i]; part.role {
		case rolePage:
			wrote.page = true
			add(to.pageParam(), strconv.FormatInt(position, 10))
		case roleSize:
			wrote.size = true
			add(to.sizeParam(), ask.sizeText())
		case roleDropped:
		default:
			pieces = append(pieces, string(query.AppendKept(nil, part.Raw())))
		}
	}
	if !wrote.size && ask.limit() != to.defaultSize() {
		add(to.sizeParam(), ask.sizeText())
	}
	if !wrote.page && offset > 0 {
		add(to.pageParam(), strconv.FormatInt(position, 10))
	}
	return strings.Join(pieces, "&"), nil
}

func (a *ask) sizeText() string {
	if a.all {
		return allSize
	}
	return strconv.Itoa(a.size)
}

package markup

import "pageladder.example/paging"

// steps gives each step's link relation, as registered by RFC 8288 and, of the list as it is, by RFC 5829.
func steps(s *paging.Steps) [5][2]string {
	return [5][2]string{{"first", s.First}, {"prev", s.Prev}, {"next", s.Next}, {"last", s.Last}, {"latest-version", s.Now}}
}

// LinkHeader writes the steps as the value of a Link header, RFC 8288; "" where
// there is none. The links of a paging.Links hold nothing that could end the
// header or a link in it.
func LinkHeader(s paging.Steps) string {
	var b []byte
	for _, step := range steps(&s) {
		if step[1] == "" {
			continue
		}
		if len(b) > 0 {
			b = append(b, ", "...)
		}
		b = append(b, '<')
		b = append(b, step[1]...)
		b = append(b, `>; rel="`...)
		b = append(b, step[0]...)
		b = append(b, '"')
	}
	return string(b)
}

// AppendLinkElements appends the steps as link elements for an HTML head.
func AppendLinkElements(dst []byte, s paging.Steps) []byte {
	for _, step := range steps(&s) {
		if step[1] == "" {
			continue
		}
		dst = append(dst, `<link rel="`...)
		dst = append(dst, step[0]...)
		dst = append(dst, '"')
		dst = appendHref(dst, step[1])
		dst = append(dst, ">\n"...)
	}
	return dst
}

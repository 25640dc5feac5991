package paging

import (
	"strconv"
	"strings"

	"pageladder.example/paging/query"
)

// Form is what a plain GET form needs to lead to another page or size of the
// list without losing a parameter.
type Form struct {
	// Action is where the form is sent; over a template, its path without the
	// page part, whose handler redirects to the page's own address with 303.
	Action string
	// Hidden are the parameters that ride along.
	Hidden []query.Pair
}

// SizeForm is a form whose one field is the size parameter. It sends the row
// that is first in view, so that it stays in view.
func (l Links) SizeForm() Form {
	f := l.form(l.of().ask.ruled().SizeParam())
	f.Hidden = append(f.Hidden, query.Pair{Name: l.of().ask.ruled().RowParam(), Value: strconv.FormatInt(add(l.of().firstInView(), 1), 10)})
	return f
}

// JumpForm is a form whose one field is the page parameter or, where lists are
// addressed by offset, the row parameter.
func (l Links) JumpForm() Form { return l.form("") }

func (l Links) form(except string) Form {
	f := Form{Action: l.base.text}
	if l.base.tmpl != nil {
		f.Action, _ = l.base.expand(nil) // was checked by ParseBase
	}
	action, own, _ := strings.Cut(f.Action, "?") // a GET form replaces the query
	f.Action = action
	f.Hidden = query.Pairs(own)
	l.of().kept(&l.base, nil, func(part *part, _, raw string, values []string) {
		name := part.Name()
		switch {
		case part.role == rolePage || name == except:
		case raw != "":
			f.Hidden = append(f.Hidden, query.Pair{Name: name, Value: part.Value()})
		default:
			for _, v := range values {
				f.Hidden = append(f.Hidden, query.Pair{Name: name, Value: v})
			}
		}
	})
	return f
}

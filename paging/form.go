package paging

import (
	"strconv"
	"strings"

	"pageladder.example/paging/query"
)

// Form is a plain GET form with one field, which leads to another page or size without losing a
// parameter.
type Form struct {
	// Action is where the form is sent. Over a template it is the path without the page, whose
	// handler has to redirect to the page's own address with status 303.
	Action string
	// Param is the parameter that the field sends.
	Param string
	// ByRow means that the field takes a row, from 1, instead of a page's number.
	ByRow bool
	// Value is the field's initial value, and Max the largest that makes sense; 0 if that is not
	// known.
	Value, Max int64
	// Hidden are the parameters that ride along.
	Hidden []query.Pair
}

// Forms are two forms: for the size, and for the page number or, if lists are addressed by offset or cursor,
// for a row. The first one also sends the first visible row or, on a page that was asked for by a cursor, a
// cursor, so that this row stays in view.
func (l Links) Forms() (size, jump Form) { return l.sizeForm(), l.jumpForm() }

func (l Links) sizeForm() Form {
	p := l.of()
	r := p.ask.ruled()
	f := l.form(r.sizeParam())
	f.Value, f.Max = int64(p.size()), int64(r.sizeCap())
	if p.seeks() {
		cursor := p.inView()
		f.Hidden = append(f.Hidden, query.Pair{Name: cursor.param, Value: cursor.values[0]})
		return f
	}
	f.Hidden = append(f.Hidden, query.Pair{Name: r.rowParam(), Value: strconv.FormatInt(add(p.firstInView(), 1), 10)})
	return f
}

func (l Links) jumpForm() Form {
	p := l.of()
	f := l.form("")
	f.Param, f.Value = p.ask.ruled().pageParam(), p.current()
	if p.total.Known() {
		f.Max = p.pageCount()
	}
	if p.ask.ruled().byOffset() || p.ask.ruled().byCursor() {
		f.Param, f.ByRow, f.Value = p.ask.ruled().rowParam(), true, add(p.offset, 1)
		if p.total.Known() {
			f.Max = p.total.n
		}
	}
	if f.Max > 0 {
		f.Value = min(f.Value, f.Max)
	}
	return f
}

func (l Links) form(except string) Form {
	f := Form{Action: l.base.text, Param: except}
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

package markup

import "pageladder.example/paging"

// View is what there is to draw of one page. It is a value for templates too:
// see Template. The zero View draws nothing but empty forms and "No records", in English.
type View struct {
	Paging paging.Metadata
	Ladder []paging.Rung
	Steps  paging.Steps
	Sizes  []paging.SizeLink
	// Age is the field with a record's age. Where the list is sorted by it first,
	// its steps are called Newer and Older. Left out: Previous and Next.
	Age      string
	Language *Language
	// Label is the list's name, which sets its landmarks apart from those of other lists on a page.
	// Left out: there is one list.
	Label string

	SizeForm, JumpForm paging.Form
}

// Of readies the view of a page, with links on a base. A nil language is English.
func Of(page paging.Page, base paging.Base, lang *Language) View {
	links := page.On(base)
	size, jump := links.Forms()
	return View{
		Paging:   page.Metadata(),
		Ladder:   links.Ladder(),
		Steps:    links.Steps(),
		Sizes:    links.Sizes(),
		Language: lang.orEnglish(),
		SizeForm: size,
		JumpForm: jump,
	}
}

// steps reports whether there is something to draw, of a page without a ladder: a step.
func (v *View) steps() bool { return len(v.Ladder) > 0 || v.Steps.Prev != "" || v.Steps.Next != "" }

func (v *View) language() *Language { return v.Language.orEnglish() }

// Summary says which rows are on the page, in the view's language.
func (v *View) Summary() string { return string(v.language().appendSummary(nil, &v.Paging)) }

// largest is the largest page number on the ladder. Numbers are padded to its
// width, so that steps keep their place.
func (v *View) largest() int64 {
	limit := int64(1)
	for i := range v.Ladder {
		limit = max(limit, v.Ladder[i].Page)
	}
	return limit
}

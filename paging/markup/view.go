package markup

import "pageladder.example/paging"

// View is what there is to draw of one page. It is a value for templates too:
// see Template.
type View struct {
	Paging paging.Metadata
	Ladder []paging.Rung
	Steps  paging.Steps
	Sizes  []paging.SizeLink
	// Ends tells whether steps to the first and the last page are drawn: as the
	// rules' Ladder.Ends says or, where it says nothing, where the ladder has no
	// tips.
	Ends     bool
	Language *Language

	SizeForm, JumpForm   paging.Form
	SizeParam, JumpParam string // the one field of each form
	byRow                bool   // the jump is to a row
}

// Of readies the view of a page, with links on a base. A nil language is English.
func Of(page *paging.Page, base paging.Base, lang *Language) View {
	if lang == nil {
		lang = LanguageFor("en")
	}
	rules := page.Ask().Rules()
	links := page.On(base)
	v := View{
		Paging:   page.Metadata(),
		Ladder:   links.Ladder(),
		Steps:    links.Steps(),
		Sizes:    links.Sizes(),
		Language: lang,
		SizeForm: links.SizeForm(), SizeParam: rules.SizeParam(),
		JumpForm: links.JumpForm(), JumpParam: rules.PageParam(),
	}
	if rules.Addressing == paging.ByOffset {
		v.JumpParam, v.byRow = rules.RowParam(), true
	}
	ladder := &rules.Ladder
	v.Ends = ladder.Ends == nil && ladder.Tips != nil && *ladder.Tips == 0 || ladder.Ends != nil && *ladder.Ends
	return v
}

// Summary says which rows are on the page, in the view's language.
func (v *View) Summary() string { return string(v.Language.appendSummary(nil, &v.Paging)) }

// largest is the largest page number on the ladder. Numbers are padded to its
// width, so that steps keep their place.
func (v *View) largest() int64 {
	most := int64(1)
	for i := range v.Ladder {
		most = max(most, v.Ladder[i].Page)
	}
	return most
}

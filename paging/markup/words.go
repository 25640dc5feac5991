package markup

// ViewWords are the words of a page in its language, for a program that draws it.
type ViewWords struct {
	Lang        string   `json:"lang"` // RFC 5646
	RightToLeft bool     `json:"right_to_left,omitempty"`
	Pages       string   `json:"pages"` // the name of the ladder
	Previous    string   `json:"previous"`
	Next        string   `json:"next"`
	First       string   `json:"first"`
	Last        string   `json:"last"`
	Rungs       []string `json:"rungs"` // of each rung of the ladder: "Page 3", "Pages 4 to 9 are left out"
	Summary     string   `json:"summary"`
	Size        string   `json:"size"` // the label of the size choice
	All         string   `json:"all"`  // every record on one page
	Show        string   `json:"show"` // the button of the size choice and of the filters
	Jump        string   `json:"jump"` // the label of the jump to a page or a row
	Go          string   `json:"go"`   // its button
	Search      string   `json:"search"`
	ShowAll     string   `json:"show_all"` // the link that removes every condition
	Remove      string   `json:"remove"`   // the link that removes one
	Yes         string   `json:"yes"`
	No          string   `json:"no"`
	// Fields are the labels of fields, filled in by who knows them.
	Fields map[string]string `json:"fields,omitempty"`
}

// Words are the view's words.
func (v *View) Words() ViewWords {
	l := v.language()
	w := &l.words
	words := ViewWords{Lang: l.Tag().String(), RightToLeft: l.rightToLeft, Pages: w.Pages, First: w.First, Last: w.Last, Rungs: []string{}, Summary: v.Summary(),
		Size: w.Size, All: w.All, Show: w.SizeGo, Jump: w.Jump, Go: w.JumpGo, Search: w.Search, ShowAll: w.ShowAll, Remove: w.Remove, Yes: w.Yes, No: w.No}
	words.Previous, words.Next = l.steps(v)
	if v.JumpForm.ByRow {
		words.Jump = w.JumpRow
	}
	for i := range v.Ladder {
		words.Rungs = append(words.Rungs, string(l.appendRungName(nil, &v.Ladder[i])))
	}
	return words
}

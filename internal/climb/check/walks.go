package check

import (
	"context"
	"fmt"
	"slices"

	"pageladder.example/climb/report"
	"pageladder.example/internal/climb/fetch"
	"pageladder.example/internal/climb/values"
)

// checkWalks goes through the list on each way that there is, and compares the ways with
// each other.
func (r *run) checkWalks(ctx context.Context) error {
	r.keyed = len(r.List.Key) > 0
	numbered := r.List.Numbered() != fetch.ByLinks
	linked := r.First.Next(&r.List) != "" || r.First.Steps["prev"] != "" || r.First.Steps["first"] != "" || r.First.Steps["last"] != ""
	_, places := r.List.Envelope["next"]
	linked = linked || places || r.List.Params.After != ""

	var byLinks, byNumber *walk
	var err error
	if linked || !numbered {
		if byLinks, err = r.byAddresses(ctx, "by addresses", r.List.Base(), "next", "", r.share); err != nil {
			return err
		}
		byLinks.size = r.usedSize(byLinks, r.size, r.List.Size > 0)
		r.walks = append(r.walks, byLinks)
	}
	if numbered {
		sized := r.List.Size > 0 || r.List.Numbered() == fetch.ByOffset
		if byNumber, err = r.byNumbers(ctx, "by numbers", r.size, sized, "", "", r.share); err != nil {
			return err
		}
		byNumber.size = r.usedSize(byNumber, r.size, sized)
		r.walks = append(r.walks, byNumber)
	}
	if err := r.walkOtherSize(ctx, linked); err != nil {
		return err
	}
	if byLinks != nil {
		if err := r.walkBack(ctx, byLinks); err != nil {
			return err
		}
	}
	r.settleKey()
	r.compareWalks()
	for _, w := range r.walks {
		r.checkSizes(w)
	}
	if byLinks != nil && byNumber != nil {
		r.checkAgree(byLinks, byNumber)
	} else {
		r.open(report.NotOffered, "There is one way through the list only.", "walk.agree")
	}
	r.kept("walk.readable", "walk.ends", "walk.short", "walk.long")
	if r.whole {
		r.kept("walk.lost", "walk.repeated")
	} else {
		if w := r.longest(); len(w.pages) < r.share && !slices.ContainsFunc(r.walks, func(w *walk) bool { return len(w.pages) > 1 }) {
			r.note("No way from the first page to the next one was found, if there is one: of what lies beyond nothing is said. The description can name it.")
		} else {
			r.note(fmt.Sprintf("The list is longer than the walks, of %d pages each: of what lies beyond nothing is said.", r.share))
		}
		r.open(report.NotChecked, "No walk reached the end of the list.", "walk.lost")
		r.kept("walk.repeated")
	}
	return nil
}

// other is a size at which pages end elsewhere, and there are at least two: 0 where there
// can be none.
func (r *run) other() int64 {
	n := r.rowsSeen()
	if n < 2 {
		return 0
	}
	if n > r.size { // pages that end elsewhere, and not too many
		half := r.size/2 + 1
		if n > 6*r.size {
			half = r.size + half // longer pages, where there would be many short ones
		}
		other := max(half, (n+int64(r.share)-3)/max(int64(r.share)-2, 1))
		if other == r.size {
			other++
		}
		if limit := int64(r.List.Cap); limit > 0 && other > limit {
			other = max(limit-1, 1)
		}
		return other
	}
	return max(1, (n+2)/3)
}

// rowsSeen is how long the list is as far as is known.
func (r *run) rowsSeen() (n int64) {
	for _, w := range r.walks {
		n = max(n, w.rows())
	}
	if total, ok := r.First.Num("total_items"); ok {
		n = max(n, min(total, 1<<40))
	}
	return n
}

// walkOtherSize walks with another size: what is lost between pages is then elsewhere.
func (r *run) walkOtherSize(ctx context.Context, linked bool) error {
	size := r.other()
	if size == 0 || r.List.SizeOf(r.List.Numbered()) == "" {
		return nil
	}
	var w *walk
	var err error
	if r.List.Numbered() != fetch.ByLinks {
		w, err = r.byNumbers(ctx, fmt.Sprintf("by numbers, %d a page", size), size, true, "", "", r.share)
	} else {
		w, err = r.byAddresses(ctx, fmt.Sprintf("by addresses, %d a page", size), r.List.Ask(fetch.Question{Size: size, Sized: true}), "next", "", r.share)
		w.size = r.usedSize(w, size, true)
	}
	if err == nil {
		r.walks = append(r.walks, w)
	}
	if err == nil && linked && r.List.Numbered() != fetch.ByLinks && len(w.pages) > 1 {
		start := r.List.Ask(fetch.Question{Size: w.size, Sized: true})
		if w, err = r.byAddresses(ctx, fmt.Sprintf("by addresses, %d a page", w.size), start, "next", "", r.share); err == nil {
			w.size = r.usedSize(w, size, true)
			r.walks = append(r.walks, w)
			err = r.walkBack(ctx, w)
		}
	}
	return err
}

// walkBack goes back from a walk's last page to the first.
func (r *run) walkBack(ctx context.Context, there *walk) error {
	if !there.whole || len(there.pages) == 0 {
		r.open(report.NotChecked, "No walk reached the end of the list.", "walk.back")
		return nil
	}
	last := there.pages[len(there.pages)-1]
	if len(there.pages) > 1 && last.Steps["prev"] == "" {
		if slices.ContainsFunc(there.pages, func(v *visit) bool { return v.Steps["prev"] != "" }) {
			r.broken("walk.back", "The last page has no prev link, though others have one.", last.Address)
		}
		r.open(report.NotOffered, "Pages have no prev link.", "walk.back")
		return nil
	}
	back, err := r.byAddresses(ctx, "back", last.Address, "prev", "", len(there.pages)+2)
	if err != nil {
		return err
	}
	slices.Reverse(back.pages)
	forth, other := there.ids(), back.ids()
	for i := range max(len(forth), len(other)) {
		if i >= len(forth) || i >= len(other) || forth[i].Key != other[i].Key {
			r.broken("walk.back", fmt.Sprintf("Going on gave %d records, going back %d; they differ from the %s one.", len(forth), len(other), nth(i+1)), there.pageOf(i), back.pageOf(i), last.Address)
			return nil
		}
	}
	r.kept("walk.back")
	return nil
}

func nth(n int) string {
	switch {
	case n%10 == 1 && n%100 != 11:
		return fmt.Sprintf("%dst", n)
	case n%10 == 2 && n%100 != 12:
		return fmt.Sprintf("%dnd", n)
	case n%10 == 3 && n%100 != 13:
		return fmt.Sprintf("%drd", n)
	}
	return fmt.Sprintf("%dth", n)
}

// pageOf is the address of the page with the i-th record; past the end, the last one's.
func (w *walk) pageOf(i int) string {
	for _, v := range w.pages {
		if i -= len(v.ids); i < 0 {
			return v.Address
		}
	}
	if len(w.pages) == 0 {
		return ""
	}
	return w.pages[len(w.pages)-1].Address
}

// settleKey sees whether the key that was found identifies records: a key that comes twice
// with different records does not.
func (r *run) settleKey() {
	if len(r.List.Key) == 0 {
		return
	}
	all := map[uint64]uint64{}
	for _, w := range r.walks {
		for _, id := range w.ids() {
			if old, ok := all[id.Key]; ok && old != id.All && !r.givenKey {
				r.keyed = false
			}
			all[id.Key] = id.All
		}
	}
	if r.keyed {
		return
	}
	r.List.Key = nil
	for _, w := range r.walks {
		for _, v := range w.pages {
			for i := range v.ids {
				v.ids[i].Key = v.ids[i].All
			}
		}
	}
}

// count counts the records of a walk.
func (w *walk) count() map[uint64]int {
	counts := map[uint64]int{}
	for _, id := range w.ids() {
		counts[id.Key]++
	}
	return counts
}

// compareWalks reports what is lost on one walk and not on another, and what comes twice.
func (r *run) compareWalks() {
	union, least := map[uint64]int{}, map[uint64]int{}
	var counts []map[uint64]int
	for _, w := range r.walks {
		other := w.count()
		counts = append(counts, other)
		if !w.whole {
			continue
		}
		r.whole = true
		for id, n := range other {
			union[id] = max(union[id], n)
		}
	}
	for id, n := range union {
		least[id] = n
		for i, w := range r.walks {
			if w.whole {
				least[id] = min(least[id], max(counts[i][id], 1))
			}
		}
		if r.keyed {
			least[id] = 1
		}
		r.n += int64(least[id])
	}
	if !r.whole {
		r.n = int64(len(counts[0]))
	}
	r.ids = least
	for i, w := range r.walks {
		r.reportRepeated(w, counts[i], least)
		if w.whole {
			r.reportLost(w, counts[i], least)
		}
	}
	r.compareOrders()
}

func (r *run) reportRepeated(w *walk, counts, least map[uint64]int) {
	first := map[uint64]string{}
	for _, v := range w.pages {
		for _, id := range v.ids {
			limit := least[id.Key]
			if limit == 0 {
				limit = counts[id.Key] // a walk that did not end: not known
				if r.keyed {
					limit = 1
				}
			}
			if counts[id.Key] > limit && first[id.Key] != "" {
				r.broken("walk.repeated", fmt.Sprintf("A record comes %s on the walk %s.", values.Times(counts[id.Key]), w.name), first[id.Key], v.Address)
				return
			}
			if first[id.Key] == "" {
				first[id.Key] = v.Address
			}
		}
	}
}

func (r *run) reportLost(w *walk, counts, least map[uint64]int) {
	lost, where, witness := 0, "", ""
	for _, other := range r.walks {
		for _, v := range other.pages {
			for _, id := range v.ids {
				if counts[id.Key] < least[id.Key] && other.whole && witness == "" {
					witness = v.Address
				}
			}
		}
	}
	for id, n := range least {
		lost += max(n-counts[id], 0)
	}
	if lost == 0 {
		return
	}
	where = w.gapAt(r.longest(), counts)
	r.broken("walk.lost", fmt.Sprintf("The walk %s lacks %s that another has.", w.name, values.Several(lost, "record")), witness, where)
}

// longest is the walk with the most records.
func (r *run) longest() *walk {
	return slices.MaxFunc(r.walks, func(a, b *walk) int { return int(a.rows() - b.rows()) })
}

// gapAt is the address of the page on which the record before the first lost one stands.
func (w *walk) gapAt(other *walk, counts map[uint64]int) string {
	before := uint64(0)
	for _, id := range other.ids() {
		if counts[id.Key] == 0 {
			break
		}
		before = id.Key
	}
	for i, id := range w.ids() {
		if id.Key == before {
			return w.pageOf(i)
		}
	}
	return w.pageOf(0)
}

// compareOrders reports walks that have the same records in different orders.
func (r *run) compareOrders() {
	var first *walk
	for _, w := range r.walks {
		if !w.whole {
			continue
		}
		if first == nil {
			first = w
			continue
		}
		a, b := first.ids(), w.ids()
		if len(a) != len(b) {
			continue // something is lost or comes twice: that is reported
		}
		for i := range a {
			if a[i].Key != b[i].Key {
				r.broken("order.ties", fmt.Sprintf("Without a sort, two walks have the records in two orders: they differ from the %s one.", nth(i+1)), first.pageOf(i), w.pageOf(i))
				return
			}
		}
	}
}

// usedSize is the size of a walk's pages: what was asked for, what they state, or how many
// records most of them have.
func (r *run) usedSize(w *walk, size int64, wanted bool) int64 {
	if len(w.pages) == 0 {
		return size
	}
	if usual, n := w.usualRows(); n > 0 {
		if wanted && usual == size || !wanted && n > 1 {
			return usual
		}
	}
	if stated, ok := w.pages[0].statedSize(); ok && stated > 0 {
		return stated
	}
	if usual, _ := w.usualRows(); wanted && usual >= r.size {
		return usual // the endpoint has chosen another size, and states none
	}
	return size
}

// usualRows is the number of records that most pages but the last have, and how many have it.
func (w *walk) usualRows() (rows int64, pages int) {
	counts := map[int64]int{}
	for i, v := range w.pages {
		if i < len(w.pages)-1 || !w.whole {
			n := int64(len(v.ids))
			if counts[n]++; counts[n] > pages || counts[n] == pages && n > rows {
				rows, pages = n, counts[n]
			}
		}
	}
	return rows, pages
}

// checkSizes compares each page's number of records with the size.
func (r *run) checkSizes(w *walk) {
	for i, v := range w.pages {
		rows := int64(len(v.ids))
		last := i == len(w.pages)-1 && w.whole
		switch {
		case rows > w.size && w.size > 0:
			r.broken("walk.long", fmt.Sprintf("A page has %s where %d is the size.", values.Several(int(rows), "record"), w.size), v.Address)
		case rows < w.size && !last && !(i == len(w.pages)-2 && len(w.pages[i+1].ids) == 0 && w.whole):
			r.broken("walk.short", fmt.Sprintf("A page has %s where %d is the size, and more follow.", values.Several(int(rows), "record"), w.size), v.Address)
		}
		if last && i > 0 && rows == 0 {
			r.broken("walk.empty_end", "The last page leads to one without records.", w.pages[i-1].Address, v.Address)
		}
	}
	if w.whole {
		r.kept("walk.empty_end")
	}
}

// checkAgree compares the walk by addresses with the one by numbers, page by page.
func (r *run) checkAgree(a, b *walk) {
	if a.size != b.size {
		r.open(report.NotChecked, "The two walks had pages of different sizes.", "walk.agree")
		return
	}
	for i := range min(len(a.pages), len(b.pages)) {
		if !a.pages[i].same(b.pages[i]) {
			r.broken("walk.agree", fmt.Sprintf("The %s page by addresses is not the one by numbers.", nth(i+1)), a.pages[i].Address, b.pages[i].Address)
			return
		}
	}
	if a.whole && b.whole && len(a.pages) != len(b.pages) && !(len(a.pages) == len(b.pages)+1 && len(a.pages[len(b.pages)].ids) == 0) {
		r.broken("walk.agree", fmt.Sprintf("By addresses there are %d pages, by numbers %d.", len(a.pages), len(b.pages)), a.pageOf(1<<40), b.pageOf(1<<40))
	}
	r.kept("walk.agree")
}

package rulesfile

import (
	"reflect"
	"slices"

	"pageladder.example/paging"
	"pageladder.example/paging/value"
)

// words are the types whose values are each one of some words.
var words = map[reflect.Type][]string{
	reflect.TypeFor[paging.Addressing](): texts(paging.ByPage, paging.ByOffset, paging.ByCursor),
	reflect.TypeFor[paging.PastLast]():   texts(paging.PastLastGivesLast, paging.PastLastGivesFirst, paging.PastLastGivesEmpty, paging.PastLastRefused),
	reflect.TypeFor[paging.Answer]():     texts(paging.Mend, paging.Refuse),
	reflect.TypeFor[paging.Unknown]():    texts(paging.UnknownRides, paging.UnknownNoted, paging.UnknownDrops, paging.UnknownRefuse),
	reflect.TypeFor[paging.Direction]():  texts(paging.Ascending, paging.Descending),
	reflect.TypeFor[paging.CountHow]():   texts(paging.CountExact, paging.CountAtLeast, paging.CountNone),
	reflect.TypeFor[paging.KeepWhat]():   texts(paging.KeepAll, paging.KeepDeclared, paging.KeepListed),
	reflect.TypeFor[paging.Operator]():   texts(paging.Equals, paging.Not, paging.Min, paging.Max, paging.None, paging.Has, paging.Starts),
	reflect.TypeFor[MarkupStyle]():       texts(styles...),
	reflect.TypeFor[value.Type]():        texts(value.Types()...),
	// Of what a page says, not of rules.
	reflect.TypeFor[paging.RungKind]():  texts(paging.RungPage, paging.RungCurrent, paging.RungGap),
	reflect.TypeFor[paging.TotalKind](): texts(paging.TotalExact, paging.TotalAtLeast, paging.TotalNone, paging.TotalRemembered),
}

func texts[T ~string](list ...T) []string {
	all := make([]string, len(list))
	for i, word := range list {
		all[i] = string(word)
	}
	return all
}

// Words are the allowed values of a type whose values are named, such as paging.PastLast; nil for
// other types. Schemas and descriptions list them.
func Words(t reflect.Type) []string { return slices.Clone(words[t]) }

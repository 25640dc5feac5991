package service

import (
	"bytes"
	"strings"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/intake"
	"pageladder.example/internal/sets"
)

// This file turns what the store and the keeper of tokens return into what the API says.

func wireFields(list []intake.Field) []api.Field {
	return wire(list, func(f intake.Field) api.Field { return api.Field(f) })
}

func wireRows(list []intake.BadRow) []api.BadRow {
	return wire(list, func(r intake.BadRow) api.BadRow { return api.BadRow(r) })
}

func wireTokens(list []access.Token) []api.Token {
	return wire(list, func(t access.Token) api.Token { return api.Token(t) })
}

func wireIndexes(list []sets.IndexState) []api.IndexState {
	return wire(list, func(i sets.IndexState) api.IndexState { return api.IndexState(i) })
}

func wireFacets(of map[string][]sets.Facet) map[string][]api.Facet {
	all := make(map[string][]api.Facet, len(of))
	for field, list := range of {
		all[field] = wire(list, func(f sets.Facet) api.Facet { return api.Facet(f) })
	}
	return all
}

func wire[From, To any](list []From, to func(From) To) []To {
	all := make([]To, len(list))
	for i, v := range list {
		all[i] = to(v)
	}
	return all
}

// describePlan describes what was found in a file, and which of its rows were set aside.
func describePlan(answer *api.Imported, plan *intake.Plan, aside *bytes.Buffer) {
	answer.Rows, answer.Key, answer.MadeKey = plan.Rows, plan.Key, plan.AddedKey
	for i, f := range plan.Fields {
		sample := api.FieldSample{Field: api.Field(f), Samples: []string{}}
		if i < len(plan.Samples) {
			sample.Samples, sample.Offer = append(sample.Samples, plan.Samples[i]...), string(plan.Offers[i])
		}
		answer.Fields = append(answer.Fields, sample)
	}
	if aside != nil && aside.Len() > 0 && strings.Count(aside.String(), "\n") > 1 {
		answer.Aside = &api.Aside{CSV: aside.String()}
	}
}

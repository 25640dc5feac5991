// Package paging turns a query string and a total into one settled page: which
// records to take, what to report about them, and the links that lead
// onward without losing a filter.
//
// A page comes about in one direction:
//
//	query ─ Rules.Read ─▶ Ask ─ Ask.Settle(total) ─▶ Page ─┬─▶ Cut, or Offset and Size for SQL
//	                                                      ├─▶ Metadata
//	                                                      └─▶ On(base) ─▶ Steps, Ladder, Sizes, Sorts
//
// An Ask is what the caller asked for, not yet settled on a total. A Page is
// final: what is settled cannot be unsettled. Both are plain values, safe for
// concurrent use, and so is a Rules that nobody changes any more.
//
// Wrong input is mended by default, and each mending is reported as an Adjustment;
// where the rules say "refuse" instead, the error is a *Refusal that lists every
// fault at once.
//
// The package knows no HTTP server, no SQL, no files, no clock and has no global
// state.
package paging

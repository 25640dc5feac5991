// Package sets keeps record sets in PostgreSQL: the catalogue, importing and changing records, and
// reading one page as one snapshot.
//
// Lists change while they are read, so what is remembered about a list is kept current by the change
// log of its table (package changes), not thrown away. The words of this package:
//
//   - A question is what is asked of a set's records besides which page: filters, search, order.
//   - A state is one state of a set's records: of a kept set, one version; of a followed table, what
//     one snapshot of its database saw. A mark names a state (changes.Mark).
//   - A stamp is what a statement returns about its own snapshot, next to its rows, so that the caller
//     knows which state the rows are of. Where it is not the expected one, the error is errMoved and
//     the page is read again.
//   - An image is one row of a change log: a record before or after a change.
//   - A track is what is remembered of one order under one filter: footholds as counted blocks, and
//     the latest images. Counts, facets and tracks are updated from the state that they are known at
//     to the state that is read, by the images in between.
//   - A route is how the records of a page are reached: from the start, from the end, from a foothold
//     or from a cursor.
//   - The plain way is to count and to skip within one transaction, using nothing that is remembered.
//     It is always right, and slow deep in a list.
package sets

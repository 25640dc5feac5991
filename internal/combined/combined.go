// Package combined is how the service reaches what statement offers to nobody else, so that its users need not
// read about it.
package combined

// Unconditional is a *statement.Question without its conditions, but with their arguments: it sorts and counts
// what has been combined from statements that have the conditions. Package statement fills it in.
var Unconditional func(question any) any

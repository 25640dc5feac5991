// Package problem has the types of problems that the service answers with, RFC 9457, and an error
// that carries one.
package problem

import (
	"fmt"
	"slices"
	"strings"

	"pageladder.example/api"
	"pageladder.example/paging"
	"pageladder.example/paging/code"
	"pageladder.example/paging/rulesfile"
)

// Kind is one type of problem.
type Kind struct {
	Name   string
	Status int
	Title  string
	When   string // when it is sent, and what to do
}

// The types of problems.
var (
	BadQuery      = kind("bad-query", 400, "The query has faults", "The set's rules refuse a fault in the query, or a parameter that controls the service is wrong. faults names each one.")
	BadRequest    = kind("bad-request", 400, "The request cannot be read", "A header or the way in which the request is written is wrong.")
	NotSignedIn   = kind("not-signed-in", 401, "A token is needed", "There is no token in the Authorization header, no session, or it is unknown or has ended.")
	NotAllowed    = kind("not-allowed", 403, "The token's role does not allow this", "The call needs another role, or a token that is not bound to some sets.")
	CrossOrigin   = kind("cross-origin", 403, "A page of another origin may not write", "A browser sent the request on behalf of a page of another origin.")
	NoSuchPath    = kind("nothing-here", 404, "There is nothing at this address", "No route has this path.")
	NoSet         = kind("no-set", 404, "There is no such record set", "The set does not exist, or the caller's token is not for it.")
	NoRecord      = kind("no-record", 404, "There is no such record", "No record has this key, or it is hidden from the caller or left out by the filters.")
	PastLast      = kind("past-last", 404, "The page is past the last one", "The set's rules refuse pages past the last one.")
	NoMethod      = kind("method-not-offered", 405, "The method is not offered here", "Allow lists the methods that are; records of an attached set can only be read.")
	NotAcceptable = kind("no-such-shape", 406, "The answer has no such shape", "Nothing that Accept names is offered; pl.shape names one directly.")
	Taken         = kind("taken", 409, "The name or the key is taken", "A set of this name, or a record of this key, is there already.")
	Writing       = kind("still-writing", 409, "The same write is being done", "A write with this Idempotency-Key has not been answered yet. Send it again a moment later: it is answered as the first one.")
	NotYet        = kind("not-yet", 409, "A service that runs cannot read this yet", "Rules, fields or a token would hold something that a service of an earlier version on the same database cannot read. Update that one first.")
	Gone          = kind("gone", 410, "The list cannot be held at this version", "pl.version names a version that the list's changes do not reach back to any more, or that no page was of. now leads to the list as it is.")
	Stale         = kind("stale", 412, "It has been changed since it was read", "If-Match names another revision than the present one. Nothing was changed; read it again.")
	NotShown      = kind("not-shown", 412, "No server shows what has been seen", "Min-Version, pl.min_version or the cookie names a state of the list that no server which answers has reached within a second. Ask without it for the list as it is.")
	TooLarge      = kind("too-large", 413, "The body is too large", "The body is longer than the service accepts.")
	UriTooLong    = kind("address-too-long", 414, "The address is too long", "The query is longer, or has more parameters, than the service accepts.")
	BadMedia      = kind("media-type", 415, "The body's media type is not accepted", "Content-Type or Content-Encoding names what this call does not read.")
	WrongHost     = kind("wrong-host", 421, "The service does not go by this host name", "The Host header names a host that the service does not know; see --host and --public-url.")
	BadBody       = kind("bad-body", 422, "The body has faults", "The body can be read, but what it holds is wrong. faults names each fault.")
	BadFile       = kind("bad-file", 422, "The file cannot be imported", "The file, or rows of it, could not be read. rows names the first hundred; nothing of the file is kept.")
	KeyUsed       = kind("key-used", 422, "The Idempotency-Key has been used for something else", "Within a day a caller uses a key for one write: the same method, address, If-Match and body. Another write wants another key.")
	IfMatch       = kind("if-match-missing", 428, "If-Match is missing", "A write says with If-Match which revision it changes, so that nothing is overwritten.")
	TooMany       = kind("too-many-requests", 429, "Too many requests", "The caller asks more often than the service accepts. Retry-After says when to go on.")
	Internal      = kind("internal", 500, "Something went wrong in the service", "The service's log says what, under the id in X-Request-Id.")
	DatabaseAway  = kind("database-away", 503, "The database cannot be reached", "The service is well, its database is not. Retry-After says when to try again.")
	Unconfirmed   = kind("not-confirmed", 503, "The write has not been confirmed", "The database waits for a standby, or other writes do. The write may have been done all the same, if detail says so: send it again with the same Idempotency-Key.")
	SourceAway    = kind("source-away", 503, "The set's source cannot be used", "The database that an attached set is in cannot be reached, or its role may not be used.")
	TableChanged  = kind("table-changed", 503, "The list's table has changed", "The table that an attached set shows is not what it was when it was attached, or its rights are not. Owners see what is missing.")
	Busy          = kind("busy", 503, "The service is busy", "As many imports or streams are running as the service allows. Retry-After says when to try again.")
	Ending        = kind("ending", 503, "The service is about to end", "/readyz says so before the service stops listening, for whatever leads callers to services. Another one, or this one later, goes on.")
	TooSlow       = kind("too-slow", 503, "The answer took too long", "The request's time was up. Fewer filters, or a sort that is offered, may help.")
)

// The codes of faults in what speaks to the service, beside those of queries.
const (
	WrongParam code.Code = "service.wrong" // a parameter of the service
	WrongValue code.Code = "value.wrong"   // a value of a record
	WrongRules code.Code = "rules.wrong"   // an entry of rules
)

// Codes lists them.
func Codes() []code.Code { return []code.Code{WrongParam, WrongValue, WrongRules} }

var kinds []*Kind

func kind(name string, status int, title, when string) *Kind {
	k := &Kind{name, status, title, when}
	kinds = append(kinds, k)
	return k
}

// Kinds lists the types of problems, by status.
func Kinds() []*Kind { return slices.Clone(kinds) }

// Error is the error for a request that is answered with a problem.
type Error struct {
	Kind   *Kind
	Says   string
	Faults []paging.Fault
	Rows   []api.BadRow
	Count  int64
	Retry  int    // seconds after which to try again; 0: not stated
	Allow  string // methods that are allowed
	Now    string // address of the list as it is
	List   api.RefusalForm
	Cause  error // for the log
}

func (e *Error) Error() string { return e.Says }
func (e *Error) Unwrap() error { return e.Cause }

// Of is a problem of a kind, in words.
func Of(k *Kind, format string, args ...any) *Error {
	return &Error{Kind: k, Says: fmt.Sprintf(format, args...)}
}

// Later is a problem of the moment, and its cause.
func Later(k *Kind, seconds int, cause error, format string, args ...any) *Error {
	return &Error{Kind: k, Says: fmt.Sprintf(format, args...), Retry: seconds, Cause: cause}
}

// FromRules turns the error of rules that a caller sent into a problem.
func FromRules(err error) *Error {
	rules, ok := err.(rulesfile.Errors)
	if !ok {
		return Of(BadBody, "%s", strings.TrimPrefix(err.Error(), "rulesfile: "))
	}
	faults := make([]paging.Fault, len(rules))
	for i, e := range rules {
		faults[i] = paging.Fault{Param: e.Entry, Given: e.Found, Why: WrongRules, Says: "found " + e.Found + "; right would be " + e.Want}
	}
	return &Error{Kind: BadBody, Says: rules[0].Error(), Faults: faults}
}

package service

import (
	"net/http"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/openapi"
	"pageladder.example/internal/problem"
	"pageladder.example/paging/rulesfile"
)

// route is one call of the service: who may make it, what answers it, and what its description
// says.
type route struct {
	method, path string
	scope        access.Scope
	role         access.Role
	long         bool                       // an import or a stream: takes long, and reads its body itself
	once         bool                       // may name itself by Idempotency-Key, and is then done once
	calculates   bool                       // needs no database, except to identify its caller
	public       bool                       // is the same for every caller, who is not identified
	handler      func(c *gin.Context) error // an error of it is answered by fail

	// What a description says.
	name   string        // what the call does, in one word of camel case: generated clients name a method so; "": not described
	says   string        // in one sentence
	asks   openapi.Query // query parameters
	body   any           // a value of the body's type; nil: no body
	media  []string
	answer any      // a value of the answer's type; nil: no body
	sends  []string // headers of the answer; a GET with an ETag is not sent to a caller who has it
	status int      // 0: 200
	fails  []*problem.Kind

	example string // of a body: on the demo data
}

// table is all calls.
func (s *Service) table() []route {
	table := s.calls()
	for i := range table {
		if table[i].once {
			table[i].fails = append(table[i].fails, problem.BadRequest, problem.Writing, problem.KeyUsed)
		}
		if table[i].role != access.Nobody && table[i].method != "GET" {
			table[i].fails = append(table[i].fails, problem.Unconfirmed)
		}
	}
	return table
}

func (s *Service) calls() []route {
	owner, editor, reader := access.Owner, access.Editor, access.Reader
	const set, record = "/api/sets/:set", "/api/sets/:set/records/:key"
	jsonBody, patchBody := []string{"application/json"}, []string{"application/merge-patch+json", "application/json"}
	files := []string{"text/csv", "application/x-ndjson", "application/json", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", "multipart/form-data"}
	return []route{
		{method: "GET", path: "/api/sets", scope: access.Everywhere, name: "listSets", handler: s.listSets, says: "List the record sets that the caller may read.", answer: api.SetList{}},
		{method: "POST", path: "/api/sets", scope: access.AllSets, role: owner, long: true, once: true, name: "createSet", sends: []string{"Location"}, handler: s.createSet, says: "Make a kept set of a file, all or nothing; with check, only look at it.",
			asks: openapi.OfImport, body: "", example: "no,name\n1,Gull\n2,Tern\n", media: files, answer: api.Imported{}, status: 201, fails: []*problem.Kind{problem.NotYet, problem.BadQuery, problem.Taken, problem.TooLarge, problem.BadMedia, problem.BadBody, problem.BadFile, problem.Busy}},
		{method: "POST", path: "/api/attach", scope: access.AllSets, role: owner, name: "attachTable", sends: []string{"Location"}, handler: s.attach, says: "Make an attached set of a table or view of a source.",
			body: api.AttachBody{}, example: `{"name": "boats", "source": "yard", "table": "boats", "key": ["no"]}`, media: jsonBody, answer: api.SetInfo{}, status: 201, fails: []*problem.Kind{problem.NotYet, problem.Taken, problem.BadMedia, problem.BadBody, problem.SourceAway}},
		{method: "GET", path: "/api/sources", scope: access.AllSets, role: owner, name: "listSources", handler: s.listSources, says: "List the databases whose tables can be attached.", answer: api.SourceList{}},
		{method: "GET", path: "/api/sources/:source/tables", scope: access.AllSets, role: owner, name: "listTables", handler: s.listTables, says: "List the tables and views that a source's role may read.",
			answer: api.TableList{}, fails: []*problem.Kind{problem.BadBody, problem.SourceAway}},
		{method: "GET", path: "/api/sources/:source/tables/:schema/:table", scope: access.AllSets, role: owner, name: "readTable", handler: s.readTable, says: "Show the fields and the key of a table or view of a source.",
			answer: api.TableFields{}, fails: []*problem.Kind{problem.BadBody, problem.SourceAway}},
		{method: "GET", path: "/api/imports/:name", scope: access.AnySet, role: owner, name: "readProgress", handler: s.readProgress, says: "Show the progress of an import.", answer: api.Progress{}, fails: []*problem.Kind{problem.NoSuchPath}},

		{method: "GET", path: set, scope: access.ThisSet, role: reader, name: "readSet", handler: s.readSet, says: "Describe a set and its rules.", answer: api.SetInfo{}, fails: []*problem.Kind{problem.NoSet}},
		{method: "PATCH", path: set, scope: access.ThisSet, role: owner, name: "changeSet", handler: s.changeSet, says: "Change a set's label, fixed filter, whether it is open, and of an attached one what is remembered and whether it is followed.",
			body: api.SettingsChange{}, example: `{"label": "Arrivals"}`, media: patchBody, answer: api.SetInfo{}, fails: []*problem.Kind{problem.NoSet, problem.BadMedia, problem.BadBody}},
		{method: "GET", path: set + "/following", scope: access.ThisSet, role: owner, name: "readFollowing", handler: s.readFollowing, says: "Show how the table of an attached set is followed, and the SQL that its owner runs for that.",
			answer: api.Following{}, fails: []*problem.Kind{problem.NoSet, problem.BadBody, problem.SourceAway}},
		{method: "POST", path: set + "/climb", scope: access.ThisSet, role: owner, name: "checkList", handler: s.climb, says: "Check whether the set's list keeps its promises, as the caller sees it: by 300 requests at most, within the time of one request.",
			body: api.ClimbBody{}, example: `{"expect": "strict", "query": "berth=N4"}`, media: jsonBody, answer: api.Climbed{}, fails: []*problem.Kind{problem.NoSet, problem.BadMedia, problem.BadBody, problem.Busy}},
		{method: "DELETE", path: set, scope: access.ThisSet, role: owner, name: "deleteSet", handler: s.deleteSet, says: "Delete a set; of an attached one nothing but what is known of it.", status: 204, fails: []*problem.Kind{problem.NoSet}},
		{method: "GET", path: set + "/rules", scope: access.ThisSet, role: reader, name: "readRules", sends: []string{"ETag", "Content-Location"}, handler: s.readRules, says: "Read a set's rules.", answer: rulesfile.Rules{}, fails: []*problem.Kind{problem.NoSet}},
		{method: "PUT", path: set + "/rules", scope: access.ThisSet, role: owner, name: "replaceRules", sends: []string{"ETag", "Content-Location"}, handler: s.replaceRules, says: "Replace a set's rules. If-Match names those that they replace.",
			body: rulesfile.Rules{}, example: `{"key": ["id"], "sorts": [{"key": "tonnage", "first": "desc"}], "size": {"default": 50}}`, media: jsonBody, answer: rulesfile.Rules{}, fails: []*problem.Kind{problem.NotYet, problem.NoSet, problem.Stale, problem.BadMedia, problem.BadBody, problem.IfMatch}},

		{method: "GET", path: set + "/records", scope: access.ThisSet, role: reader, name: "listRecords", sends: []string{"ETag", "Link", "Content-Location", "Paging", "Adjusted", "Min-Version", "Stale"}, handler: s.readPage, says: "Read one page of a set.",
			asks: openapi.OfPage, answer: api.Answer{}, fails: []*problem.Kind{problem.BadQuery, problem.NoSet, problem.PastLast, problem.NotAcceptable, problem.Gone}},
		{method: "POST", path: set + "/records", scope: access.ThisSet, role: editor, once: true, name: "addRecord", sends: []string{"ETag", "Location", "Min-Version"}, handler: s.addRecord, says: "Add a record. Fields that are left out are missing.",
			body: openapi.Record{}, example: `{"id": 1000, "vessel": "Gull", "tonnage": 700}`, media: jsonBody, answer: api.RecordAnswer{}, status: 201, fails: []*problem.Kind{problem.NoSet, problem.NoMethod, problem.Taken, problem.BadMedia, problem.BadBody}},
		{method: "PUT", path: set + "/records", scope: access.ThisSet, role: owner, long: true, once: true, name: "replaceRecords", sends: []string{"Min-Version"}, handler: s.reimport, says: "Replace all records of a kept set by those of a file, all or nothing.",
			asks: openapi.OfImport, body: "", example: "id,vessel,berth,cargo,tonnage,arrived_at,cleared,note\n1,Gull,N4,salt,700,2026-03-01T06:30:00Z,true,\n", media: files, answer: api.Imported{}, fails: []*problem.Kind{problem.NotYet, problem.BadQuery, problem.NoSet, problem.NoMethod, problem.TooLarge, problem.BadMedia, problem.BadBody, problem.BadFile, problem.Busy}},
		{method: "GET", path: set + "/records/all", scope: access.ThisSet, role: reader, long: true, name: "listAllRecords", sends: []string{"Paging", "Adjusted", "Min-Version", "Stale"}, handler: s.readAll, says: "Stream every record that the query asks for, of one snapshot.",
			asks: openapi.OfRecords, answer: []openapi.Record{}, fails: []*problem.Kind{problem.BadQuery, problem.NoSet, problem.NotAcceptable, problem.Gone, problem.Busy}},
		{method: "GET", path: record, scope: access.ThisSet, role: reader, name: "readRecord", sends: []string{"ETag", "Content-Location", "Min-Version", "Stale"}, handler: s.readRecord, says: "Read one record. Its ETag is its revision.", asks: openapi.OfRecord, answer: api.RecordAnswer{}, fails: []*problem.Kind{problem.BadQuery, problem.NoSet, problem.NoRecord, problem.Gone}},
		{method: "PATCH", path: record, scope: access.ThisSet, role: editor, once: true, name: "changeRecord", sends: []string{"ETag", "Min-Version"}, handler: s.changeRecord, says: "Change a record by a JSON merge patch, RFC 7396. If-Match names its revision.",
			body: openapi.Record{}, example: `{"cleared": true, "note": null}`, media: patchBody, answer: api.RecordAnswer{}, fails: []*problem.Kind{problem.NoSet, problem.NoRecord, problem.NoMethod, problem.Stale, problem.BadMedia, problem.BadBody, problem.IfMatch}},
		{method: "DELETE", path: record, scope: access.ThisSet, role: editor, once: true, name: "deleteRecord", sends: []string{"Min-Version"}, handler: s.deleteRecord, says: "Delete a record for good. If-Match names its revision. With purge=true an owner deletes every trace of it, also of one that is not in the set any more: lists cannot be held at versions before then.",
			asks: openapi.OfPurge, answer: api.Changed{}, fails: []*problem.Kind{problem.NoSet, problem.NoRecord, problem.NoMethod, problem.Stale, problem.IfMatch}},
		{method: "POST", path: record + "/withdraw", scope: access.ThisSet, role: editor, once: true, name: "withdrawRecord", sends: []string{"Min-Version"}, handler: s.withdrawRecord, says: "Take a record out of its set, so that it can be restored. If-Match names its revision.",
			answer: api.Changed{}, fails: []*problem.Kind{problem.NoSet, problem.NoRecord, problem.NoMethod, problem.Stale, problem.IfMatch}},
		{method: "POST", path: record + "/restore", scope: access.ThisSet, role: editor, once: true, name: "restoreRecord", sends: []string{"ETag", "Min-Version"}, handler: s.restoreRecord, says: "Bring a withdrawn record back as it was.",
			answer: api.RecordAnswer{}, fails: []*problem.Kind{problem.NoSet, problem.NoRecord, problem.NoMethod, problem.Taken}},
		{method: "GET", path: record + "/place", scope: access.ThisSet, role: reader, name: "readPlace", sends: []string{"Min-Version", "Stale"}, handler: s.readPlace, says: "Find the row and the page where a record stands, under a sort, filters and a size.",
			asks: openapi.OfPlace, answer: api.Place{}, fails: []*problem.Kind{problem.BadQuery, problem.NoSet, problem.NoRecord, problem.Gone}},
		{method: "GET", path: set + "/ladder", scope: access.ThisSet, role: reader, name: "readLadder", sends: []string{"Min-Version", "Stale"}, handler: s.readLadder, says: "Read the links of a page alone.", asks: openapi.OfLinks, answer: api.LadderAnswer{}, fails: []*problem.Kind{problem.BadQuery, problem.NoSet, problem.PastLast, problem.NotAcceptable, problem.Gone}},
		{method: "GET", path: set + "/back/:token", scope: access.ThisSet, role: reader, name: "goBack", sends: []string{"Location"}, handler: s.readBack, says: "Go back to a page by its way back.", answer: api.Answer{}, status: 303, fails: []*problem.Kind{problem.BadQuery, problem.NoSet}},
		{method: "GET", path: set + "/openapi.json", scope: access.ThisSet, role: reader, name: "describeSet", answer: openapi.Text("application/json"), handler: s.setDescription, says: "Describe the calls of one set, with its own parameters and fields.", fails: []*problem.Kind{problem.NoSet}},

		{method: "POST", path: "/api/reckon", scope: access.AnySet, role: reader, calculates: true, name: "reckonPage", handler: s.reckon, says: "Settle a query on a total: everything about the page but its records.",
			body: api.ReckonBody{}, example: `{"query": "page=3&size=20&colour=red", "total": 168, "base": "/arrivals"}`, media: jsonBody, answer: api.Reckoned{}, fails: []*problem.Kind{problem.BadQuery, problem.PastLast, problem.BadMedia, problem.BadBody}},
		{method: "POST", path: "/api/cut", scope: access.AnySet, role: reader, calculates: true, name: "cutPage", handler: s.cut, says: "Cut one page out of the records in the body.",
			body: api.CutBody{}, example: `{"query": "page=2&size=2", "records": [{"n": 1}, {"n": 2}, {"n": 3}]}`, media: jsonBody, answer: api.CutAnswer{}, fails: []*problem.Kind{problem.BadQuery, problem.PastLast, problem.BadMedia, problem.BadBody}},

		{method: "GET", path: "/api/services", scope: access.AllSets, role: owner, name: "listServices", handler: s.listServices, says: "List the services that share the database, and say how far that has come.", answer: api.Services{}},
		{method: "GET", path: "/api/tokens", scope: access.AllSets, role: owner, name: "listTokens", handler: s.listTokens, says: "List the tokens that have been created.", answer: api.TokenList{}},
		{method: "POST", path: "/api/tokens", scope: access.AllSets, role: owner, name: "createToken", handler: s.createToken, says: "Create a token. Its secret is shown this once.",
			body: api.TokenBody{}, example: `{"label": "the harbour master", "role": "owner"}`, media: jsonBody, answer: api.NewToken{}, status: 201, fails: []*problem.Kind{problem.NotYet, problem.BadMedia, problem.BadBody}},
		{method: "DELETE", path: "/api/tokens/:id", scope: access.AllSets, role: owner, name: "endToken", handler: s.endToken, says: "End a token and its sessions.", status: 204, fails: []*problem.Kind{problem.NoSuchPath}},
		{method: "GET", path: "/api/session", scope: access.Everywhere, name: "readSession", handler: s.readSession, says: "Show who the caller is.", answer: api.Session{}},
		{method: "POST", path: "/api/session", scope: access.Everywhere, name: "signIn", handler: s.signIn, says: "Sign in with a token: the answer's cookie holds a session.",
			body: api.SignInBody{}, example: `{"token": "plt_…"}`, media: jsonBody, answer: api.Session{}, fails: []*problem.Kind{problem.NotSignedIn, problem.BadMedia, problem.BadBody}},
		{method: "POST", path: "/api/session/link", scope: access.AnySet, role: reader, name: "makeSignInLink", handler: s.inviteBrowser, says: "Make a link to the console that signs a browser in as the caller: once, within ten minutes.", answer: api.SignInLink{}, status: 201},
		{method: "DELETE", path: "/api/session", scope: access.Everywhere, name: "signOut", handler: s.signOut, says: "Sign out.", status: 204},

		{method: "GET", path: "/lists/:set", scope: access.ThisSet, role: reader, name: "showList", sends: []string{"Link", "Min-Version", "Stale"}, answer: openapi.Text("text/html"), handler: s.readList, says: "Show a list as a page of HTML without JavaScript.", asks: openapi.OfList, fails: []*problem.Kind{problem.BadQuery, problem.NoSet, problem.PastLast, problem.Gone}},
		{method: "GET", path: "/lists/:set/page/:number", scope: access.ThisSet, role: reader, name: "showListPage", sends: []string{"Link", "Min-Version", "Stale"}, answer: openapi.Text("text/html"), handler: s.readList, says: "The same, with the page's number in the path.", asks: openapi.OfListPage, fails: []*problem.Kind{problem.BadQuery, problem.NoSet, problem.NoSuchPath, problem.PastLast, problem.Gone}},
		{method: "GET", path: "/lists/:set/page/", scope: access.ThisSet, role: reader, handler: s.goToPage, says: "Go to a page by its number: where the form of the pages above leads.", status: 303},
		{method: "GET", path: "/lists.css", scope: access.Everywhere, public: true, name: "readStylesheet", answer: openapi.Text("text/css"), handler: s.listStyle, says: "The stylesheet of those pages."},
		{method: "GET", path: "/element.js", scope: access.Everywhere, public: true, name: "readElement", answer: openapi.Text("text/javascript"), handler: s.pageFile, says: "The element <page-ladder>, for pages of any origin.", fails: []*problem.Kind{problem.NoSuchPath}},
		{method: "GET", path: "/ladder.css", scope: access.Everywhere, public: true, name: "readLadderStyle", answer: openapi.Text("text/css"), handler: s.pageFile, says: "A style for what the element draws, and for markup of a ladder.", fails: []*problem.Kind{problem.NoSuchPath}},
		{method: "GET", path: "/problems", scope: access.Everywhere, public: true, name: "listProblems", answer: openapi.Text("text/html"), handler: s.problemPages, says: "List the types of problems."},
		{method: "GET", path: "/problems/:kind", scope: access.Everywhere, public: true, name: "readProblem", answer: openapi.Text("text/html"), handler: s.problemPages, says: "Explain a type of problem.", fails: []*problem.Kind{problem.NoSuchPath}},
		{method: "GET", path: "/openapi.json", scope: access.Everywhere, public: true, name: "describeService", answer: openapi.Text("application/json"), handler: s.description, says: "This description."},
		{method: "GET", path: "/healthz", scope: access.Everywhere, public: true, name: "checkHealth", handler: s.alive, says: "200 while the process answers.", answer: api.Health{}},
		{method: "GET", path: "/readyz", scope: access.Everywhere, public: true, name: "checkReadiness", handler: s.ready, says: "200 while the database is well too.", answer: api.Health{}, fails: []*problem.Kind{problem.DatabaseAway, problem.Ending}},
		{method: "GET", path: "/metrics", scope: access.AllSets, role: reader, name: "readMetrics", answer: openapi.Text("text/plain"), handler: s.sendMetrics, says: "Counts about the service, in the Prometheus text format."},
	}
}

// Call is one call of the service, and who may make it.
type Call struct {
	Method, Path string
	Scope        string // everywhere, this set, any set, all sets
	Role         access.Role
	Says         string
}

// Calls lists the calls that the service offers.
func (s *Service) Calls() []Call {
	calls := make([]Call, len(s.routes))
	for i, r := range s.routes {
		calls[i] = Call{r.method, openapi.Path(r.path), r.scope.String(), r.role, r.says}
	}
	return calls
}

func (r *route) ok() int {
	if r.status == 0 {
		return http.StatusOK
	}
	return r.status
}

package answer_test

import (
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"iter"
	"log"
	"net/http"
	"net/http/httptest"
	"os"
	"strings"

	"pageladder.example/paging"
	"pageladder.example/paging/answer"
	"pageladder.example/paging/choose"
	"pageladder.example/paging/envelope"
)

// Boat is a record as a program has it.
type Boat struct {
	ID      int64   `json:"id"`
	Name    string  `json:"name"`
	Harbour *string `json:"harbour"` // may be missing
}

var fleet = []Boat{{ID: 1, Name: "Grey Gull"}, {ID: 2, Name: "Tern"}, {ID: 3, Name: "Stern"}}

var fleetRules = &paging.Rules{Key: []string{"id"}, Sorts: []paging.SortKey{{Key: "name"}}, Filters: []paging.FilterRule{{Field: "name"}}}

// boats is a whole handler.
func boats(w http.ResponseWriter, r *http.Request) {
	page, onPage, err := choose.Read(fleet, fleetRules, r.URL.RawQuery, choose.ByName[Boat])
	if err = answer.Reply(w, r, page, onPage, err, answer.Options{}); err != nil {
		log.Print(err)
	}
}

func ask(h http.HandlerFunc, target string, accept ...string) *http.Response {
	r := httptest.NewRequest(http.MethodGet, target, nil)
	r.Header["Accept"] = accept
	w := httptest.NewRecorder()
	h(w, r)
	return w.Result()
}

func ExampleWrite() {
	res := ask(boats, "/boats?sort=-name&size=2", "text/csv")
	io.Copy(os.Stdout, res.Body)
	fmt.Println(res.Header.Get("Link"))
	// Output:
	// id,name,harbour
	// 2,Tern,
	// 3,Stern,
	// </boats?sort=-name&size=2&page=2>; rel="next", </boats?sort=-name&size=2&page=2>; rel="last"
}

// A handler that does not use Reply.
func ExampleFail() {
	res := ask(func(w http.ResponseWriter, r *http.Request) {
		if _, err := fleetRules.Read(r.URL.RawQuery); err != nil {
			answer.Fail(w, r, err)
		}
	}, "/boats?name.min=a")
	io.Copy(os.Stdout, res.Body)
	// Output:
	// {"type":"about:blank","title":"Bad Request","status":400,"detail":"name.min: \"name.min\" is no way to filter by name (offered: name, name.not, name.none, name.has, name.starts).","faults":[{"param":"name.min","given":"a","why":"filter.unknown_operator","says":"\"name.min\" is no way to filter by name (offered: name, name.not, name.none, name.has, name.starts)."}]}
}

// settled is the second page of the fleet, with its links.
func settled() answer.Content {
	ask, _ := fleetRules.Read("page=2&size=2&colour=red")
	page, onPage, _ := choose.Page(fleet, ask, choose.ByName[Boat])
	base, _ := paging.ParseBase("/boats")
	records, _ := answer.RecordsOf(onPage, []string{"id", "name"})
	return answer.Content{About: answer.Of(page, page.On(base)), Records: records}
}

// Other names, and other places.
func ExampleEnveloped() {
	shape, _ := answer.Enveloped(envelope.Envelope{"records": "/data", "total_items": "/meta/total", "next": "/links/next", "prev": "/links/prev"})
	page := settled()
	text, _ := shape.Append(nil, &page)
	fmt.Printf("%s", text)
	// Output: {"data":[{"id":3,"name":"Stern"}],"meta":{"total":3},"links":{"prev":"/boats?page=1&size=2&colour=red","next":null}}
}

// Fewer parts of the native answer.
func ExampleParts() {
	shape, _ := answer.Parts([]string{"links", "records"})
	page := settled()
	text, _ := shape.Append(nil, &page)
	fmt.Printf("%s%v\n", text, answer.PartNames())
	// Output:
	// {"records":[{"id":3,"name":"Stern"}],"links":{"self":"/boats?page=2&size=2&colour=red","first":"/boats?page=1&size=2&colour=red","prev":"/boats?page=1&size=2&colour=red"}}
	// [records paging adjusted links sizes sorts ladder cursors markup facets form words]
}

func ExampleNegotiate() {
	for _, accept := range []string{"", "text/html, application/x-ndjson;q=0.5", "image/png"} {
		shape, err := answer.Negotiate(answer.Shapes(), []string{accept})
		if err != nil {
			fmt.Println(err)
			continue
		}
		fmt.Println(shape.Name(), shape.MediaType(), shape.HasMetadata(), answer.StreamType(shape))
	}
	// Output:
	// native application/json true application/json
	// ndjson application/x-ndjson false application/x-ndjson
	// found Accept "image/png"; offered are application/json, application/json;shape=array, text/csv; charset=utf-8; header=present, application/x-ndjson
}

func ExampleRecordsOf() {
	records, _ := answer.RecordsOf(fleet, nil)
	fmt.Println(records.Len(), records.Fields())
	fmt.Printf("%s\n%s", records.AppendObject(nil, 0), records.AppendLine(nil, 0))
	// Output:
	// 3 [id name harbour]
	// {"id":1,"name":"Grey Gull","harbour":null}
	// 1,Grey Gull,
}

// A program that makes its answers itself, and remembers them.
func ExampleReady() {
	page := settled()
	body, _ := answer.Native.Append(nil, &page)
	ready := answer.Ready{Body: body, Tag: answer.DigestTag(body)}
	ready.Describe(answer.Native, &page, page.About.Links.Self)
	res := ask(func(w http.ResponseWriter, r *http.Request) { ready.Send(w, r) }, "/boats")
	fmt.Println(res.StatusCode, res.Header.Get("Content-Location"))
	r := httptest.NewRequest(http.MethodGet, "/boats", nil)
	r.Header.Set("If-None-Match", ready.Tag)
	fmt.Println("unchanged:", ready.Head(http.Header{}, r))
	// Output:
	// 200 /boats?page=2&size=2&colour=red
	// unchanged: true
}

func ExampleMetadataHeader() {
	page := settled()
	fmt.Println(answer.MetadataHeader(&page.About.Paging))
	fmt.Println(answer.AdjustedHeader([]paging.Adjustment{{Param: "page", Given: "9", Used: "2", Why: "page.past_last"}}))
	// Output:
	// page=2, size=2, total-pages=2, total-items=3, total-is=exact, first-row=3, last-row=3
	// "page";given="9";used="2";why="page.past_last"
}

// A stream writes records as they come.
func ExampleNewStream() {
	stream := answer.NewStream(os.Stdout, answer.NDJSON, []string{"id", "name"})
	for _, boat := range fleet[:2] {
		one, _ := answer.RecordsOf([]Boat{boat}, []string{"id", "name"})
		stream.Write(one)
	}
	stream.End()
	// Output:
	// {"id":1,"name":"Grey Gull"}
	// {"id":2,"name":"Tern"}
}

// Each write of a long answer gets a time of its own.
func ExamplePaced() {
	server := httptest.NewServer(http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		io.Copy(answer.Paced(w), strings.NewReader("long"))
	}))
	defer server.Close()
	res, err := http.Get(server.URL)
	if err == nil {
		io.Copy(os.Stdout, res.Body)
	}
	// Output: long
}

func ExampleWriteAll() {
	var all iter.Seq2[Boat, error] = func(yield func(Boat, error) bool) {
		yield(Boat{}, errors.New("the database went away"))
	}
	res := ask(func(w http.ResponseWriter, r *http.Request) { answer.WriteAll(w, r, all, nil) }, "/boats/all")
	fmt.Println(res.StatusCode) // nothing had been sent
	// Output: 500
}

func ExampleWriteProblem() {
	type problem struct {
		answer.Problem
		Retry int `json:"retry"`
	}
	res := ask(func(w http.ResponseWriter, r *http.Request) {
		answer.WriteProblem(w, 503, problem{answer.Problem{Type: "about:blank", Title: "Busy", Status: 503}, 5})
	}, "/boats")
	var p problem
	json.NewDecoder(res.Body).Decode(&p)
	fmt.Println(res.StatusCode, p.Title, p.Retry)
	// Output: 503 Busy 5
}

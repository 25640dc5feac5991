// A list in memory, paged with net/http and the package alone.
package main

import (
	"encoding/json"
	"net/http"
	"os"

	"pageladder.example/paging"
)

var vessels = []string{"Grey Gull", "Salt Petrel", "Amber Tern", "Quiet Heron", "Old Otter", "Brave Marlin", "Little Anchor"}

func list(w http.ResponseWriter, r *http.Request) {
	rules := &paging.Rules{Size: paging.SizeRules{Default: 3}}
	ask, err := rules.Read(r.URL.RawQuery)
	if err != nil { // these rules mend every fault; stricter ones refuse some
		http.Error(w, err.Error(), http.StatusBadRequest)
		return
	}
	page, _ := ask.Settle(paging.Exact(int64(len(vessels))))
	w.Header().Set("Content-Type", "application/json")
	json.NewEncoder(w).Encode(map[string]any{
		"records": paging.Cut(vessels, page), "paging": page.Metadata(), "links": page.On(paging.Base{}).Steps(),
	})
}

func main() { http.ListenAndServe(os.Args[1], http.HandlerFunc(list)) }

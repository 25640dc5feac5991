package cursor_test

import (
	"fmt"

	"pageladder.example/paging/cursor"
)

func ExampleWrite() {
	list := cursor.List{Name: "arrivals", Order: "-tonnage,-id"}
	tonnage, id := "700", "4"
	token := cursor.Write(list, cursor.Place{Values: []*string{&tonnage, &id}, Behind: true})
	place, why := cursor.Read(token, list, 2)
	fmt.Println(*place.Values[0], *place.Values[1], place.Behind, why == "")

	sealer, err := cursor.NewSealer(make([]byte, cursor.KeyBytes)) // of random bytes, in earnest
	if err != nil {
		fmt.Println(err)
		return
	}
	sealed := sealer.Seal([]byte("700"))
	plain, ok := sealer.Open(sealed)
	fmt.Println(string(plain), ok)
	// Output:
	// 700 4 true true
	// 700 true
}

func ExampleSeek() {
	list := []string{"ark", "auk", "gull", "tern"} // by name, which is the key
	name := "gull"
	at := &cursor.Place{Values: []*string{&name}, Behind: true} // behind the gull
	var page []string
	found, skip, err := cursor.Seek(at, false, 2,
		func(a, b []*string) bool { return cursor.SameIn([]int{0}, a, b) },
		func(after bool, limit int) (int, []*string, error) { // from the place on
			page = list[2:]
			return len(page), []*string{&page[0]}, nil
		},
		func(after bool) (bool, error) { return true, nil }) // there are records before it
	if skip {
		page = page[1:] // the gull itself
	}
	fmt.Println(page, found.Rows, found.Behind, err)
	// Output: [tern] 1 true <nil>
}

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

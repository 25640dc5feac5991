package client_test

import (
	"context"
	"fmt"
	"log"

	"pageladder.example/client"
)

// Every record of a set, of one snapshot, however many there are.
func ExampleClient_All() {
	c, err := client.New(client.DefaultServer)
	if err != nil {
		log.Fatal(err)
	}
	for record, err := range c.WithToken("plt_…").All(context.Background(), "arrivals", "berth=N4&sort=-tonnage") {
		if err != nil {
			log.Fatal(err)
		}
		vessel, _ := record[1].Text()
		fmt.Println(vessel)
	}
}

// One page, and a change of its first record that overwrites nobody else's.
func ExampleClient_Change() {
	ctx := context.Background()
	c, err := client.New(client.DefaultServer)
	if err != nil {
		log.Fatal(err)
	}
	page, err := c.Page(ctx, "arrivals", "page=3&size=20")
	if err != nil {
		log.Fatal(err)
	}
	id, _ := page.Records[0][0].Text()
	one, err := c.Record(ctx, "arrivals", []string{id})
	if err != nil {
		log.Fatal(err)
	}
	if _, err := c.Change(ctx, "arrivals", []string{id}, one.Revision, map[string]any{"cleared": true}); err != nil {
		log.Fatal(err) // *client.Problem with Status 412 where somebody was faster
	}
}

// Page after page, all of the state that the first was of: none is lost or repeated while others write.
func ExampleClient_Pages() {
	c, err := client.New(client.DefaultServer)
	if err != nil {
		log.Fatal(err)
	}
	for page, err := range c.WithToken("plt_…").Pages(context.Background(), "arrivals", "sort=-tonnage", true) {
		if err != nil {
			log.Fatal(err) // *client.Problem with Status 410 where the list cannot be held so long
		}
		fmt.Println(page.Paging.Summary)
	}
}

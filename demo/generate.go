//go:build ignore

// Generate writes the demo data: go run generate.go. The harbour, its ships and
// all else in it are made up. The same data come out each time.
package main

import (
	"encoding/csv"
	"fmt"
	"log"
	"math/rand/v2"
	"os"
	"strconv"
	"strings"
	"time"
)

var (
	first = []string{"Grey", "Silver", "Northern", "Quiet", "Amber", "Little", "Salt", "Morning", "Brave", "Old", "Crimson", "Winter", "Señora", "Blå", "Früher", "Île", "Øst", "Ľúčna"}
	last  = []string{"Gull", "Petrel", "Lantern", "Cormorant", "Tern", "Kittiwake", "Marlin", "Heron", "Otter", "Anchor", "Sundew", "Brise", "Möwe", "Sjøfugl", "Estrella", "Żuraw"}
	cargo = []string{"grain", "timber", "salt", "herring", "machine parts", "slate", "wool", "empty"}
	notes = []string{"", "", "", "", "", "pilot on board", "late tide", "waits for customs; papers \"in order\"",
		"crew change", "damaged fender, berth side", "<b>fragile</b> & heavy", "two calls, one manifest", "déchargement de nuit",
		"'; drop table arrivals; --", "مرساة خارج الميناء", strings.TrimSpace(strings.Repeat("the master reports fog off the bar and asks for the pilot again; ", 12))}
	kinds = []string{"quay", "quay", "quay", "jetty", "dolphin"}
)

func main() {
	r := rand.New(rand.NewPCG(347, 16))
	var berths [][]string
	for i := range 16 {
		code := fmt.Sprintf("%c%d", "NESW"[i/4], i%4+1)
		depth := ""
		if i != 11 { // one was never sounded
			depth = strconv.FormatFloat(4+float64(r.IntN(90))/10, 'f', 1, 64)
		}
		berths = append(berths, []string{code, []string{"North", "East", "South", "West"}[i/4] + " " + strconv.Itoa(i%4+1), kinds[r.IntN(len(kinds))],
			depth, strconv.Itoa(60 + 10*r.IntN(20)), strconv.FormatBool(r.IntN(3) > 0)})
	}
	write("berths.csv", []string{"code", "name", "kind", "depth_m", "length_m", "lit"}, berths)

	at := time.Date(2026, 3, 1, 4, 0, 0, 0, time.UTC)
	var arrivals [][]string
	for i := range 347 {
		at = at.Add(time.Duration(10+r.IntN(700)) * time.Minute)
		load := cargo[r.IntN(len(cargo))]
		tonnage := strconv.Itoa(100 * (3 + r.IntN(90))) // many ties
		if load == "empty" || r.IntN(14) == 0 {
			tonnage = ""
		}
		cleared := strconv.FormatBool(r.IntN(5) > 0)
		if r.IntN(25) == 0 {
			cleared = ""
		}
		arrivals = append(arrivals, []string{strconv.Itoa(i + 1), first[r.IntN(len(first))] + " " + last[r.IntN(len(last))],
			berths[r.IntN(16)][0], load, tonnage, at.Format(time.RFC3339), cleared, notes[r.IntN(len(notes))]})
	}
	write("arrivals.csv", []string{"id", "vessel", "berth", "cargo", "tonnage", "arrived_at", "cleared", "note"}, arrivals)
	write("lost_property.csv", []string{"id", "found_on", "place", "what", "claimed"}, nil)
}

func write(name string, head []string, rows [][]string) {
	f, err := os.Create(name)
	if err != nil {
		log.Fatal(err)
	}
	w := csv.NewWriter(f)
	w.Write(head)
	w.WriteAll(rows)
	if err := w.Error(); err != nil {
		log.Fatal(err)
	}
	if err := f.Close(); err != nil {
		log.Fatal(err)
	}
}

package order

import (
	"fmt"
	"math"
	"strconv"
	"strings"
	"time"
)

// This file turns dates and times into numbers in their order, and back: all that PostgreSQL has,
// with its infinities and the years before Christ and after 9999.

// Infinite moments are before and after all others, as in PostgreSQL.
const (
	never  = math.MinInt64
	always = math.MaxInt64

	daySeconds = 86_400
	second     = 1_000_000 // microseconds
	// epoch is the day that microseconds are counted from, since 1970: 2000-01-01, since
	// PostgreSQL's last times are beyond what 64 bits hold from 1970 on.
	epoch = 10_957
)

// dayOf is the day of a date as PostgreSQL writes it, since 1970.
func dayOf(text string) (int64, bool) {
	if n, ok := infiniteOf(text); ok {
		return n, true
	}
	text, before := strings.CutSuffix(text, " BC")
	year, rest, ok := strings.Cut(text, "-")
	y, err := strconv.Atoi(year)
	if !ok || err != nil || len(year) < 4 || len(year) > 7 || y < 1 || len(rest) != 5 {
		return 0, false
	}
	if before {
		y = 1 - y
	}
	// The month and the day are read in a year of the same length.
	like := 2000 + (y%400+400)%400
	at, err := time.Parse(time.DateOnly, fmt.Sprintf("%d-%s", like, rest))
	if err != nil {
		return 0, false
	}
	return at.Unix()/daySeconds + int64(y-like)/400*146_097, true
}

// momentOf is the microsecond of a time as PostgreSQL writes it in UTC, since 2000; a time without
// a zone is taken for one in UTC.
func momentOf(text string) (int64, bool) {
	if n, ok := infiniteOf(text); ok {
		return n, true
	}
	text, before := strings.CutSuffix(text, " BC")
	date, clock, ok := strings.Cut(text, " ")
	if before {
		date += " BC"
	}
	day, isDay := dayOf(date)
	at, err := time.Parse("15:04:05", strings.TrimSuffix(clock, "+00"))
	if !ok || !isDay || err != nil {
		return 0, false
	}
	return (day-epoch)*daySeconds*second + at.Sub(time.Date(0, 1, 1, 0, 0, 0, 0, time.UTC)).Microseconds(), true
}

func infiniteOf(text string) (int64, bool) {
	switch text {
	case "infinity":
		return always, true
	case "-infinity":
		return never, true
	}
	return 0, false
}

func infiniteText(n int64) (string, bool) {
	switch n {
	case always:
		return "infinity", true
	case never:
		return "-infinity", true
	}
	return "", false
}

// dayText writes a day as PostgreSQL does; the years from 1 to 9999 as in RFC 3339.
func dayText(day int64) string {
	if text, ok := infiniteText(day); ok {
		return text
	}
	// 400 years have a whole number of days.
	cycles := day / 146_097
	at := time.Unix((day-cycles*146_097)*daySeconds, 0).UTC()
	year, suffix := int64(at.Year())+400*cycles, ""
	if year < 1 {
		year, suffix = 1-year, " BC"
	}
	return fmt.Sprintf("%04d-%02d-%02d%s", year, at.Month(), at.Day(), suffix)
}

// momentText writes a time; in the years from 1 to 9999 as in RFC 3339, otherwise as PostgreSQL does.
func momentText(n int64) string {
	if text, ok := infiniteText(n); ok {
		return text
	}
	day := n / (daySeconds * second)
	if n%(daySeconds*second) < 0 {
		day--
	}
	clock := time.UnixMicro(n - day*daySeconds*second).UTC().Format("15:04:05.999999")
	date, before := strings.CutSuffix(dayText(day+epoch), " BC")
	switch {
	case before:
		return date + " " + clock + "+00 BC"
	case len(date) > len(time.DateOnly):
		return date + " " + clock + "+00"
	}
	return date + "T" + clock + "Z"
}

package intake

import (
	"archive/zip"
	"bytes"
	"fmt"
	"io"
	"strings"
	"testing"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"
	"github.com/xuri/excelize/v2"
	"golang.org/x/text/encoding/charmap"

	"pageladder.example/paging/value"
)

// read plans and writes a file, and shows its fields in one line.
func read(t *testing.T, file string, o Options) (fields, records string, bad *BadRows) {
	t.Helper()
	r := strings.NewReader(file)
	plan, bad, err := NewPlan(t.Context(), r, o)
	require.NoError(t, err, "%.200s", file)
	var names []string
	for _, f := range plan.Fields {
		names = append(names, f.Name+":"+string(f.Type))
	}
	var out bytes.Buffer
	require.NoError(t, plan.WriteRecords(t.Context(), r, &out, nil))
	return strings.Join(names, " ") + " key:" + strings.Join(plan.Key, ","), out.String(), bad
}

func TestTypesAreFoundFromAllValues(t *testing.T) {
	for values, want := range map[string]string{
		"1 2 -3":                          "integer",
		"9007199254740991 0":              "integer",
		"9007199254740992 1":              "big_integer",
		"1 2.5 -0.25":                     "decimal",
		"1234567890.12345 1":              "decimal",
		"0.1234567890123456 1":            "big_decimal",
		"9007199254740992 2.5":            "big_decimal",
		"007 12":                          "text",
		"+5 6":                            "text",
		"1e3 2":                           "text",
		"1. 2":                            "text",
		".5 2":                            "text",
		"true false":                      "boolean",
		"true 1":                          "text",
		"2026-03-01 2026-12-31":           "date",
		"2026-03-01 2026-02-30":           "text",
		"2026-03-01 2026-03-01T06:30:00Z": "time",
		"2026-03-01T06:30:00.25+02:00 2026-03-01t00:00:00z": "time",
		"2026-03-01 5": "text",
		"- 1":          "text",
		"٣ 4":          "text",
	} {
		file := "id,v\n"
		for i, v := range strings.Fields(values) {
			file += fmt.Sprintf("%d,%s\n%d,\n", 2*i+1, v, 2*i+2) // missing values say nothing
		}
		fields, _, bad := read(t, file, Options{Format: CSV})
		assert.Nil(t, bad)
		assert.Equal(t, "id:integer v:"+want+" key:id", fields, values)
	}
}

func TestFilesOfEveryFormat(t *testing.T) {
	latin, err := charmap.Windows1252.NewEncoder().String("id,name\n1,Señora “Gull”\n")
	require.NoError(t, err)
	book := excelize.NewFile()
	for cell, v := range map[string]any{"A1": "No.", "B1": "Name", "A2": 1, "B2": "Gull", "A4": 2, "C1": "Depth"} {
		require.NoError(t, book.SetCellValue("Sheet1", cell, v))
	}
	var xlsx bytes.Buffer
	require.NoError(t, book.Write(&xlsx))
	for name, c := range map[string]struct {
		file, fields, records string
		o                     Options
	}{
		"empty text and missing values": {"id,a,b\n1,,\"\"\n2,\"\",\n3,\"x,\"\"y\"\"\",\" z\"\n", "id:integer a:text b:text key:id",
			"1,,\"\"\n2,\"\",\n3,\"x,\"\"y\"\"\",\" z\"\n", Options{Format: CSV}},
		"line breaks in a cell": {"id,a,b\r\n1,\"x\r\ny\",\"\"\r\n", "id:integer a:text b:text key:id", "1,\"x\r\ny\",\"\"\n", Options{Format: CSV}},
		"semicolons and a BOM":  {"\xEF\xBB\xBFid;a,b;c\n1;x,y;z\n", "id:integer a_b:text c:text key:id", "1,\"x,y\",z\n", Options{Format: CSV}},
		"tabs":                  {"id\ta\n1\tx\n", "id:integer a:text key:id", "1,x\n", Options{Format: CSV}},
		"bars, by declaration":  {"id|a,b,c\n1|x\n", "id:integer a_b_c:text key:id", "1,x\n", Options{Format: CSV, Delimiter: '|'}},
		"windows-1252":          {latin, "id:integer name:text key:id", "1,Señora “Gull”\n", Options{Format: CSV}},
		"no records":            {"id,a\n", "row_number:integer id:text a:text key:row_number", "", Options{Format: CSV}},
		"no key: one is made":   {"a,b\nx,1\nx,1\n", "row_number:integer a:text b:integer key:row_number", "1,x,1\n2,x,1\n", Options{Format: CSV}},
		"key of two fields":     {"a,b\nx,1\nx,2\n", "a:text b:integer key:a,b", "x,1\nx,2\n", Options{Format: CSV, Key: []string{"a", "b"}}},
		"names made safe":       {"No.,NO,Länge (m),,\" \"\n1,2,3,4,5\n", "no:integer no_2:integer länge_m:integer field_4:integer field_5:integer key:no", "1,2,3,4,5\n", Options{Format: CSV}},
		"declared types":        {"id,a\n1,007\n2,+5\n", "id:text a:integer key:id", "1,7\n2,5\n", Options{Format: CSV, Key: []string{"id"}, Types: map[string]value.Type{"id": value.Text, "a": value.Integer}}},
		"decimal commas":        {"id;a;b;c\n1;1.234,50;1.5;12\n2;-7;1.234;3,5\n", "id:integer a:decimal b:decimal c:decimal key:id", "1,1234.50,1.5,12\n2,-7,1.234,3.5\n", Options{Format: CSV, DecimalComma: true}},
		"thousands":             {"id;a\n1;1.234\n2;12.345.678\n", "id:integer a:integer key:id", "1,1234\n2,12345678\n", Options{Format: CSV, DecimalComma: true}},
		"not asked for":         {"id;a;d\n1;1,5;31.12.2026\n", "id:integer a:text d:text key:id", "1,\"1,5\",31.12.2026\n", Options{Format: CSV}},
		"the day first":         {"id,d,t,n\n1,31.12.2026,1.2.2026 06:30,31.12.2026\n2,1/2/2026,02.02.2026 06:30:05,2026-12-31\n", "id:integer d:date t:time n:text key:id", "1,2026-12-31,2026-02-01T06:30:00Z,31.12.2026\n2,2026-02-01,2026-02-02T06:30:05Z,2026-12-31\n", Options{Format: CSV, DayFirst: true}},
		"declared, with commas": {"id;a\n1;1,50\n2;2.25\n", "id:integer a:decimal key:id", "1,1.5\n2,2.25\n", Options{Format: CSV, DecimalComma: true, Types: map[string]value.Type{"a": value.Decimal}}},
		"NDJSON":                {"{\"id\":1,\"a\":\"x\"}\n\n{\"b\":[1, {\"c\":null}],\"id\":2,\"a\":null}\n", "id:integer a:text b:json key:id", "1,x,\n2,,\"[1,{\"\"c\"\":null}]\"\n", Options{Format: NDJSON}},
		"a JSON array":          {" [ {\"id\":1,\"t\":true} , {\"id\":2.5,\"t\":false} ]", "row_number:integer id:decimal t:boolean key:row_number", "1,1,true\n2,2.5,false\n", Options{Format: JSON}},
		"an empty JSON array":   {`[{}]`, "", "", Options{Format: JSON}},
		"a workbook":            {xlsx.String(), "no:integer name:text depth:text key:no", "1,Gull,\n2,,\n", Options{Format: XLSX}},
	} {
		if c.fields == "" {
			_, _, err := NewPlan(t.Context(), strings.NewReader(c.file), c.o)
			assert.Error(t, err, name)
			continue
		}
		fields, records, bad := read(t, c.file, c.o)
		assert.Nil(t, bad, name)
		assert.Equal(t, c.fields, fields, name)
		assert.Equal(t, c.records, records, name)
	}
}

func TestRowsThatAreNoRecordsAreNamed(t *testing.T) {
	file := "id,a\n1,x\n2\n3,y,z\n4,\"a\"b\n5,\x00\n6,ok\n"
	_, records, bad := read(t, file, Options{Format: CSV})
	assert.Equal(t, "1,x\n6,ok\n", records, "the good rows can be had")
	require.NotNil(t, bad)
	var lines []string
	for _, r := range bad.Rows {
		lines = append(lines, fmt.Sprintf("%d %s %s", r.Line, r.Field, r.Reason))
	}
	assert.Equal(t, []string{"3  1 cell, and the first line names 2 fields", "4  3 cells, and the first line names 2 fields",
		`5  column 5: extraneous or missing " in quoted-field`, "6 a holds a NUL"}, lines)
	assert.ErrorContains(t, bad, "4 rows are no records; the first is line 3")

	plan, bad, err := NewPlan(t.Context(), strings.NewReader(file), Options{Format: CSV})
	require.NoError(t, err)
	require.NotNil(t, bad)
	var aside bytes.Buffer
	require.NoError(t, plan.WriteRecords(t.Context(), strings.NewReader(file), &bytes.Buffer{}, &aside))
	assert.Equal(t, 5, strings.Count(aside.String(), "\n"), "a head and four rows: %s", aside.String())

	_, _, bad = read(t, "id,a\n1,5\n2,x\n", Options{Format: CSV, Types: map[string]value.Type{"a": value.Integer}})
	assert.Equal(t, BadRow{Line: 3, Field: "a", Found: "x", Reason: "is not a whole number"}, bad.Rows[0])
	_, _, bad = read(t, "{\"id\":1}\nnothing\n[1]\n{\"id\":2\n", Options{Format: NDJSON})
	assert.EqualValues(t, 3, bad.Count)
	_, _, bad = read(t, "id,a\n"+strings.Repeat("1\n", 250), Options{Format: CSV})
	assert.EqualValues(t, 250, bad.Count)
	assert.Len(t, bad.Rows, BadRowsLimit)
	_, _, bad = read(t, "id,a\n1,\xff\n", Options{Format: CSV, Encoding: UTF8})
	assert.Equal(t, "is not UTF-8; is the file windows-1252?", bad.Rows[0].Reason)

	for file, o := range map[string]Options{
		"":           {Format: CSV},
		"id\n1\n":    {Format: "tsv"},
		"id\n1\n2\n": {Format: CSV, Key: []string{"no"}},
		"a,b\n,1\n":  {Format: CSV, Key: []string{"a"}},
		"{}":         {Format: JSON},
		`[{"a":1}`:   {Format: JSON},
		"PK":         {Format: XLSX},
		"a\n1\n":     {Format: CSV, Types: map[string]value.Type{"b": value.Text}},
	} {
		_, _, err := NewPlan(t.Context(), strings.NewReader(file), o)
		assert.Error(t, err, file)
	}
}

func TestRecordThatNeverEndsIsNotReadIntoMemory(t *testing.T) {
	long := strings.Repeat("x", recordBytes+1<<20)
	for file, o := range map[string]Options{
		"id,a\n1,\"" + long:          {Format: CSV},
		"{\"id\":1,\"a\":\"" + long:  {Format: NDJSON},
		"[{\"id\":1,\"a\":\"" + long: {Format: JSON},
	} {
		_, _, err := NewPlan(t.Context(), strings.NewReader(file), o)
		assert.Error(t, err, o.Format)
	}
	bad := "id,a\n" + strings.Repeat("1\n", 1<<20) // rows that could not be read are dropped too
	r, err := open(t.Context(), strings.NewReader(bad), &Options{Format: CSV})
	require.NoError(t, err)
	for range 1 << 20 {
		_, err := r.next()
		require.NoError(t, err)
	}
	assert.Less(t, cap(r.(*csvRows).text), 1<<20)
}

func TestWorkbookThatUnpacksToTooMuchIsRefused(t *testing.T) {
	var plain, bomb bytes.Buffer
	require.NoError(t, excelize.NewFile().Write(&plain))
	from, err := zip.NewReader(bytes.NewReader(plain.Bytes()), int64(plain.Len()))
	require.NoError(t, err)
	to := zip.NewWriter(&bomb)
	for _, f := range from.File {
		w, err := to.Create(f.Name)
		require.NoError(t, err)
		r, err := f.Open()
		require.NoError(t, err)
		_, err = io.Copy(w, r)
		require.NoError(t, err)
		if f.Name == "xl/worksheets/sheet1.xml" {
			blank := bytes.Repeat([]byte(" "), 1<<20)
			for range 150 {
				_, err := w.Write(blank)
				require.NoError(t, err)
			}
		}
	}
	require.NoError(t, to.Close())
	require.Less(t, bomb.Len(), 1<<20, "a small file")
	_, _, err = NewPlan(t.Context(), bytes.NewReader(bomb.Bytes()), Options{Format: XLSX})
	assert.ErrorContains(t, err, "a text in it is longer than 16 MB")
}

func TestOtherFormsOfNumbersAndDatesAreOffered(t *testing.T) {
	for file, want := range map[string]Offer{
		"1,5\n2\n": OfferComma, "12\n1.234,5\n": OfferComma, "1.5\n1,5\n": "", "007,5\n": "", "1,5\nx\n": "", "1.5\n": "", "12\n13\n": "", "1,5,\n": "",
		"1,2345.6\n": "", "31.12.2026\n1.1.2027\n": OfferDayFirst, "31/12/2026 06:30\n": OfferDayFirst, "12/31/2026\n": "", "32.1.2026\n": "", "1.234\n1.234,5\n": "",
		strings.Repeat("1.", 1<<20) + "\n": "", "1,5\n" + strings.Repeat("9", 1001) + ",5\n": "", strings.Repeat("9", 1000) + ",5\n": "", strings.Repeat("9", 998) + ",5\n": OfferComma,
	} {
		p, bad, err := NewPlan(t.Context(), strings.NewReader("a\n"+file), Options{Format: CSV, Delimiter: ';', MakeKey: true})
		require.NoError(t, err)
		require.Nil(t, bad)
		assert.Equal(t, want, p.Offers[1], file)
	}
}

package intake

import (
	"archive/zip"
	"bytes"
	"context"
	"fmt"
	"io"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"strconv"
	"strings"
	"testing"
	"time"

	"github.com/stretchr/testify/assert"
	"github.com/stretchr/testify/require"

	"pageladder.example/internal/soak"
)

// book is a workbook with one sheet, of parts that are written by hand.
func book(t testing.TB, parts map[string]func(io.Writer)) []byte {
	text := func(s string) func(io.Writer) { return func(w io.Writer) { io.WriteString(w, s) } }
	all := map[string]func(io.Writer){
		"[Content_Types].xml":        text(`<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/></Types>`),
		"_rels/.rels":                text(`<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="xl/workbook.xml"/></Relationships>`),
		"xl/workbook.xml":            text(`<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="Calls" sheetId="1" r:id="rId1"/></sheets></workbook>`),
		"xl/_rels/workbook.xml.rels": text(`<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="rId2" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/sharedStrings" Target="sharedStrings.xml"/></Relationships>`),
		"xl/worksheets/sheet1.xml":   text(sheetHead + `<row r="1"><c r="A1" t="inlineStr"><is><t>no</t></is></c></row><row r="2"><c r="A2"><v>1</v></c></row></sheetData></worksheet>`),
	}
	for name, write := range parts {
		all[name] = write
	}
	var packed bytes.Buffer
	to := zip.NewWriter(&packed)
	for name, write := range all {
		w, err := to.Create(name)
		require.NoError(t, err)
		write(w)
	}
	require.NoError(t, to.Close())
	return packed.Bytes()
}

const (
	sheetHead   = `<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>`
	sheetFoot   = `</sheetData></worksheet>`
	stringsHead = `<sst xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main">`
)

// many writes a text many times.
func many(head, text string, n int, foot string) func(io.Writer) {
	return func(w io.Writer) {
		io.WriteString(w, head)
		each := max(min(n, 64<<10/len(text)), 1)
		block := strings.Repeat(text, each)
		for range n / each {
			io.WriteString(w, block)
		}
		io.WriteString(w, strings.Repeat(text, n%each)+foot)
	}
}

// hostile are files that are small and ask for much, with what is said of them; ""
// where they can be read.
func hostile(t testing.TB) map[string]struct {
	file   []byte
	format Format
	says   string
} {
	long := strings.Repeat("x", 10<<20)
	wide := func(w io.Writer) {
		io.WriteString(w, sheetHead)
		for row := range 50 {
			fmt.Fprintf(w, `<row r="%d">`, row+1)
			for range 1000 {
				io.WriteString(w, `<c t="s"><v>0</v></c>`)
			}
			io.WriteString(w, "</row>")
		}
		io.WriteString(w, sheetFoot)
	}
	var entries bytes.Buffer
	to := zip.NewWriter(&entries)
	for i := range 200_000 {
		_, err := to.CreateHeader(&zip.FileHeader{Name: fmt.Sprint(i)})
		require.NoError(t, err)
	}
	require.NoError(t, to.Close())
	type file = struct {
		file   []byte
		format Format
		says   string
	}
	sheet := func(write func(io.Writer)) []byte {
		return book(t, map[string]func(io.Writer){"xl/worksheets/sheet1.xml": write})
	}
	return map[string]file{
		"a workbook":                 {sheet(many(sheetHead, `<row><c><v>1</v></c></row>`, 3, sheetFoot)), XLSX, ""},
		"shared strings, millions":   {book(t, map[string]func(io.Writer){"xl/sharedStrings.xml": many(stringsHead, "<si><t>a</t></si>", 5_000_000, "</sst>")}), XLSX, "more than 2000000 different texts"},
		"shared strings, many":       {book(t, map[string]func(io.Writer){"xl/sharedStrings.xml": many(stringsHead, "<si><t>abcdefghij</t></si>", soak.Or(400_000, 1_900_000), "</sst>")}), XLSX, ""},
		"a cell of 98 MB":            {sheet(many(sheetHead+`<row><c t="inlineStr"><is><t>`, "x", 98<<20, `</t></is></c></row>`+sheetFoot)), XLSX, "MB"},
		"a shared string of 98 MB":   {book(t, map[string]func(io.Writer){"xl/sharedStrings.xml": many(stringsHead+"<si><t>", "x", 98<<20, "</t></si></sst>")}), XLSX, "MB"},
		"one string in many cells":   {book(t, map[string]func(io.Writer){"xl/sharedStrings.xml": many(stringsHead+"<si><t>", long, 1, "</t></si></sst>"), "xl/worksheets/sheet1.xml": wide}), XLSX, "longer than 16 MB"},
		"very many empty rows":       {sheet(many(sheetHead+`<row r="1"><c r="A1"><v>1</v></c></row>`, "<row/>", soak.Or(200_000, 1_048_000), sheetFoot)), XLSX, ""},
		"two million empty rows":     {sheet(many(sheetHead, "<row/>", 2_000_000, sheetFoot)), XLSX, "more than 1048576 rows"},
		"a row far below":            {sheet(many(sheetHead+`<row r="1"><c r="A1"><v>1</v></c></row>`, `<row r="2000000000"/>`, 1, sheetFoot)), XLSX, "right would be a number from 1 to 1048576"},
		"a cell far to the right":    {sheet(many(sheetHead, `<row r="1"><c r="XFD1"><v>1</v></c></row>`, 1, sheetFoot)), XLSX, "at most 1600 columns"},
		"an index out of range":      {sheet(many(sheetHead, `<row r="1"><c r="A1" t="s"><v>7</v></c></row>`, 1, sheetFoot)), XLSX, "cell A1, row 1: it is text number 7, and the workbook has 0"},
		"styles without end":         {book(t, map[string]func(io.Writer){"xl/styles.xml": many(`<styleSheet>`, `<xf numFmtId="1"/>`, 3_000_000, `</styleSheet>`)}), XLSX, "xl/styles.xml is larger than 4 MB"},
		"sheets without end":         {book(t, map[string]func(io.Writer){"xl/workbook.xml": many(`<workbook><sheets>`, `<sheet name="a"/>`, 100_000, `</sheets></workbook>`)}), XLSX, "more than 10000 sheets"},
		"a picture of 90 MB":         {book(t, map[string]func(io.Writer){"xl/media/a.png": many("", "x", 90<<20, "")}), XLSX, ""},
		"an archive of many entries": {entries.Bytes(), XLSX, "larger than 4 MB"},
		"CSV of 100,000 columns":     {[]byte(strings.Repeat("a,", 100_000) + "\n" + strings.Repeat("1,", 100_000) + "\n"), CSV, "more than 1600 fields"},
		"CSV of one long line":       {[]byte("a,b\n" + strings.Repeat(",", 15<<20) + "\n"), CSV, ""},
		"CSV of quotes":              {[]byte("a,b\n" + strings.Repeat("\"\"", 15<<20) + "\n"), CSV, "longer than 16 MB"},
		"CSV of equal names":         {[]byte(strings.Repeat("a,", 1599) + "a\n"), CSV, ""},
		"NDJSON of many fields":      {ndjsonOfFields(100_000), NDJSON, ""},
		"JSON, nested":               {[]byte(strings.Repeat("[", 1<<20)), JSON, "element 1"},
		"JSON of one long object":    {[]byte(`[{"a":"` + strings.Repeat(`\u0041`, 2<<20) + `"}]`), JSON, ""},
	}
}

func ndjsonOfFields(n int) []byte {
	var b bytes.Buffer
	for i := range n {
		fmt.Fprintf(&b, "{\"f%d\":1}\n", i)
	}
	return b.Bytes()
}

const hostileFile = "PAGELADDER_TEST_FILE"

// TestReadsTheFileThatIsNamed reads one file in a process of its own, for the test below.
func TestReadsTheFileThatIsNamed(t *testing.T) {
	path, format, ok := strings.Cut(os.Getenv(hostileFile), ":")
	if !ok {
		t.Skip("is run by TestNoFileTakesMuchMemoryOrTime")
	}
	file, err := os.Open(path)
	require.NoError(t, err)
	plan, _, err := NewPlan(context.Background(), file, Options{Format: Format(format)})
	if err == nil {
		err = plan.WriteRecords(context.Background(), file, io.Discard, nil)
	}
	status, readErr := os.ReadFile("/proc/self/status")
	require.NoError(t, readErr)
	fmt.Printf("\nread: %v\n%s\n", err, status)
}

// timeOfAFile is the time after which reading a file is given up: it takes a second or two, on a machine that has
// nothing else to do.
const timeOfAFile = 5 * time.Minute

// No file takes much memory or time, and reading it ends with its caller.
func TestNoFileTakesMuchMemoryOrTime(t *testing.T) {
	if soak.Race {
		t.Skip("its own memory and time are many times those of a file, which one goroutine reads")
	}
	const memoryOfAFile = int64(300 << 20)
	left, leave := context.WithCancel(t.Context())
	leave()
	for name, c := range hostile(t) {
		path := filepath.Join(t.TempDir(), "file")
		require.NoError(t, os.WriteFile(path, c.file, 0o600))
		temporary := t.TempDir()
		ctx, cancel := context.WithTimeout(t.Context(), timeOfAFile)
		defer cancel()
		cmd := exec.CommandContext(ctx, os.Args[0], "-test.run=^TestReadsTheFileThatIsNamed$", "-test.v")
		cmd.Env = append(os.Environ(), hostileFile+"="+path+":"+string(c.format), "TMPDIR="+temporary)
		began := time.Now()
		out, err := cmd.CombinedOutput()
		took := time.Since(began)
		require.NoError(t, err, "%s: %s", name, out)
		peak := regexp.MustCompile(`VmHWM:\s+(\d+) kB`).FindSubmatch(out)
		require.NotNil(t, peak, string(out))
		memory, err := strconv.ParseInt(string(peak[1]), 10, 64)
		require.NoError(t, err)
		memory <<= 10
		t.Logf("%-28s %9d bytes: %4d MB, %5.1f s", name, len(c.file), memory>>20, took.Seconds())
		assert.Less(t, memory, memoryOfAFile, name)
		if c.says == "" {
			assert.Contains(t, string(out), "read: <nil>", name)
			_, _, err := NewPlan(left, bytes.NewReader(c.file), Options{Format: c.format})
			assert.ErrorIs(t, err, context.Canceled, name)
		} else {
			assert.Contains(t, string(out), c.says, name)
		}
		files, err := os.ReadDir(temporary)
		require.NoError(t, err)
		assert.Empty(t, files, "%s: nothing stays on the disk", name)
	}
}

// What a file holds is read whole, or its place is named.
func TestNothingOfAFileIsLost(t *testing.T) {
	for file, want := range map[string]string{
		"id,a\r1,x\r2,\"y\rz\"\r":                 "1,x\n2,\"y\rz\"\n",
		"id,a\r\n1,\"x\r\ny\"\r\n2,\r\n":          "1,\"x\r\ny\"\n2,\n",
		"id,a\n1,x\ry\n":                          "1,\"x\ry\"\n",
		"id,a\n1,\"x\ny\"\n\n2,z":                 "1,\"x\ny\"\n2,z\n",
		"id,a\n1, \"\n":                           "",
		"id;a\n1;\"x;\"\"y\"\"\"\n":               "1,\"x;\"\"y\"\"\"\n",
		"id,xmin,ctid,version,count\n1,2,3,4,5\n": "1,2,3,4,5\n",
	} {
		_, records, bad := read(t, file, Options{Format: CSV})
		assert.Equal(t, want, records, "%q", file)
		assert.Equal(t, want == "", bad != nil, "%q", file)
	}
	for file, says := range map[string]string{
		`[{"id":1}][{"id":2}]`: "after element 1: more follows behind the array, at byte",
		`[{"id":1},{"id":`:     "element 2: jsontext: unexpected EOF",
		`[{"id":1}`:            "unexpected EOF",
		`[{"id":1}] x`:         "more follows behind the array",
	} {
		_, _, err := NewPlan(t.Context(), strings.NewReader(file), Options{Format: JSON})
		assert.ErrorContains(t, err, says, file)
	}
	fields, _, _ := read(t, "id,xmin,ctid,cmax\n1,2,3,4\n", Options{Format: CSV})
	assert.Equal(t, "id:integer xmin_2:integer ctid_2:integer cmax_2:integer key:id", fields)
}

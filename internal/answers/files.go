package answers

import (
	"bytes"
	"html"
	"io/fs"
	"mime"
	"net/http"
	"path"
	"strconv"

	"github.com/klauspost/compress/gzip"
)

// File is a file of a build, compressed once and as small as possible.
type File struct {
	body, zipped []byte // zipped is nil where that is no shorter
	mediaType    string
}

// Send answers with the file.
func (f *File) Send(w http.ResponseWriter) { f.SendAs(w, http.StatusOK) }

// SendAs answers with the file under a status.
func (f *File) SendAs(w http.ResponseWriter, status int) {
	body := f.body
	if f.zipped != nil && TakesGzip(w) {
		w.Header().Set("Content-Encoding", "gzip")
		body = f.zipped
	}
	w.Header().Set("Content-Length", strconv.Itoa(len(body)))
	w.Header().Set("Content-Type", f.mediaType)
	w.WriteHeader(status)
	w.Write(body)
}

// ReadFiles reads the files of a build. The base of its page is set to the path under which
// callers reach the service.
func ReadFiles(files fs.FS, prefix string) (map[string]*File, error) {
	all := map[string]*File{}
	best, err := gzip.NewWriterLevel(nil, gzip.BestCompression)
	if err != nil {
		return nil, err
	}
	err = fs.WalkDir(files, ".", func(name string, entry fs.DirEntry, err error) error {
		if err != nil || entry.IsDir() {
			return err
		}
		body, err := fs.ReadFile(files, name)
		if err != nil {
			return err
		}
		mediaType := mime.TypeByExtension(path.Ext(name))
		if name == "index.html" {
			body = bytes.Replace(body, []byte(`<base href="/"`), []byte(`<base href="`+html.EscapeString(prefix)+`/"`), 1)
		}
		all[name] = &File{body, Zipped(best, body), mediaType}
		return nil
	})
	return all, err
}

// Package console embeds the build of the web console.
package console

import (
	"embed"
	"io/fs"
)

//go:embed all:dist
var dist embed.FS

// Files are the console's files: index.html, and assets below assets/. Beside them are element.js and ladder.css, for
// pages of others.
func Files() fs.FS {
	sub, err := fs.Sub(dist, "dist")
	if err != nil {
		panic(err) // the folder is embedded above
	}
	return sub
}

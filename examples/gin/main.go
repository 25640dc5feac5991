// A list in memory, paged with Gin and the package alone.
package main

import (
	"html/template"
	"os"

	"github.com/gin-gonic/gin"

	"pageladder.example/paging"
	"pageladder.example/paging/markup"
)

func main() {
	vessels := []string{"Grey Gull", "Salt Petrel", "Amber Tern", "Quiet Heron", "Old Otter", "Brave Marlin", "Little Anchor"}
	r := gin.New()
	rules := &paging.Rules{Size: paging.SizeRules{Default: 3}}
	r.Match([]string{"GET", "HEAD"}, "/vessels", func(c *gin.Context) {
		ask, _ := rules.Read(c.Request.URL.RawQuery) // these rules mend every fault
		page, _ := ask.Settle(paging.Exact(int64(len(vessels))))
		view := markup.Of(page, paging.Base{}, nil)
		html := append(markup.Bootstrap.AppendLadder(markup.AppendSummary(nil, &view), &view), "<ul>\n"...)
		for _, vessel := range paging.Cut(vessels, page) {
			html = append(html, "<li>"+template.HTMLEscapeString(vessel)+"</li>\n"...)
		}
		c.Data(200, "text/html; charset=utf-8", append(html, "</ul>\n"...))
	})
	r.Run(os.Args[1])
}

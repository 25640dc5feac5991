package service

import (
	"net/http"
	"net/url"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"
	lru "github.com/hashicorp/golang-lru/v2"

	"pageladder.example/api"
	"pageladder.example/internal/control"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
	"pageladder.example/internal/shapes"
)

// This file keeps, where there are replicas, the floor of each caller: the state of a set below which it gets no page. Programs send it back in a header,
// browsers in a cookie, and a link may hold it; and this service remembers it.

const (
	floorCookie = "pageladder_seen"
	floorsKept  = 20_000 // floors that are remembered, and
	floorsSent  = 20     // of the sets that a cookie holds, as far as there is room:
	cookieBytes = 3_500  // browsers keep 4,096 with its name and attributes, RFC 6265 section 6.1
)

// floors are those that this service remembers, by caller and set; nil: there are no replicas.
type floors struct {
	kept *lru.Cache[[2]string, sets.Floor]
}

func newFloors() *floors {
	f := &floors{}
	f.kept, _ = lru.New[[2]string, sets.Floor](floorsKept) // the size is valid
	return f
}

// from prepares a request to read a set as its caller: from one of the servers, and nothing below the caller's floor.
func (s *Service) from(c *gin.Context, request *sets.Request) error {
	given, err := floorGiven(c)
	if err != nil || s.floors == nil {
		return err
	}
	name := who(c).Name(c.ClientIP())
	kept, _ := s.floors.kept.Get([2]string{name, request.Set})
	request.Caller = sets.Caller{Name: name, Floor: given.Max(kept).Max(floorsIn(c)[request.Set])}
	request.Seen = &sets.Sighting{}
	return nil
}

// floorGiven is the floor that a request names in its header or its query.
func floorGiven(c *gin.Context) (f sets.Floor, err error) {
	if header := c.Request.Header.Values(api.MinVersion); len(header) > 0 {
		given, ok := sets.ParseFloor(strings.TrimSpace(header[0]))
		if !ok || len(header) > 1 {
			return f, problem.Of(problem.BadRequest, "found %s %.100q; right would be one, as an answer of the set had it, or a version of the set", api.MinVersion, strings.Join(header, ", "))
		}
		f = given
	}
	sp, err := control.Read(c.Request.URL.RawQuery, shapes.Names())
	return f.Max(sp.MinVersion), err
}

// shown notes what a caller has seen of a set, and says so in the answer's headers.
func (s *Service) shown(c *gin.Context, set string, seen *sets.Sighting) {
	if s.floors == nil || seen == nil {
		return
	}
	h := c.Writer.Header()
	if seen.Stale {
		h[api.Stale] = []string{"?1"}
	}
	if seen.Floor == (sets.Floor{}) {
		return
	}
	key := [2]string{who(c).Name(c.ClientIP()), set}
	kept, _ := s.floors.kept.Get(key)
	s.floors.kept.Add(key, kept.Max(seen.Floor))
	h[api.MinVersion] = []string{seen.Floor.String()}
	if c.Request.Header["Authorization"] != nil {
		return
	}
	all := floorsIn(c)
	if higher := all[set].Max(seen.Floor); higher != all[set] { // a browser
		all[set] = higher
		s.setCookie(c, all, set)
	}
}

// wrote notes that a caller has changed a set: it sees no page before that.
func (s *Service) wrote(c *gin.Context, set string, version int64) {
	s.shown(c, set, &sets.Sighting{Floor: sets.Floor{Version: version}})
}

// forget forgets what a caller has seen of a set: it is of another history.
func (s *Service) forget(c *gin.Context) {
	set := pathParam(c, "set")
	s.floors.kept.Remove([2]string{who(c).Name(c.ClientIP()), set})
	if all := floorsIn(c); all[set] != (sets.Floor{}) {
		delete(all, set)
		s.setCookie(c, all, "")
	}
}

// setCookie sets the cookie with floors, that of one set first.
func (s *Service) setCookie(c *gin.Context, all map[string]sets.Floor, first string) {
	http.SetCookie(c.Writer, &http.Cookie{Name: floorCookie, Value: cookieOf(all, first), Path: s.hosts.Prefix + "/", HttpOnly: true,
		Secure: strings.HasPrefix(s.hosts.Public, "https://"), SameSite: http.SameSiteLaxMode})
}

// floorsIn are the floors in a request's cookie, by set. A cookie that is damaged holds none.
func floorsIn(c *gin.Context) map[string]sets.Floor {
	all := map[string]sets.Floor{}
	cookie, err := c.Request.Cookie(floorCookie)
	if err != nil {
		return all
	}
	for i, pair := range strings.Split(cookie.Value, "&") {
		name, value, _ := strings.Cut(pair, "=")
		set, err := url.QueryUnescape(name)
		if f, ok := sets.ParseFloor(value); ok && err == nil && i < floorsSent {
			all[set] = all[set].Max(f)
		}
	}
	return all
}

// cookieOf is the cookie with some floors: that of one set, and of others as far as there is room.
func cookieOf(all map[string]sets.Floor, first string) string {
	var pairs []string
	room := cookieBytes
	add := func(set string) {
		pair := url.QueryEscape(set) + "=" + all[set].String()
		if room -= len(pair) + 1; room >= 0 && len(pairs) < floorsSent {
			pairs = append(pairs, pair)
		}
	}
	if _, ok := all[first]; ok {
		add(first)
	}
	for set := range all {
		if set != first {
			add(set)
		}
	}
	return strings.Join(pairs, "&")
}

// notBefore is an address at which nothing older than a version is shown, also to who follows it from another service.
func (s *Service) notBefore(href string, version int64) string {
	if s.floors == nil {
		return href
	}
	return href + "?" + api.MinVersionParam + "=" + strconv.FormatInt(version, 10)
}

package service

import (
	"fmt"
	"net/http"
	"strconv"
	"strings"
	"time"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/sets"
)

func (s *Service) listTokens(c *gin.Context) {
	all, err := s.tokens.List(c.Request.Context())
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, api.TokenList{Tokens: wireTokens(all)})
}

const tokenSets = 1_000 // that one token can be bound to

func (s *Service) createToken(c *gin.Context) {
	var body api.TokenBody
	if err := s.body(c, &body, "application/json"); err != nil {
		s.fail(c, err)
		return
	}
	role, err := access.ParseRole(body.Role)
	if err != nil {
		s.fail(c, &sets.ValueError{Field: "role", Found: strconv.Quote(body.Role), Want: "reader, editor or owner"})
		return
	}
	if body.Label = strings.TrimSpace(body.Label); body.Label == "" || len(body.Label) > 200 {
		s.fail(c, &sets.ValueError{Field: "label", Found: strconv.Itoa(len(body.Label)) + " bytes", Want: "1 to 200 bytes, such as the name of who will use the token"})
		return
	}
	if len(body.Sets) > tokenSets {
		s.fail(c, &sets.ValueError{Field: "sets", Found: strconv.Itoa(len(body.Sets)) + " names", Want: fmt.Sprintf("at most %d, or none at all for every set", tokenSets)})
		return
	}
	secret, token, err := s.tokens.Create(c.Request.Context(), body.Label, role, body.Sets)
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusCreated, api.NewToken{Secret: secret, Token: api.Token(*token)})
}

func (s *Service) endToken(c *gin.Context) {
	id, err := strconv.ParseInt(c.Param("id"), 10, 64)
	if err != nil {
		err = access.ErrNoToken
	} else {
		err = s.tokens.End(c.Request.Context(), id)
	}
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Status(http.StatusNoContent)
}

func sessionOf(caller *access.Caller) api.Session {
	return api.Session{Role: caller.Role.String(), Label: caller.Label, Sets: caller.Sets}
}

func (s *Service) readSession(c *gin.Context) {
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, sessionOf(who(c)))
}

func (s *Service) signIn(c *gin.Context) {
	var body api.SignInBody
	err := s.body(c, &body, "application/json")
	if err == nil && (body.Token == "") == (body.Code == "") {
		err = wrongBody(badBody, "found neither or both of token and code; right would be one of them")
	}
	if err == nil && !s.rates.Allow(c.ClientIP()) {
		err = errTooMany
	}
	var id string
	var until time.Time
	var caller access.Caller
	switch {
	case err != nil:
	case body.Code != "":
		id, until, caller, err = s.tokens.Accept(c.Request.Context(), body.Code)
	default:
		id, until, caller, err = s.tokens.SignIn(c.Request.Context(), strings.TrimSpace(body.Token))
	}
	if err != nil {
		s.fail(c, err)
		return
	}
	http.SetCookie(c.Writer, &http.Cookie{Name: sessionCookie, Value: id, Path: s.prefix + "/", Expires: until, HttpOnly: true,
		Secure: strings.HasPrefix(s.public, "https://"), SameSite: http.SameSiteStrictMode})
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, sessionOf(&caller))
}

// inviteBrowser makes a link that signs a browser in once, as the caller.
func (s *Service) inviteBrowser(c *gin.Context) {
	code, until, err := s.tokens.Invite(c.Request.Context(), who(c).Token)
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusCreated, api.SignInLink{Path: SignInPath + code, ExpiresAt: until})
}

// SignInPath is where the console signs in by a code, which follows it.
const SignInPath = "/sign-in#"

func (s *Service) signOut(c *gin.Context) {
	if cookie, err := c.Cookie(sessionCookie); err == nil {
		if err := s.tokens.SignOut(c.Request.Context(), cookie); err != nil {
			s.fail(c, err)
			return
		}
	}
	http.SetCookie(c.Writer, &http.Cookie{Name: sessionCookie, Path: s.prefix + "/", MaxAge: -1, HttpOnly: true, SameSite: http.SameSiteStrictMode})
	c.Status(http.StatusNoContent)
}

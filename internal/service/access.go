package service

import (
	"net/http"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/internal/sets"
	"pageladder.example/internal/tokens"
)

// TokenBody asks for a token.
type TokenBody struct {
	Label string   `json:"label"`
	Role  string   `json:"role"`           // reader, editor or owner
	Sets  []string `json:"sets,omitempty"` // left out: all
}

// NewToken is a token that has been made: the one time that it is told.
type NewToken struct {
	Secret string `json:"secret"`
	tokens.Token
}

// TokenList is every token that has been made.
type TokenList struct {
	Tokens []tokens.Token `json:"tokens"`
}

func (s *Service) listTokens(c *gin.Context) {
	all, err := s.tokens.List(c.Request.Context())
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, TokenList{append([]tokens.Token{}, all...)})
}

func (s *Service) createToken(c *gin.Context) {
	var body TokenBody
	if err := s.body(c, &body, "application/json"); err != nil {
		s.fail(c, err)
		return
	}
	role, err := tokens.ParseRole(body.Role)
	if err != nil {
		s.fail(c, &sets.ValueError{Field: "role", Found: strconv.Quote(body.Role), Want: "reader, editor or owner"})
		return
	}
	if body.Label = strings.TrimSpace(body.Label); body.Label == "" || len(body.Label) > 200 {
		s.fail(c, &sets.ValueError{Field: "label", Found: strconv.Itoa(len(body.Label)) + " bytes", Want: "1 to 200 bytes, such as the name of who will use the token"})
		return
	}
	// The first token ends the time in which this machine needs none, so it has to
	// be one that can make others.
	any, err := s.tokens.Any(c.Request.Context())
	if err == nil && !any && (role != tokens.Owner || body.Sets != nil) {
		err = &sets.ValueError{Field: "role", Found: body.Role, Want: "owner, for all sets: from the first token on nobody gets in without one"}
	}
	var secret string
	var token *tokens.Token
	if err == nil {
		secret, token, err = s.tokens.Create(c.Request.Context(), body.Label, role, body.Sets)
	}
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusCreated, NewToken{secret, *token})
}

func (s *Service) endToken(c *gin.Context) {
	id, err := strconv.ParseInt(c.Param("id"), 10, 64)
	if err != nil {
		err = tokens.ErrNoToken
	} else {
		err = s.tokens.End(c.Request.Context(), id)
	}
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Status(http.StatusNoContent)
}

// SignInBody is a token to sign in with.
type SignInBody struct {
	Token string `json:"token"`
}

// Session tells who a caller is.
type Session struct {
	Role   string   `json:"role"`
	Label  string   `json:"label"`
	Sets   []string `json:"sets" jsonschema:"nullable"` // null: all
	Tokens bool     `json:"tokens"`
}

func (s *Service) readSession(c *gin.Context) {
	caller := who(c)
	any, err := s.tokens.Any(c.Request.Context())
	if err != nil {
		s.fail(c, err)
		return
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, Session{caller.Role.String(), caller.Label, caller.Sets, any})
}

func (s *Service) signIn(c *gin.Context) {
	var body SignInBody
	if err := s.body(c, &body, "application/json"); err != nil {
		s.fail(c, err)
		return
	}
	id, until, caller, err := s.tokens.SignIn(c.Request.Context(), strings.TrimSpace(body.Token))
	if err != nil {
		s.fail(c, err)
		return
	}
	http.SetCookie(c.Writer, &http.Cookie{Name: sessionCookie, Value: id, Path: s.prefix + "/", Expires: until, HttpOnly: true,
		Secure: strings.HasPrefix(s.public, "https://"), SameSite: http.SameSiteStrictMode})
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, Session{caller.Role.String(), caller.Label, caller.Sets, true})
}

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

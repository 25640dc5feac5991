package service

import (
	"fmt"
	"net/http"
	"strconv"
	"strings"

	"github.com/gin-gonic/gin"

	"pageladder.example/api"
	"pageladder.example/internal/access"
	"pageladder.example/internal/body"
	"pageladder.example/internal/problem"
	"pageladder.example/internal/sets"
)

func (s *Service) listTokens(c *gin.Context) error {
	all, err := s.tokens.List(c.Request.Context())
	if err != nil {
		return err
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, api.TokenList{Tokens: wireTokens(all)})
	return nil
}

const tokenSets = 1_000 // that one token can be bound to

func (s *Service) createToken(c *gin.Context) error {
	var request api.TokenBody
	if err := body.JSON(c.Request, &request, "application/json"); err != nil {
		return err
	}
	role, err := access.ParseRole(request.Role)
	if err != nil {
		return &sets.ValueError{Field: "role", Found: strconv.Quote(request.Role), Want: "reader, editor or owner"}
	}
	if len(request.Sets) > tokenSets {
		return &sets.ValueError{Field: "sets", Found: strconv.Itoa(len(request.Sets)) + " names", Want: fmt.Sprintf("at most %d, or none at all for every set", tokenSets)}
	}
	secret, token, err := s.tokens.Create(c.Request.Context(), request.Label, role, request.Sets)
	if err != nil {
		return err
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusCreated, api.NewToken{Secret: secret, Token: api.Token(*token)})
	return nil
}

func (s *Service) endToken(c *gin.Context) error {
	id, err := strconv.ParseInt(c.Param("id"), 10, 64)
	if err != nil {
		return access.ErrNoToken
	}
	if err := s.tokens.End(c.Request.Context(), id); err != nil {
		return err
	}
	c.Status(http.StatusNoContent)
	return nil
}

func sessionOf(caller *access.Caller) api.Session {
	return api.Session{Role: caller.Role.String(), Label: caller.Label, Sets: caller.Sets}
}

func (s *Service) readSession(c *gin.Context) error {
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, sessionOf(who(c)))
	return nil
}

func (s *Service) signIn(c *gin.Context) error {
	var request api.SignInBody
	if err := body.JSON(c.Request, &request, "application/json"); err != nil {
		return err
	}
	if (request.Token == "") == (request.Code == "") {
		return problem.Of(problem.BadBody, "found neither or both of token and code; right would be one of them")
	}
	if !s.rates.Allow(c.ClientIP()) {
		return access.ErrTooMany
	}
	accept, proof := s.tokens.SignIn, strings.TrimSpace(request.Token)
	if request.Code != "" {
		accept, proof = s.tokens.Accept, request.Code
	}
	id, until, caller, err := accept(c.Request.Context(), proof)
	if err != nil {
		return err
	}
	http.SetCookie(c.Writer, &http.Cookie{Name: access.Cookie, Value: id, Path: s.hosts.Prefix + "/", Expires: until, HttpOnly: true,
		Secure: strings.HasPrefix(s.hosts.Public, "https://"), SameSite: http.SameSiteStrictMode})
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusOK, sessionOf(&caller))
	return nil
}

// inviteBrowser makes a link that signs a browser in once, as the caller.
func (s *Service) inviteBrowser(c *gin.Context) error {
	code, until, err := s.tokens.Invite(c.Request.Context(), who(c).Token)
	if err != nil {
		return err
	}
	c.Header("Cache-Control", "no-store")
	c.PureJSON(http.StatusCreated, api.SignInLink{Path: SignInPath + code, ExpiresAt: until})
	return nil
}

// SignInPath is where the console signs in by a code, which follows it.
const SignInPath = "/sign-in#"

func (s *Service) signOut(c *gin.Context) error {
	if cookie, err := c.Cookie(access.Cookie); err == nil {
		if err := s.tokens.SignOut(c.Request.Context(), cookie); err != nil {
			return err
		}
	}
	http.SetCookie(c.Writer, &http.Cookie{Name: access.Cookie, Path: s.hosts.Prefix + "/", MaxAge: -1, HttpOnly: true, SameSite: http.SameSiteStrictMode})
	c.Status(http.StatusNoContent)
	return nil
}

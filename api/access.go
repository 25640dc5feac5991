package api

import "time"

// TokenBody asks for a token.
type TokenBody struct {
	Label string   `json:"label"`
	Role  string   `json:"role"`           // reader, editor or owner
	Sets  []string `json:"sets,omitempty"` // left out: all
}

// Token describes a token, without the token itself.
type Token struct {
	ID        int64      `json:"id"`
	Label     string     `json:"label"`
	Role      string     `json:"role" jsonschema:"enum=reader,enum=editor,enum=owner"`
	Sets      []string   `json:"sets" jsonschema:"nullable"` // null: all
	CreatedAt time.Time  `json:"created_at"`
	UsedAt    *time.Time `json:"used_at" jsonschema:"nullable"` // to the minute; null: never
	EndedAt   *time.Time `json:"ended_at" jsonschema:"nullable"`
}

// NewToken is a token that has just been created: the only answer with its secret.
type NewToken struct {
	Secret string `json:"secret"`
	Token
}

// TokenList is all tokens that have been created.
type TokenList struct {
	Tokens []Token `json:"tokens"`
}

// SignInBody is a token, or the code of a link, to sign in with.
type SignInBody struct {
	Token string `json:"token,omitempty"`
	Code  string `json:"code,omitempty"`
}

// Session says who the caller is.
type Session struct {
	Role  string   `json:"role" jsonschema:"enum=nobody,enum=reader,enum=editor,enum=owner"`
	Label string   `json:"label"`
	Sets  []string `json:"sets" jsonschema:"nullable"` // null: all
}

// SignInLink is an address of the console that signs in a browser.
type SignInLink struct {
	Path      string    `json:"path"` // below the service's address; the code is behind the #, which browsers do not send
	ExpiresAt time.Time `json:"expires_at"`
}

package api

import "time"

// TokenBody asks for a token.
type TokenBody struct {
	Label string   `json:"label"`
	Role  string   `json:"role"`           // reader, editor or owner
	Sets  []string `json:"sets,omitempty"` // left out: all
}

// Token is what is told of a token: not the token itself.
type Token struct {
	ID        int64      `json:"id"`
	Label     string     `json:"label"`
	Role      string     `json:"role" jsonschema:"enum=reader,enum=editor,enum=owner"`
	Sets      []string   `json:"sets" jsonschema:"nullable"` // null: all
	CreatedAt time.Time  `json:"created_at"`
	UsedAt    *time.Time `json:"used_at" jsonschema:"nullable"` // to the minute; null: never
	EndedAt   *time.Time `json:"ended_at" jsonschema:"nullable"`
}

// NewToken is a token that has been made: the one time that it is told.
type NewToken struct {
	Secret string `json:"secret"`
	Token
}

// TokenList is every token that has been made.
type TokenList struct {
	Tokens []Token `json:"tokens"`
}

// SignInBody is what to sign in with: a token, or the code of a link.
type SignInBody struct {
	Token string `json:"token,omitempty"`
	Code  string `json:"code,omitempty"`
}

// Session tells who a caller is.
type Session struct {
	Role  string   `json:"role" jsonschema:"enum=nobody,enum=reader,enum=editor,enum=owner"`
	Label string   `json:"label"`
	Sets  []string `json:"sets" jsonschema:"nullable"` // null: all
}

// SignInLink is an address of the console that signs a browser in.
type SignInLink struct {
	Path      string    `json:"path"` // below where the service is reached, with the code behind its #, which browsers do not send
	ExpiresAt time.Time `json:"expires_at"`
}

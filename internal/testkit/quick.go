package testkit

import (
	"context"
	"crypto/hmac"
	"crypto/pbkdf2"
	"crypto/sha256"
	"encoding/base64"
	"fmt"
	"net/url"

	"github.com/jackc/pgx/v5"
)

// Quick is what stands for a password in "create role … password": a SCRAM-SHA-256 secret (RFC 5803) of one
// iteration. PostgreSQL's 4096 took half of the processor's time that the tests of sets had, and no password of
// theirs has to withstand a guess.
func Quick(password string) string {
	salt := []byte("salt of the sea")
	salted, err := pbkdf2.Key(sha256.New, password, salt, 1, sha256.Size)
	if err != nil {
		panic(err) // no length is wrong
	}
	sum := func(text string) []byte {
		mac := hmac.New(sha256.New, salted)
		mac.Write([]byte(text))
		return mac.Sum(nil)
	}
	stored := sha256.Sum256(sum("Client Key"))
	in := base64.StdEncoding.EncodeToString
	return fmt.Sprintf("SCRAM-SHA-256$1:%s$%s:%s", in(salt), in(stored[:]), in(sum("Server Key")))
}

// letInQuickly keeps the password of the package's PostgreSQL, and makes its secret a quick one.
func letInQuickly() error {
	at, err := url.Parse(server.URL())
	if err != nil {
		return err
	}
	conn, err := pgx.Connect(context.Background(), at.String())
	if err != nil {
		return err
	}
	defer conn.Close(context.Background())
	password, _ := at.User.Password()
	_, err = conn.Exec(context.Background(), "alter role "+at.User.Username()+" password '"+Quick(password)+"'")
	return err
}

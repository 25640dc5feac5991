package cursor

import (
	"crypto/aes"
	"crypto/cipher"
	"crypto/hmac"
	"crypto/sha256"
	"fmt"
)

// Sealer makes bytes that nobody else can read or make.
type Sealer interface {
	// Seal seals bytes. The same bytes are sealed alike, so that the same page has the
	// same tokens.
	Seal(plain []byte) []byte
	// Open gives what has been sealed. It tells apart what has not.
	Open(sealed []byte) (plain []byte, ok bool)
}

// KeyBytes is the length of a sealer's key.
const KeyBytes = 32

// NewSealer seals by AES-256-GCM (NIST SP 800-38D). The nonce is taken from an
// HMAC-SHA-256 of what is sealed, under a key of its own: the same bytes are sealed alike,
// and two others meet in a nonce once in 2^48 tokens. The key is of random bytes, and
// secret; services that share it read one another's tokens. The error tells of a key that
// is not KeyBytes long.
func NewSealer(key []byte) (Sealer, error) {
	if len(key) != KeyBytes {
		return nil, fmt.Errorf("cursor: found a key of %d bytes; right would be %d", len(key), KeyBytes)
	}
	derive := func(use string) []byte {
		mac := hmac.New(sha256.New, key)
		mac.Write([]byte(use))
		return mac.Sum(nil)
	}
	block, err := aes.NewCipher(derive("page ladder cursor: seal"))
	if err != nil {
		return nil, err
	}
	aead, err := cipher.NewGCM(block)
	if err != nil {
		return nil, err
	}
	return &sealer{aead, derive("page ladder cursor: nonce")}, nil
}

type sealer struct {
	aead   cipher.AEAD
	nonces []byte // the key that they are made with
}

func (s *sealer) Seal(plain []byte) []byte {
	mac := hmac.New(sha256.New, s.nonces)
	mac.Write(plain)
	nonce := mac.Sum(nil)[:s.aead.NonceSize()]
	return s.aead.Seal(nonce, nonce, plain, nil)
}

func (s *sealer) Open(sealed []byte) (plain []byte, ok bool) {
	n := s.aead.NonceSize()
	if len(sealed) < n {
		return nil, false
	}
	plain, err := s.aead.Open(nil, sealed[:n], sealed[n:], nil)
	return plain, err == nil
}

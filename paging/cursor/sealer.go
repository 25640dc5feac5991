package cursor

import (
	"crypto/aes"
	"crypto/cipher"
	"crypto/hmac"
	"crypto/sha256"
	"fmt"
)

// Sealer encrypts bytes, so that nobody else can read or make them.
type Sealer interface {
	// Seal encrypts bytes. Equal bytes give equal results, so that the same page has the same
	// tokens.
	Seal(plain []byte) []byte
	// Open decrypts what Seal has encrypted; ok is false for anything else.
	Open(sealed []byte) (plain []byte, ok bool)
}

// KeyBytes is the length of a sealer's key.
const KeyBytes = 32

// NewSealer encrypts with AES-256-GCM (NIST SP 800-38D). The nonce is derived by HMAC-SHA-256 from
// the content, under a second key: equal contents give equal results, and two different ones share
// a nonce about once in 2^48 tokens. The key is random and secret; services that share it can read
// each other's tokens. The error is for a key that is not KeyBytes long.
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
	nonces []byte // the key of the encryption
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

package statement

// BetweenWords is the pattern of what stands between words in PostgreSQL.
var BetweenWords = betweenWords

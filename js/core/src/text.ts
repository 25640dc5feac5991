// Texts as bytes. A query is bytes: what its escapes stand for need not be UTF-8. Here a text of bytes is a string
// whose characters are all below 256.

const ascii = /^[\x00-\x7f]*$/

/** The bytes of a text, as UTF-8. */
export function toBytes(text: string): string {
  if (ascii.test(text)) return text
  let bytes = ''
  for (const byte of new TextEncoder().encode(text)) bytes += String.fromCharCode(byte)
  return bytes
}

// The well-formed sequences of UTF-8, Unicode Standard, table 3-7.
const sequence =
  '[\\x00-\\x7f]|[\\xc2-\\xdf][\\x80-\\xbf]|\\xe0[\\xa0-\\xbf][\\x80-\\xbf]|[\\xe1-\\xec\\xee\\xef][\\x80-\\xbf]{2}|' +
  '\\xed[\\x80-\\x9f][\\x80-\\xbf]|\\xf0[\\x90-\\xbf][\\x80-\\xbf]{2}|[\\xf1-\\xf3][\\x80-\\xbf]{3}|\\xf4[\\x80-\\x8f][\\x80-\\xbf]{2}'
const wellFormed = new RegExp(`^(?:${sequence})*$`)
const pieces = new RegExp(`((?:${sequence})+)|([^])`, 'g')

export const isUTF8 = (bytes: string): boolean => ascii.test(bytes) || wellFormed.test(bytes)

/** The text of bytes; each run of bytes that are no UTF-8 becomes one U+FFFD. */
export function fromBytes(bytes: string): string {
  if (ascii.test(bytes)) return bytes
  let text = ''
  let broken = false
  for (const [, right] of bytes.matchAll(pieces)) {
    if (right === undefined) {
      if (!broken) text += '\ufffd'
      broken = true
    } else {
      text += new TextDecoder('utf-8', { ignoreBOM: true }).decode(Uint8Array.from(right, (c) => c.charCodeAt(0)))
      broken = false
    }
  }
  return text
}

/** Without spaces and tabs at its ends. */
export const trim = (text: string): string => text.replace(/^[ \t]+|[ \t]+$/g, '')

const quotedBytes = 200

/** A given value as it can be shown: UTF-8 of limited length. */
export function shown(bytes: string): string {
  if (bytes.length <= quotedBytes) return fromBytes(bytes)
  let cut = quotedBytes
  while (cut > 0 && isContinued(bytes.charCodeAt(cut))) cut--
  return fromBytes(bytes.slice(0, cut)) + '…'
}

const isContinued = (byte: number) => (byte & 0xc0) === 0x80

const escapes: Record<string, string> = {
  '\x07': '\\a',
  '\b': '\\b',
  '\f': '\\f',
  '\n': '\\n',
  '\r': '\\r',
  '\t': '\\t',
  '\v': '\\v',
  '\\': '\\\\',
  '"': '\\"',
}
const printed = /^[\p{L}\p{M}\p{N}\p{P}\p{S} ]$/u

/** A text in quotes, with what cannot be printed as an escape. */
export function quoteText(text: string): string {
  let quoted = '"'
  for (const char of text) {
    const at = char.codePointAt(0)!
    if (escapes[char]) quoted += escapes[char]
    else if (printed.test(char)) quoted += char
    else if (at < 0x20 || at === 0x7f) quoted += '\\x' + hex(at, 2)
    else quoted += at < 0x10000 ? '\\u' + hex(at, 4) : '\\U' + hex(at, 8)
  }
  return quoted + '"'
}

const hex = (n: number, width: number) => n.toString(16).padStart(width, '0')

/** A given value in quotes. */
export const quote = (bytes: string): string => quoteText(shown(bytes))

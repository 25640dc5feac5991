// Texts as bytes. A query is bytes: what its escapes stand for need not be UTF-8. In this package a text of bytes is a string
// whose characters are all below 256.

const ascii = /^[\x00-\x7f]*$/

/** The bytes of a text, as UTF-8. */
export function toBytes(text: string): string {
  if (ascii.test(text)) return text
  let bytes = ''
  for (const byte of new TextEncoder().encode(text)) bytes += String.fromCharCode(byte)
  return bytes
}

const decoded = (bytes: string, fatal: boolean): string =>
  new TextDecoder('utf-8', { ignoreBOM: true, fatal }).decode(Uint8Array.from(bytes, (c) => c.charCodeAt(0)))

export function isUTF8(bytes: string): boolean {
  try {
    return ascii.test(bytes) || decoded(bytes, true) !== ''
  } catch {
    return false
  }
}

/** The text of bytes; each run of bytes that are no UTF-8 becomes one U+FFFD. */
export const fromBytes = (bytes: string): string =>
  ascii.test(bytes)
    ? bytes
    : bytes
        .split('\xef\xbf\xbd') // U+FFFD itself
        .map((piece) => decoded(piece, false).replace(/\ufffd+/g, '\ufffd'))
        .join('\ufffd')

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

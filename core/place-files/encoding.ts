/** In which encoding a text file is written, by its first bytes. */

export type TextEncoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

/** Length of the UTF-8 character that begins with this byte; 0 where none does. */
function lengthFrom(byte: number): number {
  if (byte < 0x80) return 1;
  if (byte >= 0xc2 && byte < 0xe0) return 2;
  if (byte >= 0xe0 && byte < 0xf0) return 3;
  return byte >= 0xf0 && byte < 0xf5 ? 4 : 0;
}

/** Whether the bytes may be UTF-8 (RFC 3629); a character cut off at their end is none against it. */
function isUtf8(bytes: Uint8Array): boolean {
  let at = 0;
  while (at < bytes.length) {
    const length = lengthFrom(bytes[at]!);
    if (length === 0) return false;
    for (let i = 1; i < length && at + i < bytes.length; i += 1) if ((bytes[at + i]! & 0xc0) !== 0x80) return false;
    at += length;
  }
  return true;
}

/** Byte order marks tell UTF-16; what is no UTF-8 is taken for the western encoding of older programs. */
export function encodingOf(firstBytes: Uint8Array): TextEncoding {
  if (firstBytes[0] === 0xff && firstBytes[1] === 0xfe) return 'utf-16le';
  if (firstBytes[0] === 0xfe && firstBytes[1] === 0xff) return 'utf-16be';
  return isUtf8(firstBytes) ? 'utf-8' : 'windows-1252';
}

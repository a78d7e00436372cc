/**
 * The text of a file as whatever program wrote it: UTF-8 with or without its mark, UTF-16, or the old Western page.
 *
 * @param bytes - the file
 * @returns its text
 */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch (cause) {
    // That is how the decoder says that it is not UTF-8.
    if (cause instanceof TypeError) return new TextDecoder('windows-1252').decode(bytes);
    throw cause;
  }
}

import type { Refused } from '../words';

export type Decoded = { readonly kind: 'text'; readonly text: string } | ({ readonly kind: 'notText' } & Refused);

/**
 * The text of an uploaded file: UTF-8, or UTF-16 with its mark. Anything else is refused rather than guessed, since a
 * wrong guess turns names into rubbish without anyone noticing.
 */
export function decodeText(bytes: Uint8Array): Decoded {
  const remedy = { code: 'do.save-utf8' } as const;
  const encoding = bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : 'utf-8';
  try {
    const text = new TextDecoder(encoding, { fatal: true }).decode(bytes);
    if (text.includes('\u0000')) return { kind: 'notText', problem: { code: 'no.binary' }, remedy };
    return { kind: 'text', text };
  } catch {
    const line = lineOfFirstFault(bytes);
    return { kind: 'notText', problem: { code: 'no.not-utf8', line }, remedy };
  }
}

function lineOfFirstFault(bytes: Uint8Array): number {
  let line = 1;
  let start = 0;
  const decoder = new TextDecoder('utf-8', { fatal: true });
  for (let at = 0; at <= bytes.length; at += 1) {
    if (at !== bytes.length && bytes[at] !== 0x0a) continue;
    try {
      decoder.decode(bytes.subarray(start, at));
    } catch {
      return line;
    }
    start = at + 1;
    line += 1;
  }
  return line;
}

import { readInline, type RichText } from '@pelvo/core';

/** A line of a card with its strong and emphasised words. */
export function Rich({ text }: { text: RichText }) {
  return readInline(text).map(({ text: words, strong, emphasis }, index) => {
    const inner = emphasis ? <em>{words}</em> : words;
    return strong ? <strong key={index}>{inner}</strong> : <span key={index}>{inner}</span>;
  });
}

import express, { type RequestHandler } from 'express';
import { Refusal } from './problem.ts';

/** How much a body may hold. */
export interface BodyBounds {
  readonly mostKb: number;
  /** Keys and items, all told. */
  readonly mostParts: number;
}

/** No body of this application goes half as deep. */
const MOST_DEPTH = 24;

/** Bytes outside of texts that a part takes at most, and texts: a key and a value. What is above is padding. */
const BYTES_A_PART = 64;
const TEXTS_A_PART = 2;

const QUOTE = 0x22;
const BACKSLASH = 0x5c;

/**
 * Reads a body as JSON once it is known to be small: its bytes are counted while they come in, its parts and its depth
 * before it is parsed. What is too large is refused before anything has been made of it.
 */
export function boundedJson({ mostKb, mostParts }: BodyBounds): RequestHandler {
  return express.json({
    limit: mostKb * 1024,
    // A few bytes could unpack to gigabytes; no browser of ours packs what it sends.
    inflate: false,
    verify: (request, _response, bytes) => {
      const charset = /;\s*charset\s*=\s*"?([^";\s]+)/i.exec(request.headers['content-type'] ?? '')?.[1] ?? 'utf-8';
      if (charset.toLowerCase() !== 'utf-8') throw new Refusal(415, 'Not readable', 'The server takes UTF-8 only.');
      const what = tooMuchIn(bytes, mostParts);
      if (what !== undefined) throw new Refusal(413, 'Too large', what);
    },
  });
}

/** Why JSON is too large to be parsed; undefined where it is not, or is no JSON. One look at every byte outside of texts. */
export function tooMuchIn(bytes: Buffer, mostParts: number): string | undefined {
  const tooMany = `That has more than ${String(mostParts)} parts.`;
  // An object's key and its value are two things here, and one part there.
  const mostMarks = mostParts * 2;
  const mostBytes = mostParts * BYTES_A_PART;
  const mostTexts = mostParts * TEXTS_A_PART;
  let marks = 0;
  let depth = 0;
  let outside = 0;
  let texts = 0;
  for (let at = 0; at < bytes.length; at += 1) {
    outside += 1;
    switch (bytes[at]) {
      case QUOTE:
        texts += 1;
        if (texts > mostTexts) return tooMany;
        at = endOfText(bytes, at);
        break;
      case 0x5b: // [
      case 0x7b: // {
        depth += 1;
        marks += 1;
        if (depth > MOST_DEPTH) return `That is nested more than ${String(MOST_DEPTH)} deep.`;
        if (marks > mostMarks) return tooMany;
        break;
      case 0x5d: // ]
      case 0x7d: // }
        depth -= 1;
        break;
      case 0x2c: // ,
      case 0x3a: // :
        marks += 1;
        if (marks > mostMarks) return tooMany;
        break;
      default:
        if (outside > mostBytes) return 'That is mostly padding.';
    }
  }
  return undefined;
}

/** Where the text that opens at a quote is closed, or the end. */
function endOfText(bytes: Buffer, opening: number): number {
  for (let at = opening + 1; ; at += 1) {
    const end = bytes.indexOf(QUOTE, at);
    if (end < 0) return bytes.length;
    let slashes = 0;
    while (bytes[end - 1 - slashes] === BACKSLASH) slashes += 1;
    if (slashes % 2 === 0) return end;
    at = end;
  }
}

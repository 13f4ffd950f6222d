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

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const COMMA = 0x2c;
const COLON = 0x3a;
const OPENING: ReadonlySet<number> = new Set([0x5b, 0x7b]);
const CLOSING: ReadonlySet<number> = new Set([0x5d, 0x7d]);

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

/** Why JSON is too large to be parsed; undefined where it is not, or is no JSON. One look at every byte. */
export function tooMuchIn(bytes: Buffer, mostParts: number): string | undefined {
  let parts = 0;
  let depth = 0;
  for (let at = 0; at < bytes.length; at += 1) {
    const byte = bytes[at] ?? 0;
    if (byte === QUOTE) {
      at = endOfText(bytes, at);
    } else if (OPENING.has(byte)) {
      depth += 1;
      parts += 1;
      if (depth > MOST_DEPTH) return `That is nested more than ${String(MOST_DEPTH)} deep.`;
    } else if (CLOSING.has(byte)) {
      depth -= 1;
    } else if (byte === COMMA || byte === COLON) {
      parts += 1;
    }
    if (parts > mostParts * 2) return `That has more than ${String(mostParts)} parts.`;
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

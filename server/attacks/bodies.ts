import type { EndpointName } from '@prompt-spark/contract/addresses';
import { ENDPOINTS } from '@prompt-spark/contract/endpoints';

/** A body that somebody sends who means no good, as its very text. */
export interface HostileBody {
  readonly what: string;
  readonly text: string;
}

/** A list as long as fits into a number of bytes. */
const filled = (open: string, item: string, close: string, bytes: number): string => {
  const room = bytes - open.length - close.length;
  const times = Math.max(1, Math.floor((room + 1) / (item.length + 1)));
  return `${open}${`${item},`.repeat(times - 1)}${item}${close}`;
};

const keys = (bytes: number): string => {
  const parts: string[] = [];
  for (let size = 2, at = 0; size < bytes - 20; at += 1) {
    const part = `"k${String(at)}":0`;
    parts.push(part);
    size += part.length + 1;
  }
  return `{${parts.join(',')}}`;
};

/** Bodies as large as an endpoint takes them and as awkward as can be; `around` is a body that it would take, to be spoilt. */
export function hostileBodies(name: EndpointName, around: object): readonly HostileBody[] {
  const bytes = ENDPOINTS[name].mostKb * 1024;
  const text = JSON.stringify(around);
  const fields = Object.keys(around);
  const inField = fields.flatMap((field) => [
    { what: `${field} full of empty objects`, text: filled(`{"${field}":[`, '{}', ']}', bytes) },
    { what: `${field} as a long text`, text: `{"${field}":"${'a'.repeat(bytes - field.length - 8)}"}` },
    { what: `${field} as numbers`, text: filled(`{"${field}":[`, '1', ']}', bytes) },
  ]);
  return [
    ...inField,
    { what: 'lists in lists', text: `${'['.repeat(bytes / 2)}${']'.repeat(bytes / 2)}` },
    { what: 'objects in objects', text: `${'{"a":'.repeat(bytes / 6 - 1)}0${'}'.repeat(bytes / 6 - 1)}` },
    { what: 'keys that nobody knows', text: keys(bytes) },
    { what: 'one key as long as can be', text: `{"${'k'.repeat(bytes - 8)}":0}` },
    { what: 'nothing but spaces', text: ' '.repeat(bytes) },
    { what: 'nothing but quotes', text: '"'.repeat(bytes) },
    { what: 'nothing but backslashes in a text', text: `{"a":"${'\\'.repeat(bytes - 10)}"}` },
    { what: 'a good body with spaces behind', text: text + ' '.repeat(Math.max(0, bytes - Buffer.byteLength(text))) },
    { what: 'one byte more than is taken', text: ' '.repeat(bytes + 1) },
  ];
}

import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { allowOwnWorkersAndStyles } from './trustedTypes.ts';

interface Rules {
  readonly createScriptURL: (address: string) => string;
  readonly createHTML: (text: string) => string;
}

let rules: Rules | undefined;
beforeEach(() => {
  vi.stubGlobal('location', new URL('https://studio.saltmere.example/today'));
  allowOwnWorkersAndStyles({
    createPolicy: (_name, made) => {
      rules = made;
    },
  });
});
afterEach(() => vi.unstubAllGlobals());

it('lets the page start its own build’s workers and no other script', () => {
  expect(rules?.createScriptURL('/assets/fitWorker-1a2b.js')).toBe('/assets/fitWorker-1a2b.js');
  for (const other of ['https://elsewhere.example/assets/a.js', 'data:text/javascript,1', '/api/circuits', 'blob:x']) {
    expect(() => rules?.createScriptURL(other), other).toThrow(TypeError);
  }
});

it('lets a style sheet be written, and nothing that could be an element', () => {
  const sheet = ':root { --v-theme-primary: 92,46,88; } .a > .b { color: red; }';
  expect(rules?.createHTML(sheet)).toBe(sheet);
  for (const text of ['<img src=x onerror=alert(1)>', 'a</style><script>1</script>', '&lt;b&gt;']) {
    expect(() => rules?.createHTML(text), text).toThrow(TypeError);
  }
});

/** For tools that read TypeScript without knowing Vue files; vue-tsc reads the files themselves. */
declare module '*.vue' {
  import type { Component } from 'vue';
  const component: Component;
  export default component;
}

declare module 'node-webvtt' {
  interface Cue {
    readonly start: number;
    readonly end: number;
    readonly text: string;
  }
  const webvtt: { parse(input: string): { readonly valid: boolean; readonly cues: readonly Cue[] } };
  export default webvtt;
}

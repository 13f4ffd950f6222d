/** Addresses of the files of drills and figures that ship (shippedLibrary.ts). */
declare module 'virtual:shipped-library' {
  export const drills: string;
  export const figures: string;
}

/** The part of the package that the tests use; it ships no types. */
declare module '@jscad/stl-serializer' {
  export function serialize(options: { binary: boolean }, ...objects: readonly unknown[]): (ArrayBuffer | string)[];
}

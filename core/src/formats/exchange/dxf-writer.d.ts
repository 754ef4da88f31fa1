/** The package's counter of handles, which it shares among all drawings. */
declare module 'dxf-writer/src/Handle.js' {
  const Handle: { seed: number };
  export default Handle;
}

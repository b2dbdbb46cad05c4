declare module 'heic-decode' {
  interface Opened {
    readonly width: number;
    readonly height: number;
    decode(): Promise<{ width: number; height: number; data: Uint8ClampedArray<ArrayBuffer> }>;
  }
  const decode: { all(given: { buffer: Uint8Array }): Promise<Opened[] & { dispose(): void }> };
  export default decode;
}

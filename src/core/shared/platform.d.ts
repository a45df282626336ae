// The two text coders and the console-free globals that every JavaScript platform has.
// Declared here since the core is type-checked without the DOM and without Node.
interface TextDecoderLike {
  decode(input?: Uint8Array, options?: { stream?: boolean }): string;
}
declare const TextDecoder: new (
  label?: string,
  options?: { fatal?: boolean; ignoreBOM?: boolean },
) => TextDecoderLike;
declare const TextEncoder: new () => { encode(text: string): Uint8Array };

declare module 'rdf-parser-csvw' {
  import type { Duplex, Readable } from 'node:stream';
  export default class CsvwParser {
    constructor(options: { metadata: unknown; baseIRI: string });
    import(input: Readable): Duplex;
  }
}
declare module '@rdfjs/data-model';

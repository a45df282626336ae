declare module 'csv-spectrum' {
  const spectrum: (callback: (error: Error | null, data: never[]) => void) => void;
  export default spectrum;
}

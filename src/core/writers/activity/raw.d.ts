declare module '*.js?raw' {
  const text: string;
  export default text;
}

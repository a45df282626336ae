// How a played page looks: paper and ink, large enough to read across a table.
export const STYLE = `
:root { color-scheme: light dark; --paper: #fbfaf4; --ink: #1e2a25; --leaf: #2c6a4c; --line: #b9b5a4; --brick: #a8412f; }
@media (prefers-color-scheme: dark) { :root { --paper: #1b211e; --ink: #e9ece6; --leaf: #7cc79e; --line: #56625b; --brick: #f0a192; } }
* { box-sizing: border-box; }
body { font: 18px/1.5 system-ui, sans-serif; background: var(--paper); color: var(--ink); max-width: 46rem; margin: 0 auto; padding: 1rem; }
h1 { font-size: 1.1rem; border-bottom: 1px solid var(--line); padding-bottom: .4rem; }
h2 { font-size: 1.35rem; outline: none; white-space: pre-wrap; }
button { font: inherit; font-weight: 600; padding: .5rem 1rem; margin: .3rem .4rem .3rem 0; color: var(--ink); background: transparent; border: 2px solid var(--leaf); border-radius: 6px; cursor: pointer; }
button:disabled { opacity: .6; }
:focus-visible { outline: 3px solid var(--leaf); outline-offset: 2px; }
.option, .field { display: block; padding: .45rem .6rem; margin: .3rem 0; border: 1px solid var(--line); border-left-width: 5px; border-radius: 4px; }
.option.is-right { border-left-color: var(--leaf); }
.option.is-wrong { border-left-color: var(--brick); text-decoration: line-through; }
.field span { display: block; }
input[type=text], input:not([type]), input[type=number], select, textarea { font: inherit; width: 100%; padding: .3rem; color: inherit; background: transparent; border: 1px solid var(--line); border-radius: 4px; }
.place, footer { color: inherit; opacity: .8; font-size: .85rem; }
.back { font-size: 1.3rem; border-left: 5px solid var(--leaf); padding-left: .8rem; white-space: pre-wrap; }
img { max-width: 100%; max-height: 45vh; }
table { width: 100%; border-collapse: collapse; table-layout: fixed; }
th, td { border: 1px solid var(--line); padding: .4rem; text-align: center; overflow-wrap: anywhere; }
.teams { list-style: none; padding: 0; display: flex; flex-wrap: wrap; gap: .6rem; }
.teams li { display: flex; gap: .4rem; align-items: center; border: 1px solid var(--line); padding: .3rem; }
.teams .turn { border-left: 5px solid var(--leaf); }
.teams input[type=number] { width: 5rem; }
.only-heard { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); }
`;

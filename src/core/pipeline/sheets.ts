// Sheets that go out to contributors.
export { contributorSheets } from '../writers/sheets';

// The headings of a board whose columns say which category they are of, and whether questions or answers stand there.
const PLACE = '{category}';

/** A heading of that form for a category. */
export const headOf = (form: string, category: string): string =>
  form.replace(PLACE, () => category);

/** The category that a heading of that form names; the heading itself where it is of another form. */
export function categoryOfHead(form: string, heading: string): string {
  const [before = '', after = ''] = form.split(PLACE);
  const isOfForm =
    heading.length > before.length + after.length &&
    heading.startsWith(before) &&
    heading.endsWith(after);
  return isOfForm ? heading.slice(before.length, heading.length - after.length) : heading;
}

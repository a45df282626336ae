// The pictures of docs/screenshots, loaded when a job is opened.
const urls = import.meta.glob<string>('../../../../docs/screenshots/*.png', {
  query: '?url',
  import: 'default',
  eager: true,
});

/** Where a picture of the documentation is; undefined where there is none of that name. */
export const pictureAt = (name: string): string | undefined =>
  urls[`../../../../docs/screenshots/${name}.png`];

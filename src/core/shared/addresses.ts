// Addresses of pictures that may travel on in a file.

const PICTURE_DATA = /^data:image\/(?:png|jpeg|gif|webp|svg\+xml)[;,]/i;
const SCHEME = /^[a-z][a-z0-9+.-]*:/i;
/** A path that leads out of its package, or to the root of a machine. */
const LEADS_OUT = /(?:^|[\\/])\.\.(?:[\\/]|$)|^[\\/]|^[a-z]:[\\/]/i;

/** Whether an address is one of the web, a picture's own data, or the name of a part: nothing that runs or leads out. */
export function isPictureAddress(href: string): boolean {
  const address = href.trim();
  if (/^https?:\/\//i.test(address) || PICTURE_DATA.test(address)) {
    return true;
  }
  return address !== '' && !SCHEME.test(address) && !LEADS_OUT.test(address);
}

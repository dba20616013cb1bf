import { Notice } from './Notice';

/**
 * Says what a browser withholds from a page that came over plain HTTP: it keeps no shell, so that a reload without a
 * network shows nothing. Nothing where the page is secure.
 */
export function PlainHttpNotice() {
  if (globalThis.isSecureContext !== false) return null;
  return (
    <Notice title="This address is not secure">
      Marks are saved, but without a network a reload shows nothing here, and whoever shares the network can read along. Ask for the address
      that begins with https.
    </Notice>
  );
}

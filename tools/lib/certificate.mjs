import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import selfsigned from 'selfsigned';

const DAYS = 730;
const MONTH = 30 * 24 * 60 * 60 * 1000;

/** Addresses by which others on the network reach this machine. */
export const addresses = () =>
  Object.values(networkInterfaces())
    .flat()
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);

/** Whether a certificate still holds for a month, and for every address this machine has now. */
function holds(file) {
  if (!existsSync(file)) return false;
  const certificate = new X509Certificate(readFileSync(file));
  return Date.parse(certificate.validTo) - Date.now() > MONTH && addresses().every((address) => certificate.checkIP(address));
}

/**
 * A certificate of this installation's own, made where there is none that holds. Browsers ask about it once on each device.
 *
 * @returns the files of key and certificate, and its fingerprint to compare with what a device shows
 */
export async function ownCertificate(dir) {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const [key, cert] = [join(dir, 'key.pem'), join(dir, 'cert.pem')];
  if (!holds(cert)) {
    const made = await selfsigned.generate([{ name: 'commonName', value: 'Pelvo of this school' }], {
      days: DAYS,
      keySize: 2048,
      algorithm: 'sha256',
      extensions: [
        { name: 'basicConstraints', cA: false },
        {
          name: 'subjectAltName',
          altNames: [{ type: 2, value: 'localhost' }, ...['127.0.0.1', ...addresses()].map((ip) => ({ type: 7, ip }))],
        },
      ],
    });
    writeFileSync(key, made.private, { mode: 0o600 });
    writeFileSync(cert, made.cert);
  }
  return { key, cert, fingerprint: new X509Certificate(readFileSync(cert)).fingerprint256 };
}

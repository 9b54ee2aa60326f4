// @ts-check
import { X509Certificate } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readFile, rename } from 'node:fs/promises';
import path from 'node:path';
import { ensureProgram } from './debian.mjs';
import { runOrSorry } from './run.mjs';
import { say, Sorry } from './say.mjs';

/** A self-made certificate lasts as long as tablets take one. In days. */
const validDays = 820;
const dayMs = 86_400_000;

/**
 * The certificate to serve https with: the one given, or one of our own for these names, made when it is not there, is
 * about to end, or the machine has another address.
 * @param {string} folder
 * @param {readonly string[]} names of this machine, and its addresses
 * @param {{ keyFile?: string, certificateFile?: string }} given
 */
export async function ensureCertificate(folder, names, { keyFile, certificateFile }) {
  if (keyFile || certificateFile) {
    if (!keyFile || !certificateFile) throw new Sorry('Give KEY_FILE and CERT_FILE together.');
    return { keyFile, certificateFile, isOwn: false, fingerprint: await fingerprintOf(certificateFile) };
  }
  const own = {
    keyFile: path.join(folder, 'tls-key.pem'),
    certificateFile: path.join(folder, 'tls-cert.pem'),
  };
  if (!(await isGood(own.certificateFile, names))) await make(folder, own, names);
  return { ...own, isOwn: true, fingerprint: await fingerprintOf(own.certificateFile) };
}

async function fingerprintOf(file) {
  const text = await readFile(file).catch(() => {
    throw new Sorry(`There is no certificate at ${file}.`);
  });
  return new X509Certificate(text).fingerprint256;
}

async function isGood(file, names) {
  if (!existsSync(file)) return false;
  const certificate = new X509Certificate(await readFile(file));
  const ends = Date.parse(certificate.validTo);
  return (
    ends > Date.now() + 30 * dayMs &&
    names.every((name) => (isAddress(name) ? certificate.checkIP(name) : certificate.checkHost(name)))
  );
}

async function make(folder, { keyFile, certificateFile }, names) {
  say(`Making a certificate for ${names.join(', ')} …`);
  const openssl = await ensureProgram('openssl', 'openssl', ', or give KEY_FILE and CERT_FILE');
  await mkdir(folder, { recursive: true });
  const alternatives = names.map((name) => `${isAddress(name) ? 'IP' : 'DNS'}:${name}`).join(',');
  const args = ['req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes'];
  const about = [
    '-subj',
    '/CN=Dotting',
    '-days',
    String(validDays),
    '-addext',
    `subjectAltName=${alternatives}`,
  ];
  const use = ['-addext', 'extendedKeyUsage=serverAuth'];
  const out = ['-keyout', `${keyFile}.new`, '-out', `${certificateFile}.new`];
  // Made beside its place: one cut off half-way is never taken for whole.
  await runOrSorry('The certificate could not be made.', openssl, [...args, ...about, ...use, ...out]);
  await rename(`${keyFile}.new`, keyFile);
  await rename(`${certificateFile}.new`, certificateFile);
}

const isAddress = (name) => /^[\d.]+$|:/.test(name);

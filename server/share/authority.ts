/**
 * A certificate authority of this machine's own, made when it is first asked for: phones that trust it
 * get a secure page without anything outside the hall. Its key stays in the data folder, for this user.
 */
import { X509Certificate } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { isIP } from 'node:net';
import type * as SelfSigned from 'selfsigned';

/** Loaded when a certificate is made, which is seldom. */
const generate = async (
  ...asked: Parameters<typeof SelfSigned.generate>
): Promise<SelfSigned.GenerateResult> => (await import('selfsigned')).generate(...asked);

const DAY = 86_400_000;
const AUTHORITY_DAYS = 10 * 365;
/** Phones refuse longer ones. */
const CERTIFICATE_DAYS = 390;
/** Renewed when less than this is left. */
const RENEW_BEFORE = 30 * DAY;

export interface KeyPair {
  key: string;
  cert: string;
}

interface Made extends KeyPair {
  names: string[];
}

export class Authority {
  private own: KeyPair | null = null;
  private made: Made | null = null;

  constructor(
    /** Where its key and certificate are kept. */
    private readonly folder: string,
    private readonly now: () => number = Date.now,
  ) {}

  /** What phones are to trust, in PEM; made at the first asking. */
  async certificate(): Promise<string> {
    return (await this.authority()).cert;
  }

  private async authority(): Promise<KeyPair> {
    this.own ??= this.kept() ?? (await this.anew());
    return this.own;
  }

  private kept(): KeyPair | null {
    const [key, cert] = [join(this.folder, 'authority.key'), join(this.folder, 'authority.crt')];
    if (!existsSync(key) || !existsSync(cert)) return null;
    const pair = { key: readFileSync(key, 'utf8'), cert: readFileSync(cert, 'utf8') };
    try {
      return endOf(pair.cert) > this.now() + RENEW_BEFORE ? pair : null;
    } catch {
      // Not a certificate any more: another one is made, and phones have to be told of it again.
      return null;
    }
  }

  private async anew(): Promise<KeyPair> {
    const now = this.now();
    const { private: key, cert } = await generate(
      [{ name: 'commonName', value: `Hearty Stage on ${hostname()}` }],
      {
        keyType: 'ec',
        algorithm: 'sha256',
        notBeforeDate: new Date(now - DAY),
        notAfterDate: new Date(now + AUTHORITY_DAYS * DAY),
        extensions: [
          { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
          { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
        ],
      },
    );
    mkdirSync(this.folder, { recursive: true, mode: 0o700 });
    writeFileSync(join(this.folder, 'authority.key'), key, { mode: 0o600 });
    writeFileSync(join(this.folder, 'authority.crt'), cert);
    return { key, cert };
  }

  /** For a server that is reached by these names and addresses; the one before, where it still serves. */
  async certificateFor(names: readonly string[]): Promise<KeyPair> {
    const { made } = this;
    if (
      made &&
      names.every((name) => made.names.includes(name)) &&
      endOf(made.cert) > this.now() + RENEW_BEFORE
    )
      return made;
    const ca = await this.authority();
    const now = this.now();
    const { private: key, cert } = await generate(
      [{ name: 'commonName', value: names[0] ?? 'localhost' }],
      {
        keyType: 'ec',
        algorithm: 'sha256',
        notBeforeDate: new Date(now - DAY),
        notAfterDate: new Date(now + CERTIFICATE_DAYS * DAY),
        ca,
        extensions: [
          { name: 'basicConstraints', cA: false, critical: true },
          { name: 'keyUsage', digitalSignature: true, critical: true },
          { name: 'extKeyUsage', serverAuth: true },
          {
            name: 'subjectAltName',
            altNames: names.map((name) =>
              isIP(name) ? { type: 7, ip: name } : { type: 2, value: name },
            ),
          },
        ],
      },
    );
    this.made = { key, cert, names: [...names] };
    return this.made;
  }
}

const endOf = (cert: string): number => Date.parse(new X509Certificate(cert).validTo);

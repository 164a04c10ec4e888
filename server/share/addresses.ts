/** By which addresses and names others on the network reach this machine. */
import { hostname, networkInterfaces } from 'node:os';

/** Wireless first: that is where phones are. What other programs make for themselves comes last. */
function rank(name: string, address: string): number {
  if (/^(docker|br-|veth|virbr|vmnet|vboxnet|tun|tap|wg|utun|zt)/.test(name)) return 3;
  if (/^169\.254\./.test(address)) return 4;
  return /^(wl|wifi|ath)/.test(name) ? 0 : 1;
}

/** IPv4 addresses of this machine on its networks, the likeliest first. */
export function addressesHere(): string[] {
  let found: [string, string][] = [];
  try {
    found = Object.entries(networkInterfaces()).flatMap(([name, list = []]) =>
      list.flatMap(({ family, internal, address }): [string, string][] =>
        family === 'IPv4' && !internal ? [[name, address]] : [],
      ),
    );
  } catch {
    // A system that does not tell: then addresses have to be named.
  }
  const ranked = found.map(([name, address]) => ({ address, rank: rank(name, address) }));
  return ranked.sort((a, b) => a.rank - b.rank).map(({ address }) => address);
}

/** Names that the network may know this machine by. */
export function namesHere(): string[] {
  const name = hostname().toLowerCase();
  return name.includes('.') ? [name] : [name, `${name}.local`];
}

/** What was named in the environment: parted by commas; null for nothing. */
export function listed(text: string | undefined): string[] | null {
  const parts = (text ?? '')
    .split(',')
    .map((part) => part.trim().toLowerCase())
    .filter(Boolean);
  return parts.length > 0 ? parts : null;
}

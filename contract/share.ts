/** Letting other devices in: which there are, what each may do, and the code they come in by. */
import { Id, Num, OneOf, OrNull, Text, YesNo } from './fields';

/** What a device that was let in can be. */
export const DEVICE_ROLES = ['presenter', 'crew', 'screen', 'audience'] as const;
export type DeviceRole = (typeof DEVICE_ROLES)[number];
/** `owner`: a browser on the machine that everything is on. */
export type Role = DeviceRole | 'owner';

/** Least first: each may do what those before it may. */
const RANKS: readonly Role[] = ['audience', 'screen', 'crew', 'presenter', 'owner'];

export const isAtLeast = (role: Role, least: Role): boolean =>
  RANKS.indexOf(role) >= RANKS.indexOf(least);

export const DEVICE_KINDS = ['laptop', 'tablet', 'phone'] as const;
export type DeviceKind = (typeof DEVICE_KINDS)[number];

export interface Device {
  id: string;
  /** Counts the devices that ever came in, from 1. */
  number: number;
  /** What somebody called it; empty: by whose it is, or its number. */
  name: string;
  kind: DeviceKind;
  role: Role;
  /** Whose it is: somebody of the crew. */
  person: string | null;
  /** Milliseconds since 1970. */
  joinedAt: number;
}

/** A device, and whether it is here. */
export interface DeviceTold extends Device {
  connected: boolean;
  /** When it was last heard of, in ms since 1970; null for never since the server began. */
  heardAt: number | null;
  /** How long its last answer took, in ms; null where none is known. */
  trip: number | null;
}

/** What a device is called, by whose it is. */
export function deviceName(
  {
    name,
    person,
    role,
    kind,
    number,
  }: Pick<Device, 'name' | 'person' | 'role' | 'kind' | 'number'>,
  people: readonly { id: string; name: string }[],
): string {
  if (name !== '') return name;
  const whose = people.find(({ id }) => id === person)?.name;
  const short = whose?.split(' ')[0];
  if (short) return `${short}’s ${kind}`;
  if (role === 'owner') return 'This laptop';
  if (role === 'audience') return `Projector ${number}`;
  return `${kind[0]?.toUpperCase() ?? ''}${kind.slice(1)} ${number}`;
}

/** Who asks, as the server sees it. */
export interface MeAnswer {
  role: Role;
  /** Null for a program on this machine that keeps no cookie. */
  device: Device | null;
  /** The show that is open to the crew: where a device goes first. */
  showId: string | null;
}

export interface ShareAnswer {
  on: boolean;
  /** Over TLS. */
  https: boolean;
  /** Addresses that devices can open, the one to show first. */
  origins: string[];
  /** Where the certificate can be had, over plain HTTP; null without TLS. */
  certificate: string | null;
  /** What could not be listened on, in words. */
  faults: string[];
  code: string;
  /** Milliseconds since 1970. */
  codeUntil: number;
  joinAs: DeviceRole;
  /** Driving can be taken when its device has been gone this long, in seconds. */
  goneAfter: number;
  showId: string | null;
}

/** What is asked of the share; what is left out stays as it is. */
export class ShareBody {
  @YesNo()
  on!: boolean;

  @OneOf(DEVICE_ROLES)
  joinAs!: DeviceRole;

  @Num(5, 600)
  goneAfter!: number;

  @OrNull()
  @Id()
  showId!: string | null;
}

export class JoinBody {
  @Text(20)
  code!: string;

  @OneOf(DEVICE_KINDS)
  kind!: DeviceKind;
}

export class DeviceBody {
  @Text(40)
  name!: string;

  @OneOf(DEVICE_ROLES)
  role!: DeviceRole;

  @OrNull()
  @Id()
  person!: string | null;
}

/** Whose this device is. */
export class MineBody {
  @OrNull()
  @Id()
  person!: string | null;
}

/** To which device driving goes. */
export class DriveBody {
  @Id()
  device!: string;
}

/** Somebody would like to drive. */
export interface Asking {
  runId: string;
  device: string;
  /** Milliseconds since 1970. */
  at: number;
}

/** Which devices there are, and what pages need of the share, told anew whenever any of it changes. */
export interface PresentTold {
  present: DeviceTold[];
  /** Who would like to drive. */
  asking: Asking[];
  /** Others can be let in just now. */
  shared: boolean;
  /** Driving can be taken when its device has been gone this long, in seconds. */
  goneAfter: number;
}

/** Backups of all data, as the server tells of them. */
export type BackupReason = 'daily' | 'made' | 'before-update' | 'before-restore';

export interface Backup {
  /** Its name among the backups. */
  name: string;
  /** Milliseconds since 1970. */
  at: number;
  reason: BackupReason;
  bytes: number;
}

export interface BackupsAnswer {
  /** Where they are on this machine. */
  folder: string;
  /** The newest first. */
  backups: Backup[];
}

export const DAMAGED_KINDS = [
  'show',
  'demo',
  'item',
  'venue',
  'person',
  'followUp',
  'box',
  'lot',
  'trial',
  'template',
  'order',
  'settings',
] as const;
export type DamagedKind = (typeof DAMAGED_KINDS)[number];

/** A record that can't be read: everything else goes on without it, or with what is ready-made. */
export interface DamagedRecord {
  kind: DamagedKind;
  id: string;
  noun: string;
  name: string;
}

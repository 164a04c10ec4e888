/** Everything of one kind kept in memory, brought up to date by the numbered changes. */
import type { Change } from '../contract/api';
import type { Db } from './db/open';
import type { ChangeLog } from './live/changeLog';

export interface MirrorSource<V> {
  kind: Change['kind'];
  all: () => Map<string, V>;
  /** Puts what these ids have become into `known`, and takes out what is no longer there. */
  update: (known: Map<string, V>, ids: readonly string[]) => void;
}

/** More changes than this are not looked at one by one. */
const ONE_BY_ONE = 500;

export class Mirror<V> {
  private known: Map<string, V> | null = null;
  private upTo = 0;

  constructor(
    private readonly db: Db,
    private readonly log: ChangeLog,
    private readonly source: MirrorSource<V>,
  ) {}

  /** As it is stored now. What has not changed since the last look is the very same object. */
  now(): ReadonlyMap<string, V> {
    // What is not committed may yet be taken back, and its numbers be given again.
    if (this.db.inTransaction) return this.source.all();
    // The number first: what is stored meanwhile is read twice, never missed.
    const latest = this.log.latest();
    if (!this.known) this.known = this.source.all();
    else {
      const ids = this.log.changed(this.source.kind, this.upTo, ONE_BY_ONE);
      if (ids === null) this.known = this.source.all();
      else if (ids.length > 0) this.source.update(this.known, ids);
    }
    this.upTo = latest;
    return this.known;
  }
}

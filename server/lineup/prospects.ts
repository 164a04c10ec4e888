import { createHash } from 'node:crypto';
import type { ShowBundle } from '../../core/brief/types';
import { forecastSize } from '../../core/lineup/outlook';
import { type Prospect, prospectOf } from '../../core/lineup/prospect';
import { recordsFor } from '../after/records';
import type { AppContext } from '../context';

export interface ShowProspect extends Prospect {
  bundle: ShowBundle;
}

/** Shows of which the latest prospect is kept. */
const KEPT_MOST = 500;

/** When shows end, worked out anew only where something in them has changed. */
export class Prospects {
  private readonly kept = new Map<string, { of: string; prospect: Prospect }>();

  constructor(private readonly context: () => AppContext) {}

  /** From so many simulated shows. Throws HttpError without such a show, or when any of it can't be read. */
  of(showId: string, runs: number): ShowProspect {
    const context = this.context();
    const bundle = context.bundles.whole(showId);
    const records = recordsFor(context, bundle.demos);
    const size = forecastSize(runs, context.settings.get('own').endsBy);
    const of = createHash('sha1')
      .update(JSON.stringify([bundle, records, size]))
      .digest('hex');
    const before = this.kept.get(showId);
    const prospect = before?.of === of ? before.prospect : prospectOf(bundle, records, size);
    this.kept.delete(showId);
    this.kept.set(showId, { of, prospect });
    for (const oldest of this.kept.keys()) {
      if (this.kept.size <= KEPT_MOST) break;
      this.kept.delete(oldest);
    }
    return { bundle, ...prospect };
  }
}

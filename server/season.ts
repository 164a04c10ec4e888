import { seasonExtras } from '../demo/extras';
import { season } from '../demo/season';
import { type ShowFile, checkShowFile } from '../contract/showFile';
import type { Area } from './area';
import { importShow } from './brief/showFile';
import { localInstant } from './instant';

function checked(plain: ShowFile): ShowFile {
  const result = checkShowFile(JSON.parse(JSON.stringify(plain)));
  if (result.ok) return result.value;
  const faults = result.faults.map(({ path, message }) => `${path} ${message}`);
  throw new Error(`The demo season is not valid: ${faults.join('; ')}`);
}

/** Loads the demo season, all or nothing, through the same check and import as a person's file. */
export function loadSeason(area: Area, today: string, zone: string): void {
  area.db.transaction(() => {
    const shows = season(today, zone, localInstant).map(checked);
    for (const show of shows) importShow(area, show);
    const extras = seasonExtras(today, Date.now(), shows);
    for (const followUp of extras.followUps) area.followUps.add(followUp);
    for (const { showId, ...mark } of extras.marks) area.marks.set(showId, mark);
  })();
}

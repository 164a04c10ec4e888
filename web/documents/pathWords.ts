/** Where something is, in words a presenter knows: “slot 3, goes”. */
import { isFields, type Json, type Path } from './keyed';

/** Entries of a list, one of them. */
const ENTRY: Record<string, string> = {
  slots: 'slot',
  methods: 'method',
  tasks: 'step',
  kit: 'kit line',
  settings: 'setting',
  hazards: 'hazard',
  calculators: 'calculation',
  inputs: 'input',
  leaves: 'residue',
  positions: 'stage position',
  crew: 'person',
  cold: 'cold liquid',
  circuits: 'circuit',
  exits: 'exit',
  journeys: 'journey',
  ruledOut: 'hazard',
  packs: 'pack',
  leads: 'early start',
  after: 'order',
  hands: 'person',
  wishes: 'wish',
};

const FIELD: Record<string, string> = {
  hardFinish: 'hard finish',
  slots: 'line-up',
  venueId: 'venue',
  audienceNote: 'note on the audience',
  order: 'order',
  itemId: 'item',
  demoId: 'demonstration',
  methodId: 'method',
  performerId: 'presenter',
  positionId: 'position',
  boxId: 'box',
  mayLeaveOut: 'may be left out',
  oneShot: 'one shot',
  goesAllowed: 'goes',
  talkPattern: 'way of talking',
  atRisk: 'who is at risk',
  before: 'risk before controls',
  after: 'risk after controls',
  hazardsReviewed: 'gone through for hazards',
  ruledOut: 'hazards that are not there',
  audienceNeeds: 'needs of the audience',
  heartDevice: 'heart device',
  wordsPerMinute: 'words a minute',
};

const inWords = (name: string): string =>
  FIELD[name] ?? name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

function nameOf(entry: Json | undefined): string | null {
  if (!isFields(entry)) return null;
  const name = entry.name ?? entry.title;
  return typeof name === 'string' && name !== '' ? `“${name}”` : null;
}

/** The place of a key in a list: an index as it is, else the entry that has it. */
function indexOf(list: readonly Json[], key: string): number {
  if (/^\d+$/.test(key) && Number(key) < list.length) return Number(key);
  return list.findIndex(
    (entry) => isFields(entry) && [entry.id, entry.itemId, entry.kind, entry.task].includes(key),
  );
}

/** `root`: the document, for the names and numbers of its entries. */
export function pathWords(path: Path, root: unknown): string {
  const words: string[] = [];
  let at = root as Json | undefined;
  path.forEach((key, i) => {
    if (Array.isArray(at)) {
      const index = indexOf(at, key);
      const entry = at[index];
      const noun = ENTRY[path[i - 1] ?? ''] ?? 'entry';
      if (key === 'order' && index < 0) words.push(`order of the ${inWords(path[i - 1] ?? '')}`);
      else words.push(nameOf(entry) ?? (index < 0 ? `a ${noun}` : `${noun} ${index + 1}`));
      at = entry;
      return;
    }
    at = isFields(at) ? at[key] : undefined;
    const listOfEntries = Array.isArray(at) && i < path.length - 1;
    if (!listOfEntries) words.push(inWords(key));
  });
  return words.join(', ');
}

/** Several places, each once. */
export const pathsInWords = (paths: readonly Path[], root: unknown): string =>
  [...new Set(paths.map((path) => pathWords(path, root)))].join('; ');

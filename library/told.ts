/** Demonstrations that are written as one would tell them; what a text can’t say stands beside it. */
import { blankDemo, blankMethod } from '../core/repertoire/blank';
import type { Demo, Method } from '../core/repertoire/types';
import { readTold } from '../core/told/read';
import { weave } from '../core/told/weave';
import { EASY_ITEMS } from './items-easy';
import { ITEMS } from './items';
import { MORE_ITEMS } from './items-more';
import { method, type Written } from './write';

const KNOWS = {
  things: [...EASY_ITEMS, ...ITEMS, ...MORE_ITEMS],
  people: [],
  positions: ['Centre table', 'Left bench', 'Floor', 'Rear'],
};

type Parts = Parameters<typeof method>;

/** What a method has besides its steps and kit. */
export interface Beside extends Omit<Parts[3], 'tasks' | 'kit'> {
  hazards: NonNullable<Parts[4]>;
}

const slug = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40);

/** The same ids at every start: a name as it is read, and a number where it comes twice. */
function naming(): (name: string) => string {
  const taken = new Set<string>();
  return (name) => {
    const plain = slug(name) || 'x';
    let id = plain;
    for (let n = 2; taken.has(id); n++) id = `${plain}-${n}`;
    taken.add(id);
    return id;
  };
}

function named(written: Method): Method {
  const nextId = naming();
  const ids = new Map(written.tasks.map((task) => [task.id, nextId(task.name)]));
  const idOf = (id: string): string => ids.get(id) ?? id;
  return {
    ...written,
    tasks: written.tasks.map((task) => ({
      ...task,
      id: idOf(task.id),
      after: task.after.map((one) => ({ ...one, task: idOf(one.task) })),
    })),
    kit: written.kit.map((line) => ({ ...line, id: `kit-${line.itemId}` })),
  };
}

/**
 * A demonstration out of its text. `beside` is by the methods’ names. Throws where the text asks a question, or names a
 * thing that is not among the library’s.
 */
export function told(
  id: string,
  text: string,
  beside: Readonly<Record<string, Beside>>,
  more: Partial<Written> = {},
): Written & { told: string } {
  const read = readTold(text.trim(), KNOWS);
  const [asked] = read.questions;
  if (asked) throw new RangeError(`${id}, line ${asked.line}: ${asked.ask}`);
  let made = 0;
  const plain: Demo = weave(read, blankDemo(id, '', []), () => `t${++made}`);
  const methods = plain.methods.map((one, i) => {
    const unknown = read.methods[i]?.kit.find(({ itemId }) => itemId === null);
    if (unknown)
      throw new RangeError(`${id}, line ${unknown.line}: no thing is called ${unknown.name}`);
    const extra = beside[one.name];
    if (!extra) throw new RangeError(`${id}: nothing is said beside “${one.name}”`);
    const { hazards, needs, care, volunteerCard, ...parts } = extra;
    const { id: _id, name: _name, ...facts } = named(one);
    const blank = blankMethod('', '');
    return {
      ...method(
        slug(one.name),
        one.name,
        one.summary,
        {
          ...facts,
          ...parts,
          needs: needs ?? {},
          care: care ?? {},
          volunteerCard: volunteerCard ?? {},
        },
        hazards,
      ),
      hazards:
        hazards.length > 0
          ? method('', '', '', { tasks: [], kit: [] }, hazards).hazards
          : blank.hazards,
      hazardsReviewed: true,
    };
  });
  return { ...plain, ...more, id, methods, told: text.trim() };
}

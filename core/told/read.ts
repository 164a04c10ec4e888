/** A text as one would tell a demonstration, understood: steps, waits, kit and cues, and what is not sure. */
import { onLines, SAY_MOST } from '../repertoire/script';
import type { Hand, Phase } from '../repertoire/types';
import { LONGEST_TASK, MOST_GOES } from '../repertoire/limits';
import { familyOf, guessPhases, spreadOf, usualTime } from './guess';
import { type Keyword, type Line, linesOf } from './lines';
import { askWhich, questionsOf } from './questions';
import { readStep, type StepSaid, type Written } from './step';
import { plainName } from '../repertoire/plainName';
import { findThings, namedThings, readNeeds, type ThingSaid } from './things';
import { positionCalled, readTitle } from './title';
import type { Knows, Mark, Told, ToldMethod, ToldStep, ToldThing, ToldTime } from './types';

const ONE = (role: Hand['role']): Hand => ({ role, count: 1, competence: null });

/** Who does a step where nobody is named. */
export const usualHands = (phase: Phase): Hand[] =>
  phase === 'settle' ? [] : [ONE(phase === 'perform' ? 'performer' : 'anyone')];

type Section = Exclude<Phase, 'settle'>;
const SECTIONS: Partial<Record<Keyword, Section>> = {
  before: 'prepare',
  show: 'perform',
  clear: 'reset',
};

/** A step while its method is being read. */
interface Draft {
  line: Line;
  said: StepSaid;
  isWait: boolean;
  section: Section | null;
  more: number[];
  do: string;
  say: string;
  cue: string;
  careful: string;
  gearOn: string[];
  gearOff: string[];
}

/** Words that came before any step that they could belong to. */
type Attached = Pick<Draft, 'more' | 'do' | 'say' | 'cue' | 'careful' | 'gearOn' | 'gearOff'>;

const nothing = (): Attached => ({
  more: [],
  do: '',
  say: '',
  cue: '',
  careful: '',
  gearOn: [],
  gearOff: [],
});

const joined = (before: string, more: string): string => (before ? `${before} ${more}` : more);

const list = (text: string): string[] =>
  text
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '');

const waiting = (said: StepSaid): StepSaid => ({
  ...said,
  name: said.wait?.name ?? '',
  time: said.wait?.time ?? null,
  hands: null,
  besides: [],
  sign: null,
  cue: '',
  gearOn: [],
  gearOff: [],
  parts: [],
});

function timeOf(
  written: Written | null,
  { name, phase, say, watch }: { name: string; phase: Phase; say: string; watch: number },
): ToldTime {
  const saysOnly = name === '' || (say !== '' && /^say\b/i.test(name));
  const family = familyOf(name, phase, saysOnly);
  const most = (seconds: number): number => Math.min(LONGEST_TASK, seconds);
  if (!written) return { ...spreadOf(most(usualTime(family, say) + watch), family), said: 'none' };
  const { least, most: longest, isRange, likely } = written;
  if (isRange)
    return {
      shortest: most(least),
      likely: most(likely ?? Math.round((least + longest) / 2)),
      longest: most(longest),
      said: 'all',
    };
  return { ...spreadOf(most(likely ?? least), family), said: 'one' };
}

class MethodReader {
  private readonly drafts: Draft[] = [];
  /** In the list of what is needed, and named in the steps. */
  private readonly listed: ToldThing[] = [];
  private readonly named: ToldThing[] = [];
  private pending: Attached = nothing();
  private section: Section | null = null;
  private readonly facts: Pick<
    ToldMethod,
    'volunteers' | 'goesAllowed' | 'oneShot' | 'summary' | 'warning'
  > = { volunteers: null, goesAllowed: null, oneShot: null, summary: null, warning: null };

  constructor(
    private readonly name: string | null,
    private readonly line: number,
    private readonly into: Pick<Told, 'marks' | 'questions' | 'people'>,
    private readonly knows: Knows,
  ) {}

  get isEmpty(): boolean {
    return this.drafts.length + this.listed.length === 0 && this.name === null;
  }

  take(line: Line): void {
    const { keyword, body } = line;
    if (keyword) this.word(line, body.length);
    switch (keyword) {
      case 'before':
      case 'show':
      case 'clear': {
        const section = SECTIONS[keyword] ?? null;
        // Alone it holds for all that follows, with a step behind it for that one.
        if (body === '') this.section = section;
        else this.step(line, section);
        return;
      }
      case 'wait':
        return this.step(line, this.section ?? 'prepare', true);
      case 'say':
      case 'cue':
      case 'careful':
      case 'do':
      case 'wear':
      case 'takeOff':
        return this.attach(line, keyword);
      case 'needs':
        return this.needs(line);
      case 'goes': {
        const many = Number(/\d+/.exec(body)?.[0] ?? (/^once/i.test(body) ? 1 : NaN));
        this.facts.oneShot = /^once/i.test(body);
        if (many >= 1) this.facts.goesAllowed = Math.min(MOST_GOES, many);
        return;
      }
      case 'volunteers':
        this.facts.volunteers = Math.min(60, Number(/\d+/.exec(body)?.[0] ?? 0));
        return;
      case 'about':
        this.facts.summary = joined(this.facts.summary ?? '', body);
        return;
      case 'warn':
        this.facts.warning = joined(this.facts.warning ?? '', body);
        return;
      default:
        return this.step(line, this.section);
    }
  }

  private word(line: Line, bodyLength: number): void {
    const to =
      bodyLength === 0 ? line.text.trimEnd().length : line.text.lastIndexOf(':', line.from) + 1;
    const from = line.text.length - line.text.trimStart().length;
    this.into.marks.push({ line: line.number, from, to, kind: 'word' });
  }

  /** What is said goes with the step before it that an audience sees, else with the next. */
  private attach(
    { number, body }: Line,
    keyword: 'say' | 'cue' | 'careful' | 'do' | 'wear' | 'takeOff',
  ): void {
    if (body === '') return;
    const last = this.drafts.at(-1);
    const before = keyword === 'say' || keyword === 'cue';
    const unseen = last && this.section === null && (last.section === 'prepare' || last.isWait);
    const moved = last !== undefined && this.section !== null && last.section !== this.section;
    const to: Attached = last && !moved && !(before && unseen) ? last : this.pending;
    to.more.push(number);
    if (keyword === 'wear') to.gearOn.push(...list(body));
    else if (keyword === 'takeOff') to.gearOff.push(...list(body));
    else to[keyword] = joined(to[keyword], body);
  }

  private needs(line: Line): void {
    for (const thing of readNeeds(line.body, this.knows.things))
      this.bring(this.listed, line, line.from, thing);
  }

  /** The same thing named again is the same thing, more of it where it is used up. */
  private bring(kit: ToldThing[], line: Line, offset: number, said: ThingSaid): void {
    const { from, to, written, maybe, ...facts } = said;
    const place = { line: line.number, from: offset + from, to: offset + to };
    const at = { text: written.text, from: offset + written.from, to: offset + written.to };
    this.into.marks.push({ ...place, kind: maybe.length > 0 ? 'doubt' : 'amount' });
    this.into.questions.push(...askWhich(line, { ...said, written: at }));
    const thing = { ...facts, ...place };
    const same = kit.find(
      (one) => one.name === thing.name && one.unit === thing.unit && one.basis === thing.basis,
    );
    if (!same) kit.push(thing);
    else if (thing.kind === 'consumable') same.amount += thing.amount;
    else same.amount = Math.max(same.amount, thing.amount);
  }

  private step(line: Line, section: Section | null, waits = false): void {
    const said = readStep(line.body, line.from, this.knows);
    const { into } = this;
    into.people.push(...said.people.filter((name) => !into.people.includes(name)));
    into.marks.push(...said.marks.map((mark): Mark => ({ ...mark, line: line.number })));
    for (const { text, from } of said.parts) this.things(line, text, from);
    into.questions.push(...questionsOf(line, said));
    const nothingDone = said.name === '' && said.time === null && said.sign === null;
    // “bang! ears!”, or gear and nothing else, belongs to what is done.
    if (nothingDone && !said.wait) {
      const last = this.drafts.at(-1);
      const to: Attached = last && last.section !== 'prepare' && !last.isWait ? last : this.pending;
      if (said.gearOn.length + said.gearOff.length > 0) return this.gear(line, said, section);
      if (said.cue || said.doubts.length > 0) {
        to.more.push(line.number);
        to.cue = joined(to.cue, said.cue).trim();
      } else if (said.keeps !== null && last?.isWait) {
        last.said = { ...last.said, keeps: said.keeps };
        last.more.push(line.number);
      }
      return;
    }
    if (!nothingDone) this.add(line, said, section, waits);
    if (said.wait) this.add(line, waiting(said), section, true);
  }

  private gear(line: Line, said: StepSaid, section: Section | null): void {
    const words = [
      ...said.gearOn.map((one) => `${one} on`),
      ...said.gearOff.map((one) => `${one} off`),
    ].join(', ');
    this.add(line, { ...said, name: words }, section, false);
  }

  private things(line: Line, text: string, from: number): void {
    const counted = findThings(text, this.knows.things);
    const named = namedThings(text, this.knows.things).filter((one) =>
      counted.every(({ from: a, to: b }) => one.to <= a || one.from >= b),
    );
    for (const thing of [...counted, ...named]) this.bring(this.named, line, from, thing);
  }

  private add(line: Line, said: StepSaid, section: Section | null, isWait: boolean): void {
    const attached = this.pending;
    this.pending = nothing();
    this.drafts.push({
      ...attached,
      line,
      said,
      isWait,
      section,
      cue: joined(attached.cue, said.cue).trim(),
      gearOn: [...attached.gearOn, ...said.gearOn],
      gearOff: [...attached.gearOff, ...said.gearOff],
    });
  }

  private built(): ToldStep[] {
    if (this.pending.more.length > 0 && this.pending.say !== '') {
      const number = this.pending.more[0] ?? this.line;
      const words = this.pending.say.split(/\s+/).slice(0, 5).join(' ');
      const line: Line = { number, text: '', keyword: null, strange: null, body: '', from: 0 };
      this.add(line, { ...readStep('', 0, this.knows), name: `Say: ${words}` }, null, false);
    }
    const guessed = guessPhases(
      this.drafts.map((draft) => ({
        name: draft.said.name,
        isWait: draft.isWait,
        isShown:
          draft.section === 'perform' ||
          draft.say !== '' ||
          draft.cue !== '' ||
          draft.said.sign !== null,
      })),
    );
    return this.drafts.map((draft, i) => this.finished(draft, guessed[i] ?? 'perform'));
  }

  private finished(draft: Draft, guess: Section): ToldStep {
    const { said, line, isWait } = draft;
    const section = draft.section ?? guess;
    // A wait before the audience is there runs by itself; before it, somebody stands there.
    const alone = isWait || (said.hands?.length === 0 && said.besides.length === 0);
    const phase: Phase = alone && section === 'prepare' ? 'settle' : section;
    const name =
      said.name || (said.sign ? `Watch for ${said.sign.watchFor}` : isWait ? 'Wait' : 'Show it');
    const watch = said.sign?.waitMost ?? 0;
    const hands = said.hands ?? (isWait && section !== 'perform' ? [] : usualHands(phase));
    return {
      line: line.number,
      more: draft.more,
      name: name.slice(0, 80),
      phase,
      phaseGuessed: draft.section === null,
      time: timeOf(said.time, { name, phase, say: draft.say, watch }),
      hands: together(hands, said.besides),
      place: said.wings ? 'wings' : 'stage',
      eachGo: said.eachGo ?? phase === 'perform',
      do: draft.do || (phase === 'perform' ? name.slice(0, 300) : ''),
      say: onLines(draft.say).slice(0, SAY_MOST),
      cue: draft.cue.slice(0, 120),
      careful: draft.careful.slice(0, 200),
      gearOn: draft.gearOn.slice(0, 8),
      gearOff: draft.gearOff.slice(0, 8),
      sign: said.sign,
      keeps: said.keeps,
    };
  }

  done(): ToldMethod {
    const steps = this.built();
    // What is in the list is what is brought: a step that names it means that.
    const listed = new Set(this.listed.map(({ name }) => plainName(name)));
    const named = this.named.filter(({ name }) => !listed.has(plainName(name)));
    const kit = [...this.listed, ...named].sort((a, b) => a.line - b.line || a.from - b.from);
    return { name: this.name, line: this.line, steps, kit, ...this.facts };
  }
}

/** Hands of one kind are counted together. */
export function together(hands: readonly Hand[], more: readonly Hand[]): Hand[] {
  const all: Hand[] = hands.map((hand) => ({ ...hand }));
  for (const hand of more) {
    const same = all.find((one) => one.role === hand.role && one.competence === hand.competence);
    if (same) same.count = Math.min(12, same.count + hand.count);
    else all.push({ ...hand });
  }
  return all;
}

/** Understands a text. Nothing in it is refused: what can’t be told apart is asked. */
export function readTold(text: string, knows: Knows): Told {
  const told: Told = {
    name: '',
    hook: null,
    idea: null,
    ages: null,
    energy: null,
    usualPosition: null,
    people: [],
    methods: [],
    marks: [],
    questions: [],
  };
  const [first, ...rest] = linesOf(text);
  if (!first) return told;
  const isTitled = first.keyword === null || /^\s*["“]/.test(first.text);
  if (isTitled) readTitle(first, told, knows);
  let method = new MethodReader(null, first.number, told, knows);
  for (const line of isTitled ? rest : [first, ...rest]) {
    const figures = [...line.body.matchAll(/\d+/g)].map(([found]) => Number(found));
    switch (line.keyword) {
      case 'see':
        told.hook = joined(told.hook ?? '', line.body).slice(0, 200);
        break;
      case 'idea':
        told.idea = joined(told.idea ?? '', line.body).slice(0, 600);
        break;
      case 'place':
        told.usualPosition = positionCalled(line.body, knows);
        break;
      case 'energy':
        told.energy = Math.min(5, Math.max(1, figures[0] ?? 3));
        break;
      case 'ages': {
        const from = Math.min(120, figures[0] ?? 5);
        told.ages = { from, to: Math.max(from, Math.min(120, figures[1] ?? 99)) };
        break;
      }
      case 'method':
        if (!method.isEmpty) told.methods.push(method.done());
        method = new MethodReader(line.body.slice(0, 60) || null, line.number, told, knows);
        break;
      default:
        method.take(line);
        continue;
    }
    const from = line.text.length - line.text.trimStart().length;
    told.marks.push({
      line: line.number,
      from,
      to: line.text.lastIndexOf(':', line.from) + 1,
      kind: 'word',
    });
  }
  if (!method.isEmpty) told.methods.push(method.done());
  return told;
}

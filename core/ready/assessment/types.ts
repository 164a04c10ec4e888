/** The risk assessment of a show: what could hurt whom, what is done about it, what is left, what is open. */
import type { VerdictPlace } from '../verdict';

export interface RiskRow {
  hazard: string;
  who: string;
  control: string;
  /** What answers it besides the words of its control, as it was found: gear, distance, who holds what. */
  answered: string;
  /** What is still open of it. */
  open: string;
  /** “3 × 4 = 12, high”, or “not rated”. */
  before: string;
  after: string;
  firstAid: string;
}

export interface RiskDemo {
  number: number;
  time: string;
  name: string;
  method: string;
  place: string;
  /** Null where somebody went through it and found none: then what was ruled out says why. */
  none: string | null;
  rows: RiskRow[];
  /** Gear, warning, volunteers, what was ruled out, disposal: one line each. */
  lines: string[];
  /** What was calculated for it, with its figure and limit. */
  calculated: string[];
}

export interface SubstanceRow {
  name: string;
  /** As the kit list has it. */
  amount: string;
  strength: string;
  /** Signal word and statements as they are on its label. */
  statements: string[];
  usedIn: string;
}

/** An extinguisher and who stands beside it. */
export interface FireRow {
  what: string;
  who: string;
  when: string;
  demo: string;
}

/** Something that keeps it a draft. */
export interface OpenQuestion {
  what: string;
  remedy: string;
  /** day: only the day of the show can answer it; desk: it can be answered now. */
  when: 'desk' | 'day';
  place: VerdictPlace | null;
}

export interface RiskAssessment {
  title: string;
  where: string;
  crew: string;
  audience: string;
  emergency: string[];
  /** How risks are rated, in one line. */
  rating: string;
  demos: RiskDemo[];
  substances: SubstanceRow[];
  fire: FireRow[];
  volunteers: string[];
  journeys: string[];
  /** Of the show as a whole, the worst first: what is judged and how it stands. */
  judged: { level: string; what: string; remedy: string; figure: string; source: string }[];
  /** What was passed over, with who and why. */
  waived: string[];
  open: OpenQuestion[];
  /** True while anything is open. */
  draft: boolean;
  defers: string;
  /** Whose names are asked for. */
  names: string[];
}

/** Who signed, and when in the show's own time: “29 November 2026, 13:40”. */
export interface Signature {
  name: string;
  role: string;
  when: string;
}

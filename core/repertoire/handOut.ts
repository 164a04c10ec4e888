/** What goes home with the audience: what they saw, why it is so, and whether and how it may be tried there. */
import type { Demo, HazardKind, Method, SettingFigure } from './types';
import type { UnitId } from '../units/units';

export const AT_HOME = ['unknown', 'never', 'adult', 'alone'] as const;
/** unknown: nobody has said; never; adult: only together with a grown-up; alone: by a child alone. */
export type AtHome = (typeof AT_HOME)[number];

/** What it takes at home, and of it a household amount. */
export interface HomeThing {
  id: string;
  itemId: string;
  amount: number;
  unit: UnitId;
}

export interface HandOut {
  /** Empty for the hook and the idea of the demonstration. */
  saw: string;
  why: string;
  atHome: AtHome;
  /** Said where it is never tried at home; empty for what the hazards say. */
  whyNot: string;
  /** The way of doing it that is tried at home; null for the first. */
  methodId: string | null;
  /** How it is done at home, a step a line. */
  steps: string;
  things: HomeThing[];
  /** Of the method, as they are with household amounts. */
  figures: SettingFigure[];
  /** Hazards of the method that household amounts don’t have. */
  without: HazardKind[];
  /** To go on thinking about, one each. */
  questions: string[];
}

export const NO_HAND_OUT: HandOut = {
  saw: '',
  why: '',
  atHome: 'unknown',
  whyNot: '',
  methodId: null,
  steps: '',
  things: [],
  figures: [],
  without: [],
  questions: [],
};

type Told = Pick<Demo, 'handOut' | 'methods'>;

/** The way of doing it that is tried at home; null where it is not there any more. */
export const homeMethod = ({ handOut, methods }: Told): Method | null =>
  (handOut.methodId === null ? methods[0] : methods.find(({ id }) => id === handOut.methodId)) ??
  null;

/** Whether there are household amounts of a method. */
export const hasHomeVersion = (demo: Told, methodId: string): boolean =>
  demo.handOut.things.length > 0 && homeMethod(demo)?.id === methodId;

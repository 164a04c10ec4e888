/** What must not be about at the same time. */
import type { ThingName } from './presence';

export interface Pair {
  id: string;
  one: ThingName;
  other: ThingName;
  level: 'stop' | 'fix';
  /** Only at one place, unless one of them is on the whole stage; “strict”: at one place whatever else. */
  samePlace: boolean | 'strict';
  message: (one: string, other: string) => string;
  remedy: string;
}

const APART =
  'Put something longer between, carry what burns away closed, air the stage, or leave one out.';

export const PAIRS: readonly Pair[] = [
  {
    id: 'vapour-flame',
    one: 'vapour',
    other: 'flame',
    level: 'stop',
    samePlace: false,
    message: (vapour, flame) => `${vapour} has flammable vapour while ${flame} has a flame.`,
    remedy: APART,
  },
  {
    id: 'vapour-heat',
    one: 'vapour',
    other: 'hotSurface',
    level: 'stop',
    samePlace: false,
    message: (vapour, heat) => `${vapour} has flammable vapour while ${heat} has something hot.`,
    remedy: APART,
  },
  {
    id: 'vapour-spark',
    one: 'vapour',
    other: 'spark',
    level: 'stop',
    samePlace: false,
    message: (vapour, spark) => `${vapour} has flammable vapour while ${spark} can spark.`,
    remedy: APART,
  },
  {
    id: 'oxygen-flame',
    one: 'oxygen',
    other: 'flame',
    level: 'stop',
    samePlace: false,
    message: (oxygen, flame) => `${oxygen} gives off oxygen while ${flame} has a flame.`,
    remedy: `Whatever burns in it burns fiercely. ${APART}`,
  },
  {
    id: 'oxygen-heat',
    one: 'oxygen',
    other: 'hotSurface',
    level: 'fix',
    samePlace: 'strict',
    message: (oxygen, heat) => `${oxygen} gives off oxygen where ${heat} has something hot.`,
    remedy: APART,
  },
  {
    id: 'oxygen-spark',
    one: 'oxygen',
    other: 'spark',
    level: 'fix',
    samePlace: false,
    message: (oxygen, spark) => `${oxygen} gives off oxygen while ${spark} can spark.`,
    remedy: APART,
  },
  {
    id: 'oxygen-vapour',
    one: 'oxygen',
    other: 'vapour',
    level: 'stop',
    samePlace: false,
    message: (oxygen, vapour) => `${oxygen} gives off oxygen while ${vapour} has flammable vapour.`,
    remedy: APART,
  },
  {
    id: 'dust-flame',
    one: 'dust',
    other: 'flame',
    level: 'stop',
    samePlace: false,
    message: (dust, flame) => `${dust} has fine dust in the air while ${flame} has a flame.`,
    remedy: APART,
  },
  {
    id: 'dust-heat',
    one: 'dust',
    other: 'hotSurface',
    level: 'fix',
    samePlace: true,
    message: (dust, heat) => `${dust} has fine dust where ${heat} has something hot.`,
    remedy: APART,
  },
  {
    id: 'dust-spark',
    one: 'dust',
    other: 'spark',
    level: 'fix',
    samePlace: false,
    message: (dust, spark) => `${dust} has fine dust in the air while ${spark} can spark.`,
    remedy: APART,
  },
  {
    id: 'wet-voltage',
    one: 'wet',
    other: 'spark',
    level: 'fix',
    samePlace: true,
    message: (wet, spark) => `It is wet from ${wet} where ${spark} is high voltage.`,
    remedy: 'Dry it first: say in the demo that it must not be wet, and the line-up waits for it.',
  },
  {
    id: 'slip-voltage',
    one: 'slippery',
    other: 'spark',
    level: 'fix',
    samePlace: true,
    message: (wet, spark) => `It is wet from ${wet} where ${spark} is high voltage.`,
    remedy: 'Dry it first: say in the demo that it must not be wet, and the line-up waits for it.',
  },
  {
    id: 'magnet-electronics',
    one: 'magnet',
    other: 'electronics',
    level: 'fix',
    samePlace: 'strict',
    message: (magnet, device) => `${magnet} has a strong magnet where ${device} has electronics.`,
    remedy: 'Half a metre apart at least, the magnet in its closed box until its turn.',
  },
  {
    id: 'spark-electronics',
    one: 'spark',
    other: 'electronics',
    level: 'fix',
    samePlace: 'strict',
    message: (spark, device) => `${spark} is high voltage where ${device} has electronics.`,
    remedy: 'Carry the electronics away first: a spark to them, or through a cable, destroys them.',
  },
];

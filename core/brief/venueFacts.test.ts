import { describe, expect, test } from '@jest/globals';
import { blankVenue } from './blank';
import type { Venue } from './types';
import { unknownOf } from './venueFacts';

const known: Venue = {
  ...blankVenue('hall', 'Hall'),
  lengthM: 12,
  widthM: 8,
  ceilingM: 3.5,
  frontRowM: 2,
  water: 'yes',
  dark: 'no',
  drain: 'no',
  floor: 'level',
  smokeDetectors: 'no',
  airChanges: 2,
  stageWidthM: 5,
  circuits: [{ id: 'c', name: 'Hall', watts: 2300 }],
  exits: [{ id: 'e', name: 'Porch', x: 0, y: -8 }],
  emergencyNote: 'Defibrillator in the porch',
};

describe('what is not known of a place', () => {
  test('a place of which all is known has nothing to ask; no is as good an answer as yes', () => {
    expect(unknownOf(known)).toEqual([]);
    expect(unknownOf({ ...known, water: 'no', smokeDetectors: 'no', floor: 'uneven' })).toEqual([]);
  });

  test('of a new one everything is, the room first', () => {
    expect(unknownOf(blankVenue('new', 'New'))).toEqual([
      'length',
      'width',
      'ceiling',
      'dark',
      'smoke detectors',
      'air changes',
      'front row',
      'tap',
      'drain',
      'floor',
      'stage',
      'power',
      'ways out',
      'first aid',
    ]);
  });

  test.each([
    ['lengthM', null, 'length'],
    ['widthM', null, 'width'],
    ['ceilingM', null, 'ceiling'],
    ['dark', 'unknown', 'dark'],
    ['smokeDetectors', 'unknown', 'smoke detectors'],
    ['airChanges', null, 'air changes'],
    ['frontRowM', null, 'front row'],
    ['water', 'unknown', 'tap'],
    ['drain', 'unknown', 'drain'],
    ['floor', 'unknown', 'floor'],
    ['stageWidthM', null, 'stage'],
    ['circuits', [], 'power'],
    ['exits', [], 'ways out'],
    ['emergencyNote', '', 'first aid'],
  ] as const)('%s alone', (fact, value, name) => {
    expect(unknownOf({ ...known, [fact]: value })).toEqual([name]);
  });

  test('zero is a figure that somebody gave', () => {
    expect(unknownOf({ ...known, airChanges: 0, frontRowM: 0 })).toEqual([]);
  });

  test('in the open nobody asks for walls, a ceiling or detectors', () => {
    const field: Venue = {
      ...known,
      outdoors: true,
      lengthM: null,
      widthM: null,
      ceilingM: null,
      dark: 'unknown',
      smokeDetectors: 'unknown',
      airChanges: null,
    };
    expect(unknownOf(field)).toEqual([]);
    expect(unknownOf({ ...field, drain: 'unknown', frontRowM: null })).toEqual([
      'front row',
      'drain',
    ]);
  });

  test('where there are detectors one asks whether they can be switched off, until that is known', () => {
    const detects: Venue = { ...known, smokeDetectors: 'yes', detectorsIsolable: 'unknown' };
    expect(unknownOf(detects)).toEqual(['whether detectors can be switched off']);
    expect(unknownOf({ ...detects, detectorsIsolable: 'no' })).toEqual([]);
    expect(unknownOf({ ...detects, smokeDetectors: 'no' })).toEqual([]);
  });
});

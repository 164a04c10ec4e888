/** The night as it came: second goes, dead air, holds, visits out of order. */
import { describe, expect, test } from '@jest/globals';
import { START, Stage, threeSlots } from '../testing/stage';
import { performedPieces } from './performed';

const { plan } = threeSlots;
const pieces = (stage: Stage) =>
  performedPieces(plan, stage.live()).map((piece) => ({
    ...piece,
    from: (piece.from - START) / 1000,
    until: (piece.until - START) / 1000,
  }));

describe('what is drawn of a night', () => {
  test('each go is a piece, with how it went; the second begins where the first ended', () => {
    const stage = new Stage()
      .at(0, 'start')
      .at(60, 'done')
      .at(100, 'failed', { cause: 'too cold' })
      .at(110, 'again')
      .at(170, 'done')
      .at(230, 'done')
      .at(235, 'finish');
    expect(pieces(stage).filter(({ slot }) => slot === 'slot-drum')).toMatchObject([
      { kind: 'go', go: 1, outcome: 'failed', cause: 'too cold', first: true, from: 0 },
      { kind: 'go', go: 2, outcome: 'worked', first: false, until: 230 },
    ]);
  });

  test('one that was left and come back to has two stretches, the first of which is its first', () => {
    const stage = new Stage()
      .at(0, 'start')
      .at(60, 'done')
      .at(100, 'goTo', { slot: 'slot-cloud' })
      .at(400, 'done')
      .at(410, 'goTo', { slot: 'slot-drum' })
      .at(480, 'done')
      .at(490, 'finish');
    const drum = pieces(stage).filter(({ slot }) => slot === 'slot-drum');
    expect(drum.length).toBeGreaterThan(1);
    expect(drum.map((piece) => piece.kind === 'go' && piece.first)).toEqual([
      true,
      ...drum.slice(1).map(() => false),
    ]);
    const order = pieces(stage).map(({ slot }) => slot);
    expect(order.indexOf('slot-cloud')).toBeGreaterThan(order.indexOf('slot-drum'));
    expect(order.lastIndexOf('slot-drum')).toBeGreaterThan(order.indexOf('slot-cloud'));
  });

  test('a hold is a piece with why, in the slot it stopped', () => {
    const stage = new Stage()
      .at(0, 'start')
      .at(20, 'hold')
      .at(60, 'resume')
      .at(100, 'done')
      .at(110, 'because', { slot: null, value: START + 20_000, text: 'a child past the tape' });
    expect(pieces(stage).find(({ kind }) => kind === 'hold')).toMatchObject({
      slot: 'slot-drum',
      from: 20,
      until: 60,
      because: 'a child past the tape',
    });
  });

  test('nothing before the start, and what is still on is not drawn without an end', () => {
    expect(pieces(new Stage())).toEqual([]);
    const on = pieces(new Stage().at(0, 'start').at(60, 'done'));
    expect(on).toEqual([]);
    const over = pieces(new Stage().at(0, 'start').at(60, 'done').at(90, 'finish'));
    expect(over).toMatchObject([{ kind: 'go', slot: 'slot-drum', from: 0, until: 90 }]);
  });

  test('pieces of goes never overlap', () => {
    const stage = new Stage().at(0, 'start');
    for (let at = 40; at < 900; at += 40) stage.at(at, 'done');
    const goes = pieces(stage.at(900, 'finish')).filter(({ kind }) => kind === 'go');
    goes.forEach((piece, i) => {
      if (i > 0) expect(piece.from).toBeGreaterThanOrEqual(goes[i - 1]?.until ?? 0);
      expect(piece.until).toBeGreaterThanOrEqual(piece.from);
    });
  });
});

/** Nobody is sent from one thing to another for nothing: as long as all goes by the plan, it stands. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { liveShow, Night } from '../../testing/live';
import { shows } from '../../testing/shows';

test('on the plan everybody keeps their work, in its sequence, and the end stands (property)', () => {
  let seen = 0;
  fc.assert(
    fc.property(shows, fc.nat(5), (raw, many) => {
      const show = liveShow({
        ...raw,
        slots: raw.slots.map((slot) => ({ ...slot, leads: [] })),
      });
      const { written } = show;
      if (!written.proven || written.blocks.length < 2) return;
      const night = new Night(show, { runs: 1 }).at(0, 'start');
      let clock = 0;
      for (const block of written.blocks.slice(0, 1 + (many % (written.blocks.length - 1))))
        clock = night.through(block.slot, Math.max(clock, block.start));
      const { plan } = night.call(clock).found;
      const toCome = plan.tasks.filter(({ state }) => state === 'toCome');
      for (const { id } of raw.crew) {
        const now = toCome
          .filter(({ people }) => people.includes(id))
          .map(({ slot, task }) => `${slot}/${task}`);
        const before = written.tasks
          .filter(({ phase, people }) => phase !== 'perform' && people.includes(id))
          .map(({ slot, task }) => `${slot}/${task}`)
          .filter((name) => now.includes(name));
        expect(now).toEqual(before);
      }
      expect(plan.end).toBe(written.end);
      seen += toCome.length;
    }),
    { numRuns: 150, seed: 1404 },
  );
  expect(seen).toBeGreaterThan(100);
});

/** A room sensor on the network of this machine, asked when a page shows it. */
import type { SensorAnswer } from '../../contract/api';
import { readSenml, type RoomReading } from '../../core/ready/senml';

/** Milliseconds within which an answer is not asked for again, waited for, and counts as fresh. */
const KEPT = 2000;
const PATIENCE = 1500;

/** Where the stand-in speaks; another address comes from the environment. */
export const SENSOR_ADDRESS = 'http://127.0.0.1:4490/senml';

/**
 * Asks a sensor that speaks SenML (RFC 8428, JSON) over HTTP. It is never seen, live, or has gone quiet
 * since; whatever it does, nothing else waits for it.
 */
export class RoomSensor {
  private reading: RoomReading | null = null;
  private seenAt: number | null = null;
  private askedAt = -Infinity;
  private trouble = '';

  constructor(
    private readonly address: string,
    private readonly now: () => number = Date.now,
  ) {}

  async answer(): Promise<SensorAnswer> {
    if (this.now() - this.askedAt >= KEPT) {
      this.askedAt = this.now();
      await this.ask();
    }
    const { reading, seenAt, trouble } = this;
    const state = seenAt === null ? 'never' : trouble === '' ? 'live' : 'quiet';
    return { state, reading, seenAt, trouble };
  }

  private async ask(): Promise<void> {
    try {
      const response = await fetch(this.address, {
        signal: AbortSignal.timeout(PATIENCE),
        headers: { accept: 'application/senml+json' },
        redirect: 'error',
      });
      if (!response.ok) throw new Error(`it answered ${response.status}`);
      const reading = readSenml(await response.json());
      if (!reading) throw new Error('it said nothing that can be read');
      this.reading = reading;
      this.seenAt = this.now();
      this.trouble = '';
    } catch (error) {
      this.trouble = error instanceof Error ? error.message : 'it does not answer';
    }
  }
}

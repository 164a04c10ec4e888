/** What the tests of chapters use of it; the package has no types of its own. */
declare module 'webvtt-parser' {
  interface Node {
    type: string;
    value?: string;
  }
  interface Cue {
    /** In seconds. */
    startTime: number;
    endTime: number;
    tree: { children: Node[] };
  }
  export class WebVTTParser {
    constructor(entities?: Record<string, string>);
    parse(input: string, mode: string): { cues: Cue[]; errors: { message: string }[] };
  }
}

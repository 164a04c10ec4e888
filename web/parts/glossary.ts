/** The words of the trade and of Hearty Stage, as they are told under `?`. */
export const GLOSSARY: readonly (readonly [word: string, meaning: string])[] = [
  ['Slot', 'one demonstration or talk in the line-up'],
  ['Go', 'one try of a demonstration'],
  ['Line-up', 'the slots in order, with times'],
  ['Dead air', 'time when the audience has nothing to watch'],
  ['Join', 'the change from one slot to the next'],
  ['Hard finish', 'the time the show must have ended'],
  ['Strip', 'the drawing of who does what, when'],
  ['Brief', 'what was agreed: date, place, people, times'],
  ['Kit', 'all things to bring, counted from the line-up'],
  ['Cue', 'what you ask the audience to do or say'],
  ['Ready window', 'from when to when a prepared thing is usable'],
  ['Position', 'a marked place on the stage'],
  ['Method', 'one way to do a demonstration'],
  ['Waive', 'go on without a check, with reason and name'],
];

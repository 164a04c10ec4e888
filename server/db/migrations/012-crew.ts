/** On which device a press was made: one of them at a time moves the show on. */
export const crew = `
ALTER TABLE run_event ADD COLUMN device TEXT;
`;

/** What was taken back is found without reading every movement there ever was. */
export const growing = `
CREATE INDEX movement_reverses ON movement (reverses) WHERE reverses IS NOT NULL;
`;

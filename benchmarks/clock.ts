/** The same clock in all threads, in ms. */
export const clock = (): number => Number(process.hrtime.bigint()) / 1e6;

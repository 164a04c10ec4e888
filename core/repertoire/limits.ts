/** How much of something one show has at the most. */

/** Planned goes of one slot. */
export const MOST_GOES = 20;
/** Seconds of one task or wait: two days, for what is steeped or frozen ahead. */
export const LONGEST_TASK = 172_800;

/** The most that one part can become by taking up water, polenta and oats being the largest; more is taken for a slip. */
export const MOST_GAIN = 12;

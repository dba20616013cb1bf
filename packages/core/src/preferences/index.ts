/** How a person likes figures, temperatures, times and dates shown. What is stored and computed is the same for everyone. */
export interface Preferences {
  /** `customary`: ounces, pounds, fluid ounces, inches. Spoons, cups and counted things stay as they are. */
  readonly units: (typeof UNIT_SYSTEMS)[number];
  readonly temperature: (typeof TEMPERATURE_SCALES)[number];
  readonly clock: (typeof CLOCKS)[number];
  readonly dates: (typeof DATE_ORDERS)[number];
  readonly weekStart: (typeof WEEK_STARTS)[number];
}

export const UNIT_SYSTEMS = ['metric', 'customary'] as const;
export const TEMPERATURE_SCALES = ['celsius', 'fahrenheit'] as const;
export const CLOCKS = ['24', '12'] as const;
export const DATE_ORDERS = ['day-month-year', 'month-day-year', 'year-month-day'] as const;
export const WEEK_STARTS = ['monday', 'sunday', 'saturday'] as const;

/** What holds until a person says otherwise, and on paper that is not printed for one person. */
export const HOUSE_PREFERENCES: Preferences = {
  units: 'metric',
  temperature: 'celsius',
  clock: '24',
  dates: 'day-month-year',
  weekStart: 'monday',
};

import { HOUSE_PREFERENCES, type Preferences } from '@pelvo/core';

/** How this tab speaks: one person's preferences, and the school's time zone. */
let preferences: Preferences = HOUSE_PREFERENCES;
let timeZone = 'UTC';

export function setSpeech(ofPerson: Preferences, ofSchool: string): void {
  preferences = ofPerson;
  timeZone = ofSchool;
}

/** For what is not a component: components take `usePreferences`. */
export const speech = (): { readonly preferences: Preferences; readonly timeZone: string } => ({ preferences, timeZone });

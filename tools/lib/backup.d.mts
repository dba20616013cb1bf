/** Writes a school into a compressed file, as it is at one moment. */
export function backup(url: string, file: string): Promise<{ tables: number; bytes: number }>;
/** Puts a school in the place of the one that is there; `kept` names the database that holds what was there before. */
export function restore(url: string, file: string): Promise<{ tables: number; kept: string }>;

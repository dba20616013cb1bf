/** Placeholders of a statement with several rows of values. @example places(2, 3) // '(?,?,?),(?,?,?)' */
export const places = (rows: number, columns: number): string =>
  Array.from({ length: rows }, () => `(${Array.from({ length: columns }, () => '?').join(',')})`).join(',');

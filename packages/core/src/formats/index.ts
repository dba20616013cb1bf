export { readFile, type FileReading, type FormatName, type ReadFileOptions } from './readFile';
export { dishFile, DISH_FILE_VERSION, type DishFile } from './dishFile';
export { recipeJsonLd } from './jsonLd';
export { linesCsv } from './linesCsv';
export { pastedText, type PastedText } from './pastedText';
export { readTechniqueMarkdown } from './readTechniqueMarkdown';
export * from './techniqueFile';
export { CARD_HEADINGS } from './cardHeadings';
export { SENSE_NAMES, techniqueMarkdown } from './techniqueMarkdown';

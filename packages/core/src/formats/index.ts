export { readFile, type FileReading, type FormatName, type ReadFileOptions } from './readFile';
export { dishFile, DISH_FILE_VERSION, type DishFile } from './dishFile';
export { recipeJsonLd } from './jsonLd';
export { linesCsv } from './linesCsv';

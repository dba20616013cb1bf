export { draftOfDish } from './dishDraft';

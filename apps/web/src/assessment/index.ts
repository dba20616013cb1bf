export { FromInstrument, useInstruments } from './kinds/FromInstrument';
export { SavedState } from './SavedState';

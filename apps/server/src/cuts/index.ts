export { CutsModule } from './cuts.module';
export { cutSetLeaves } from './cutSetLeaves';
export { CutSetRow } from './cutSet.entity';

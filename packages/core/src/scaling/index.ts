export { planMakings, teamsOf, demandFigure, type Making, type MakingPlan, type MakingFor } from './makings';
export { scaleLine, TAPER, type Batch, type ScaledLine } from './scaleLine';

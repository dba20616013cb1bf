export { makingsFor, planMakings, portionsEach, teamsOf, demandFigure, type Making, type MakingPlan, type MakingFor } from './makings';
export { scaleLine, TAPER, type Batch, type ScaledLine, type ScalingBy } from './scaleLine';
export { asPurchased } from './asPurchased';
export { weighedFigure } from './weighedFigure';
export { scaleDish, showFactor, type ScaledComponent, type ScaledDish, type ScaledRow } from './scaleDish';
export { factorFor, type ScaleTarget, type Vessel, type FactorResult } from './factorFor';
export { loadsOf, type Loads } from './loads';

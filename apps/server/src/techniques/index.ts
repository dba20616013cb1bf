export { TechniquesModule } from './techniques.module';
export { loadPrerequisites } from './prerequisites';
export { Technique } from './technique.entity';
export { TechniquePrerequisite } from './techniquePrerequisite.entity';

export { ParamPipe } from './param.pipe';
export { ProblemException, notFound, invalid, conflict, takesTooLong } from './problem';
export { BODY_LIMITS, ProblemFilter } from './problem.filter';
export { document, joi, validated } from './joi.pipe';
export { versionOf } from './version';

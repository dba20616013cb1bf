import {
  decodeText,
  readTechniqueFile,
  readTechniqueMarkdown,
  words,
  type PortableTechnique,
  type ReadTechniques as Reading,
} from '@pelvo/core';
import { explainValidation, portableTechniqueSchema, TECHNIQUES_LIMIT, type FieldProblem } from '@pelvo/contract';
import { hazardQuestions } from './hazardQuestions';

type ReadTechniques =
  | { readonly kind: 'refused'; readonly errors: readonly FieldProblem[] }
  | {
      readonly kind: 'read';
      readonly techniques: readonly {
        readonly card: PortableTechnique;
        /** Whether it is a card by the contract, whatever else is asked of it. */
        readonly fits: boolean;
        readonly problems: readonly FieldProblem[];
      }[];
      readonly leftOut: Reading['leftOut'];
    };

const refused = (problem: string, remedy: string): ReadTechniques => ({ kind: 'refused', errors: [{ field: 'file', problem, remedy }] });

/** The techniques of a file, each checked against the contract and asked about its hazards. */
export function readTechniques(bytes: Uint8Array): ReadTechniques {
  const decoded = decodeText(bytes);
  if (decoded.kind === 'notText') return refused(words(decoded.problem), words(decoded.remedy));
  const { text } = decoded;
  const reading = readTechniqueFile(text) ?? (/^\s*[[{]/.test(text) ? null : readTechniqueMarkdown(text));
  if (!reading || reading.techniques.length === 0)
    return refused('The file holds no technique.', 'Choose a Pelvo file of techniques, or Markdown with "# Name of the technique".');
  if (reading.techniques.length > TECHNIQUES_LIMIT)
    return refused(`The file holds ${reading.techniques.length} techniques.`, `Split it: at most ${TECHNIQUES_LIMIT} are taken.`);
  const techniques = reading.techniques.map((technique) => {
    const { error, value } = portableTechniqueSchema.validate(technique, { abortEarly: false, convert: true });
    const card = (error ? technique : value) as PortableTechnique;
    return { card, fits: !error, problems: error ? explainValidation(error.details).slice(0, 10) : hazardQuestions(card) };
  });
  return { kind: 'read', techniques, leftOut: reading.leftOut };
}

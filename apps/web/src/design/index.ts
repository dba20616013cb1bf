export { Button, ButtonLink, DownloadLink } from './Button';
export { Choice, SelectField, Stepper, TextArea, TextField, Tick } from './Field';
export { Dialog } from './Dialog';
export { Empty, Fetching, Loading, Notice, ProblemNotice } from './Notice';
export { FigureValue, Working, WorkingPage } from './Working';
export { PageHead, Section } from './Page';
export { StrandGlyph, Wordmark } from './StrandGlyph';
export { useMedia } from './useMedia';
export { Strip, type StripItem } from './Strip';

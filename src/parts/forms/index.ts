export { ErrorSummary } from './ErrorSummary';
export { FormChoice, FormSelect, FormText } from './fields';
export { numberText } from './numberText';
export { type DraftForm, keepDraft, type ReadTexts, useDraftForm, useOnceAtATime, useReadForm } from './useDraftForm';

export { ErrorSummary } from './ErrorSummary';
export { FormSelect, FormText } from './fields';
export { numberText } from './numberText';
export { useDraftForm } from './useDraftForm';

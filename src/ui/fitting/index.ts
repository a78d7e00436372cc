export { FittingDrawing } from './FittingDrawing';

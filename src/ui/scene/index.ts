export { isLow } from './fitScene';
export { SceneDrawing } from './SceneDrawing';

export { commonScale, isLow } from './fitScene';
export { SceneDrawing } from './SceneDrawing';

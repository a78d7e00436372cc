export { SceneDrawing } from './SceneDrawing';

export { ClothStation } from './ClothStation';

export { PaletteButton } from './PaletteButton';

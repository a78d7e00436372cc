export { readBobbetAddress } from './address';
export { cardAsText, type ReadCard, readCardText } from './cardText';
export { readShortCode, shortCode } from './code';
export { type Beside, besideWhatIsHere } from './beside';
export { cardOnMine, lackedFor, type ReadingOnMine } from './onMine';
export * from './changes';

export { PaperDialog } from './PaperDialog';
export { usePdfFile } from './useSavePdf';

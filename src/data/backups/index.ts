export { readSnapshot } from '../snapshots';
export { keepDay } from './daily';
export { askToWrite, type Folder, keepFolder, mayWrite, readFolder, writeToFolder } from './folder';
export { askToPersist, type Persistence, readPersistence } from './persist';
export { useSnapshots } from './useSnapshots';
export { goBackTo, planRestore, type RestorePlan } from './restore';
export { isDownloadDue, noteDownload, readDownloads } from './settings';

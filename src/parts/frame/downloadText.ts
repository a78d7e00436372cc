/** What is said when there has been no copy outside this browser for long. */
export const DOWNLOAD_TEXT = {
  downloadLabel: 'A copy outside this browser',
  download: 'Your work is only in this browser. Download a copy, in case this computer or its browser is lost.',
  downloadNow: 'Download a copy',
  later: 'Later',
};

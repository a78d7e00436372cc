/**
 * Hands the sheet to the printer, and nothing else of the page.
 *
 * @param onAway - called when the printer has it
 */
export function printNow(onAway: () => void): void {
  const away = () => {
    delete document.body.dataset.printing;
    onAway();
  };
  document.body.dataset.printing = 'sheet';
  window.addEventListener('afterprint', away, { once: true });
  window.print();
}

/** The state of an address that is opened to search. */
export const SEARCHING = { searching: true } as const;

/** Whether an address was opened to search. */
export function isSearching(state: unknown): boolean {
  return typeof state === 'object' && state !== null && 'searching' in state;
}

/** Where the page is searched, if it is. */
export function searchField(): HTMLInputElement | null {
  return document.querySelector<HTMLInputElement>('main input[type=search]');
}

/** What nobody has measured or said stands under this mark, word and field alike. */
const UNSAID = 'data-unsaid';

/** Marks what nobody has measured or said. */
export function unsaidIf(unsaid: boolean): Record<string, boolean> {
  return { [UNSAID]: unsaid };
}

/** The next word or field that nobody has filled, after the one that has the focus; from the first again after the last. */
export function nextUnsaid(): HTMLElement | undefined {
  const open = [...document.querySelectorAll<HTMLElement>(`main [${UNSAID}=true]`)];
  const here = document.activeElement ?? document.body;
  return open.find((each) => (here.compareDocumentPosition(each) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0) ?? open[0];
}

/** What is typed about plies with kerfs, beside what is typed about plies and about saw cuts. */
export interface KerfedPliesTyped {
  cleanPly: string;
}

export const FIRST_KERFED_PLIES: KerfedPliesTyped = { cleanPly: '1/16"' };

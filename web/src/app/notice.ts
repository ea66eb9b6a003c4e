import { createContext, use } from 'react';

/** A short message at the foot of the page, perhaps with a way back. */
export interface Notice {
  message: string;
  undo?: () => void;
}

export const NoticeContext = createContext<(notice: Notice) => void>(() => undefined);

export function useNotice() {
  return use(NoticeContext);
}

import { useRef, useState } from 'react';
import { useForgotten, useSaid } from '../../api/exchange';
import type { NotebookAnswer, Translation } from '../../api/schema';
import { typedSince } from './said';

interface Translated {
  file: File;
  answer: NotebookAnswer;
  /** What the person says by now. */
  translation: Translation;
}

/** What somebody's own table is taken to mean, while it is said; an answer belongs to its table, and takes nothing back that was typed since it was asked for. */
export function useTranslation() {
  const [translated, setTranslated] = useState<Translated>();
  const said = useSaid();
  const forgotten = useForgotten();
  const changes = useRef(0);
  const change = (translation: Translation) => {
    changes.current++;
    if (!said.isPending) said.reset();
    setTranslated((before) => before && { ...before, translation });
  };
  return {
    translated,
    busy: said.isPending || forgotten.isPending,
    refusal: said.error?.message,
    begin: (file: File, answer: NotebookAnswer) => { setTranslated({ file, answer, translation: answer.translation }); },
    end: () => {
      said.reset();
      setTranslated(undefined);
    },
    change,
    /** Keeps it, and says whether nothing was changed meanwhile. */
    say: async (translation: Translation) => {
      if (!translated) return false;
      const { file, answer: { shape } } = translated;
      const begun = changes.current;
      const answer = await said.mutateAsync({ file, shape, translation });
      setTranslated((now) => (now?.file === file ? { file, answer, translation: typedSince(translation, now.translation, answer.translation) } : now));
      return begun === changes.current;
    },
    forget: async () => {
      if (!translated) return;
      const { file, answer: { shape } } = translated;
      changes.current++;
      const answer = await forgotten.mutateAsync({ file, shape });
      setTranslated((now) => (now?.file === file ? { file, answer, translation: answer.translation } : now));
    },
  };
}

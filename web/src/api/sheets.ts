import { useMutation } from '@tanstack/react-query';
import { api } from './client';
import { handOver } from './handOver';
import type { BendSheetFields, DaySheetFields, FormSheetFields, LogbookFields, PipeSheetFields, StrapSheetFields } from './schema';

/** A sheet on paper, by what it is about. */
export type SheetAsked = { about: 'bend'; asked: BendSheetFields } | { about: 'form'; asked: FormSheetFields } | { about: 'strap'; asked: StrapSheetFields } | { about: 'pipe'; asked: PipeSheetFields } | { about: 'logbook'; asked: LogbookFields } | { about: 'day'; asked: DaySheetFields };

const AS_FILE = { parseAs: 'blob' } as const;

function written({ about, asked }: SheetAsked) {
  switch (about) {
    case 'bend': return api.POST('/api/sheets/bend', { body: asked, ...AS_FILE });
    case 'form': return api.POST('/api/sheets/form', { body: asked, ...AS_FILE });
    case 'strap': return api.POST('/api/sheets/strap', { body: asked, ...AS_FILE });
    case 'pipe': return api.POST('/api/sheets/pipe', { body: asked, ...AS_FILE });
    case 'day': return api.POST('/api/sheets/day', { body: asked, ...AS_FILE });
    // longer than other requests may be, so of a kind of its own
    case 'logbook': return api.POST('/api/sheets/logbook', { body: asked, headers: { 'Content-Type': 'application/vnd.brachion.logbook+json' }, ...AS_FILE });
  }
}

/** Has a sheet written as PDF and hands it over. */
export function useSheet() {
  return useMutation({
    mutationFn: async (asked: SheetAsked) => {
      const { data, response } = await written(asked);
      handOver(data as unknown as Blob, response, 'sheet.pdf');
    },
  });
}

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { api, body } from '../api/client';
import type { BenchAnswer } from '../api/schema';
import { inThisShop } from '../api/shop';
import { useNotice } from '../app/notice';
import { hearChanges } from './changes';
import { heardClock, setClock } from './serverClock';
import { listenToTaps, sendWaiting, waitingTaps, type WaitingTap } from './taps';
import { DONE } from './words';

export const BENCH = ['bench'];
/** The wood goes on between touches; so often it is asked how it is [ms]. */
const LOOK_EACH_MS = 10_000;
/** In the heat the thermometer is looked at more often [ms]. */
const LOOK_IN_THE_HEAT_MS = 3000;
/** The server tells its clock every three seconds; silence this long is a lost connection [ms]. */
const SILENT_MS = 8000;
const CHECK_EACH_MS = 500;
/** So often a line that is lost is tried again [ms]. */
const TRY_EACH_MS = 2000;

/** What is under way on the bench; kept as it is now by what the server tells. */
export function useBench() {
  const { lost } = useChanges();
  const { data, error } = useQuery({
    queryKey: BENCH,
    queryFn: () => body(api.GET('/api/bench')),
    refetchInterval: ({ state }) => (state.data?.pieces.some(({ step }) => step === 'HEATING') ? LOOK_IN_THE_HEAT_MS : LOOK_EACH_MS),
  });
  return { bench: data, error, lost };
}

/** Listens for changes, and says when nothing is heard any more. */
function useChanges(): { lost: boolean } {
  const client = useQueryClient();
  const [lost, setLost] = useState(false);
  useEffect(() => {
    let heardAt = performance.now();
    let revision: number | undefined;
    const line = hearChanges(inThisShop('/api/bench/changes'), (told) => {
      heardAt = performance.now();
      setLost(false);
      heardClock(told.now);
      if (told.revision !== revision) void client.invalidateQueries({ queryKey: BENCH });
      revision = told.revision;
      void sendWaiting();
    });
    void setClock().catch(() => undefined);
    const cut = () => {
      line.cut();
      setLost(true);
    };
    window.addEventListener('offline', cut);
    window.addEventListener('online', line.again);
    const check = setInterval(() => {
      if (!navigator.onLine || document.visibilityState === 'hidden' || performance.now() - heardAt < SILENT_MS) return;
      setLost(true);
      heardAt = performance.now() - SILENT_MS + TRY_EACH_MS;
      line.again();
    }, CHECK_EACH_MS);
    const awake = () => {
      if (document.visibilityState === 'visible') {
        heardAt = performance.now();
        void setClock().catch(() => undefined);
        void client.invalidateQueries({ queryKey: BENCH });
      }
    };
    document.addEventListener('visibilitychange', awake);
    return () => {
      clearInterval(check);
      window.removeEventListener('offline', cut);
      window.removeEventListener('online', line.again);
      document.removeEventListener('visibilitychange', awake);
      line.close();
    };
  }, [client]);
  return { lost };
}

/** Touches that wait to be sent; what the server says of those it takes in and of those it refuses goes where it belongs. */
export function useWaitingTaps(): WaitingTap[] {
  const client = useQueryClient();
  const notify = useNotice();
  useEffect(() => listenToTaps(
    (piece) => {
      client.setQueryData<BenchAnswer>(BENCH, (before) => before && ({
        ...before, pieces: before.pieces.map((each) => (each.id === piece.id ? piece : each)),
      }));
      void client.invalidateQueries({ queryKey: BENCH });
    },
    (tap, sentence) => {
      notify({ message: `“${DONE[tap.tap]}” was not written down. ${sentence}` });
      void client.invalidateQueries({ queryKey: BENCH });
    },
  ), [client, notify]);
  useEffect(() => { void sendWaiting(); }, []);
  return useSyncExternalStore(waitingTaps.subscribe, waitingTaps.get);
}

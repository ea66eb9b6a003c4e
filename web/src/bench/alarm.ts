import { useEffect, useRef } from 'react';
import type { BenchView } from '../api/schema';
import { serverNow } from './serverClock';
import { stateOf } from './state';
import type { WaitingTap } from './taps';

let audio: AudioContext | undefined;

/** One tone by the browser's own means; silent where it has none, or nothing was touched yet. */
function tone(hertz: number, seconds: number) {
  // a browser refuses sound to a page that nobody has touched yet, and complains; one that does not know whether lets it try
  if ('userActivation' in navigator && !navigator.userActivation.hasBeenActive) return;
  try {
    audio ??= new AudioContext();
    const loudness = audio.createGain();
    loudness.gain.setValueAtTime(0.25, audio.currentTime);
    loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + seconds);
    const pitch = audio.createOscillator();
    pitch.frequency.value = hertz;
    pitch.connect(loudness).connect(audio.destination);
    pitch.start();
    pitch.stop(audio.currentTime + seconds);
  } catch {
    // a browser without sound shows the same clock
  }
}

const TICK_FROM_S = 5;
const LOOK_MS = 200;

/** Sounds due at a moment: a tick for each of the last five seconds after a pull, a long tone at its end, two tones when it is ready. */
export function soundsDue(pieces: BenchView[], waiting: WaitingTap[], before: number, now: number): ('tick' | 'end' | 'ready')[] {
  return pieces.flatMap((piece) => {
    const { step, standing } = stateOf(piece, waiting.filter((tap) => tap.piece === piece.id));
    if (standing.due === undefined) return [];
    const due = Date.parse(standing.due);
    if (step === 'HEATING') return before < due && due <= now ? ['ready' as const] : [];
    if (step !== 'BENDING') return [];
    if (before < due && due <= now) return ['end' as const];
    for (let second = 1; second <= TICK_FROM_S; second++) {
      const at = due - second * 1000;
      if (before < at && at <= now) return ['tick' as const];
    }
    return [];
  });
}

/** Lets the clocks be heard. */
export function useAlarm(pieces: BenchView[], waiting: WaitingTap[], on: boolean) {
  const latest = useRef({ pieces, waiting });
  useEffect(() => { latest.current = { pieces, waiting }; });
  useEffect(() => {
    if (!on) return;
    let before = serverNow();
    const look = setInterval(() => {
      const now = serverNow();
      for (const sound of soundsDue(latest.current.pieces, latest.current.waiting, before, now)) {
        if (sound === 'tick') tone(880, 0.12);
        else if (sound === 'end') tone(440, 1.2);
        else { tone(660, 0.4); setTimeout(() => { tone(880, 0.6); }, 400); }
      }
      before = now;
    }, LOOK_MS);
    return () => { clearInterval(look); };
  }, [on]);
}

/** Keeps the screen awake while it matters, where the browser can. */
export function useAwake(needed: boolean) {
  useEffect(() => {
    if (!needed || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const ask = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then((got) => {
        if (over) void got.release();
        else lock = got;
      }, () => undefined);
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [needed]);
}

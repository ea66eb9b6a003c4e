import { api } from '../api/client';
import { inSample, SAMPLE, shopOfThisTab } from '../api/shop';
import { forgetStoredOf } from './storage';

/** Looks round the sample workshop in this tab, beside the own shop. */
export async function visitSample(): Promise<void> {
  forgetStoredOf(SAMPLE);
  await api.PUT('/api/sample');
  shopOfThisTab.set(SAMPLE);
  // everything on the page is the other shop's
  location.assign('/plan');
}

/** A tab that is shown again may find the sample emptied meanwhile: it is filled anew. */
export async function sampleIsThere(): Promise<void> {
  if (inSample()) await api.PUT('/api/sample').catch(() => undefined);
}

/** Back to the own shop; nothing of what was tried in the sample stays, on the server or in this browser. */
export async function leaveSample(): Promise<void> {
  await api.DELETE('/api/sample');
  forgetStoredOf(SAMPLE);
  shopOfThisTab.clear();
  location.assign('/');
}

/** The invented workshop one can look round in. */
export const SAMPLE = 'sample';

const KEY = 'brachion.shop';

/** Whose records this tab works with; the own shop's unless it looks round another. A reload stays there. */
export const shopOfThisTab = {
  get: (): string | undefined => {
    try {
      return sessionStorage.getItem(KEY) ?? undefined;
    } catch {
      return undefined;
    }
  },
  set: (shop: string) => { sessionStorage.setItem(KEY, shop); },
  clear: () => { sessionStorage.removeItem(KEY); },
};

export function inSample(): boolean {
  return shopOfThisTab.get() === SAMPLE;
}

/** An address that is followed by a link, which can send no header. */
export function inThisShop(address: string): string {
  const shop = shopOfThisTab.get();
  return shop === undefined ? address : `${address}${address.includes('?') ? '&' : '?'}shop=${shop}`;
}

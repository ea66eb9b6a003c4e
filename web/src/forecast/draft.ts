import type { Afterwards } from '../api/queries';

/** Where the recipe under forecast is kept between visits. */
export const FORECAST_DRAFT = 'brachion.forecast';

/** Where the shop and what follows the bend are kept. */
export const AFTERWARDS_DRAFT = 'brachion.afterwards';

/** A day on the form and two weeks on the rack of an ordinary shop; common practice. */
export const ORDINARY_SHOP: Afterwards = { formHours: 24, rackDays: 14, shopC: 18, shopHumidityPercent: 45 };

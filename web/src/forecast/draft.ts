/** Where the recipe under forecast is kept between visits. */
export const FORECAST_DRAFT = 'brachion.forecast';

/** Forecasts from all records, with the fit kept until the records change. */
package brachion.server.forecasting;

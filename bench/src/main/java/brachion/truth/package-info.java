/**
 * How true the forecasts are: simulated shops whose law is not the product's own keep records, the product learns from
 * them, and what it then says of fresh pieces is held against their true chances. Every run draws fresh shops.
 */
package brachion.truth;

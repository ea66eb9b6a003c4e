/** The demo workshop: an invented shop with two years of trials. */
package brachion.server.demo;

/** The drying rack: pieces set to dry, their weigh-ins, and the day they are dry. */
package brachion.server.rack;

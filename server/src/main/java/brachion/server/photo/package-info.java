/**
 * Photographs of records and boards: taken in as JPEG, PNG or WebP, kept as pixels alone, given out as JPEG and nothing else, and
 * measured by what a person points at on them.
 */
package brachion.server.photo;

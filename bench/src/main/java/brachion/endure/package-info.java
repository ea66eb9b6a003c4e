/**
 * What the product withstands: server, database and all of it killed at random moments under writing, and a full disk.
 * Nothing that was acknowledged may be lost, nothing may be there twice, and it must go on by itself.
 */
package brachion.endure;

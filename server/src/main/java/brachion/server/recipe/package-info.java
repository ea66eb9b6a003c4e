/** How a recipe travels and is stored: validated fields in SI units that turn into the recipe the core computes with. */
package brachion.server.recipe;

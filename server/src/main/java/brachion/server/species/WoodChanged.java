package brachion.server.species;

/** A wood of the shop's own was added, changed or taken away, in the transaction under way. */
public record WoodChanged() {
}

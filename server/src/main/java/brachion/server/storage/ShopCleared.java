package brachion.server.storage;

/**
 * Everything of a shop is gone.
 *
 * @param shop its key
 */
public record ShopCleared(String shop) {
}

package brachion.server.storage;

import java.util.List;
import java.util.function.Supplier;

/**
 * Whose records are worked with. Everything stored has the key of its shop, and a session of the database sees one shop
 * only. Where nothing else was said it is the person's own.
 */
public final class CurrentShop {

    /** The shop of whoever runs the product. */
    public static final String OWN = "own";
    /** The invented shop to look round in. */
    public static final String SAMPLE = "sample";

    /** Every shop there can be. */
    public static final List<String> ALL = List.of(OWN, SAMPLE);

    private static final ThreadLocal<String> KEY = ThreadLocal.withInitial(() -> OWN);

    private CurrentShop() {
    }

    /** Its key. */
    public static String key() {
        return KEY.get();
    }

    /** Works in a shop from here on; {@link #leave} is due when the work is done. */
    public static void enter(String key) {
        KEY.set(key);
    }

    /** Back to the own shop. */
    public static void leave() {
        KEY.remove();
    }

    /** Does something in a shop. */
    public static <T> T in(String key, Supplier<T> work) {
        String before = key();
        enter(key);
        try {
            return work.get();
        } finally {
            enter(before);
        }
    }
}

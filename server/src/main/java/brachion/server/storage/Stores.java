package brachion.server.storage;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A request that stores something. Sent again with the same key, it is answered as before and done no second time. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Stores {

    /** The header that carries the key (IETF draft "The Idempotency-Key HTTP Header Field"). */
    String KEY = "Idempotency-Key";

    /** Whether it is work on many records at once. */
    boolean many() default false;
}

package brachion.server.storage;

import jakarta.persistence.EntityManager;
import java.time.Duration;
import org.hibernate.Session;
import org.springframework.stereotype.Component;

/**
 * Work on many records at once. Otherwise nobody waits two seconds for one answer of the database: a transaction in which
 * that happens is taken back.
 */
@Component
public class LongWork {

    /** How long such a transaction may take [s]. */
    public static final int SECONDS = 300;

    private final EntityManager entities;

    LongWork(EntityManager entities) {
        this.entities = entities;
    }

    /** Lets the database take its time over each statement of the transaction at hand. */
    public void begin() {
        Patience.end();
        entities.unwrap(Session.class).doWork(connection ->
                connection.setNetworkTimeout(Runnable::run, (int) Duration.ofSeconds(SECONDS).toMillis()));
    }
}

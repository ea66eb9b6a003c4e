package brachion.server.storage;

import brachion.server.problem.EditConflictException;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.TenantId;

/** Something stored. Once discarded it stays, marked, so that it can be brought back. */
@MappedSuperclass
public abstract class StoredEntity {

    /** Whose it is. */
    @TenantId
    private String shop;

    @Version
    private int version;

    private Instant deletedAt;

    /** Its key; null until it is stored. */
    public abstract Long id();

    /** Counts its changes. */
    public int version() {
        return version;
    }

    /** Whether it has not been discarded. */
    public boolean present() {
        return deletedAt == null;
    }

    /** Marks it as discarded. */
    public void discard(Instant at) {
        deletedAt = at;
    }

    /** When it was discarded; null while it is present. */
    public Instant discardedAt() {
        return deletedAt;
    }

    /** Takes the mark off again. */
    public void bringBack() {
        deletedAt = null;
    }

    /**
     * Refuses a change that was made to an older version.
     *
     * @param seen     the version the person saw
     * @param conflict what to tell the person
     * @throws EditConflictException when it has changed since
     */
    public void requireVersion(int seen, String conflict) {
        if (version != seen) {
            throw new EditConflictException(conflict);
        }
    }
}

package brachion.server.instrument;

import brachion.server.storage.StoredEntity;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;

/** A stored thermometer. */
@Entity
@Table(name = "instrument")
class InstrumentEntity extends StoredEntity {

    private String name;

    private String tokenDigest;

    /** What it read before is thinned. */
    private Instant thinnedUntil;

    protected InstrumentEntity() {
    }

    InstrumentEntity(String name, Token token, Instant now) {
        this.name = name;
        this.tokenDigest = token.digest();
        this.thinnedUntil = now;
    }

    String name() {
        return name;
    }

    Instant thinnedUntil() {
        return thinnedUntil;
    }

    void thinnedUntil(Instant moment) {
        thinnedUntil = moment;
    }
}

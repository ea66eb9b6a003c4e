package brachion.server.instrument;

import brachion.server.storage.CountedEntity;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;

/** A stored instrument. */
@Entity
@Table(name = "instrument")
class InstrumentEntity extends CountedEntity {

    private String name;

    @Enumerated(EnumType.STRING)
    private InstrumentKind kind;

    private String tokenDigest;

    /** What it read before is thinned. */
    private Instant thinnedUntil;

    protected InstrumentEntity() {
    }

    InstrumentEntity(String name, InstrumentKind kind, Token token, Instant now) {
        this.name = name;
        this.kind = kind;
        this.tokenDigest = token.digest();
        this.thinnedUntil = now;
    }

    InstrumentKind kind() {
        return kind;
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

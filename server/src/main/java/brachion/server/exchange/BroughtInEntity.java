package brachion.server.exchange;

import brachion.server.storage.CountedEntity;
import brachion.server.trial.CameFrom;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

/** A table that was brought in. */
@Entity
@Table(name = "brought_in")
class BroughtInEntity extends CountedEntity {

    private String fileName;

    private Instant broughtAt;

    private Long otherShopId;

    protected BroughtInEntity() {
    }

    BroughtInEntity(String fileName, Instant broughtAt, Long otherShop) {
        this.fileName = fileName;
        this.broughtAt = broughtAt;
        this.otherShopId = otherShop;
    }

    String fileName() {
        return fileName;
    }

    Instant broughtAt() {
        return broughtAt;
    }

    Optional<Long> otherShop() {
        return Optional.ofNullable(otherShopId);
    }

    /** Where its bends came from. */
    CameFrom asOrigin() {
        return new CameFrom(id(), otherShopId);
    }
}

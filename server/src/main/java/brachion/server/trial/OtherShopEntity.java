package brachion.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** Somebody else's shop, whose records came in. */
@Entity
@Table(name = "other_shop")
class OtherShopEntity extends NamedEntity {

    private boolean counted = true;

    protected OtherShopEntity() {
    }

    OtherShopEntity(String name) {
        rename(name);
    }

    /** Whether forecasts count its records. */
    boolean counted() {
        return counted;
    }

    void isCounted(boolean now) {
        counted = now;
    }
}

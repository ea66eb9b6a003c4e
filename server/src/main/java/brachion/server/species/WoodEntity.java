package brachion.server.species;

import brachion.core.wood.WoodFacts;
import brachion.server.storage.CountedEntity;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A stored wood of the shop's own. */
@Entity
@Table(name = "wood")
class WoodEntity extends CountedEntity {

    /** What keys of own woods begin with; no published species does. */

    @Embedded
    private WoodFields wood;

    protected WoodEntity() {
    }

    WoodEntity(WoodFields wood) {
        this.wood = wood;
    }

    void change(WoodFields to) {
        wood = to;
    }

    WoodFields wood() {
        return wood;
    }

    /** The key trials know it by. */
    String speciesId() {
        return Woods.OWN + id();
    }

    WoodFacts facts() {
        return wood.facts(speciesId());
    }
}

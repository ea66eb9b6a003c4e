package brachion.server.rig;

import brachion.server.storage.CountedEntity;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A stored steam box with its steam; plans go by one of a shop's. */
@Entity
@Table(name = "steam_rig")
class RigEntity extends CountedEntity {

    /** The thing in the rig it is, none while it has no name. */
    private Long itemId;
    private boolean planned;
    @Embedded
    private RigFields rig;

    protected RigEntity() {
    }

    RigEntity(Long itemId, boolean planned) {
        this.itemId = itemId;
        this.planned = planned;
    }

    void change(RigFields to) {
        rig = to;
    }

    /** It has a name from now on. */
    void is(long item) {
        itemId = item;
    }

    void plansGoBy(boolean it) {
        planned = it;
    }

    Long itemId() {
        return itemId;
    }

    boolean planned() {
        return planned;
    }

    RigFields rig() {
        return rig;
    }
}

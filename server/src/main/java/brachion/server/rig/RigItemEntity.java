package brachion.server.rig;

import brachion.server.storage.CountedEntity;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A stored thing in the rig. */
@Entity
@Table(name = "rig_item")
class RigItemEntity extends CountedEntity {

    @Embedded
    private RigItemFields item;

    protected RigItemEntity() {
    }

    RigItemEntity(RigItemFields item) {
        this.item = item;
    }

    void write(RigItemFields to) {
        item = to;
    }

    RigItemFields item() {
        return item;
    }
}

package brachion.server.rig;

import brachion.server.storage.CurrentShop;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The stored rig; a shop has one. */
@Entity
@Table(name = "steam_rig")
class RigEntity {

    @Id
    private String shop = CurrentShop.key();
    @Version
    private Integer version;
    @Embedded
    private RigFields rig;

    protected RigEntity() {
    }

    RigEntity(RigFields rig) {
        this.rig = rig;
    }

    void change(RigFields to) {
        rig = to;
    }

    RigFields rig() {
        return rig;
    }

    int version() {
        return version;
    }
}

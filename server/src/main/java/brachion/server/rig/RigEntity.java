package brachion.server.rig;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The stored rig; a shop has one. */
@Entity
@Table(name = "steam_rig")
class RigEntity {

    static final byte ONLY = 1;

    @Id
    private byte id = ONLY;
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

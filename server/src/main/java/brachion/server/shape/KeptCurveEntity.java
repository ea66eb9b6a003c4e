package brachion.server.shape;

import brachion.server.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A curve that is kept. */
@Entity
@Table(name = "kept_curve")
class KeptCurveEntity extends StoredDocument {

    private String name;

    protected KeptCurveEntity() {
    }

    KeptCurveEntity(String name) {
        this.name = name;
    }

    KeptCurve view() {
        return new KeptCurve(id(), name, read(KeptCurveFields.class));
    }
}

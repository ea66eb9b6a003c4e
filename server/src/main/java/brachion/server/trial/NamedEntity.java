package brachion.server.trial;

import brachion.server.storage.StoredEntity;
import jakarta.persistence.MappedSuperclass;

/** Something trials are told apart by that has a key, and a name as its label. */
@MappedSuperclass
abstract class NamedEntity extends StoredEntity {

    private String name;

    String name() {
        return name;
    }

    void rename(String to) {
        name = to;
    }
}

package brachion.server.trial;

import brachion.server.storage.CountedEntity;
import jakarta.persistence.MappedSuperclass;

/** Something trials are told apart by that has a key, and a name as its label. */
@MappedSuperclass
abstract class NamedEntity extends CountedEntity {

    private String name;

    String name() {
        return name;
    }

    void rename(String to) {
        name = to;
    }
}

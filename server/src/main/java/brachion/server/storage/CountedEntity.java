package brachion.server.storage;

import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;

/** Something stored that gets its key as it is stored, one by one. */
@MappedSuperclass
public abstract class CountedEntity extends StoredEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Override
    public Long id() {
        return id;
    }
}

package brachion.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** Somebody who bends. */
@Entity
@Table(name = "person")
class PersonEntity extends NamedEntity {
}

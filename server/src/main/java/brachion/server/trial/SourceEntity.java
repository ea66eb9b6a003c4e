package brachion.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** Where boards come from. */
@Entity
@Table(name = "source")
class SourceEntity extends NamedEntity {
}

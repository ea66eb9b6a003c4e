package brachion.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A board pieces are cut from. */
@Entity
@Table(name = "board")
class BoardEntity extends NamedEntity {
}

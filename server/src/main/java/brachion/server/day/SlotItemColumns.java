package brachion.server.day;

import jakarta.persistence.Embeddable;

/**
 * A thing that is taken up in a plan.
 *
 * @param slot   place of the stretch of work in the plan
 * @param itemId the thing
 */
@Embeddable
record SlotItemColumns(int slot, Long itemId) {
}

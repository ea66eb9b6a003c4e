package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import java.util.List;
import java.util.Optional;

/** A way to bend wood cold and dry, by its published strength alone, held by glue that sets overnight. */
interface DryWood extends Method {

    @Override
    default SectionCondition condition(Blank blank, Shop shop, Physics physics) {
        return SectionCondition.uniform(0, Demand.known(blank.moisturePercent(), "moisture"));
    }

    @Override
    default Optional<Strap> strap() {
        return Optional.empty();
    }

    /** No unsure constant bears on dry wood. */
    @Override
    default Sensitivity sensitivity(Blank blank, Bend bend, Shop shop) {
        return Sensitivity.NONE;
    }

    /** Dry wood bent cold has nothing to cure but its curve. */
    @Override
    default List<Cure> cures(Recipe recipe) {
        return List.of();
    }

    @Override
    default double hoursToRelease() {
        return Glue.CLAMPED_H;
    }
}

package brachion.server.process;

import brachion.core.method.HotWood;
import brachion.core.method.Recipe;
import brachion.core.process.Piece;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Within;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * What is to be followed.
 *
 * @param recipe               a bend of heated stock
 * @param formHours            hours clamped to the form [h]
 * @param rackDays             days on the rack afterwards
 */
record ProcessRequest(
        @NotNull @Valid RecipeFields recipe,
        @NotNull @Within(PhysicalBound.FORM_HOURS) Double formHours,
        @NotNull @Within(PhysicalBound.RACK_DAYS) Double rackDays) {

    /** The stages in the order of work; soak and carry only where there is one. */
    List<Stage> stages(Recipe typical) {
        if (!(typical.method() instanceof HotWood steam)) {
            throw new RefusedFieldException("recipe.method", "Only stock that is heated has a process to follow.");
        }
        Shop shop = typical.shop();
        List<Stage> plan = steam.stagesToRelease(shop, formHours);
        plan.add(Stage.unheated(StageKind.RACK, rackDays * 86_400, shop));
        return plan;
    }

    /** The piece, as warm as the shop. */
    Piece piece(Recipe typical) {
        return HotWood.piece(typical.blank(), typical.shop());
    }
}

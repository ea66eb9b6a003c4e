package brachion.server.process;

import brachion.core.method.HotWood;
import brachion.core.method.Recipe;
import brachion.core.process.Piece;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Within;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;

/**
 * What is to be followed.
 *
 * @param recipe               a steamed bend
 * @param formHours            hours clamped to the form [h]
 * @param rackDays             days on the rack afterwards
 * @param shopC                temperature of the shop [°C]
 * @param shopHumidityPercent  relative humidity of the shop [%]
 */
record ProcessRequest(
        @NotNull @Valid RecipeFields recipe,
        @NotNull @Within(PhysicalBound.FORM_HOURS) Double formHours,
        @NotNull @Within(PhysicalBound.RACK_DAYS) Double rackDays,
        @NotNull @Within(PhysicalBound.SHOP_C) Double shopC,
        @NotNull @Within(PhysicalBound.HUMIDITY_PERCENT) Double shopHumidityPercent) {

    /** The stages in the order of work; soak and carry only where there is one. */
    List<Stage> stages(Recipe typical) {
        if (!(typical.method() instanceof HotWood steam)) {
            throw new RefusedFieldException("recipe.method", "Only steamed stock has a process to follow.");
        }
        List<Stage> plan = new ArrayList<>();
        steam.stages().forEach(stage -> plan.add(stage.in(shopC, shopHumidityPercent / 100)));
        plan.add(stage(StageKind.FORM, formHours * 3600));
        plan.add(stage(StageKind.RACK, rackDays * 86_400));
        return plan;
    }

    /** The piece, as warm as the shop. */
    Piece piece(Recipe typical) {
        Piece blank = HotWood.piece(typical.blank());
        return new Piece(blank.basicSpecificGravity(), blank.thicknessMm(), blank.widthMm(), blank.moisturePercent(), shopC);
    }

    private Stage stage(StageKind kind, double seconds) {
        return new Stage(kind, seconds, shopC, shopC, shopHumidityPercent / 100);
    }
}

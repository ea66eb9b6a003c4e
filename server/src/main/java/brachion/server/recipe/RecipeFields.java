package brachion.server.recipe;

import brachion.core.method.Bend;
import brachion.core.method.Method;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

/**
 * One bend as planned or as done. Just the settings of the chosen method are filled.
 *
 * @param blank         the stock
 * @param innerRadiusMm radius of the inner face [mm]
 * @param angleDegrees  angle of the bend [°]
 * @param method        which method
 * @param steam         settings of the steam box, null for another method
 * @param lamination    settings of the cold lamination, null for another method
 */
@Embeddable
public record RecipeFields(
        @NotNull(message = "The stock is needed.") @Valid @Embedded BlankFields blank,
        @NotNull(message = "Inner radius is needed.") @Within(PhysicalBound.INNER_RADIUS_MM) Double innerRadiusMm,
        @NotNull(message = "Bend angle is needed.") @Within(PhysicalBound.ANGLE_DEGREES) Double angleDegrees,
        @NotNull(message = "Choose a method.") @Enumerated(EnumType.STRING) MethodKind method,
        @Valid @Embedded SteamFields steam,
        @Valid @Embedded LaminationFields lamination) {

    /**
     * The recipe the core computes with.
     *
     * @throws RefusedFieldException when the species is unknown or the settings are those of another method
     */
    public Recipe toRecipe() {
        return new Recipe(blank.toBlank(), new Bend(innerRadiusMm, angleDegrees), toMethod());
    }

    private Method toMethod() {
        requireJust(MethodKind.STEAM_BOX, steam, "recipe.steam", "steam box");
        requireJust(MethodKind.COLD_LAMINATION, lamination, "recipe.lamination", "cold lamination");
        return method == MethodKind.STEAM_BOX ? steam.toMethod(blank.widthMm()) : lamination.toMethod();
    }

    private void requireJust(MethodKind kind, Object settings, String field, String name) {
        if ((method == kind) != (settings != null)) {
            throw new RefusedFieldException(field, method == kind
                    ? "The settings of the " + name + " are needed."
                    : "The settings of the " + name + " do not belong to this method.");
        }
    }
}

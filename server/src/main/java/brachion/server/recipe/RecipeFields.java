package brachion.server.recipe;

import brachion.core.method.Bend;
import brachion.core.method.ColdLamination;
import brachion.core.method.Method;
import brachion.core.method.MethodKind;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.method.Workshop;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * One bend as planned or as done. Just the settings of the chosen method are filled.
 *
 * @param blank         the stock
 * @param innerRadiusMm radius of the inner face [mm]
 * @param angleDegrees  angle of the bend [°]
 * @param method        which method
 * @param steam         settings of the steam box, null for another method
 * @param lamination    settings of the cold lamination, null for another method
 * @param person        who bends it, null when nobody wrote it down
 * @param board         the board it is cut from, null when nobody wrote it down
 * @param source        where the board came from, null when nobody wrote it down
 */
@Embeddable
public record RecipeFields(
        @NotNull(message = "The stock is needed.") @Valid @Embedded BlankFields blank,
        @NotNull(message = "Inner radius is needed.") @Within(PhysicalBound.INNER_RADIUS_MM) Double innerRadiusMm,
        @NotNull(message = "Bend angle is needed.") @Within(PhysicalBound.ANGLE_DEGREES) Double angleDegrees,
        @NotNull(message = "Choose a method.") @Enumerated(EnumType.STRING) MethodKind method,
        @Valid @Embedded SteamFields steam,
        @Valid @Embedded LaminationFields lamination,
        @Size(max = 80, message = NAME_LENGTH) String person,
        @Size(max = 80, message = NAME_LENGTH) String board,
        @Size(max = 80, message = NAME_LENGTH) String source) {

    private static final String NAME_LENGTH = "A name may be up to 80 characters long.";

    /** A name is the same with blanks around it, and none is nobody. */
    public RecipeFields {
        person = given(person);
        board = given(board);
        source = given(source);
    }

    /**
     * The recipe the core computes with.
     *
     * @param workshop the woods there are and the shop
     * @throws RefusedFieldException when the species is unknown or the settings are those of another method
     */
    public Recipe toRecipe(Workshop workshop) {
        return new Recipe(blank.toBlank(workshop.woods()), new Bend(innerRadiusMm, angleDegrees), toMethod(),
                new Names(name(person), name(board), name(source)), workshop.shop());
    }

    private static String name(String given) {
        return given == null ? "" : given;
    }

    private static String given(String name) {
        return name == null || name.isBlank() ? null : name.strip();
    }

    /** A recipe of the core as it travels. */
    public static RecipeFields of(Recipe recipe) {
        Names names = recipe.names();
        return new RecipeFields(BlankFields.of(recipe.blank()), recipe.bend().innerRadiusMm(),
                recipe.bend().angleDegrees(), recipe.method().kind(),
                recipe.method() instanceof SteamBox box ? SteamFields.of(box) : null,
                recipe.method() instanceof ColdLamination stack ? LaminationFields.of(stack) : null,
                given(names.person()), given(names.board()), given(names.source()));
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

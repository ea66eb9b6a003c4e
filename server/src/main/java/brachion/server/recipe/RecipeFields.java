package brachion.server.recipe;

import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Workshop;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.Absent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * One bend as planned or as done.
 *
 * @param blank         the stock
 * @param innerRadiusMm radius of the inner face [mm]
 * @param angleDegrees  angle of the bend [°]
 * @param method        how it is bent
 * @param person        who bends it, null when nobody wrote it down
 * @param board         the board it is cut from, null when nobody wrote it down
 * @param source        where the board came from, null when nobody wrote it down
 */
@Doable
public record RecipeFields(
        @NotNull(message = "The stock is needed.") @Valid BlankFields blank,
        @NotNull(message = "Inner radius is needed.") @Within(PhysicalBound.INNER_RADIUS_MM) Double innerRadiusMm,
        @NotNull(message = "Bend angle is needed.") @Within(PhysicalBound.ANGLE_DEGREES) Double angleDegrees,
        @NotNull(message = "Choose a method.") @Valid MethodFields method,
        @Size(max = 80, message = NAME_LENGTH) String person,
        @Size(max = 80, message = NAME_LENGTH) String board,
        @Size(max = 80, message = NAME_LENGTH) String source) {

    private static final String NAME_LENGTH = "A name may be up to 80 characters long.";

    /** A name is the same with blanks around it, and none is nobody. */
    public RecipeFields {
        person = Absent.given(person);
        board = Absent.given(board);
        source = Absent.given(source);
    }

    /**
     * The recipe the core computes with.
     *
     * @param workshop the woods there are and the shop
     * @throws RefusedFieldException when the species is unknown, is plywood for a way that takes none, or a setting is none the method takes
     */
    public Recipe toRecipe(Workshop workshop) {
        Blank stock = blank.toBlank(workshop.woods());
        if (!method.kind().family().takes(stock.species())) {
            throw new RefusedFieldException("recipe.blank.speciesId",
                    "Plywood is not softened for a bend: saw kerfs in it or glue up thin sheets.");
        }
        return new Recipe(stock, new Bend(innerRadiusMm, angleDegrees),
                method.toMethod(blank.widthMm()),
                new Names(name(person), name(board), name(source)), workshop.shop());
    }

    private static String name(String given) {
        return given == null ? "" : given;
    }

    /** A recipe of the core as it travels. */
    public static RecipeFields of(Recipe recipe) {
        Names names = recipe.names();
        return new RecipeFields(BlankFields.of(recipe.blank()), recipe.bend().innerRadiusMm(),
                recipe.bend().angleDegrees(), MethodFields.of(recipe.method()),
                Absent.given(names.person()), Absent.given(names.board()), Absent.given(names.source()));
    }
}

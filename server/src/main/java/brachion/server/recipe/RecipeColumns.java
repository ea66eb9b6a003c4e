package brachion.server.recipe;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;

/**
 * A recipe as it is stored, but for its names: what every bend has in columns, the settings of its method in one document.
 *
 * @param blank         the stock
 * @param innerRadiusMm radius of the inner face [mm]
 * @param angleDegrees  angle of the bend [°]
 * @param method        which way of bending
 * @param settings      its settings, a JSON document with the version of its meaning
 */
@Embeddable
public record RecipeColumns(@Embedded BlankFields blank, Double innerRadiusMm, Double angleDegrees, String method, String settings) {

    /** A recipe to store. */
    public static RecipeColumns of(RecipeFields recipe) {
        return new RecipeColumns(recipe.blank(), recipe.innerRadiusMm(), recipe.angleDegrees(), recipe.method().kind().name(),
                SettingsDocument.write(recipe.method()));
    }

    /**
     * The stored recipe, with the names it is told apart by; null where nobody wrote one down.
     *
     * @throws brachion.server.problem.NewerRecordException when a newer version of the product wrote it
     */
    public RecipeFields recipe(String person, String board, String source) {
        return new RecipeFields(blank, innerRadiusMm, angleDegrees, SettingsDocument.read(method, settings), person, board, source);
    }
}

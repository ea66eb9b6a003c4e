package brachion.server.recipe;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;

/**
 * A recipe as it is stored: what every bend has in columns, the settings of its method in one document.
 *
 * @param blank         the stock
 * @param innerRadiusMm radius of the inner face [mm]
 * @param angleDegrees  angle of the bend [°]
 * @param method        which way of bending
 * @param settings      its settings, a JSON document with the version of its meaning
 * @param person        who bends it
 * @param board         the board it is cut from
 * @param source        where the board came from
 */
@Embeddable
public record RecipeColumns(@Embedded BlankFields blank, Double innerRadiusMm, Double angleDegrees, String method, String settings,
                            String person, String board, String source) {

    /** A recipe to store. */
    public static RecipeColumns of(RecipeFields recipe) {
        return new RecipeColumns(recipe.blank(), recipe.innerRadiusMm(), recipe.angleDegrees(), recipe.method().kind().name(),
                SettingsDocument.write(recipe.method()), recipe.person(), recipe.board(), recipe.source());
    }

    /**
     * The stored recipe.
     *
     * @throws brachion.server.problem.NewerRecordException when a newer version of the product wrote it
     */
    public RecipeFields recipe() {
        return new RecipeFields(blank, innerRadiusMm, angleDegrees, SettingsDocument.read(method, settings), person, board, source);
    }
}

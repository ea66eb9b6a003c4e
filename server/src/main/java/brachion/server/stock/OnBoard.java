package brachion.server.stock;

import brachion.core.forecast.Odds;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.method.Workshop;
import brachion.core.stock.BlankSize;
import brachion.core.stock.MoistureHistory;
import brachion.core.stock.WoodAtPlace;
import brachion.server.recipe.BlankFields;
import brachion.server.recipe.RecipeFields;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/** A planned bend made of a board: with the board's wood, its last moisture, and what lies at a place. For one request. */
final class OnBoard {

    private final Recipe recipe;
    private final BoardFields board;
    private final Function<Recipe, Odds> unbroken;
    private final Map<Recipe, Odds> known = new HashMap<>();

    OnBoard(RecipeFields plan, BoardFields board, Workshop workshop, Function<Recipe, Odds> unbroken) {
        this.recipe = ofItsWood(plan, board).toRecipe(workshop);
        this.board = board;
        this.unbroken = unbroken;
    }

    /** What was measured of the stock counts where the plan is of this very board; of another's it says nothing. */
    private static RecipeFields ofItsWood(RecipeFields plan, BoardFields board) {
        BlankFields planned = plan.blank();
        boolean thisBoard = board.name().equals(plan.board());
        Double moisture = board.moisture().latest().map(MoistureHistory.Known::percent).orElse(thisBoard ? planned.moisturePercent() : null);
        BlankFields blank = new BlankFields(board.speciesId(), board.seasoning(), moisture, board.growthRings(), thisBoard ? planned.grainRun() : null,
                planned.knots(), planned.outerFace(), planned.thicknessMm(), planned.widthMm(), planned.outline());
        return new RecipeFields(blank, plan.innerRadiusMm(), plan.angleDegrees(), plan.method(), plan.person(), board.name(), board.source());
    }

    /** What is sawn for it. */
    BlankSize size(Marks marks) {
        return BlankSize.of(recipe, board.thicknessMm(), board.kerfMm(), marks);
    }

    /** The bend made of what lies at a place. */
    RecipeFields recipe(WoodAtPlace wood) {
        return RecipeFields.of(wood.of(recipe));
    }

    /** The odds that it does not break then. */
    Odds odds(WoodAtPlace wood) {
        return known.computeIfAbsent(wood.of(recipe), unbroken);
    }
}

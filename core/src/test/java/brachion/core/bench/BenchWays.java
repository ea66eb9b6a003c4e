package brachion.core.bench;

import brachion.core.method.AtHand;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.WantedPiece;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** A recipe of every way, each as a search would try it first. */
public final class BenchWays {

    private BenchWays() {
    }

    /** All of them. */
    public static List<Recipe> all() {
        Recipe piece = Recipes.ash().steamed();
        AtHand atHand = new AtHand(List.of(piece.blank().species()), List.of(Seasoning.AIR_DRIED), List.of(), List.of(AtHand.Support.NONE),
                true, List.of(MethodKind.values()), List.of(2.0));
        WantedPiece wanted = new WantedPiece(piece.bend(), 12, Recipes.WIDTH_MM);
        return Stream.concat(Arrays.stream(MethodKind.values()).flatMap(kind -> kind.toTry(wanted, atHand, piece.blank().species()).stream()
                .flatMap(List::stream).limit(1)), Stream.of(Recipes.ash().thickness(4).pressed())).toList();
    }

    /** The one of a kind. */
    public static Recipe of(MethodKind kind) {
        return all().stream().filter(recipe -> recipe.method().kind() == kind).findFirst().orElseThrow();
    }
}

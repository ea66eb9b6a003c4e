package brachion.core.forecast;

import brachion.core.bending.Outline;
import brachion.core.forecast.Forecaster.InShort;
import brachion.core.method.AtHand;
import brachion.core.method.Blank;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.WantedPiece;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.UnknownInputs;
import brachion.core.trial.Severity;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Every way to one wanted curve and section, each at its best: of the settings a search would try, those that ask the least of a
 * person and are good enough, or the surest where none is. The way that is planned stands among them as it is planned.
 *
 * @param ways       the ways, good ones with the least attention first, then the others by their odds
 * @param impossible ways that cannot make it whatever is set
 */
public record SideBySide(List<Compared> ways, List<MethodKind> impossible) {

    /** Thicknesses of plies that are looked at [mm]: 1/16, 1/8 and 3/16 in. */
    private static final List<Double> PLIES_MM = List.of(1.5875, 3.175, 4.7625);
    /** Stock drier than this [%] may have to be soaked. */
    private static final double NEEDS_NO_SOAK_PERCENT = 18;

    /**
     * One way beside the others.
     *
     * @param recipe         stock and settings
     * @param planned        whether it is the one that is planned
     * @param forecast       its forecast
     * @param hours          hours until it comes off the form or out of the clamps
     * @param attentionHours hours of them a person stands by it
     */
    public record Compared(Recipe recipe, boolean planned, InShort forecast, double hours, double attentionHours) {

        static Compared of(Forecaster forecaster, Recipe recipe, boolean planned) {
            return new Compared(recipe, planned, forecaster.inShort(recipe), recipe.method().hoursToRelease(),
                    recipe.method().attentionHours(recipe));
        }
    }

    /**
     * Compares.
     *
     * @param planned the bend as it is planned
     * @param wanted  probability wanted that it does not break
     */
    public static SideBySide of(RiskModel risk, Recipe planned, double wanted) {
        Forecaster forecaster = new Forecaster(risk);
        List<Compared> ways = Arrays.stream(MethodKind.values()).parallel().flatMap(kind -> planned.method().kind() == kind
                ? Stream.of(Compared.of(forecaster, planned, true))
                : best(risk, kind, planned, wanted).map(recipe -> Compared.of(forecaster, recipe, false)).stream()).toList();
        List<MethodKind> possible = ways.stream().map(way -> way.recipe().method().kind()).toList();
        Comparator<Compared> goodFirst = Comparator.comparing(way -> way.forecast().unbroken().probability() < wanted);
        return new SideBySide(ways.stream().sorted(goodFirst.thenComparing((a, b) -> a.forecast().unbroken().probability() < wanted
                ? Double.compare(b.forecast().unbroken().probability(), a.forecast().unbroken().probability())
                : Double.compare(a.attentionHours(), b.attentionHours()))).toList(),
                Arrays.stream(MethodKind.values()).filter(kind -> !possible.contains(kind)).toList());
    }

    private record Judged(Recipe recipe, double unbroken) {
    }

    /** The settings that are good enough with the least attention, or else the surest. */
    private static Optional<Recipe> best(RiskModel risk, MethodKind kind, Recipe planned, double wanted) {
        if (planned.method().curvedBothWays()) {
            return Optional.empty();
        }
        Blank stock = planned.blank();
        WantedPiece piece = new WantedPiece(planned.bend(), planned.method().finishedMm(stock.thicknessMm()), stock.widthMm(), planned.shop());
        boolean dry = stock.moisturePercent().orElse(stock.seasoning().meanMoisturePercent()) < NEEDS_NO_SOAK_PERCENT;
        AtHand atHand = new AtHand(List.of(stock.species()), List.of(stock.seasoning()), List.of(), List.of(AtHand.Support.NONE, AtHand.Support.STEEL),
                dry, List.of(kind), PLIES_MM);
        List<List<Recipe>> together = kind.toTry(piece, atHand, stock.species());
        if (together.stream().flatMap(List::stream).findFirst().filter(any -> any.method().roundStock() || stock.outline() == Outline.RECTANGLE).isEmpty()) {
            return Optional.empty();
        }
        List<Judged> judged = together.stream().flatMap(alike -> {
            List<Recipe> own = alike.stream().map(each -> ofTheStock(each, planned)).toList();
            if (!own.isEmpty()) {
                own.get(0).method().followTogether(UnknownInputs.typical(own.get(0)).blank(), planned.shop(), own.stream().map(Recipe::method).toList());
            }
            return own.stream().map(each -> new Judged(each, risk.holds(Severity.FLAW, Possible.roughly(UnknownInputs.typical(each)))));
        }).toList();
        Comparator<Judged> easiest = Comparator.comparingDouble((Judged each) -> each.recipe().method().attentionHours(each.recipe()))
                .thenComparingDouble(each -> each.recipe().method().hoursToRelease());
        return judged.stream().filter(each -> each.unbroken() >= wanted && !each.recipe().method().quickerThanSchools(each.recipe().blank()))
                .min(easiest.thenComparing(Comparator.comparingDouble(Judged::unbroken).reversed()))
                .or(() -> judged.stream().max(Comparator.comparingDouble(Judged::unbroken))).map(Judged::recipe);
    }

    /** The stock that is planned in place of good stock; dry wood that is bent cold is kiln-dried whatever is planned. */
    private static Recipe ofTheStock(Recipe tried, Recipe planned) {
        Recipe named = tried.withNames(planned.names());
        boolean bentCold = tried.method().stageKinds().isEmpty();
        return bentCold ? named : named.withBlank(planned.blank().withThicknessMm(tried.blank().thicknessMm()));
    }
}

package brachion.core.forecast;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.ColdLamination;
import brachion.core.method.Demand;
import brachion.core.method.Glue;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBox;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.PhysicalBound;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Severity;
import brachion.core.risk.Term;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * Finds ways to a bend: every combination of stock and settings that is at hand is forecast, those good enough are
 * ranked by the time until the piece comes off the form, and of the rest it is said why they fell out.
 *
 * <p>Candidates are good stock: clear, grain of 1 in 25, as wet as its seasoning usually is. A combination that would
 * not do even if steam softened it through and through is not followed through soak and steam.
 */
public final class WaySearch {

    private static final double GRAIN_RUN = 25;
    private static final double CHAMBER_C = 98;
    private static final double CARRY_S = 15;
    private static final double HOLD_H = SteamBox.USUAL_HOLD_H;
    private static final double[] SOAKS_H = {0, 14, 48};
    private static final double[] STEAMS_MIN = {15, 30, 60, 120, 240};
    private static final double STRAP_MM = LengthUnit.INCH.millimetres() / 32;
    private static final double WEBBING_MM = 2.5;
    /** Hours in the clamps of a lamination: overnight (common practice). */
    private static final double CLAMPED_H = 16;
    /** A bend that lacks so much at its best is not looked at further. */
    private static final double HOPELESS = 0.1;
    private static final int CHUNK = 60;
    private static final int SHOWN = 12;
    private static final int OF_ONE_SPECIES = 2;

    private final RiskModel risk;
    private final Forecaster forecaster;

    /** A search that answers from this fit. */
    public WaySearch(RiskModel risk) {
        this.risk = risk;
        this.forecaster = new Forecaster(risk);
    }

    /** What holds the outer face. */
    public enum Support {
        /** Nothing. */
        NONE,
        /** Webbing. */
        WEBBING,
        /** A steel strap with stops that sit hard. */
        STEEL
    }

    /**
     * The bend that is wanted.
     *
     * @param bend        the curve
     * @param thicknessMm thickness of the finished piece [mm]
     * @param widthMm     its width [mm]
     * @param unbroken    probability wanted that a piece does not break
     */
    public record Wanted(Bend bend, double thicknessMm, double widthMm, double unbroken) {
    }

    /**
     * What there is to do it with.
     *
     * @param species       woods
     * @param seasonings    how they were dried
     * @param thicknessesMm thicknesses solid stock may have [mm]; empty for that of the finished piece
     * @param supports      supports
     * @param soak          whether there is a trough to soak in
     * @param methods       ways to bend
     * @param pliesMm       thicknesses plies may have [mm]
     */
    public record AtHand(List<Species> species, List<Seasoning> seasonings, List<Double> thicknessesMm,
                         List<Support> supports, boolean soak, List<MethodKind> methods, List<Double> pliesMm) {
    }

    /**
     * A way that is good enough.
     *
     * @param recipe   stock and settings
     * @param unbroken odds that a piece does not break
     * @param hours    hours until it comes off the form or out of the clamps
     */
    public record Way(Recipe recipe, Odds unbroken, double hours) {
    }

    /**
     * Ways that are not good enough, by what limits the best of them.
     *
     * @param because    what limits them most
     * @param count      how many
     * @param best       the one that comes nearest
     * @param unbroken   its odds
     */
    public record FellOut(Term because, int count, Recipe best, double unbroken) {
    }

    /**
     * What was found.
     *
     * @param ways    the ways, the quickest first, no more than two of one wood
     * @param reached how many combinations are good enough in all
     * @param looked  how many were looked at
     * @param fellOut why the others fell out, the most common reason first
     * @param nearest the combination that comes nearest when none is good enough
     */
    public record Found(List<Way> ways, int reached, int looked, List<FellOut> fellOut, Optional<Way> nearest) {
    }

    /** Is told how far the search has come. */
    public interface Progress {

        /** So many of so many combinations have been looked at. */
        void at(int done, int of);
    }

    private record Judged(Recipe recipe, double unbroken, Optional<Term> because) {
    }

    /** Searches; the same question always finds the same ways. */
    public Found find(Wanted wanted, AtHand atHand, Progress progress) {
        List<Recipe> candidates = candidates(wanted, atHand);
        List<Judged> judged = new ArrayList<>();
        for (int from = 0; from < candidates.size(); from += CHUNK) {
            List<Recipe> chunk = candidates.subList(from, Math.min(candidates.size(), from + CHUNK));
            judged.addAll(chunk.parallelStream().map(recipe -> judge(recipe, wanted.unbroken())).toList());
            progress.at(judged.size(), candidates.size());
        }
        List<Judged> good = judged.stream().filter(each -> each.because().isEmpty())
                .sorted(Comparator.comparingDouble((Judged each) -> hours(each.recipe()))
                        .thenComparingDouble(each -> -each.unbroken())).toList();
        Map<String, Integer> ofSpecies = new TreeMap<>();
        List<Way> ways = good.stream()
                .filter(each -> ofSpecies.merge(each.recipe().blank().species().id(), 1, Integer::sum) <= OF_ONE_SPECIES)
                .limit(SHOWN).map(each -> way(each.recipe())).toList();
        Optional<Way> nearest = good.isEmpty()
                ? judged.stream().max(Comparator.comparingDouble(Judged::unbroken)).map(each -> way(each.recipe()))
                : Optional.empty();
        return new Found(ways, good.size(), judged.size(), fellOut(judged), nearest);
    }

    private Way way(Recipe recipe) {
        return new Way(recipe, forecaster.unbroken(recipe), hours(recipe));
    }

    private static double hours(Recipe recipe) {
        return recipe.method() instanceof SteamBox steam
                ? steam.soakHours() + steam.steamMinutes() / 60 + HOLD_H : CLAMPED_H;
    }

    private Judged judge(Recipe recipe, double wanted) {
        if (recipe.method() instanceof SteamBox steam) {
            Possible ideal = new Possible(1, recipe, Demand.softened(recipe.blank(), recipe.bend(), steam.strap()));
            if (unbroken(ideal) < wanted - HOPELESS) {
                return new Judged(recipe, unbroken(ideal), Optional.of(Term.CURVE));
            }
        }
        Possible piece = Possible.known(recipe);
        double unbroken = unbroken(piece);
        return new Judged(recipe, unbroken, unbroken >= wanted ? Optional.empty() : Optional.of(because(piece)));
    }

    private double unbroken(Possible piece) {
        return risk.holds(Severity.FLAW, piece);
    }

    /** The largest reason of the mode that is likeliest to break it. */
    private Term because(Possible piece) {
        return risk.modes(piece.recipe().method().kind()).stream()
                .min(Comparator.comparingDouble(mode -> risk.margin(mode, Severity.FLAW, piece).probability()))
                .map(mode -> Reasons.of(risk, mode, piece).get(0).cause()).orElseThrow();
    }

    private static List<FellOut> fellOut(Collection<Judged> judged) {
        Map<Term, List<Judged>> byReason = new EnumMap<>(Term.class);
        judged.forEach(each -> each.because()
                .ifPresent(term -> byReason.computeIfAbsent(term, t -> new ArrayList<>()).add(each)));
        return byReason.entrySet().stream().map(entry -> {
            Judged best = entry.getValue().stream().max(Comparator.comparingDouble(Judged::unbroken)).orElseThrow();
            return new FellOut(entry.getKey(), entry.getValue().size(), best.recipe(), best.unbroken());
        }).sorted(Comparator.comparingInt(FellOut::count).reversed()).toList();
    }

    private static List<Recipe> candidates(Wanted wanted, AtHand atHand) {
        List<Recipe> candidates = new ArrayList<>();
        for (Species species : atHand.species()) {
            if (atHand.methods().contains(MethodKind.STEAM_BOX)) {
                steamed(wanted, atHand, species, candidates);
            }
            if (atHand.methods().contains(MethodKind.COLD_LAMINATION)) {
                laminated(wanted, atHand, species, candidates);
            }
        }
        return candidates;
    }

    private static void steamed(Wanted wanted, AtHand atHand, Species species, List<Recipe> candidates) {
        List<Double> thicknesses = atHand.thicknessesMm().isEmpty() ? List.of(wanted.thicknessMm()) : atHand.thicknessesMm();
        for (double thickness : thicknesses) {
            for (Seasoning seasoning : atHand.seasonings()) {
                for (double soak : SOAKS_H) {
                    boolean pointless = soak > 0 && (!atHand.soak() || seasoning == Seasoning.GREEN);
                    for (int i = 0; !pointless && i < STEAMS_MIN.length; i++) {
                        for (Support support : atHand.supports()) {
                            candidates.add(new Recipe(blank(species, seasoning, thickness, wanted.widthMm()), wanted.bend(),
                                    new SteamBox(soak, STEAMS_MIN[i], CHAMBER_C, CARRY_S, strap(support, wanted.widthMm()))));
                        }
                    }
                }
            }
        }
    }

    private static void laminated(Wanted wanted, AtHand atHand, Species species, List<Recipe> candidates) {
        IntStream.range(0, atHand.pliesMm().size()).forEach(i -> {
            int plies = (int) Math.round(wanted.thicknessMm() / atHand.pliesMm().get(i));
            double ply = wanted.thicknessMm() / Math.max(1, plies);
            if (PhysicalBound.PLIES.holds(plies) && PhysicalBound.THICKNESS_MM.holds(ply)) {
                candidates.add(new Recipe(blank(species, Seasoning.KILN_DRIED, ply, wanted.widthMm()), wanted.bend(),
                        new ColdLamination(Glue.PVA, plies)));
            }
        });
    }

    private static Blank blank(Species species, Seasoning seasoning, double thicknessMm, double widthMm) {
        return new Blank(species, seasoning, OptionalDouble.of(seasoning.meanMoisturePercent()), GrowthRings.UNKNOWN,
                OptionalDouble.of(GRAIN_RUN), Knots.CLEAR, thicknessMm, widthMm);
    }

    private static Optional<Strap> strap(Support support, double widthMm) {
        return switch (support) {
            case NONE -> Optional.empty();
            case WEBBING -> Optional.of(new Strap(StrapMaterial.WEBBING, WEBBING_MM, widthMm, 0));
            case STEEL -> Optional.of(new Strap(StrapMaterial.STEEL, STRAP_MM, widthMm, 0));
        };
    }
}

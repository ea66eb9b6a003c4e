package brachion.core.forecast;

import brachion.core.bending.StrapLoad;
import brachion.core.forecast.ChainForecast.BendOfChain;
import brachion.core.method.Bend;
import brachion.core.method.Demand;
import brachion.core.method.FailureMode;
import brachion.core.method.Recipe;
import brachion.core.quantity.PhysicalBound;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.UnknownInputs;
import brachion.core.shape.Chain;
import brachion.core.shape.OneBend;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Turn;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Forecasts a chain of straights and arcs bent of one piece: each of its bends is asked as a bend of its own, at its tightest place.
 * A strap that stays on one face is on the outer face of the bends to one side, of the tightest; the others have a bare outer face.
 *
 * <p>That wood near a change of sense has been bent the other way before is not computed: what was squeezed there bears more stretch
 * afterwards, and what was stretched is relieved, so asking each bend of fresh wood errs to the safe side.
 */
public final class ChainForecaster {

    /** Springback and nearness to breaking are worked out at so many radii at most and interpolated between them. */
    private static final int RADII = 10;

    private final RiskModel risk;
    private final Forecaster forecaster;

    /** A forecaster that answers from this fit. */
    public ChainForecaster(RiskModel risk) {
        this.risk = risk;
        this.forecaster = new Forecaster(risk);
    }

    /**
     * Forecasts a chain.
     *
     * @param recipe     the blank and the way; its own curve is not looked at
     * @param strapTurned whether the strap is turned over for bends to the other side, or lies on both faces
     * @throws IllegalArgumentException when the way cannot make one of the bends, with what it would take
     */
    public ChainForecast forecast(Recipe recipe, Chain chain, boolean strapTurned) {
        Asking asking = Asking.of(recipe, chain, strapTurned);
        Map<Recipe, Long> often = asking.bends().stream().collect(Collectors.groupingBy(asking::asked, LinkedHashMap::new, Collectors.counting()));
        Map<Recipe, Asked> asked = new HashMap<>();
        List<OddsSpread.Alike> alike = new ArrayList<>();
        often.forEach((one, times) -> {
            Asked answer = ask(one);
            asked.put(one, answer);
            alike.add(new OddsSpread.Alike(answer.possible(), times.intValue()));
        });
        List<BendOfChain> answers = asking.bends().stream().map(bend -> {
            Forecaster.InShort said = asked.get(asking.asked(bend)).said();
            return new BendOfChain(bend, asking.isBare(bend.turn()), said.unbroken(), said.limiting().mode(), said.limiting().ratio(),
                    said.typical().section().thicknessMm(), said.springback().formRadiusMm());
        }).toList();
        OddsSpread.Several together = OddsSpread.ofSeveral(risk, alike, Severity.FLAW);
        Map<Turn, AlongRadius> bySide = bySide(asking);
        List<Double> near = chain.stretches().stream().map(stretch -> stretch instanceof Arc arc && bySide.containsKey(arc.turn())
                ? bySide.get(arc.turn()).ratio(arc.innerRadiusMm()) : 0.0).toList();
        Optional<StrapLoad> strap = asked.values().stream().map(each -> each.said().typical()).filter(demand -> demand.section().strap().isPresent())
                .map(Demand::strapLoad).max(Comparator.comparingDouble(StrapLoad::pullN));
        return new ChainForecast(together.odds(), together.asWorst(), together.eachForItself(), answers, formed(asking, bySide), strap, near);
    }

    /**
     * The chain on the form alone, as {@link #forecast} tells it.
     *
     * @throws IllegalArgumentException when the way cannot make one of the bends, with what it would take
     */
    public Chain formed(Recipe recipe, Chain chain, boolean strapTurned) {
        Asking asking = Asking.of(recipe, chain, strapTurned);
        return formed(asking, bySide(asking));
    }

    private static Chain formed(Asking asking, Map<Turn, AlongRadius> bySide) {
        return asking.chain().onForm(asking.thicknessMm(), arc -> bySide.containsKey(arc.turn())
                ? arc.innerRadiusMm() * bySide.get(arc.turn()).formShare(arc.innerRadiusMm()) : arc.innerRadiusMm());
    }

    /**
     * A chain as it is asked about.
     *
     * @param bends    its bends, those flatter than any left out
     * @param strapped the side a strap on one face serves
     */
    private record Asking(Recipe recipe, Chain chain, boolean strapTurned, double thicknessMm, List<OneBend> bends, Turn strapped) {

        static Asking of(Recipe recipe, Chain chain, boolean strapTurned) {
            double thickness = recipe.method().finishedMm(recipe.blank().thicknessMm());
            List<OneBend> bends = chain.bends(thickness).stream().filter(bend -> isBend(bend.tightestMm())).toList();
            Asking asking = new Asking(recipe, chain, strapTurned, thickness, bends, chain.tightestTurn(thickness));
            for (OneBend bend : bends) {
                Recipe one = asking.asked(bend);
                one.method().refusals(one.blank().thicknessMm(), one.bend()).values().stream().findFirst().ifPresent(refusal -> {
                    throw new IllegalArgumentException(refusal);
                });
            }
            return asking;
        }

        private static boolean isBend(double radiusMm) {
            return radiusMm <= PhysicalBound.INNER_RADIUS_MM.highest();
        }

        List<Arc> arcs(Turn turn) {
            return chain.arcs().stream().filter(arc -> arc.turn() == turn && isBend(arc.innerRadiusMm())).toList();
        }

        boolean isBare(Turn turn) {
            return recipe.method().strap().isPresent() && !strapTurned && turn != strapped;
        }

        Recipe asked(OneBend bend) {
            return asked(bend.turn(), bend.tightestMm(), bend.angleDegrees());
        }

        /** The recipe with such a bend to a side. */
        Recipe asked(Turn turn, double radiusMm, double degrees) {
            Recipe to = isBare(turn) ? recipe.withMethod(recipe.method().withBareFace()) : recipe;
            return to.withBend(new Bend(PhysicalBound.INNER_RADIUS_MM.nearest(radiusMm), PhysicalBound.ANGLE_DEGREES.nearest(degrees)));
        }
    }

    private record Asked(List<Possible> possible, Forecaster.InShort said) {
    }

    private Asked ask(Recipe recipe) {
        List<Possible> possible = Possible.of(recipe);
        return new Asked(possible, forecaster.inShort(recipe, possible));
    }

    private Map<Turn, AlongRadius> bySide(Asking asking) {
        Map<Turn, AlongRadius> bySide = new EnumMap<>(Turn.class);
        for (Turn turn : Turn.values()) {
            List<Arc> arcs = asking.arcs(turn);
            if (!arcs.isEmpty()) {
                bySide.put(turn, alongRadius(asking, turn, arcs));
            }
        }
        return bySide;
    }

    /** Demand over capacity and the form, over the radii of arcs to one side. */
    private AlongRadius alongRadius(Asking asking, Turn turn, List<Arc> arcs) {
        double tightest = arcs.stream().mapToDouble(Arc::innerRadiusMm).min().orElseThrow();
        double widest = arcs.stream().mapToDouble(Arc::innerRadiusMm).max().orElseThrow();
        List<Double> radii = arcs.stream().map(Arc::innerRadiusMm).distinct().sorted().toList();
        if (radii.size() > RADII) {
            radii = new ArrayList<>();
            for (int i = 0; i < RADII; i++) {
                radii.add(tightest * Math.pow(widest / tightest, i / (RADII - 1.0)));
            }
        }
        double degrees = arcs.stream().mapToDouble(Arc::angleDegrees).sum();
        TreeMap<Double, Double> ratio = new TreeMap<>();
        TreeMap<Double, Double> form = new TreeMap<>();
        for (double radius : radii) {
            Possible typical = Possible.roughly(UnknownInputs.typical(asking.asked(turn, radius, degrees)));
            FailureMode limiting = risk.limiting(typical);
            ratio.put(Math.log(radius), risk.ratio(limiting, typical));
            form.put(Math.log(radius), forecaster.formRadiusMm(typical) / radius);
        }
        return new AlongRadius(ratio, form);
    }

    /** Two curves over ln R, straight between where they are known. */
    private record AlongRadius(TreeMap<Double, Double> ratios, TreeMap<Double, Double> forms) {

        double ratio(double radiusMm) {
            return between(ratios, Math.log(radiusMm));
        }

        /** Radius of the form over the radius wanted. */
        double formShare(double radiusMm) {
            return between(forms, Math.log(radiusMm));
        }

        private static double between(TreeMap<Double, Double> known, double at) {
            Map.Entry<Double, Double> below = known.floorEntry(at);
            Map.Entry<Double, Double> above = known.ceilingEntry(at);
            if (below == null || above == null || above.getKey().equals(below.getKey())) {
                return (below == null ? above : below).getValue();
            }
            double share = (at - below.getKey()) / (above.getKey() - below.getKey());
            return below.getValue() + share * (above.getValue() - below.getValue());
        }
    }
}

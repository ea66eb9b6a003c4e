package brachion.core.forecast;

import brachion.core.forecast.ChainForecast.BendOfChain;
import brachion.core.method.Bend;
import brachion.core.method.FailureMode;
import brachion.core.method.Method;
import brachion.core.method.Recipe;
import brachion.core.quantity.PhysicalBound;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.UnknownInputs;
import brachion.core.shape.Chain;
import brachion.core.shape.OneBend;
import brachion.core.shape.Stretch;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Turn;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

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
        double thickness = recipe.method().finishedMm(recipe.blank().thicknessMm());
        List<OneBend> bends = chain.bends(thickness).stream()
                .filter(bend -> bend.tightestMm() <= PhysicalBound.INNER_RADIUS_MM.highest()).toList();
        Turn strapped = bends.stream().min(Comparator.comparingDouble(OneBend::tightestMm)).map(OneBend::turn).orElse(Turn.LEFT);
        Method bare = recipe.method().withBareFace();
        Map<Recipe, Asked> asked = new LinkedHashMap<>();
        List<BendOfChain> answers = new ArrayList<>();
        List<List<Possible>> pieces = new ArrayList<>();
        for (OneBend bend : bends) {
            boolean bareFace = isBare(recipe, strapTurned, strapped, bend.turn());
            Recipe one = at(recipe.withMethod(bareFace ? bare : recipe.method()), bend.tightestMm(), bend.angleDegrees());
            one.method().refusals(one.blank().thicknessMm(), one.bend()).values().stream().findFirst().ifPresent(refusal -> {
                throw new IllegalArgumentException(refusal);
            });
            Asked answer = asked.computeIfAbsent(one, this::ask);
            pieces.add(answer.possible());
            answers.add(new BendOfChain(bend, bareFace, answer.said().unbroken(), answer.said().limiting().mode(), answer.said().limiting().ratio(),
                    answer.said().springback().formRadiusMm()));
        }
        OddsSpread.Several together = OddsSpread.ofSeveral(risk, pieces, Severity.FLAW);
        Map<Turn, AlongRadius> bySide = new HashMap<>();
        for (Turn turn : Turn.values()) {
            List<Arc> arcs = chain.arcs().stream().filter(arc -> arc.turn() == turn && arc.innerRadiusMm() <= PhysicalBound.INNER_RADIUS_MM.highest()).toList();
            if (!arcs.isEmpty()) {
                Method method = isBare(recipe, strapTurned, strapped, turn) ? bare : recipe.method();
                bySide.put(turn, alongRadius(recipe.withMethod(method), arcs));
            }
        }
        List<Double> near = new ArrayList<>();
        List<Stretch> formed = new ArrayList<>();
        for (Stretch stretch : chain.stretches()) {
            if (stretch instanceof Arc arc && bySide.containsKey(arc.turn())) {
                AlongRadius side = bySide.get(arc.turn());
                near.add(side.ratio(arc.innerRadiusMm()));
                formed.add(arc.onForm(arc.innerRadiusMm() * side.formShare(arc.innerRadiusMm()), thickness));
            } else {
                near.add(0.0);
                formed.add(stretch);
            }
        }
        return new ChainForecast(together.odds(), together.asWorst(), together.eachForItself(), answers, new Chain(formed), near);
    }

    private static boolean isBare(Recipe recipe, boolean strapTurned, Turn strapped, Turn turn) {
        return recipe.method().strap().isPresent() && !strapTurned && turn != strapped;
    }

    private static Recipe at(Recipe recipe, double radiusMm, double degrees) {
        return new Recipe(recipe.blank(), new Bend(PhysicalBound.INNER_RADIUS_MM.nearest(radiusMm), PhysicalBound.ANGLE_DEGREES.nearest(degrees)),
                recipe.method(), recipe.names(), recipe.shop());
    }

    private record Asked(List<Possible> possible, Forecaster.InShort said) {
    }

    private Asked ask(Recipe recipe) {
        return new Asked(Possible.of(recipe), forecaster.inShort(recipe));
    }

    /** Demand over capacity and the form, over the radii of arcs to one side. */
    private AlongRadius alongRadius(Recipe recipe, List<Arc> arcs) {
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
            Possible typical = Possible.roughly(UnknownInputs.typical(at(recipe, radius, degrees)));
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

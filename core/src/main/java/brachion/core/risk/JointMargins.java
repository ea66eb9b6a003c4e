package brachion.core.risk;

import brachion.core.bending.Strap;
import brachion.core.method.FailureMode;
import brachion.core.method.Recipe;
import brachion.core.physics.Unsure;
import brachion.core.process.StageKind;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * What the margins of some pieces in one mode hang on together. To first order a margin is its mean plus v·z, where the
 * entries of z are independent standard normal and stand for all that records could still tell: the parameters of the fit,
 * with their posterior Σ = L·Lᵀ written as L·z, and boards, hands, sources and woods that no record names yet.
 *
 * <p>How a piece ends is, to first order, as telling as one or two measurements of z with unit error, a·z + ε: the
 * eigenvectors of its expected information (Chaloner and Verdinelli, Statistical Science 10, 1995, section 4).
 *
 * @param mode      the mode
 * @param dimension how many entries z has
 * @param pieces    what is asked of each piece, in the order they were given
 * @param unsure    the direction of each unsure constant in z, in steps
 */
public record JointMargins(FailureMode mode, int dimension, List<OfPiece> pieces, Map<Unsure, double[]> unsure) {

    /** The information of an outcome is averaged over as many places where the margin could be. */
    private static final int[] NODES = {-2, -1, 0, 1, 2};
    /** Standard normal weights at the integers from −2 to 2, scaled to sum to one. */
    private static final double[] NODE_WEIGHTS = {0.0545, 0.2442, 0.4026, 0.2442, 0.0545};
    private static final double LEAST_INFORMATION = 1e-9;
    /** As log odds, as good as certain. */
    private static final double INFINITELY = 50;

    /**
     * One piece in the mode.
     *
     * @param clean          how far it stands from being damaged; all that is unknown counts, what no record can tell, too
     * @param unbroken       how far it stands from breaking
     * @param cleanSlopes    v of the first
     * @param unbrokenSlopes v of the second
     * @param sound          share of such pieces that hide no flaw that breaks them whatever they are asked
     * @param tells          a of each measurement its outcome would amount to; none where the mode does not concern it
     */
    public record OfPiece(Margin clean, Margin unbroken, double[] cleanSlopes, double[] unbrokenSlopes, double sound, List<double[]> tells) {
    }

    /**
     * Something about a piece that the computation may be off for by a little in a way of its own: pieces that share it share that,
     * so that the same strip over and over tells less than strips that differ (Kennedy and O'Hagan, J. R. Statist. Soc. B 63, 2001).
     *
     * @param what  thickness, radius, strap or a stage
     * @param value what it is
     */
    private record Likeness(String what, Object value) {

        static List<Likeness> of(Recipe recipe) {
            List<Likeness> all = new ArrayList<>(List.of(new Likeness("thickness", recipe.blank().thicknessMm()), new Likeness("radius", recipe.bend().innerRadiusMm()),
                    new Likeness("strap", recipe.method().strap().map(Strap::material))));
            recipe.method().stageKinds().stream().takeWhile(stage -> stage != StageKind.CARRY && stage != StageKind.FORM)
                    .forEach(stage -> all.add(new Likeness(stage.name(), recipe.method().plannedMinutes(stage).orElse(0))));
            return all;
        }
    }

    /**
     * @param fit    the fit of the mode
     * @param pieces pieces of its family
     */
    static JointMargins of(ModeFit fit, List<Possible> pieces) {
        return new Joining(fit, pieces).joined();
    }

    /** Where the parameters that some pieces touch stand in z. */
    private static final class Joining {

        private final ModeFit fit;
        private final LaplaceFit laplace;
        private final List<Possible> pieces;
        private final List<Optional<Features>> features;
        private final int[] places;
        private final double[][] root;
        /** Names no record knows, by group, each with its place in z. */
        private final Map<Group, Map<String, Integer>> strangers = new EnumMap<>(Group.class);
        /** What pieces may be alike in, each with its place in z. */
        private final Map<Likeness, Integer> likenesses = new LinkedHashMap<>();
        private final int dimension;

        Joining(ModeFit fit, List<Possible> pieces) {
            this.fit = fit;
            this.laplace = fit.likeliestFit();
            this.pieces = pieces;
            this.features = pieces.stream().map(piece -> fit.risk().concerns(piece.recipe()) ? Optional.of(fit.features(piece)) : Optional.<Features>empty()).toList();
            this.places = IntStream.concat(IntStream.range(0, OrdinalModel.CUTS), IntStream.concat(
                            Arrays.stream(fit.unsurePlaces()),
                            features.stream().flatMap(Optional::stream).flatMapToInt(each -> Arrays.stream(each.index()))).map(i -> OrdinalModel.CUTS + i))
                    .sorted().distinct().toArray();
            this.root = root();
            int next = places.length;
            for (Possible piece : pieces) {
                for (Group group : Group.values()) {
                    String name = group.of(piece.recipe());
                    if (!name.isEmpty() && fit.strangerSd(group, piece.recipe()) > 0 && strangers.computeIfAbsent(group, each -> new LinkedHashMap<>()).putIfAbsent(name, next) == null) {
                        next++;
                    }
                }
                for (Likeness likeness : Likeness.of(piece.recipe())) {
                    next += likenesses.putIfAbsent(likeness, next) == null ? 1 : 0;
                }
            }
            this.dimension = next;
        }

        /** L of Σ among the places touched. */
        private double[][] root() {
            RealMatrix covariance = new Array2DRowRealMatrix(places.length, places.length);
            for (int i = 0; i < places.length; i++) {
                for (int j = 0; j <= i; j++) {
                    double entry = laplace.covariance().at(places[i], places[j]);
                    covariance.setEntry(i, j, entry);
                    covariance.setEntry(j, i, entry);
                }
            }
            return new CholeskyDecomposition(covariance, 1e-9, 1e-14).getL().getData();
        }

        JointMargins joined() {
            Map<Unsure, double[]> unsure = new EnumMap<>(Unsure.class);
            int[] constants = fit.unsurePlaces();
            for (int i = 0; i < constants.length; i++) {
                double[] direction = new double[dimension];
                // a coefficient is a step's times the slope
                addRow(direction, OrdinalModel.CUTS + constants[i], 1 / fit.risk().slopeMean());
                unsure.put(fit.risk().unsure().get(i), direction);
            }
            List<OfPiece> of = IntStream.range(0, pieces.size()).parallel()
                    .mapToObj(i -> features.get(i).map(each -> piece(pieces.get(i), each)).orElseGet(this::unconcerned)).toList();
            return new JointMargins(fit.risk().mode(), dimension, of, unsure);
        }

        /** A piece that cannot fail so is infinitely far from it, as far as numbers go. */
        private OfPiece unconcerned() {
            Margin safe = new Margin(INFINITELY, 0);
            return new OfPiece(safe, safe, new double[dimension], new double[dimension], 1, List.of());
        }

        private OfPiece piece(Possible piece, Features its) {
            double[] clean = slopes(0, its, piece.recipe());
            double[] unbroken = slopes(1, its, piece.recipe());
            Margin first = fit.margin(Severity.CLEAN, piece);
            Margin second = fit.margin(Severity.FLAW, piece);
            double hidden = fit.hidden(fit.hidden(), piece.recipe());
            return new OfPiece(first, second, clean, unbroken, 1 - hidden, measurements(information(first, second, hidden), clean, unbroken));
        }

        private double[] slopes(int cut, Features its, Recipe recipe) {
            double[] slopes = new double[dimension];
            int[] touched = LaplaceFit.places(its);
            double[] by = laplace.slopes(cut, its);
            for (int i = 0; i < touched.length; i++) {
                addRow(slopes, touched[i], by[i]);
            }
            strangers.forEach((group, names) -> {
                Integer place = names.get(group.of(recipe));
                if (place != null) {
                    slopes[place] -= fit.strangerSd(group, recipe);
                }
            });
            List<Likeness> alike = Likeness.of(recipe);
            alike.forEach(each -> slopes[likenesses.get(each)] -= ModeFit.COMPUTATION_SD / Math.sqrt(alike.size()));
            return slopes;
        }

        /** Adds so many times a parameter, which is its row of L. */
        private void addRow(double[] to, int parameter, double times) {
            int row = Arrays.binarySearch(places, parameter);
            for (int i = 0; i <= row; i++) {
                to[i] += times * root[row][i];
            }
        }

        /** Expected over where the margins may lie. */
        private static double[][] information(Margin first, Margin second, double hidden) {
            double[][] information = new double[2][2];
            for (int node = 0; node < NODES.length; node++) {
                double[][] there = Cavity.expectedInformation(first.mean() + NODES[node] * first.sd(), second.mean() + NODES[node] * second.sd(), hidden);
                for (int i = 0; i < 2; i++) {
                    for (int j = 0; j < 2; j++) {
                        information[i][j] += NODE_WEIGHTS[node] * there[i][j];
                    }
                }
            }
            return information;
        }
    }

    /** √λ·qᵀV for each eigenvalue λ of a 2 × 2 information with eigenvector q, V the slopes of the two margins. */
    static List<double[]> measurements(double[][] information, double[] clean, double[] unbroken) {
        double half = (information[0][0] - information[1][1]) / 2;
        double middle = (information[0][0] + information[1][1]) / 2;
        double apart = Math.hypot(half, information[0][1]);
        double angle = Math.atan2(information[0][1], half) / 2;
        List<double[]> tells = new ArrayList<>();
        for (int which = 0; which < 2; which++) {
            double value = which == 0 ? middle + apart : middle - apart;
            if (value > LEAST_INFORMATION) {
                double along = Math.sqrt(value) * (which == 0 ? Math.cos(angle) : -Math.sin(angle));
                double across = Math.sqrt(value) * (which == 0 ? Math.sin(angle) : Math.cos(angle));
                double[] tell = new double[clean.length];
                Arrays.setAll(tell, i -> along * clean[i] + across * unbroken[i]);
                tells.add(tell);
            }
        }
        return tells;
    }
}

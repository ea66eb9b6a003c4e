package brachion.core.forecast;

import brachion.core.bending.StrapMaterial;
import brachion.core.forecast.NearRecord.Likeness;
import brachion.core.method.FailureMode;
import brachion.core.method.Recipe;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel.Held;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;

/** Finds the records most like a piece: those that asked as much of the wood, then those alike in stock and support. */
final class Neighbours {

    private static final int SHOWN = 4;
    private static final double AS_MUCH = Math.log(1.15);
    private static final double AS_THICK = Math.log(1.10);
    private static final double AS_WET_PERCENT = 3;
    /** Another wood, or another support, sets records as far apart as a quarter more strain does; chosen by us. */
    private static final double STRAIN_SCALE = 0.25;

    private static final Comparator<Neighbour> NEAREST_FIRST =
            Comparator.comparingDouble(Neighbour::distance).thenComparingLong(each -> each.held().trial().id());

    private final Possible piece;
    private final boolean measured;
    private final List<Neighbour> nearest;

    /**
     * @param apart    how far each record is from the piece
     * @param piece    the most ordinary piece the one asked about could be
     * @param measured whether its moisture was measured; two that nobody measured are not alike in it
     */
    Neighbours(Precedents precedents, Precedents.Apart apart, Possible piece, boolean measured) {
        this.piece = piece;
        this.measured = measured;
        double[] stretch = apart.stretch();
        double[] other = apart.other();
        PriorityQueue<Neighbour> nearest = new PriorityQueue<>(NEAREST_FIRST.reversed());
        for (int i = 0; i < stretch.length; i++) {
            double asked = Math.pow(stretch[i] / STRAIN_SCALE, 2) + Math.pow(other[i] / STRAIN_SCALE, 2) / 4;
            // most of many records asked so much more or less that their recipes need not be looked at
            if (nearest.size() < SHOWN || asked <= nearest.element().distance()) {
                Held held = precedents.records().get(i);
                nearest.add(new Neighbour(held, stretch[i], other[i], asked + unlike(held.piece())));
                if (nearest.size() > SHOWN) {
                    nearest.remove();
                }
            }
        }
        this.nearest = nearest.stream().sorted(NEAREST_FIRST).toList();
    }

    /**
     * A record beside the piece.
     *
     * @param stretch  how far apart their ln D of the outer face is
     * @param other    the same of the other way the wood gives
     * @param distance how far apart they are in all
     */
    private record Neighbour(Held held, double stretch, double other, double distance) {
    }

    List<NearRecord> nearest() {
        return nearest.stream().map(each -> new NearRecord(each.held().trial(), alike(each))).toList();
    }

    /** What another wood and another support add to the distance. */
    private int unlike(Recipe there) {
        return (piece.recipe().blank().species().sameWood(there.blank().species()) ? 0 : 1)
                + (support(piece.recipe()).equals(support(there)) ? 0 : 1);
    }

    private List<Likeness> alike(Neighbour other) {
        List<Likeness> alike = new ArrayList<>();
        Recipe here = piece.recipe();
        Recipe there = other.held().piece();
        note(alike, Likeness.SPECIES, here.blank().species().sameWood(there.blank().species()));
        note(alike, Likeness.STRETCH, other.stretch() < AS_MUCH);
        Likeness inTheOther = here.method().family().besideStretch() == FailureMode.SPLIT ? Likeness.ACROSS : Likeness.SQUEEZE;
        note(alike, inTheOther, other.other() < AS_MUCH);
        note(alike, Likeness.THICKNESS,
                Math.abs(Math.log(here.blank().thicknessMm() / there.blank().thicknessMm())) < AS_THICK);
        note(alike, Likeness.MOISTURE, measured && other.held().trial().recipe().blank().moisturePercent().isPresent()
                && Math.abs(here.blank().moisturePercent().orElseThrow()
                - there.blank().moisturePercent().orElseThrow()) < AS_WET_PERCENT);
        note(alike, Likeness.SUPPORT, support(here).equals(support(there)));
        note(alike, Likeness.BOARD, same(here.names().board(), there.names().board()));
        note(alike, Likeness.PERSON, same(here.names().person(), there.names().person()));
        return alike;
    }

    private static void note(List<Likeness> alike, Likeness likeness, boolean holds) {
        if (holds) {
            alike.add(likeness);
        }
    }

    private static boolean same(String here, String there) {
        return !here.isEmpty() && here.equals(there);
    }

    private static Optional<StrapMaterial> support(Recipe recipe) {
        return recipe.method().strap().map(strap -> strap.material());
    }
}

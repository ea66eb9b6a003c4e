package brachion.truth;

import brachion.core.forecast.ShopConstant;
import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Term;
import brachion.core.physics.Unsure;
import brachion.core.risk.Belief;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Trial;
import brachion.truth.TrueShop.Fault;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Shops with one thing wrong: in how many of them it is what the shop is told of itself first. */
final class Named {

    /** A wood is said to do worse where its log odds of damage are up by this. */
    private static final double TELLS = 0.3;

    private Named() {
    }

    /**
     * @param records how many records the shops had
     * @param first   share of shops in which it stands first
     * @param both    share in which it does, or stands beside what stands first as what cannot be told from it
     */
    record Row(Fault fault, int records, double first, double both) {
    }

    static List<Row> of(int shops, long seed) {
        List<Row> rows = new ArrayList<>();
        for (Fault fault : Fault.values()) {
            for (int records : new int[] {40, 160}) {
                List<boolean[]> named = IntStream.range(0, shops).parallel().mapToObj(i -> named(fault, records, seed * 53 + i)).toList();
                rows.add(new Row(fault, records, share(named, 0), share(named, 1)));
            }
        }
        return rows;
    }

    private static double share(List<boolean[]> named, int which) {
        return (double) named.stream().filter(each -> each[which]).count() / named.size();
    }

    private static boolean[] named(Fault fault, int records, long seed) {
        TrueShop shop = TrueShop.with(fault, seed);
        List<Trial> trials = new ArrayList<>();
        shop.records(records).forEach(piece -> trials.add(piece.recorded(trials.size() + 1L)));
        RiskModel risk = RiskModel.fit(trials);
        return switch (fault) {
            case COLD_BOX -> constant(risk, Unsure.BOX_HEAT);
            case SLACK_STOPS -> constant(risk, Unsure.STOPS);
            case BRITTLE_WOOD -> wood(risk, shop.brittle());
        };
    }

    private static boolean[] constant(RiskModel risk, Unsure wanted) {
        ShopConstant first = ShopConstant.of(risk, Family.HOT_WOOD).get(0);
        boolean tells = first.worse();
        boolean itself = tells && first.constant() == wanted;
        return new boolean[] {itself, itself || tells && first.rival().equals(Optional.of(wanted))};
    }

    private static boolean[] wood(RiskModel risk, String brittle) {
        boolean worst = risk.beliefs(Family.HOT_WOOD).stream().filter(each -> each.term() == Term.SPECIES && each.mode() == FailureMode.TENSION)
                .max(Comparator.comparingDouble(Belief::mean)).filter(each -> each.name().equals(brittle) && each.mean() > TELLS).isPresent();
        return new boolean[] {worst, worst};
    }
}

package brachion.core.forecast;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.risk.Margin;
import brachion.core.risk.RiskModel;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the records have found out about a constant of the shop that nobody measured.
 *
 * @param constant which one
 * @param usual    what is usually taken for it
 * @param likely   what it most likely is here
 * @param low      lower end, eight times in ten
 * @param high     upper end
 * @param steps    how far that is from usual, in steps of what such a constant may be off, more being worse
 * @param learned  how much of what was unknown of it the records have taken away, 0 to 1
 * @param rival    another constant that would explain the same records as well; empty where they tell the two apart or neither is off
 */
public record ShopConstant(Unsure constant, double usual, double likely, double low, double high, double steps, double learned, Optional<Unsure> rival) {

    /** Beliefs that hang together as closely as that are not told apart; chosen by us. */
    private static final double ALIKE = -0.35;
    /** Closer to usual than so many steps nothing needs an explanation; chosen by us. */
    private static final double OFF = 0.5;

    /** Whether the records are nine tenths sure that it is worse here than usual. */
    public boolean worse() {
        return surelyWorse() > Odds.Z_80;
    }

    private double surelyWorse() {
        return steps / (1 - learned);
    }

    /** All constants of a method, the one that is most surely worse than usual first; the modes of failure speak of them independently. */
    public static List<ShopConstant> of(RiskModel risk, Family family) {
        Map<Unsure, Margin> tension = risk.unsure(family, FailureMode.TENSION);
        Map<Unsure, Margin> other = risk.unsure(family, family.besideStretch());
        return tension.keySet().stream().map(constant -> of(constant, together(tension.get(constant), other.get(constant)), rival(risk, family, constant, tension)))
                .sorted(Comparator.comparingDouble((ShopConstant each) -> -each.surelyWorse()).thenComparing(ShopConstant::constant)).toList();
    }

    /** Of all that hang together with one, the closest. */
    private static Optional<Unsure> rival(RiskModel risk, Family family, Unsure constant, Map<Unsure, Margin> steps) {
        if (Math.abs(steps.get(constant).mean()) < OFF) {
            return Optional.empty();
        }
        Comparator<Unsure> closest = Comparator.comparingDouble(each -> risk.unsureCorrelation(family, FailureMode.TENSION, constant, each));
        return steps.keySet().stream().filter(each -> each != constant).min(closest)
                .filter(each -> risk.unsureCorrelation(family, FailureMode.TENSION, constant, each) < ALIKE);
    }

    /** Both posteriors began with the same N(0, 1), which must count once. */
    private static Margin together(Margin one, Margin other) {
        double precision = Math.max(1, 1 / (one.sd() * one.sd()) + 1 / (other.sd() * other.sd()) - 1);
        double mean = (one.mean() / (one.sd() * one.sd()) + other.mean() / (other.sd() * other.sd())) / precision;
        return new Margin(mean, 1 / Math.sqrt(precision));
    }

    private static ShopConstant of(Unsure constant, Margin steps, Optional<Unsure> rival) {
        double worse = constant.value(constant.stepped(Physics.USUAL, steps.mean() + Odds.Z_80 * steps.sd()));
        double better = constant.value(constant.stepped(Physics.USUAL, steps.mean() - Odds.Z_80 * steps.sd()));
        return new ShopConstant(constant, constant.value(Physics.USUAL),
                constant.value(constant.stepped(Physics.USUAL, steps.mean())), Math.min(worse, better),
                Math.max(worse, better), steps.mean(), 1 - steps.sd(), rival);
    }
}

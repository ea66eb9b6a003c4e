package brachion.core.forecast;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.risk.Margin;
import brachion.core.risk.RiskModel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What the records have found out about a constant of the shop that nobody measured.
 *
 * @param constant which one
 * @param usual    what is usually taken for it
 * @param likely   what it most likely is here
 * @param low      lower end, eight times in ten
 * @param high     upper end
 * @param learned  how much of what was unknown of it the records have taken away, 0 to 1
 */
public record ShopConstant(Unsure constant, double usual, double likely, double low, double high, double learned) {

    /** All constants of a method; the modes of failure speak of them independently. */
    public static List<ShopConstant> of(RiskModel risk, Family family) {
        Map<Unsure, Margin> tension = risk.unsure(family, FailureMode.TENSION);
        Map<Unsure, Margin> other = risk.unsure(family, family.besideStretch());
        List<ShopConstant> constants = new ArrayList<>();
        tension.forEach((constant, steps) -> constants.add(of(constant, together(steps, other.get(constant)))));
        return constants;
    }

    /** Both posteriors began with the same N(0, 1), which must count once. */
    private static Margin together(Margin one, Margin other) {
        double precision = Math.max(1, 1 / (one.sd() * one.sd()) + 1 / (other.sd() * other.sd()) - 1);
        double mean = (one.mean() / (one.sd() * one.sd()) + other.mean() / (other.sd() * other.sd())) / precision;
        return new Margin(mean, 1 / Math.sqrt(precision));
    }

    private static ShopConstant of(Unsure constant, Margin steps) {
        double worse = constant.value(constant.stepped(Physics.USUAL, steps.mean() + Odds.Z_80 * steps.sd()));
        double better = constant.value(constant.stepped(Physics.USUAL, steps.mean() - Odds.Z_80 * steps.sd()));
        return new ShopConstant(constant, constant.value(Physics.USUAL),
                constant.value(constant.stepped(Physics.USUAL, steps.mean())), Math.min(worse, better),
                Math.max(worse, better), 1 - steps.sd());
    }
}

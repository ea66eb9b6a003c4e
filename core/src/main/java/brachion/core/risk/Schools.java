package brachion.core.risk;

import brachion.core.bending.Strap;
import brachion.core.method.Covariate;
import brachion.core.method.HotWood;
import brachion.core.method.Recipe;
import brachion.core.method.Term;
import brachion.core.process.SteamingSchool;

/**
 * What a shop's records say of ways of working hot wood that are no part of any forecast: each is fitted as one more covariate of the
 * stretch of the outer face.
 *
 * @param risk the fit whose records are asked
 */
public record Schools(RiskModel risk) {

    private static final double HOUR_MIN = 60;

    /** How steamed stock that stayed in as long as a school says compares with stock that did not. */
    public Contrast steamedAtLeast(SteamingSchool school) {
        return risk.asked(Covariate.undecided(Term.SCHOOL, recipe -> Covariate.indicator(
                minutesInSteam(recipe) >= school.minutes(recipe.blank().thicknessMm())))).helps(Term.SCHOOL);
    }

    /** How steamed stock compares with stock steamed e times as short, beyond the softness computed. */
    public Contrast steamedLonger() {
        return risk.asked(Covariate.undecided(Term.LONG_STEAM,
                recipe -> Math.log(minutesInSteam(recipe) / HOUR_MIN))).helps(Term.LONG_STEAM);
    }

    /** How a strap held at its ends compares with none on bends that published radii allow without, beyond what it is computed to take up. */
    public Contrast strappedThoughGentle() {
        return risk.asked(Covariate.undecided(Term.STRAPPED_THOUGH_GENTLE,
                recipe -> Covariate.indicator(held(recipe) && gentle(recipe)))).helps(Term.STRAPPED_THOUGH_GENTLE);
    }

    /** How a strap held at its ends compares with a band that is not, beyond what each is computed to take up. */
    public Contrast heldByStops() {
        return risk.asked(Covariate.backing(Term.STRAP_HELD, recipe -> Covariate.indicator(held(recipe)))).contrast(Term.STRAP_HELD, Term.BACKED);
    }

    private static boolean gentle(Recipe recipe) {
        return recipe.bend().allowedUnsupported(hot(recipe).atTheBend(recipe.blank()));
    }

    private static boolean held(Recipe recipe) {
        return recipe.method().strap().filter(Strap::held).isPresent();
    }

    /** A way that steams nothing counts as steamed for an hour, which tells nothing. */
    private static double minutesInSteam(Recipe recipe) {
        return hot(recipe).minutesInSteam().orElse(HOUR_MIN);
    }

    private static HotWood hot(Recipe recipe) {
        return (HotWood) recipe.method();
    }
}

package brachion.core.forecast;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Term;
import brachion.core.process.SteamingSchool;
import brachion.core.risk.Contrast;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * How a shop's own records tip one question.
 *
 * @param rule     the question
 * @param tip      how the balance is tipped: to the first answer above a half, to the second below. So many to one, tip over 1 − tip, is
 *                 what the records say: would the two differ by no more than matters, records would lean so far in one shop of so many
 *                 and one. A half without records, and where they lean no farther than they would in every other shop.
 * @param noMatter chance that the two differ by less than matters: by one piece in twenty at even odds
 * @param trials   how many records have a say
 * @param more     how many more like them would, as likely as not, tip it to 3 to 1 or more if the two ways differ clearly, by one piece in
 *                 seven at even odds; 0 where these would have done so, and where nothing can be compared yet
 * @param boards   on how many boards, or days or pieces of no board, the fewer of the two ways stand; one tells of the board and not of the way
 * @param effect   how much less the log odds of damage are by the first answer; for springback, how far the share that
 *                 passes on the form lies above the computed one
 * @param sd       how sure that is
 */
public record RuleEvidence(Rule rule, double tip, double noMatter, int trials, int more, int boards, double effect, double sd) {

    /** At even odds this moves one piece in twenty; a smaller difference is no reason to work otherwise. */
    private static final double MATTERS = 0.2;
    /** So much is clear at the bench: three times what matters. */
    private static final double CLEAR = 3 * MATTERS;
    /** Of all that lean by luck, as many lean beyond 3 to 1. */
    private static final double BEYOND_THREE = 1.0 / 4;
    /** One rule of thumb in ten is taken to say nothing at all; chosen by us. */
    private static final double EMPTY = 0.1;

    private static final Family HOT = Family.HOT_WOOD;

    /**
     * What luck alone does to a page of questions.
     *
     * @param asked  how many questions the records could tip
     * @param tipped how many of those would stand beyond 10 to 1 were there nothing to any of them, as expected
     */
    public record ByLuck(int asked, int tipped) {

        /** As much of chance lies beyond 10 to 1. */
        private static final double BEYOND_TEN = 1.0 / 11;

        /** Of these questions. */
        public static ByLuck of(List<RuleEvidence> said) {
            int asked = (int) said.stream().filter(each -> each.trials() > 0 && each.boards() >= Contrast.FEWEST_GROUPS).count();
            return new ByLuck(asked, (int) Math.round(asked * BEYOND_TEN));
        }
    }

    /** A question and how the records are asked it; a school of steaming takes a fit of its own. */
    private record Question(Rule rule, Supplier<Contrast> asked) {
    }

    /** Every question, tipped by the records; like is compared with like, within boards and days. */
    public static List<RuleEvidence> of(RiskModel fitted) {
        return questions(fitted.withinDays(HOT)).parallelStream().map(each -> of(each.rule(), each.asked().get())).toList();
    }

    private static List<Question> questions(RiskModel risk) {
        Schools schools = new Schools(risk);
        List<Question> all = new ArrayList<>(List.of(
                new Question(Rule.RINGS, () -> risk.contrast(HOT, FailureMode.TENSION, Term.RINGS_ON_EDGE, Term.RINGS_FLAT)),
                new Question(Rule.SOAK, () -> helps(risk, Term.SOAKED)),
                new Question(Rule.SOFTENER, () -> helps(risk, Term.SOFTENER)),
                new Question(Rule.GREEN, () -> helps(risk, Term.GREEN_STOCK)),
                new Question(Rule.WEBBING, () -> helps(risk, Term.WEBBING)),
                new Question(Rule.STRAP, schools::strappedThoughGentle),
                new Question(Rule.END_STOPS, schools::heldByStops),
                new Question(Rule.BAG, () -> helps(risk, Term.STEAM_BAG)),
                new Question(Rule.BARK, () -> helps(risk, Term.BARK)),
                new Question(Rule.THIN_PLIES, () -> risk.helps(Family.COLD_PLIES, FailureMode.GLUE_LINE, Term.MANY_PLIES)),
                new Question(Rule.BACKING_SHEET, () -> risk.helps(Family.COLD_PLIES, FailureMode.TENSION, Term.BACKING_SHEET)),
                new Question(Rule.CLAMP_ORDER, () -> risk.contrast(Family.COLD_PLIES, FailureMode.GLUE_LINE, Term.FROM_THE_MIDDLE, Term.FROM_THE_TIGHT_END)),
                new Question(Rule.CLAMP_FORCE, () -> risk.contrast(Family.COLD_PLIES, FailureMode.GLUE_LINE, Term.CLAMPED_TIGHT, Term.CLAMPED_FIRMLY)),
                new Question(Rule.LONG_STEAM, schools::steamedLonger)));
        for (SteamingSchool school : SteamingSchool.values()) {
            all.add(new Question(Rule.valueOf(school.name()), () -> schools.steamedAtLeast(school)));
        }
        all.add(new Question(Rule.HOLD, risk.springback()::holdingPays));
        all.add(new Question(Rule.STEAM_LEFT_ON, risk.springback()::steamLeftOnPays));
        return all;
    }

    private static Contrast helps(RiskModel risk, Term term) {
        return risk.helps(HOT, FailureMode.TENSION, term);
    }

    private static RuleEvidence of(Rule rule, Contrast contrast) {
        double forEmpty = EMPTY * contrast.forNoDifference();
        double says = (1 - EMPTY) / (1 - EMPTY + forEmpty);
        double noMatter = 1 - says * (1 - contrast.within(MATTERS));
        return new RuleEvidence(rule, tip(contrast), noMatter, contrast.trials(), more(contrast), contrast.groups(), contrast.mean(), contrast.sd());
    }

    private static int more(Contrast contrast) {
        double times = contrast.timesToShow(CLEAR, MATTERS, BEYOND_THREE);
        return Double.isInfinite(times) ? 0 : (int) Math.ceil(contrast.trials() * (times - 1));
    }

    private static double tip(Contrast contrast) {
        double firmly = Math.max(0.5, 1 - contrast.byChance(MATTERS));
        return contrast.told().above() ? firmly : 1 - firmly;
    }
}

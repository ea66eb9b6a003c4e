package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.GrowthRings;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RuleEvidenceTest {

    private static final int PIECES = 24;

    /** Pieces of which so many of a hundred tore, each of the board that is said. */
    private static Stream<Trial> bent(GrowthRings rings, int torn, IntFunction<String> board) {
        Recipe bend = Recipes.ash().moisture(18).grainRun(20).thickness(10).radius(130).steamed();
        Recipe recipe = bend.withBlank(bend.blank().withGrowthRings(rings));
        return IntStream.range(0, PIECES).mapToObj(i -> new Trial(recipe.withNames(new Names("", board.apply(i), "")),
                i * 100 / PIECES < torn ? Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER) : Outcome.clean()));
    }

    private static RuleEvidence rings(Stream<Trial> one, Stream<Trial> other) {
        return RuleEvidence.of(RiskModel.fit(Stream.concat(one, other).toList())).stream()
                .filter(each -> each.rule() == Rule.RINGS).findFirst().orElseThrow();
    }

    private static double odds(RuleEvidence evidence) {
        return evidence.tip() / (1 - evidence.tip());
    }

    @Test
    void rings_that_held_on_many_boards_beside_others_that_tore_are_spoken_for() {
        IntFunction<String> eight = i -> "board " + i % 8;
        RuleEvidence edge = rings(bent(GrowthRings.ON_EDGE, 10, eight), bent(GrowthRings.FLAT, 70, eight));
        assertThat(odds(edge)).isGreaterThan(20);
        assertThat(edge.noMatter()).isLessThan(0.1);
        RuleEvidence flat = rings(bent(GrowthRings.ON_EDGE, 70, eight), bent(GrowthRings.FLAT, 10, eight));
        assertThat(odds(flat)).isLessThan(1.0 / 20);
    }

    @Test
    void it_says_how_many_more_records_would_tell_and_asks_for_fewer_the_more_there_are() {
        RuleEvidence few = rings(bent(GrowthRings.ON_EDGE, 30, i -> "board " + i % 3), bent(GrowthRings.FLAT, 30, i -> "board " + i % 3));
        RuleEvidence many = rings(bent(GrowthRings.ON_EDGE, 30, i -> "board " + i % 12), bent(GrowthRings.FLAT, 30, i -> "board " + i % 12));
        assertThat(few.more()).isBetween(1, 400);
        assertThat(many.more()).isLessThan(few.more());
        assertThat(rings(bent(GrowthRings.ON_EDGE, 30, i -> "board"), Stream.empty()).more()).as("nothing to compare with").isZero();
    }

    @Test
    void a_board_that_bore_more_is_not_taken_for_its_rings() {
        RuleEvidence one = rings(bent(GrowthRings.ON_EDGE, 10, i -> "the only one on edge"), bent(GrowthRings.FLAT, 70, i -> "board " + i % 8));
        assertThat(one.tip()).isEqualTo(0.5);
        assertThat(one.trials()).isEqualTo(2 * PIECES);
        assertThat(one.boards()).isEqualTo(1);
        double two = odds(rings(bent(GrowthRings.ON_EDGE, 10, i -> "on edge " + i % 2), bent(GrowthRings.FLAT, 70, i -> "board " + i % 8)));
        double eight = odds(rings(bent(GrowthRings.ON_EDGE, 10, i -> "on edge " + i % 8), bent(GrowthRings.FLAT, 70, i -> "board " + i % 8)));
        assertThat(two).as("two boards").isLessThan(5);
        assertThat(eight).as("eight").isGreaterThan(10);
    }

    @Test
    void the_same_on_both_sides_stays_level() {
        RuleEvidence same = rings(bent(GrowthRings.ON_EDGE, 30, i -> "board " + i % 8), bent(GrowthRings.FLAT, 30, i -> "board " + i % 8));
        assertThat(same.tip()).isEqualTo(0.5);
        assertThat(same.noMatter()).isGreaterThan(0.4);
    }

    @Test
    void luck_tips_one_in_eleven_of_the_questions_that_records_could_tip() {
        RuleEvidence open = new RuleEvidence(Rule.SOAK, 0.6, 0.2, 40, 0, 9, 0.3, 0.5);
        RuleEvidence ofOneBoard = new RuleEvidence(Rule.BARK, 0.5, 0.2, 40, 0, 1, 0.3, 0.5);
        RuleEvidence unasked = new RuleEvidence(Rule.BAG, 0.5, 0.2, 0, 0, 9, 0, 0.5);
        List<RuleEvidence> said = Stream.concat(Stream.generate(() -> open).limit(22), Stream.of(ofOneBoard, unasked)).toList();
        assertThat(RuleEvidence.ByLuck.of(said)).isEqualTo(new RuleEvidence.ByLuck(22, 2));
        assertThat(RuleEvidence.ByLuck.of(List.of(open))).isEqualTo(new RuleEvidence.ByLuck(1, 0));
    }
}

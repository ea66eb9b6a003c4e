package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Knots;
import brachion.core.method.ModeRisk;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.ModeRecords.Row;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A search that looks at a part of the records first, beside one that has all of them before it from the start. */
class ModeSearchTest {

    private static final int RECORDS = 2400;
    private static final int KINDS = 40;
    private static final ModeRisk TENSION = GroupScalesTest.TENSION;
    private static final List<RecordedTrial> SHOP = shop();
    private static final ModeRecords RECORDED = ModeRecords.of(TENSION, SHOP);
    private static final List<Recipe> SPLITS = SHOP.subList(0, 24).stream().map(each -> each.trial().recipe()).toList();

    /** Pieces of forty kinds, four of a board, by five people from three sources; one in twenty breaks whatever it is asked, knotted ones oftener. */
    private static List<RecordedTrial> shop() {
        Random random = new Random(20_261_129);
        List<RecordedTrial> kinds = new ArrayList<>();
        for (int i = 0; i < KINDS; i++) {
            Recipe recipe = Recipes.ash().knots(i % 5 == 0 ? Knots.IN_BEND : Knots.CLEAR).steamed().withInnerRadiusMm(70 + 6 * i);
            kinds.add(RecordedTrial.of(new Trial(i, recipe, Outcome.clean(), OptionalDouble.empty())));
        }
        double[] board = random.doubles(RECORDS / 4).map(each -> 2 * each - 1).toArray();
        double[] person = {-1, -0.4, 0, 0.5, 1.1};
        List<RecordedTrial> shop = new ArrayList<>();
        for (int i = 0; i < RECORDS; i++) {
            RecordedTrial kind = kinds.get(random.nextInt(KINDS));
            int who = random.nextInt(person.length);
            int from = random.nextInt(3);
            boolean knots = kind.trial().recipe().blank().knots() == Knots.IN_BEND;
            double badness = 5 * kind.traits().typical(TENSION) + board[i / 4] + person[who] + Math.log(1 / random.nextDouble() - 1);
            Outcome outcome = random.nextDouble() < (knots ? 0.2 : 0.04) || badness > 3 ? Outcome.damaged(Severity.BROKEN, Flaw.SNAP)
                    : badness > 1.5 ? Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER) : Outcome.clean();
            Recipe recipe = kind.trial().recipe().withNames(new Names("person " + who, "board " + i / 4, "source " + from));
            shop.add(Followed.of(kind).of(new Trial(i, recipe, outcome, OptionalDouble.empty())));
        }
        return shop;
    }

    /** Both stop looking for scales where the evidence can rise by no more than 0.015, a sixth of a standard deviation of ln σ. */
    @Test
    void ends_where_a_search_among_all_of_them_ends() {
        ModeSearch all = ModeSearch.of(RECORDED, SPLITS, Integer.MAX_VALUE);
        ModeSearch partFirst = ModeSearch.of(RECORDED, SPLITS, RECORDS / 2);
        all.sds().forEach((group, sd) -> assertThat(Math.log(partFirst.sds().get(group))).as("ln of the scale of %s", group)
                .isCloseTo(Math.log(sd), within(0.03)));
        assertThat(partFirst.proneness().suspect()).as("knots").isCloseTo(all.proneness().suspect(), within(0.1 * all.proneness().suspect()));
        Worlds settled = all.settled();
        Worlds other = partFirst.settled();
        assertThat(other.hidden()).as("share of hidden flaws").isCloseTo(settled.hidden(), within(0.05 * settled.hidden()));
        LaplaceFit fit = settled.likeliest().fit();
        for (int i = 0; i < fit.mean().length; i++) {
            assertThat(other.mean(i)).as("parameter %d", i).isCloseTo(settled.mean(i), within(0.2 * Math.sqrt(fit.variance(i))));
        }
    }

    @Test
    void a_part_of_the_records_is_of_whole_boards_and_as_many_pieces_of_none() {
        ModeRecords part = RECORDED.thinned(8);
        Set<String> boards = part.rows().stream().map(row -> Group.BOARD.of(row.recipe())).collect(Collectors.toSet());
        assertThat(boards).hasSize(RECORDED.layout().boards() / 8);
        assertThat(part.rows()).hasSize((int) RECORDED.rows().stream().filter(row -> boards.contains(Group.BOARD.of(row.recipe()))).count());
        List<RecordedTrial> ofNone = SHOP.stream().map(each -> Followed.of(each).of(new Trial(each.trial().id(),
                each.trial().recipe().withNames(Names.none()), each.trial().outcome(), OptionalDouble.empty()))).toList();
        ModeRecords without = ModeRecords.of(TENSION, ofNone);
        assertThat(without.thinned(8).rows()).hasSize(without.rows().size() / 8);
    }

    /** Parts are added up side by side; in an order that cannot be parted the sums are the same. */
    @Test
    void records_in_parts_say_what_they_say_together() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            rows.addAll(RECORDED.rows());
        }
        rows.sort(Comparator.comparingInt(row -> RECORDED.layout().board(row.recipe())));
        Observations parted = RECORDED.observations(rows);
        assertThat(parted.parts()).hasSizeGreaterThan(1);
        for (Observations.Rows part : parted.parts().subList(1, parted.parts().size())) {
            assertThat(parted.board(part.from())).as("a board is in one part").isNotEqualTo(parted.board(part.from() - 1));
        }
        Collections.reverse(rows);
        Observations whole = RECORDED.observations(rows);
        assertThat(whole.parts()).hasSize(1);
        NormalPrior prior = NormalPrior.flat(new double[OrdinalModel.CUTS + RECORDED.layout().size()]);
        double[] at = new Random(4).doubles(prior.dimension()).toArray();
        Surface.Local one = new OrdinalModel(parted, prior, 0.03, HiddenShare.SLIP).at(at);
        Surface.Local other = new OrdinalModel(whole, prior, 0.03, HiddenShare.SLIP).at(at);
        assertThat(one.height()).isCloseTo(other.height(), within(1e-9 * Math.abs(other.height())));
        assertThat(one.gradient()).containsExactly(other.gradient(), within(1e-7));
        for (int i = 0; i < prior.dimension(); i++) {
            for (int j = 0; j < prior.dimension(); j++) {
                assertThat(one.hessian().at(i, j)).isCloseTo(other.hessian().at(i, j), within(1e-7));
            }
        }
    }
}

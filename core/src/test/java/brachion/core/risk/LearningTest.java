package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Heating;
import brachion.core.method.HotWood;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBag;
import brachion.core.method.Term;
import brachion.core.process.StageKind;
import brachion.core.risk.RiskModel.Held;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the model makes of shops whose truth is known, or of records made to order. */
class LearningTest {

    private static final Recipe BEND = Recipes.ash().moisture(22).grainRun(1000).thickness(10).radius(130).steamed();

    @Test
    void sixty_trials_find_the_sign_of_an_effect_of_the_growth_rings() {
        int found = 0;
        for (int shop = 0; shop < 20; shop++) {
            double effect = shop % 2 == 0 ? 1.5 : -1.5;
            RiskModel risk = RiskModel.fit(new SimulatedShop(50 + shop, 1.75, 1.2, 6).ringsFlat(effect).trials(60));
            if (rings(risk).firstBetterBy(0) > 0.5 == effect > 0) {
                found++;
            }
        }
        assertThat(found).as("shops of 20 in which the evidence tips the right way").isGreaterThanOrEqualTo(18);
        assertThat(rings(RiskModel.withoutRecords()).firstBetterBy(0)).as("no school is built in").isEqualTo(0.5);
    }

    private static Contrast rings(RiskModel risk) {
        return risk.contrast(Family.HOT_WOOD, FailureMode.TENSION, Term.RINGS_ON_EDGE, Term.RINGS_FLAT);
    }

    /** One fit for all that is bent hot: what breaks out of a bag makes the box less sure, and what holds surer. */
    @Test
    void a_record_of_one_hot_way_informs_the_others() {
        double alone = margin(RiskModel.withoutRecords());
        assertThat(margin(RiskModel.fit(fromTheBag(Outcome.damaged(Severity.BROKEN, Flaw.SNAP))))).isLessThan(alone - 1);
        assertThat(margin(RiskModel.fit(fromTheBag(Outcome.clean())))).isGreaterThan(alone + 0.1);
    }

    private static double margin(RiskModel risk) {
        return risk.margin(FailureMode.TENSION, Severity.FLAW, Possible.known(BEND)).mean();
    }

    private static List<Trial> fromTheBag(Outcome outcome) {
        HotWood box = (HotWood) BEND.method();
        SteamBag bag = new SteamBag(box.handling(), new Heating(StageKind.STEAM_BAG, 60, 98), SteamBag.Bent.PULLED);
        return Stream.iterate(0, i -> i + 1).limit(12).map(i -> new Trial(i, BEND.withMethod(bag), outcome, OptionalDouble.empty())).toList();
    }

    @Test
    void people_who_differ_are_told_apart_and_people_who_do_not_are_not() {
        RiskModel differ = RiskModel.fit(new SimulatedShop(7, 1.75, 1.2, 6).people(-1.2, 0, 1.2).trials(240));
        RiskModel alike = RiskModel.fit(new SimulatedShop(8, 1.75, 1.2, 6).people(0, 0, 0, 0).trials(240));
        assertThat(person(differ, "person 2") - person(differ, "person 0")).isGreaterThan(1);
        assertThat(Math.abs(person(alike, "person 2") - person(alike, "person 0"))).isLessThan(0.5);
    }

    private static double person(RiskModel risk, String name) {
        return risk.beliefs(Family.HOT_WOOD).stream().filter(belief -> belief.mode() == FailureMode.TENSION
                && belief.term() == Term.PERSON && belief.name().equals(name)).findFirst().orElseThrow().mean();
    }

    @Test
    void a_board_nobody_knows_is_less_certain_than_one_of_many_records() {
        RiskModel risk = RiskModel.fit(new SimulatedShop(9, 1.75, 1.2, 6).boards(-1, 1, -1, 1, 0).trials(200));
        double known = sd(risk, BEND.withNames(new Names("", "board 1", "")));
        double unknown = sd(risk, BEND.withNames(new Names("", "a new board", "")));
        assertThat(unknown).isGreaterThan(1.3 * known);
    }

    private static double sd(RiskModel risk, Recipe recipe) {
        return risk.margin(FailureMode.TENSION, Severity.FLAW, Possible.known(recipe)).sd();
    }

    @Test
    void taking_a_record_out_by_one_step_is_close_to_fitting_without_it() {
        List<Trial> trials = new SimulatedShop(10, 1.75, 1.2, 6).people(-0.5, 0.5).trials(60);
        List<Held> quick = RiskModel.fit(trials).leaveOneOut(Family.HOT_WOOD, Severity.FLAW);
        for (int i = 0; i < trials.size(); i += 6) {
            Trial out = trials.get(i);
            List<Trial> others = new ArrayList<>(trials);
            others.remove(out);
            double exact = forecast(trials, RiskModel.fit(others), out);
            double approximate = quick.stream().filter(held -> held.trial().equals(out)).findFirst().orElseThrow().holds();
            assertThat(approximate).as("trial " + out.id()).isCloseTo(exact, within(0.03));
        }
    }

    /** A trial as a fit of others forecasts it. */
    private static double forecast(List<Trial> trials, RiskModel by, Trial of) {
        return RiskModel.fit(trials).forecastBy(by, Family.HOT_WOOD, Severity.FLAW).stream()
                .filter(held -> held.trial().equals(of)).findFirst().orElseThrow().holds();
    }

    @Test
    void a_piece_nobody_measured_is_taken_out_over_all_it_could_have_been() {
        List<Trial> trials = new ArrayList<>(new SimulatedShop(12, 1.75, 1.2, 6).trials(40));
        for (int i = 0; i < 8; i++) {
            trials.add(new Trial(500 + i, Recipes.ash().radius(110 + 20 * i).steamedUnmeasured(Seasoning.AIR_DRIED),
                    i % 3 == 0 ? Outcome.damaged(Severity.BROKEN, Flaw.SNAP) : Outcome.clean(), OptionalDouble.empty()));
        }
        List<Held> quick = RiskModel.fit(trials).leaveOneOut(Family.HOT_WOOD, Severity.FLAW);
        for (Held held : quick.stream().filter(each -> each.trial().id() >= 500).toList()) {
            List<Trial> others = new ArrayList<>(trials);
            others.remove(held.trial());
            double exact = forecast(trials, RiskModel.fit(others), held.trial());
            assertThat(held.holds()).as("trial " + held.trial().id()).isCloseTo(exact, within(0.05));
        }
    }

    /** A piece that snapped says nothing of the inner face: the compression fit is the same with and without it. */
    @Test
    void a_snapped_piece_leaves_compression_alone() {
        List<Trial> clean = new SimulatedShop(11, 1.75, 1.2, 6).trials(30).stream()
                .filter(trial -> trial.outcome().severity() == Severity.CLEAN).toList();
        List<Trial> more = new ArrayList<>(clean);
        more.add(new Trial(BEND, Outcome.damaged(Severity.BROKEN, Flaw.SNAP)));
        assertThat(compression(RiskModel.fit(more))).isEqualTo(compression(RiskModel.fit(clean)));
    }

    private static Margin compression(RiskModel risk) {
        return risk.margin(FailureMode.COMPRESSION, Severity.FLAW, Possible.known(BEND));
    }

    @Test
    void records_that_cannot_be_are_set_aside_by_name_and_do_not_move_the_fit() {
        List<Trial> good = new SimulatedShop(12, 1.75, 1.2, 6).trials(20);
        List<Trial> all = new ArrayList<>(good);
        all.add(new Trial(101, BEND, Outcome.damaged(Severity.BROKEN, Flaw.SNAP), OptionalDouble.of(140)));
        all.add(new Trial(102, BEND, Outcome.clean(), OptionalDouble.of(5.3)));
        all.add(new Trial(103, BEND.withBlank(BEND.blank().withThicknessMm(30)).withInnerRadiusMm(5), Outcome.clean(), OptionalDouble.empty()));
        all.add(new Trial(104, BEND, Outcome.clean(), OptionalDouble.of(1000)));
        RiskModel risk = RiskModel.fit(all);
        assertThat(risk.setAside()).extracting(SetAside::trialId).containsExactly(101L, 102L, 103L, 104L);
        assertThat(risk.setAside()).extracting(SetAside::why).containsExactly(SetAside.Why.BROKEN_BUT_MEASURED,
                SetAside.Why.RELEASED_IN_OTHER_UNIT, SetAside.Why.HELD_THE_IMPOSSIBLE, SetAside.Why.RELEASED_IMPOSSIBLE);
        assertThat(risk.margin(FailureMode.TENSION, Severity.FLAW, Possible.known(BEND)))
                .isEqualTo(RiskModel.fit(good).margin(FailureMode.TENSION, Severity.FLAW, Possible.known(BEND)));
        assertThat(risk.trials()).isEqualTo(20);
    }

    @Test
    void work_taken_over_from_an_earlier_fit_changes_nothing() {
        List<Trial> trials = new SimulatedShop(13, 1.75, 1.2, 6).people(-1, 1).trials(40);
        RiskModel earlier = RiskModel.fit(trials.subList(0, 30));
        assertThat(RiskModel.fit(trials, Optional.of(earlier)).margin(FailureMode.TENSION, Severity.FLAW,
                Possible.known(BEND))).isEqualTo(RiskModel.fit(trials).margin(FailureMode.TENSION, Severity.FLAW,
                Possible.known(BEND)));
    }

    @Test
    void the_order_of_records_with_people_and_boards_changes_nothing() {
        List<Trial> trials = new ArrayList<>(new SimulatedShop(14, 1.75, 1.2, 6).people(-1, 1).boards(0.5, -0.5, 0).trials(40));
        Recipe named = BEND.withNames(new Names("person 1", "board 2", ""));
        Margin before = RiskModel.fit(trials).margin(FailureMode.TENSION, Severity.FLAW, Possible.known(named));
        Collections.reverse(trials);
        assertThat(RiskModel.fit(trials).margin(FailureMode.TENSION, Severity.FLAW, Possible.known(named))).isEqualTo(before);
    }

    /** With 0, 1, 3 and many records, all clean or all broken, odds stay finite and on the right side of the tables. */
    @Test
    void records_that_all_end_alike_move_the_odds_without_running_away() {
        double tables = holds(RiskModel.withoutRecords());
        for (int count : new int[] {1, 3, 40}) {
            List<Trial> clean = Collections.nCopies(count, new Trial(BEND, Outcome.clean()));
            List<Trial> broken = Collections.nCopies(count,
                    new Trial(BEND, Outcome.damaged(Severity.BROKEN, Flaw.SNAP)));
            assertThat(holds(RiskModel.fit(clean))).as(count + " clean").isGreaterThan(tables).isLessThan(1);
            assertThat(holds(RiskModel.fit(broken))).as(count + " broken").isLessThan(tables).isGreaterThan(0);
        }
    }

    private static double holds(RiskModel risk) {
        return risk.margin(FailureMode.TENSION, Severity.FLAW, Possible.known(BEND)).probability();
    }
}

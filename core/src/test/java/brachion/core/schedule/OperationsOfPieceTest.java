package brachion.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bench.BenchWays;
import brachion.core.bench.GlueAtHand;
import brachion.core.bench.PieceLife;
import brachion.core.bench.Step;
import brachion.core.bench.Tap;
import brachion.core.bench.Tapped;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.process.Shop;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class OperationsOfPieceTest {

    private static final Instant EIGHT = Instant.parse("2026-12-01T08:00:00Z");

    private static List<Operation> of(Recipe plan) {
        return new OperationsOfPiece(plan, new Crew(1, 540, HandsTimes.USUAL, OptionalDouble.empty()), GlueAtHand.UNKNOWN, Optional.of(new DryingDays(3, 5, 8)), steps -> List.of(new Requirement(List.of(0), 1))).all();
    }

    private static List<Step> steps(MethodKind kind) {
        return of(BenchWays.of(kind)).stream().map(Operation::step).toList();
    }

    /** What a bench walks through and what is scheduled are the same, whichever way it is. */
    @Test
    void a_piece_of_every_way_comes_to_each_of_its_operations_on_the_bench() {
        for (Recipe plan : BenchWays.all()) {
            List<Operation> all = of(plan);
            PieceLife life = PieceLife.planned(plan);
            Set<Integer> begun = new TreeSet<>();
            for (int i = 0; i < 20 && !life.next().isEmpty() && life.step() != Step.JUDGED; i++) {
                Tap next = life.next().stream().filter(tap -> tap != Tap.READING && !tap.notes() && tap != Tap.BROKE && tap != Tap.AT_HEAT).findFirst().orElseThrow();
                life = life.supposing(next);
                begun.add(OperationsOfPiece.begun(life, all));
            }
            begun.remove(0);
            assertThat(begun).as("%s: %s", plan.method().kind(), all).hasSize(all.size()).contains(all.size());
        }
    }

    @Test
    void a_steamed_piece_is_heated_bent_and_dried_and_a_glued_one_is_clamped_and_taken_out() {
        assertThat(steps(MethodKind.STEAM_BOX)).containsSubsequence(Step.HEATING, Step.BENDING, Step.DRYING);
        assertThat(steps(MethodKind.COLD_LAMINATION)).containsExactly(Step.GLUING, Step.FINISHED);
        assertThat(steps(MethodKind.STEAMED_PLIES)).containsSubsequence(Step.HEATING, Step.BENDING, Step.DRYING, Step.GLUING, Step.FINISHED);
    }

    @Test
    void three_pieces_of_every_way_can_be_worked_one_after_the_other() {
        for (Recipe plan : BenchWays.all()) {
            List<PieceOfWork> three = IntStream.range(0, 3).mapToObj(i -> PieceOfWork.untouched("piece " + i, 0, of(plan))).toList();
            ScheduleProblem problem = new ScheduleProblem(three, List.of(OptionalInt.empty()), List.of(1), 1, SomeRun.days(200));
            Decoder decoder = new Decoder(problem);
            assertThat(Checker.wrong(problem, decoder.schedule(decoder.firstOrder()))).as("%s", plan.method().kind()).isEmpty();
        }
    }

    @Test
    void over_a_pipe_it_is_in_somebodys_hands_all_the_while() {
        Operation heat = of(BenchWays.of(MethodKind.HOT_PIPE)).stream().filter(operation -> operation.step() == Step.HEATING).findFirst().orElseThrow();
        assertThat(heat.minutes()).isZero();
        assertThat(heat.handsMinutes()).isGreaterThan(HandsTimes.USUAL.layIn());
    }

    @Test
    void what_is_begun_began_so_long_before_it_is_due_as_it_lasts() {
        Operation heat = of(BenchWays.of(MethodKind.STEAM_BOX)).stream().filter(operation -> operation.step() == Step.HEATING).findFirst().orElseThrow();
        PieceLife life = PieceLife.of(BenchWays.of(MethodKind.STEAM_BOX), List.of(new Tapped(Tap.INTO_HEAT, EIGHT, OptionalDouble.empty())));
        assertThat(OperationsOfPiece.begunAt(life, Optional.of(EIGHT.plusSeconds(1200)), heat, EIGHT.plusSeconds(600))).isEqualTo(Math.min(0, 10 - heat.lasts()));
        assertThat(OperationsOfPiece.begunAt(life, Optional.empty(), heat, EIGHT.plusSeconds(600))).isEqualTo(-10);
        PieceLife cold = PieceLife.of(BenchWays.of(MethodKind.STEAM_BOX), List.of(new Tapped(Tap.INTO_HEAT, EIGHT, OptionalDouble.empty()), new Tapped(Tap.READING, EIGHT.plusSeconds(60), OptionalDouble.of(30))));
        assertThat(OperationsOfPiece.begunAt(cold, Optional.empty(), heat, EIGHT.plusSeconds(600))).as("the box is cold").isEqualTo(-heat.handsMinutes());
    }

    /** Ash of 18 % dries to 10 % in air of 50 % in days or weeks, in a loft over a stove sooner. */
    @Test
    void drier_air_dries_sooner() {
        Recipe plan = BenchWays.of(MethodKind.STEAM_BOX);
        DryingDays shop = DryingDays.of(plan, new Shop(18, 0.45, 0)).orElseThrow();
        DryingDays loft = DryingDays.of(plan, new Shop(24, 0.38, 0)).orElseThrow();
        assertThat(loft.middle()).isLessThan(shop.middle());
        assertThat(shop.earliest()).isLessThan(shop.middle());
        assertThat(shop.middle()).isLessThan(shop.latest());
        for (Shop air : List.of(new Shop(18, 0.45, 0), new Shop(24, 0.38, 0))) {
            DryingDays whole = DryingDays.of(plan, air).orElseThrow();
            assertThat(DryingDays.about(plan, air).orElseThrow()).isBetween(0.85 * whole.middle(), 1.15 * whole.middle());
        }
        assertThat(DryingDays.about(plan, new Shop(18, 0.85, 0))).as("it never comes to 10 %").isEmpty();
        assertThat(DryingDays.of(BenchWays.of(MethodKind.COLD_LAMINATION), new Shop(18, 0.45, 0))).as("nothing dries").isEmpty();
        assertThat(DryingDays.of(plan, new Shop(18, 0.85, 0))).as("it never comes to 10 %").isEmpty();
    }

    private static Operation glued(int people, double openMinutes, double closingMinutes) {
        Recipe plan = BenchWays.of(MethodKind.COLD_LAMINATION);
        // its label is for 20 °C; this shop is colder or warmer
        GlueAtHand here = new GlueAtHand(OptionalDouble.of(openMinutes * Math.pow(2, (plan.shop().celsius() - 20) / 10)), OptionalDouble.of(8));
        Crew crew = new Crew(people, 540, HandsTimes.USUAL, OptionalDouble.of(closingMinutes));
        return new OperationsOfPiece(plan, crew, here, Optional.empty(), steps -> List.of(new Requirement(List.of(0), 1))).all().get(0);
    }

    @Test
    void as_many_spread_and_clamp_as_it_takes_while_the_glue_is_open_and_as_there_are() {
        assertThat(glued(3, 30, 25)).as("one is quick enough").returns(1, Operation::people).returns(25, Operation::handsMinutes).returns(0, Operation::overrunMinutes);
        assertThat(glued(3, 12.5, 25)).as("two share it").returns(2, Operation::people).returns(13, Operation::handsMinutes).returns(0, Operation::overrunMinutes);
        assertThat(glued(1, 12, 25)).as("nobody helps").returns(1, Operation::people).returns(25, Operation::handsMinutes).returns(13, Operation::overrunMinutes);
        assertThat(glued(2, 5, 25)).as("two are too few").returns(2, Operation::people).returns(8, Operation::overrunMinutes);
    }
}

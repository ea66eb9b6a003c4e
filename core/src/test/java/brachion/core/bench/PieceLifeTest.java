package brachion.core.bench;

import static brachion.core.bench.Said.START;
import static brachion.core.bench.Said.at;
import static brachion.core.bench.Said.reading;
import static brachion.core.bench.Said.tapped;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.process.ProbeRecord;
import brachion.core.process.StageKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class PieceLifeTest {

    private static final List<Recipe> WAYS = BenchWays.all();

    /** Whatever is tapped, in whatever order and with whatever clocks: what is refused changes nothing, what is taken stays. */
    @Property(tries = 400)
    void no_touches_lose_a_step_or_go_back_in_time(@ForAll int way, @ForAll long seed) {
        Recipe plan = WAYS.get(Math.floorMod(way, WAYS.size()));
        Random luck = new Random(seed);
        PieceLife life = PieceLife.planned(plan);
        Instant clock = START;
        for (int touch = 0; touch < 40; touch++) {
            clock = clock.plusMillis(luck.nextInt(-20_000, 600_000));
            Tap tap = Tap.values()[luck.nextInt(Tap.values().length)];
            Tapped tapped = new Tapped(tap, clock, tap == Tap.READING ? OptionalDouble.of(luck.nextInt(15, 101)) : OptionalDouble.empty());
            List<Tapped> before = life.said();
            Throwable refused;
            try {
                PieceLife after = life.after(tapped);
                assertThat(life.next()).contains(tap);
                assertThat(after.said().subList(0, before.size())).isEqualTo(before);
                assertThat(after.said()).endsWith(tapped).hasSize(before.size() + 1);
                assertThat(after.step().ordinal()).isGreaterThanOrEqualTo(life.step().ordinal());
                assertThat(after.takenBack().said()).isEqualTo(before);
                assertThat(after.takenBack().step()).isEqualTo(life.step());
                assertThat(after.next()).isEqualTo(life.supposing(tap).next());
                assertThat(after.step()).isEqualTo(life.supposing(tap).step());
                life = after;
                refused = null;
            } catch (OutOfTurnException outOfTurn) {
                refused = outOfTurn;
            }
            if (refused != null) {
                assertThat(refused.getMessage()).endsWith(".");
                assertThat(life.said()).isEqualTo(before);
            }
        }
        PieceLife again = PieceLife.of(plan, life.said());
        assertThat(again.step()).isEqualTo(life.step());
        assertThat(again.done()).isEqualTo(life.done());
        assertThat(life.said()).extracting(Tapped::at).isSorted();
        assertThat(life.done().took().values()).allMatch(minutes -> minutes > 0);
    }

    /** From every step some touches lead on to the verdict, for every way. */
    @Property(tries = 200)
    void every_piece_can_be_brought_to_its_verdict(@ForAll int way, @ForAll long seed) {
        Recipe plan = WAYS.get(Math.floorMod(way, WAYS.size()));
        Random luck = new Random(seed);
        PieceLife life = PieceLife.planned(plan);
        for (int touch = 0; life.step() != Step.JUDGED; touch++) {
            assertThat(touch).as("touches of %s so far: %s", plan.method().kind(), life.said()).isLessThan(200);
            List<Tap> next = life.next();
            Tap tap = next.get(luck.nextInt(next.size()));
            life = life.after(new Tapped(tap, START.plusSeconds(touch), tap == Tap.READING ? OptionalDouble.of(90) : OptionalDouble.empty()));
        }
        assertThat(life.next()).isEmpty();
    }

    @Test
    void a_steamed_piece_carries_what_was_measured_on_its_way() {
        PieceLife life = PieceLife.of(Recipes.ash().steamed(), List.of(
                tapped(Tap.INTO_SOAK, 0), tapped(Tap.INTO_HEAT, 3600), tapped(Tap.AT_HEAT, 4200), tapped(Tap.PULLED, 6900),
                tapped(Tap.FEATHERS, 6908), tapped(Tap.CLAMPED, 6912.4), tapped(Tap.RELEASED, 6912.4 + 86_400)));
        assertThat(life.step()).isEqualTo(Step.DRYING);
        assertThat(life.done().took()).isEqualTo(Map.of(StageKind.SOAK, 60.0, StageKind.STEAM_BOX, 45.0, StageKind.CARRY, 12.4 / 60,
                StageKind.FORM, 1440.0));
        assertThat(life.said()).extracting(Tapped::tap).filteredOn(Tap::notes).containsExactly(Tap.FEATHERS);
        assertThat(life.bentAt()).hasValue(at(6912.4));
    }

    @Test
    void a_thermometer_decides_what_heat_there_was_from_the_loading_on() {
        PieceLife life = PieceLife.of(Recipes.ash().steamed(), List.of(tapped(Tap.INTO_HEAT, 0), reading(300, 60), reading(900, 97),
                tapped(Tap.PULLED, 3600)));
        assertThat(life.done().took().get(StageKind.STEAM_BOX)).isEqualTo(60);
        assertThat(life.done().probe().orElseThrow().at(600)).isEqualTo(78.5);
    }

    @Test
    void an_instrument_counts_while_the_piece_is_in_the_heat_beside_what_is_read_by_hand() {
        PieceLife life = PieceLife.of(Recipes.ash().steamed(), List.of(tapped(Tap.INTO_HEAT, 60), reading(120, 50), tapped(Tap.PULLED, 3600)))
                .recordedBy(List.of(new PieceLife.ChamberReading(at(0), 20), new PieceLife.ChamberReading(at(90), 40),
                        new PieceLife.ChamberReading(at(120), 55), new PieceLife.ChamberReading(at(4000), 97)));
        assertThat(life.done().probe().orElseThrow().readings()).containsExactly(new ProbeRecord.Reading(30, 40), new ProbeRecord.Reading(60, 50));
        List<PieceLife.ChamberReading> falling = IntStream.range(0, 5000).mapToObj(s -> new PieceLife.ChamberReading(at(s), 100 - s / 100.0)).toList();
        assertThat(PieceLife.of(Recipes.ash().steamed(), List.of(tapped(Tap.INTO_HEAT, 0), tapped(Tap.PULLED, 1000))).recordedBy(falling).done()
                .probe().orElseThrow().readings()).as("a line that ends where it was pulled")
                .containsExactly(new ProbeRecord.Reading(0, 100), new ProbeRecord.Reading(1000, 90));
        PieceLife heating = PieceLife.of(Recipes.ash().steamed(), List.of(tapped(Tap.INTO_HEAT, 0)));
        assertThat(heating.next()).contains(Tap.AT_HEAT);
        assertThat(heating.recordedBy(List.of(new PieceLife.ChamberReading(at(1), 90))).next()).as("the instrument says so").doesNotContain(Tap.AT_HEAT);
    }

    /** Whichever phone is heard first, the same was said. */
    @Property(tries = 100)
    void what_is_heard_of_late_takes_its_place(@ForAll long seed) {
        List<Tapped> all = List.of(tapped(Tap.INTO_HEAT, 0), reading(60, 90), tapped(Tap.PULLED, 3600), tapped(Tap.CLICK, 3604),
                tapped(Tap.FEATHERS, 3606), tapped(Tap.CLAMPED, 3609), tapped(Tap.CREASE, 3612));
        PieceLife inOrder = PieceLife.of(Recipes.ash().steamed(), all);
        List<Tapped> late = new ArrayList<>(all.stream().filter(each -> each.tap().notes() || each.tap() == Tap.READING).toList());
        Collections.shuffle(late, new Random(seed));
        PieceLife life = PieceLife.of(Recipes.ash().steamed(), all.stream().filter(each -> !late.contains(each)).toList());
        for (Tapped each : late) {
            life = life.heardOf(each);
        }
        assertThat(life.said()).isEqualTo(inOrder.said());
        assertThat(life.done()).isEqualTo(inOrder.done());
        PieceLife whole = life;
        assertThatThrownBy(() -> whole.heardOf(tapped(Tap.RELEASED, 3605))).as("not yet clamped then").isInstanceOf(OutOfTurnException.class);
    }

    @Test
    void a_piece_bent_in_its_bag_is_not_pulled_and_cold_plies_know_no_heat() {
        assertThat(PieceLife.planned(BenchWays.of(MethodKind.COLD_LAMINATION)).next()).containsExactly(Tap.GLUE_ON, Tap.PREPARED);
        PieceLife inPlace = PieceLife.of(BenchWays.of(MethodKind.STEAM_IN_PLACE), List.of(tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 60)));
        assertThat(inPlace.next()).contains(Tap.CLAMPED, Tap.BROKE).doesNotContain(Tap.PULLED);
        PieceLife onThePipe = PieceLife.of(BenchWays.of(MethodKind.HOT_PIPE), List.of(tapped(Tap.INTO_HEAT, 0)));
        assertThat(onThePipe.next()).doesNotContain(Tap.AT_HEAT);
        assertThat(onThePipe.heatCountsFrom()).as("a pipe is hot before").hasValue(START);
    }

    @Test
    void plies_steamed_first_go_over_the_bench_twice() {
        PieceLife life = PieceLife.of(BenchWays.of(MethodKind.STEAMED_PLIES), List.of(tapped(Tap.INTO_HEAT, 0), tapped(Tap.PULLED, 1800),
                tapped(Tap.CLAMPED, 1810), tapped(Tap.RELEASED, 90_000), tapped(Tap.GLUE_ON, 180_000), tapped(Tap.CLAMPED, 180_300)));
        assertThat(life.step()).isEqualTo(Step.IN_CLAMPS);
        assertThat(life.done().took().get(StageKind.CARRY)).as("of the hot plies").isEqualTo(10 / 60.0);
        assertThat(life.after(tapped(Tap.RELEASED, 250_000)).next()).containsExactly(Tap.JUDGED);
    }

    @Test
    void what_cannot_follow_is_refused_in_words() {
        PieceLife planned = PieceLife.planned(Recipes.ash().steamed());
        assertThatThrownBy(() -> planned.after(tapped(Tap.PULLED, 0))).isInstanceOf(OutOfTurnException.class).hasMessageContaining("planned");
        PieceLife pulled = PieceLife.of(Recipes.ash().steamed(), List.of(tapped(Tap.INTO_HEAT, 0), tapped(Tap.PULLED, 3600)));
        assertThatThrownBy(() -> pulled.after(tapped(Tap.PULLED, 3601))).hasMessageContaining("already");
        assertThatThrownBy(() -> pulled.after(tapped(Tap.CLAMPED, 3599))).hasMessageContaining("take that back first");
        assertThat(catchThrowable(planned::takenBack)).isInstanceOf(OutOfTurnException.class);
        assertThatThrownBy(() -> new Tapped(Tap.READING, START)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void what_usually_follows_stands_first() {
        assertThat(PieceLife.planned(Recipes.ash().steamed()).next()).as("no soak is planned").startsWith(Tap.INTO_HEAT);
        PieceLife heating = PieceLife.of(Recipes.ash().steamed(), List.of(tapped(Tap.INTO_HEAT, 0)));
        assertThat(heating.next()).startsWith(Tap.AT_HEAT, Tap.PULLED);
        assertThat(heating.after(tapped(Tap.AT_HEAT, 1)).after(tapped(Tap.PULLED, 2)).next()).startsWith(Tap.CLAMPED).endsWith(Tap.BROKE);
    }

    @Test
    void stock_that_is_ready_is_no_stage_and_may_be_passed_over() {
        PieceLife ready = PieceLife.planned(Recipes.ash().steamed()).after(tapped(Tap.PREPARED, 0));
        assertThat(ready.step()).isEqualTo(Step.PREPARED);
        assertThat(ready.step().begun()).isFalse();
        assertThat(ready.next()).startsWith(Tap.INTO_HEAT).doesNotContain(Tap.PREPARED);
        PieceLife heating = ready.after(tapped(Tap.INTO_HEAT, 3600));
        assertThat(heating.step()).isEqualTo(PieceLife.planned(Recipes.ash().steamed()).after(tapped(Tap.INTO_HEAT, 0)).step());
        assertThat(heating.done().took()).isEmpty();
        assertThat(heating.next()).doesNotContain(Tap.PREPARED);
        assertThat(heating.takenBack().step()).isEqualTo(Step.PREPARED);
    }

    @Test
    void every_way_starts_somewhere() {
        List<MethodKind> stuck = new ArrayList<>();
        WAYS.stream().filter(plan -> PieceLife.planned(plan).next().isEmpty()).forEach(plan -> stuck.add(plan.method().kind()));
        assertThat(stuck).isEmpty();
        assertThat(WAYS).extracting(plan -> plan.method().kind()).containsExactlyInAnyOrder(MethodKind.values());
    }
}

package brachion.core.bench;

import static brachion.core.bench.Said.at;
import static brachion.core.bench.Said.tapped;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bench.Occupancy.MadeWith;
import brachion.core.bench.Occupancy.Taker;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.process.Shop;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class OccupancyTest {

    private static final Recipe STEAMED = Recipes.ash().steamed();
    private static final Recipe GLUED = BenchWays.of(MethodKind.COLD_LAMINATION);
    private static final Instant NOW = at(7200);
    private static final double HOUR = 3600;

    @Test
    void a_form_is_taken_from_the_pull_to_the_release_and_no_longer() {
        MadeWith heated = piece(1, 1, STEAMED, tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 1));
        MadeWith pulled = piece(2, 1, STEAMED, tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 1), tapped(Tap.PULLED, 3600));
        MadeWith released = piece(3, 1, STEAMED, tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 1), tapped(Tap.PULLED, 3600), tapped(Tap.CLAMPED, 3610),
                tapped(Tap.RELEASED, 7000));
        Occupancy form = Occupancy.of(ItemKind.FORM, 2, List.of(heated, pulled, released));
        assertThat(form.holding()).extracting(Taker::piece).containsExactly(2L);
        assertThat(form.coming()).extracting(Taker::piece).containsExactly(1L);
        assertThat(form.free()).isEqualTo(1);
        assertThat(Occupancy.of(ItemKind.STEAM_BOX, 4, List.of(heated, pulled, released)).holding()).extracting(Taker::piece).containsExactly(1L);
        assertThat(Occupancy.of(ItemKind.DRYING_PLACE, 9, List.of(heated, pulled, released)).holding()).extracting(Taker::piece).containsExactly(3L);
    }

    @Test
    void it_is_free_again_when_the_hold_as_planned_is_over() {
        MadeWith clamped = piece(1, 1, STEAMED, tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 1), tapped(Tap.PULLED, 3600), tapped(Tap.CLAMPED, 3610));
        double hold = Following.holdSeconds(STEAMED);
        assertThat(Occupancy.of(ItemKind.FORM, 1, List.of(clamped)).freeFrom(1, NOW)).contains(at(3610 + hold));
        assertThat(Occupancy.of(ItemKind.FORM, 2, List.of(clamped)).freeFrom(1, NOW)).contains(NOW);
        assertThat(Occupancy.of(ItemKind.FORM, 1, List.of(clamped)).freeFrom(2, NOW)).isEmpty();
    }

    @Test
    void clamps_come_back_with_the_pieces_that_have_them_in_the_order_of_their_times() {
        MadeWith first = piece(1, 6, GLUED, tapped(Tap.GLUE_ON, 0), tapped(Tap.CLAMPED, 600));
        MadeWith second = piece(2, 8, GLUED, tapped(Tap.GLUE_ON, 1200), tapped(Tap.CLAMPED, 1800));
        Occupancy clamps = Occupancy.of(ItemKind.CLAMPS, 16, List.of(second, first));
        assertThat(clamps.free()).isEqualTo(2);
        assertThat(clamps.freeFrom(2, NOW)).contains(NOW);
        assertThat(clamps.freeFrom(8, NOW)).contains(at(600 + 16 * HOUR));
        assertThat(clamps.freeFrom(9, NOW)).contains(at(1800 + 16 * HOUR));
        assertThat(clamps.freeFrom(17, NOW)).isEmpty();
    }

    @Test
    void the_label_of_the_glue_says_how_long_it_is_open_and_clamped() {
        GlueAtHand label = GlueAtHand.of(new RigItem(ItemKind.GLUE, 1, Map.of(Trait.OPEN_TIME, 30.0, Trait.CLAMPED, 5.0), Optional.empty(), Optional.empty()));
        PieceLife glued = PieceLife.of(GLUED, List.of(tapped(Tap.GLUE_ON, 0)));
        Recipe asOnTheLabel = GLUED.withShop(new Shop(20, 0.5, 0));
        assertThat(new Following(asOnTheLabel, label).at(glued, at(60)).due()).contains(at(1800));
        PieceLife clamped = PieceLife.of(GLUED, List.of(tapped(Tap.GLUE_ON, 0), tapped(Tap.CLAMPED, 600)));
        assertThat(new Following(GLUED, label).at(clamped, at(700)).due()).contains(at(600 + 5 * HOUR));
        assertThat(label.openSeconds(30)).hasValue(900);
    }

    /** Whatever is on the bench, a thing is never both with a piece and still to come to it, and nothing is lost from the count. */
    @Property(tries = 60)
    void nobody_has_and_awaits_a_thing_at_once(@ForAll @IntRange(max = 9) int touches, @ForAll @IntRange(max = 8) int way, @ForAll @IntRange(min = 1, max = 9) int room) {
        Recipe plan = BenchWays.all().get(way % BenchWays.all().size());
        PieceLife life = PieceLife.planned(plan);
        for (int i = 0; i < touches && !life.next().isEmpty(); i++) {
            life = life.supposing(life.next().get(0));
        }
        MadeWith piece = new MadeWith(1, 2, plan, life, GlueAtHand.UNKNOWN,
                new Standing(Optional.empty(), Optional.empty(), Standing.Due.NOTHING, Optional.empty(), OptionalDouble.empty(), Optional.empty()));
        for (ItemKind kind : ItemKind.values()) {
            Occupancy occupancy = Occupancy.of(kind, room, List.of(piece, piece));
            assertThat(occupancy.holding().isEmpty() || occupancy.coming().isEmpty()).isTrue();
            assertThat(occupancy.free()).isEqualTo(room - 2 * occupancy.holding().size());
        }
    }

    private static MadeWith piece(long key, int takes, Recipe plan, Tapped... said) {
        return made(key, takes, plan, PieceLife.of(plan, List.of(said)));
    }

    private static MadeWith made(long key, int takes, Recipe plan, PieceLife life) {
        return new MadeWith(key, takes, plan, life, GlueAtHand.UNKNOWN, new Following(plan, GlueAtHand.UNKNOWN).at(life, NOW));
    }
}

package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.physics.Physics;
import brachion.core.process.Piece;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is kept of a simulation is that of the simulation alone, whoever asked before and for what. */
class SimulationCacheTest {

    private static final Species ASH = SpeciesCatalogue.published().require("white-ash");
    private static final Shop HIGH_UP = new Shop(12, 0.4, 2200);

    private static List<List<Recipe>> toTry(MethodKind kind) {
        WantedPiece wanted = new WantedPiece(new Bend(60, 120), 3, 25, HIGH_UP);
        AtHand atHand = new AtHand(List.of(ASH), List.of(Seasoning.AIR_DRIED), List.of(), List.of(AtHand.Support.NONE), true, List.of(kind), List.of(1.0));
        return kind.toTry(wanted, atHand, ASH);
    }

    /** Every way that heats wood: all its times and soaks prepared together, beside each alone in an empty cache, to the last digit. */
    @ParameterizedTest
    @EnumSource(MethodKind.class)
    void prepared_together_or_asked_alone_and_in_any_order_a_piece_is_the_same_to_the_last_digit(MethodKind kind) {
        List<HotWood> ways = toTry(kind).stream().flatMap(List::stream).map(Recipe::method)
                .filter(HotWood.class::isInstance).map(HotWood.class::cast).toList();
        List<List<Stage>> processes = new ArrayList<>();
        ways.forEach(way -> {
            processes.add(way.stagesIn(HIGH_UP));
            processes.add(way.stagesToRelease(HIGH_UP, 12));
        });
        Piece piece = new Piece(ASH.basicSpecificGravity(), 3, 25, 13.25, HIGH_UP.celsius());
        SimulationCache together = new SimulationCache();
        together.prepare(piece, processes, Physics.USUAL);
        Collections.shuffle(processes, new Random(kind.ordinal()));
        SimulationCache oneByOne = new SimulationCache();
        for (List<Stage> stages : processes) {
            SimulationCache.End alone = new SimulationCache().end(piece, stages, Physics.USUAL);
            same(together.end(piece, stages, Physics.USUAL), alone);
            same(oneByOne.end(piece, stages, Physics.USUAL), alone);
        }
    }

    private static void same(SimulationCache.End one, SimulationCache.End other) {
        assertThat(one).usingRecursiveComparison().isEqualTo(other);
    }
}

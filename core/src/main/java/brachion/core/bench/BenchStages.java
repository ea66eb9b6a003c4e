package brachion.core.bench;

import brachion.core.method.HotWood;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was done to a heated piece, as stages of the simulation: those that are over, and the one that goes on. */
final class BenchStages {

    /** A length that is set when it is known. */
    private static final double SOME_TIME_S = 1;

    private final HotWood way;
    private final Shop shop;
    private final PieceLife life;
    private final List<Stage> over = new ArrayList<>();
    private Optional<Stage> now = Optional.empty();
    private Instant nowFrom = Instant.EPOCH;

    BenchStages(HotWood way, Shop shop, PieceLife life) {
        this.way = way;
        this.shop = shop;
        this.life = life;
        Optional<Instant> clamped = life.firstAt(Tap.CLAMPED);
        Optional<Instant> released = life.firstAt(Tap.RELEASED);
        stage(unheated(StageKind.SOAK), life.at(Tap.INTO_SOAK), life.at(Tap.INTO_HEAT));
        stage(heat(), life.heatCountsFrom(), life.at(Tap.PULLED).or(() -> clamped));
        stage(unheated(StageKind.CARRY), life.at(Tap.PULLED), clamped);
        Optional<Instant> steamOff = clamped.map(this::steamOff);
        if (steamOff.isPresent() && steamOff.get().isAfter(clamped.get())) {
            stage(Stage.of(StageKind.STEAM_ON, SOME_TIME_S, way.heating().celsius()).in(shop), clamped, steamOff);
        }
        stage(unheated(StageKind.FORM), steamOff, released);
        stage(unheated(StageKind.RACK), released, life.at(Tap.GLUE_ON).or(() -> life.at(Tap.JUDGED)));
        if (life.step() == Step.FINISHED || life.step() == Step.JUDGED) {
            now = Optional.empty();
        }
    }

    /** When the steam that stays on after clamping goes off: as planned, unless it was said. */
    private Instant steamOff(Instant clamped) {
        return life.at(Tap.STEAM_OFF).orElse(Following.plus(clamped, way.plannedMinutes(StageKind.STEAM_ON).orElse(0) * 60));
    }

    private Stage unheated(StageKind kind) {
        return Stage.unheated(kind, SOME_TIME_S, shop);
    }

    private Stage heat() {
        Stage even = way.stagesIn(shop).stream().filter(stage -> stage.kind().softens()).findFirst().orElseThrow();
        return life.probe().map(even::recordedBy).orElse(even);
    }

    private void stage(Stage stage, Optional<Instant> from, Optional<Instant> to) {
        if (from.isEmpty()) {
            return;
        }
        if (to.isEmpty()) {
            now = Optional.of(stage);
            nowFrom = from.get();
            return;
        }
        double seconds = PieceLife.seconds(from.get(), to.get());
        if (seconds > 0) {
            over.add(stage.lasting(seconds));
        }
    }

    List<Stage> over() {
        return over;
    }

    /** What is done to it now; none where nothing is. */
    Optional<Stage> now() {
        return now;
    }

    Instant nowFrom() {
        return nowFrom;
    }
}

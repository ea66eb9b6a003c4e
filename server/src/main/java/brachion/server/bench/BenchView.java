package brachion.server.bench;

import brachion.core.bench.PieceLife;
import brachion.core.bench.Standing;
import brachion.core.bench.Step;
import brachion.core.bench.Tap;
import brachion.core.process.ProbeRecord;
import brachion.core.process.StageKind;
import brachion.server.recipe.RecipeFields;
import brachion.server.storage.Absent;
import brachion.server.trial.DoneFields;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;

/**
 * A piece on the bench as it is shown.
 *
 * @param id       key
 * @param version  state it was in when read; give it back with a change
 * @param name     what it is called
 * @param recipe   what is planned for it
 * @param jobId    the job it is for, null when it is for none
 * @param stockId  the board in stock it was sawn from, null when nobody said
 * @param blankName what the blank was called there, null when nobody said
 * @param rackId   the piece it hangs as on the rack, null while it does not
 * @param step     where it is
 * @param next     what may follow, what usually does first
 * @param said     what was said of it, in order
 * @param standing how it stands
 * @param chamber  what was read in its heat, as few readings as make the curve; empty when nobody read it
 * @param thermometerId the thermometer it lies beside in the heat, null when none is heard
 * @param madeWith what of the rig it is made with
 * @param tooLong  stages that took longer than any process does; a record has them as planned
 */
record BenchView(long id, int version, String name, RecipeFields recipe, @Schema(nullable = true) Long jobId,
                 @Schema(nullable = true) Long stockId, @Schema(nullable = true) String blankName, @Schema(nullable = true) Long rackId, Step step, List<NextView> next, List<TapFields> said,
                 StandingReading standing, List<HeatView> chamber,
                 @Schema(nullable = true) Long thermometerId, List<UsedView> madeWith, List<StageKind> tooLong) {

    /**
     * What was read in the heat.
     *
     * @param seconds since the piece went in [s]
     * @param celsius temperature [°C]
     */
    record HeatView(double seconds, double celsius) {
    }

    /**
     * What may follow.
     *
     * @param tap  what may be said
     * @param to   the step it leads to
     * @param then what may follow that, for a screen that cannot ask just then
     */
    record NextView(Tap tap, Step to, List<ThenView> then) {

        static NextView of(PieceLife life, Tap tap) {
            PieceLife supposed = life.supposing(tap);
            return new NextView(tap, supposed.step(), supposed.next().stream().map(then -> new ThenView(then, supposed.supposing(then).step())).toList());
        }
    }

    /**
     * What may follow after that.
     *
     * @param tap what may be said
     * @param to  the step it leads to
     */
    record ThenView(Tap tap, Step to) {
    }

    /**
     * @param countsFrom     what its clock counts from
     * @param due            when what it waits for is due
     * @param dueIs          what is due then
     * @param hotThrough     when a piece in the heat is hot through
     * @param plannedSeconds how long the step is to take [s]
     * @param wood           how the wood is, where it is followed
     */
    record StandingReading(Instant countsFrom, Instant due, @NotNull Standing.Due dueIs, Instant hotThrough, Double plannedSeconds, WoodReading wood) {

        static StandingReading of(Standing standing) {
            return new StandingReading(standing.countsFrom().orElse(null), standing.due().orElse(null), standing.dueIs(),
                    standing.hotThrough().orElse(null), Absent.orNull(standing.planned()), standing.wood().map(WoodReading::of).orElse(null));
        }
    }

    /**
     * @param coreC           temperature of the core [°C]
     * @param moisturePercent mean moisture [%]
     * @param softShare       share of the section that is soft, 0 to 1
     * @param outerSoftness   softness of the quarter under the outer face, 0 to 1
     * @param bearsCarryS     how long it could be carried if it were pulled now [s]
     */
    record WoodReading(@NotNull double coreC, @NotNull double moisturePercent, @NotNull double softShare, @NotNull double outerSoftness, Double bearsCarryS) {

        static WoodReading of(Standing.Wood wood) {
            return new WoodReading(wood.coreC(), wood.moisturePercent(), wood.softShare(), wood.outerSoftness(), Absent.orNull(wood.bearsCarryS()));
        }
    }

    /**
     * A thing it is made with.
     *
     * @param itemId  key of the thing
     * @param name    what it is called
     * @param takes   how much of it
     * @param misfits what speaks against it; none when it fits
     */
    record UsedView(long itemId, String name, int takes, List<MisfitReading> misfits) {
    }

    static BenchView of(PieceUnderWay underWay) {
        BenchPieceEntity piece = underWay.piece();
        PieceLife life = underWay.life();
        List<UsedView> madeWith = piece.madeWith().stream().map(used -> new UsedView(used.itemId(), underWay.things().get(used.itemId()).name(), used.takes(),
                underWay.misfits(used).stream().map(MisfitReading::of).toList())).toList();
        return new BenchView(piece.id(), piece.version(), piece.name(), piece.recipe(), piece.jobId(), piece.stockId(), piece.blankName(), piece.rackId(), life.step(),
                life.next().stream().map(tap -> NextView.of(life, tap)).toList(), life.said().stream().map(TapFields::of).toList(),
                StandingReading.of(underWay.standing()), life.probe().map(BenchView::curve).orElse(List.of()), piece.thermometerId(), madeWith,
                DoneFields.tooLong(life.took()));
    }

    private static List<HeatView> curve(ProbeRecord record) {
        return record.thinned(ProbeRecord.CLOSELY_C).readings().stream().map(read -> new HeatView(read.seconds(), read.celsius())).toList();
    }
}

package brachion.server.bench;

import brachion.core.bench.GlueAtHand;
import brachion.core.bench.PieceLife;
import brachion.core.method.Recipe;
import brachion.server.rig.UsedFields;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A piece on the bench as other capabilities see it.
 *
 * @param id       key
 * @param name     what it is called
 * @param jobId    the job it is for, null when it is for none
 * @param plan     its recipe, with moisture and slope of grain known
 * @param life     what was said of it
 * @param due      when what it waits for is due; empty when that cannot be said
 * @param glue     the glue it is made with, by its label
 * @param madeWith what of the rig it is made with
 */
public record PieceOnBench(long id, String name, Long jobId, Recipe plan, PieceLife life, Optional<Instant> due, GlueAtHand glue, List<UsedFields> madeWith) {

    static PieceOnBench of(PieceUnderWay underWay) {
        BenchPieceEntity piece = underWay.piece();
        return new PieceOnBench(piece.id(), piece.name(), piece.jobId(), underWay.plan(), underWay.life(), underWay.standing().due(),
                PieceUnderWay.glue(piece, underWay.things()), piece.madeWith());
    }
}

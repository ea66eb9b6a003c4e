package brachion.server.bench;

import brachion.core.bench.GlueAtHand;
import brachion.core.bench.ItemKind;
import brachion.core.bench.Misfit;
import brachion.core.bench.Occupancy.MadeWith;
import brachion.core.bench.PieceLife;
import brachion.core.bench.Standing;
import brachion.core.method.Recipe;
import brachion.server.rig.RigItemFields;
import brachion.server.rig.UsedFields;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A piece at a moment.
 *
 * @param piece    as it is stored
 * @param plan     its recipe, with moisture and slope of grain known
 * @param life     what was said of it
 * @param standing how it stands
 * @param things   what of the rig pieces are made with, by its key
 */
record PieceUnderWay(BenchPieceEntity piece, Recipe plan, PieceLife life, Standing standing, Map<Long, RigItemFields> things) {

    /** What the label of the glue says a piece is made with. */
    static GlueAtHand glue(BenchPieceEntity piece, Map<Long, RigItemFields> things) {
        return thing(piece, things, ItemKind.GLUE).map(glue -> GlueAtHand.of(glue.toItem())).orElse(GlueAtHand.UNKNOWN);
    }

    /** The thing of a kind a piece is made with, the first where there are several. */
    static Optional<RigItemFields> thing(BenchPieceEntity piece, Map<Long, RigItemFields> things, ItemKind kind) {
        return piece.madeWith().stream().map(used -> things.get(used.itemId())).filter(item -> item.kind() == kind).findFirst();
    }

    /** What speaks against a thing it is made with. */
    List<Misfit> misfits(UsedFields used) {
        return Misfit.of(things.get(used.itemId()).toItem(), plan);
    }

    /** How it takes up a thing; empty when it is not made with it. */
    Optional<MadeWith> takingUp(long item) {
        return piece.madeWith().stream().filter(used -> used.itemId() == item).findFirst()
                .map(used -> new MadeWith(piece.id(), used.takes(), plan, life, glue(piece, things), standing));
    }
}

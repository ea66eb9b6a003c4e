package brachion.server.day;

import brachion.core.bench.Step;
import brachion.core.schedule.CannotBeScheduledException;
import brachion.server.problem.RefusedFieldException;

/** What finds no time is said. */
final class Unscheduled {

    private Unscheduled() {
    }

    static RefusedFieldException of(ShopRun run, CannotBeScheduledException never) {
        int piece = run.problem().pieces().stream().map(each -> each.key()).toList().indexOf(never.piece());
        return new RefusedFieldException("hours", "“%s” finds no time for %s: it fits into no hours of work, or into no room there is. Lengthen the hours, or plan fewer pieces."
                .formatted(run.pieces().get(piece).name(), work(never.step())));
    }

    private static String work(Step step) {
        return switch (step) {
            case SOAKING -> "its soak";
            case HEATING -> "its heat";
            case BENDING, ON_FORM, IN_CLAMPS -> "its bend";
            case DRYING -> "drying";
            case GLUING -> "gluing";
            default -> "what is left to do";
        };
    }
}

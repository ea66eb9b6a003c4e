package brachion.server.exchange;

import brachion.core.process.StageKind;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/** The columns that say how long a stage really took, all written in minutes. */
enum StageColumn {
    SOAK("soak took", StageKind.SOAK::equals),
    /** Whatever heats it. */
    HEAT("steam took", StageKind::softens),
    CARRY("carry took", StageKind.CARRY::equals),
    STEAM_ON("steam left on took", StageKind.STEAM_ON::equals),
    FORM("form took", StageKind.FORM::equals),
    RACK("rack took", StageKind.RACK::equals);

    private final String title;
    private final Predicate<StageKind> means;

    StageColumn(String title, Predicate<StageKind> means) {
        this.title = title;
        this.means = means;
    }

    Column column() {
        return new Column(title, field(among(List.of())), "min");
    }

    /** The stage it means among those of a process; the first there is where the process has none. */
    StageKind among(List<StageKind> process) {
        return process.stream().filter(means).findFirst()
                .orElseGet(() -> Arrays.stream(StageKind.values()).filter(means).findFirst().orElseThrow());
    }

    boolean holds(StageKind kind) {
        return means.test(kind);
    }

    /** Whether it is the column of a field of a trial. */
    boolean holds(String field) {
        return Arrays.stream(StageKind.values()).filter(means).anyMatch(kind -> field.equals(field(kind)));
    }

    private static String field(StageKind kind) {
        return "done." + kind;
    }
}

package brachion.server.exchange;

import brachion.core.process.StageKind;
import java.util.List;
import java.util.Optional;

/** The columns that say how long a stage really took, all written in minutes. */
enum StageColumn {
    SOAK("soak took", StageKind.SOAK),
    HEAT("steam took", StageKind.STEAM_BOX, StageKind.STEAM_BAG, StageKind.HOT_BATH),
    CARRY("carry took", StageKind.CARRY),
    STEAM_ON("steam left on took", StageKind.STEAM_ON),
    FORM("form took", StageKind.FORM),
    RACK("rack took", StageKind.RACK);

    private final String title;
    private final List<StageKind> kinds;

    StageColumn(String title, StageKind... kinds) {
        this.title = title;
        this.kinds = List.of(kinds);
    }

    Column column() {
        return new Column(title, "done." + kinds.get(0), "min");
    }

    /** The stage it means among those of a process; the first it can mean where the process has none. */
    StageKind among(List<StageKind> process) {
        Optional<StageKind> there = kinds.stream().filter(process::contains).findFirst();
        return there.orElse(kinds.get(0));
    }

    boolean holds(StageKind kind) {
        return kinds.contains(kind);
    }

    /** Whether it is the column of a field of a trial. */
    boolean holds(String field) {
        return kinds.stream().anyMatch(kind -> field.equals("done." + kind));
    }
}

package brachion.server.exchange;

import brachion.core.process.StageKind;

/** The columns that say how long a stage really took, all written in minutes. */
enum StageColumn {
    SOAK(Column.SOAK_TOOK, StageKind.SOAK),
    STEAM(Column.STEAM_TOOK, StageKind.STEAM_BOX),
    CARRY(Column.CARRY_TOOK, StageKind.CARRY),
    FORM(Column.FORM_TOOK, StageKind.FORM),
    RACK(Column.RACK_TOOK, StageKind.RACK);

    private final Column column;
    private final StageKind kind;

    StageColumn(Column column, StageKind kind) {
        this.column = column;
        this.kind = kind;
    }

    Column column() {
        return column;
    }

    StageKind kind() {
        return kind;
    }
}

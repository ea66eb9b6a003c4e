package brachion.server.trial;

/** What trials are told apart by beside their recipe. */
enum NameKind {
    /** Whose hands. */
    PERSON(PersonEntity.class, "person"),
    /** Which board. */
    BOARD(BoardEntity.class, "board"),
    /** Where the board came from. */
    SOURCE(SourceEntity.class, "source");

    private final Class<? extends NamedEntity> type;
    private final String table;

    NameKind(Class<? extends NamedEntity> type, String table) {
        this.type = type;
        this.table = table;
    }

    Class<? extends NamedEntity> type() {
        return type;
    }

    /** Its table, and what a trial calls it. */
    String table() {
        return table;
    }
}

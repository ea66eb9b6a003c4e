package brachion.server.recipe;

/**
 * Told within the transaction when a person, a board or a source is called otherwise.
 *
 * @param what what it is, as recipes call it
 * @param from the name it had
 * @param to   the name it has now
 */
public record Renamed(What what, String from, String to) {

    /** What can be called otherwise. */
    public enum What {
        /** Whose hands. */
        PERSON("person"),
        /** Which board. */
        BOARD("board"),
        /** Where the board came from. */
        SOURCE("source");

        private final String column;

        What(String column) {
            this.column = column;
        }

        /** The column that has its name wherever a recipe is stored with names. */
        public String column() {
            return column;
        }
    }
}

package brachion.server.problem;

import tools.jackson.core.JacksonException;

/** Says where a JSON document cannot be read. */
public final class BrokenJson {

    private BrokenJson() {
    }

    /** A sentence with the line, where it is known. */
    public static String sentence(JacksonException broken) {
        int line = broken.getLocation() == null ? 0 : broken.getLocation().getLineNr();
        return "This JSON document cannot be read: it breaks off or is damaged" + (line > 0 ? " in line " + line : "") + ".";
    }
}

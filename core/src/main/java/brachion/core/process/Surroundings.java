package brachion.core.process;

/**
 * What the faces of a piece are exposed to during a stage.
 *
 * @param inner the face that lies, or will lie, against the form
 * @param outer the face away from the form
 * @param sides both edges
 */
public record Surroundings(Surface inner, Surface outer, Surface sides) {

    /** The same on all faces. */
    public static Surroundings all(Surface surface) {
        return new Surroundings(surface, surface, surface);
    }
}

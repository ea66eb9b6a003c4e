package brachion.core.process;

import brachion.core.physics.Physics;
import java.util.Optional;

/**
 * One thing done to a piece for a time.
 *
 * @param kind             what is done
 * @param seconds          for how long [s], more than zero
 * @param mediumC          temperature of bath, chamber or pipe [°C]; the shop's where there is none
 * @param probe            what a thermometer there wrote down; where there is one it is used instead of mediumC
 * @param shopC            temperature of the shop [°C]
 * @param relativeHumidity of the shop, as a fraction
 * @param contact          how the inner face lies against what heats it, where that is not all round
 */
public record Stage(StageKind kind, double seconds, double mediumC, Optional<ProbeRecord> probe, double shopC,
                    double relativeHumidity, Contact contact) {

    /**
     * How a face lies against a hot pipe.
     *
     * @param share  of the time the place touches it, 0 to 1
     * @param wetted whether the face is kept wet
     */
    public record Contact(double share, boolean wetted) {

        /** Wetted and held against it. */
        public static final Contact FULL = new Contact(1, true);
    }

    /** Refuses stages that take no time. */
    public Stage {
        if (!(seconds > 0) || Double.isInfinite(seconds)) {
            throw new IllegalArgumentException("A stage must take some time, not " + seconds + " s");
        }
    }

    /** A stage at an even temperature. */
    public Stage(StageKind kind, double seconds, double mediumC, double shopC, double relativeHumidity) {
        this(kind, seconds, mediumC, Optional.empty(), shopC, relativeHumidity, Contact.FULL);
    }

    /** A stage at an even temperature in an ordinary shop. */
    public static Stage of(StageKind kind, double seconds, double mediumC) {
        return new Stage(kind, seconds, mediumC, Shop.USUAL.celsius(), Shop.USUAL.relativeHumidity());
    }

    /** A stage that nothing heats, as warm as its shop. */
    public static Stage unheated(StageKind kind, double seconds, Shop shop) {
        return of(kind, seconds, shop.celsius()).in(shop);
    }

    /** The same stage for another time [s]. */
    public Stage lasting(double otherSeconds) {
        return new Stage(kind, otherSeconds, mediumC, probe, shopC, relativeHumidity, contact);
    }

    /** The same stage with the temperature a probe wrote down. */
    public Stage recordedBy(ProbeRecord record) {
        return new Stage(kind, seconds, record.hottestC(), Optional.of(record), shopC, relativeHumidity, contact);
    }

    /** The same stage with the inner face against the pipe so. */
    public Stage touching(Contact other) {
        return new Stage(kind, seconds, mediumC, probe, shopC, relativeHumidity, other);
    }

    /** The same stage in another shop: steam is no hotter than it boils there, and what nothing heats is as warm as the shop. */
    public Stage in(Shop shop) {
        double medium = !kind.heats() ? shop.celsius() : kind.steams() ? Math.min(mediumC, shop.boilingC()) : mediumC;
        return new Stage(kind, seconds, medium, probe, shop.celsius(), shop.relativeHumidity(), contact);
    }

    /** What the faces see at each moment of the stage. */
    Environment environment(Physics physics) {
        if (probe.isEmpty()) {
            Surroundings always = kind.surroundings(this, kind.inSteam() ? physics.steamC(mediumC) : mediumC, physics);
            return at -> always;
        }
        ProbeRecord record = probe.get();
        return at -> kind.surroundings(this, record.at(at), physics);
    }

    /** What the faces of a piece are exposed to, moment by moment. */
    interface Environment {

        /** The surroundings at a time since the start of the stage [s]. */
        Surroundings at(double seconds);

        /** Whether both faces see the same; a stage has them alike throughout or not at all. */
        default boolean facesAlike() {
            Surroundings first = at(0);
            return first.inner().equals(first.outer());
        }
    }
}

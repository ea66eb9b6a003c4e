package brachion.core.bench;

import brachion.core.method.Done;
import brachion.core.method.Recipe;
import brachion.core.process.ProbeRecord;
import brachion.core.process.Shop;
import brachion.core.process.StageKind;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;

/**
 * The life of a piece on the bench: everything that was said of it, in order. Playing the same touches again gives the same piece;
 * what cannot follow, and what would go back in time, is refused.
 */
public final class PieceLife {

    /** What can be said once, and is no step; where a thermometer is read nobody need say that it is at heat. */
    private static final Set<Tap> ONCE = Set.of(Tap.AT_HEAT, Tap.STEAM_OFF);

    private final WayOfThePiece way;
    private final Step step;
    private final List<Tapped> said;
    /** What an instrument in the heat wrote down, in order of time. */
    private final List<ChamberReading> instrument;

    private PieceLife(WayOfThePiece way, Step step, List<Tapped> said, List<ChamberReading> instrument) {
        this.way = way;
        this.step = step;
        this.said = said;
        this.instrument = instrument;
    }

    /**
     * What an instrument in the heat read.
     *
     * @param at      when
     * @param celsius temperature [°C]
     */
    public record ChamberReading(Instant at, double celsius) {
    }

    /**
     * The same piece with what an instrument in the heat wrote down meanwhile, in order of time, each moment once. Of many readings
     * those are kept that keep the curve as nearly as a good thermometer tells.
     */
    public PieceLife recordedBy(List<ChamberReading> readings) {
        List<ChamberReading> inTheHeat = readings.stream().filter(reading -> wasInTheHeat(reading.at())).toList();
        if (inTheHeat.isEmpty()) {
            return this;
        }
        Instant first = inTheHeat.get(0).at();
        ProbeRecord curve = new ProbeRecord(inTheHeat.stream()
                .map(reading -> new ProbeRecord.Reading(seconds(first, reading.at()), reading.celsius())).toList()).thinned(ProbeRecord.CLOSELY_C);
        return new PieceLife(way, step, said, curve.readings().stream()
                .map(reading -> new ChamberReading(Following.plus(first, reading.seconds()), reading.celsius())).toList());
    }

    /** A piece nothing was done to yet. */
    public static PieceLife planned(Recipe plan) {
        return new PieceLife(WayOfThePiece.of(plan), Step.PLANNED, List.of(), List.of());
    }

    /**
     * A piece everything was said of.
     *
     * @throws OutOfTurnException when it cannot have been so
     */
    public static PieceLife of(Recipe plan, List<Tapped> said) {
        return planned(plan).afterAll(said);
    }

    /**
     * The same piece after one more touch.
     *
     * @throws OutOfTurnException when it cannot follow
     */
    public PieceLife after(Tapped tapped) {
        if (!may(tapped.tap())) {
            throw new OutOfTurnException(sentence(tapped.tap()));
        }
        if (!said.isEmpty() && tapped.at().isBefore(last().at())) {
            throw new OutOfTurnException("That was before the last thing written down about this piece; take that back first.");
        }
        if (tapped.tap() == Tap.READING && at(Tap.READING).filter(tapped.at()::equals).isPresent()) {
            throw new OutOfTurnException("There is a reading of this very moment already.");
        }
        List<Tapped> more = new ArrayList<>(said);
        more.add(tapped);
        return new PieceLife(way, way.after(step, tapped.tap()).orElseThrow(), List.copyOf(more), instrument);
    }

    /**
     * The same piece with a touch that is only heard of now, put in its place among those that were heard before: two people, or a
     * line that was down, do not always say things in their order.
     *
     * @throws OutOfTurnException when it cannot have been so
     */
    public PieceLife heardOf(Tapped tapped) {
        int place = placeOf(tapped.at());
        return before(place).after(tapped).afterAll(said.subList(place, said.size()));
    }

    /** Where a moment stands among what was said: behind everything that is not later. */
    private int placeOf(Instant moment) {
        int place = said.size();
        while (place > 0 && said.get(place - 1).at().isAfter(moment)) {
            place--;
        }
        return place;
    }

    /** The same piece when so much had been said of it. */
    private PieceLife before(int place) {
        return place == said.size() ? this : new PieceLife(way, Step.PLANNED, List.of(), instrument).afterAll(said.subList(0, place));
    }

    private PieceLife afterAll(List<Tapped> more) {
        PieceLife life = this;
        for (Tapped tapped : more) {
            life = life.after(tapped);
        }
        return life;
    }

    /** The same piece before the last touch. */
    public PieceLife takenBack() {
        if (said.isEmpty()) {
            throw new OutOfTurnException("Nothing was done to this piece yet.");
        }
        return before(said.size() - 1);
    }

    /** Where it is. */
    public Step step() {
        return step;
    }

    /** Everything that was said of it, in order. */
    public List<Tapped> said() {
        return said;
    }

    /** What may follow, what usually does first. */
    public List<Tap> next() {
        return Arrays.stream(Tap.values()).filter(this::may).sorted(Comparator.comparing(this::unusual)).toList();
    }

    /** The same piece if something that may follow were said now. */
    public PieceLife supposing(Tap tap) {
        return after(new Tapped(tap, said.isEmpty() ? Instant.EPOCH : last().at().plusMillis(1),
                tap == Tap.READING ? OptionalDouble.of(Shop.USUAL.celsius()) : OptionalDouble.empty()));
    }

    private int unusual(Tap tap) {
        return switch (tap) {
            case INTO_SOAK -> way.soakPlanned() ? 0 : 1;
            case JUDGED, PREPARED -> 1;
            case READING -> 2;
            case FEATHERS, CREASE, CLICK -> 3;
            case BROKE -> 4;
            default -> 0;
        };
    }

    /** When it came to the step it is at; empty for one that is planned. */
    public Optional<Instant> since() {
        return said.stream().filter(tapped -> !tapped.tap().notes() && tapped.tap() != Tap.READING && !ONCE.contains(tapped.tap()))
                .reduce((first, second) -> second).map(Tapped::at);
    }

    /** The last time something was said. */
    public Optional<Instant> at(Tap tap) {
        return said.stream().filter(tapped -> tapped.tap() == tap).reduce((first, second) -> second).map(Tapped::at);
    }

    /** The first time something was said. */
    Optional<Instant> firstAt(Tap tap) {
        return said.stream().filter(tapped -> tapped.tap() == tap).findFirst().map(Tapped::at);
    }

    /**
     * When its time in the heat began to count: from the start where a thermometer was read or a pipe is hot before, from the
     * moment it was said to be at heat otherwise. Empty while that is waited for; a piece that was bent without a word of it was put
     * into a heat that was there.
     */
    public Optional<Instant> heatCountsFrom() {
        Optional<Instant> in = at(Tap.INTO_HEAT);
        if (!way.warmsUp() || !readings().isEmpty()) {
            return in;
        }
        return at(Tap.AT_HEAT).or(() -> step == Step.HEATING ? Optional.empty() : in);
    }

    /** What the thermometer in the heat showed; empty when nobody read it. */
    public Optional<ProbeRecord> probe() {
        return Optional.of(readings()).filter(read -> !read.isEmpty()).map(ProbeRecord::new);
    }

    /** What was read by hand and by an instrument while it was in the heat, each moment once. */
    private List<ProbeRecord.Reading> readings() {
        Optional<Instant> in = at(Tap.INTO_HEAT);
        NavigableMap<Instant, Double> read = new TreeMap<>();
        instrument.stream().filter(reading -> wasInTheHeat(reading.at()))
                .forEach(reading -> read.put(reading.at(), reading.celsius()));
        said.stream().filter(tapped -> tapped.tap() == Tap.READING).forEach(tapped -> read.put(tapped.at(), tapped.celsius().orElseThrow()));
        return read.entrySet().stream().map(each -> new ProbeRecord.Reading(seconds(in.orElseThrow(), each.getKey()), each.getValue())).toList();
    }

    private boolean wasInTheHeat(Instant moment) {
        return at(Tap.INTO_HEAT).filter(in -> !moment.isBefore(in)).isPresent() && outOfTheHeat().filter(moment::isAfter).isEmpty();
    }

    /** How its stages went, as far as they are over, and what was read in its heat. */
    public Done done() {
        return new Done(took(), probe());
    }

    /** What its stages took, as far as they are over [min]; what took no time is left out. */
    public Map<StageKind, Double> took() {
        Map<StageKind, Double> took = new EnumMap<>(StageKind.class);
        put(took, StageKind.SOAK, at(Tap.INTO_SOAK), at(Tap.INTO_HEAT));
        way.heat().ifPresent(heat -> put(took, heat, heatCountsFrom(), outOfTheHeat()));
        put(took, StageKind.CARRY, at(Tap.PULLED), firstAt(Tap.CLAMPED));
        put(took, StageKind.STEAM_ON, firstAt(Tap.CLAMPED), at(Tap.STEAM_OFF));
        if (way.heated()) {
            put(took, StageKind.FORM, firstAt(Tap.CLAMPED), firstAt(Tap.RELEASED));
            put(took, StageKind.RACK, firstAt(Tap.RELEASED), at(Tap.GLUE_ON).or(() -> at(Tap.JUDGED)));
        }
        return took;
    }

    private Optional<Instant> outOfTheHeat() {
        return at(Tap.PULLED).or(() -> firstAt(Tap.CLAMPED)).or(() -> at(Tap.BROKE));
    }

    private static void put(Map<StageKind, Double> took, StageKind kind, Optional<Instant> from, Optional<Instant> to) {
        if (from.isPresent() && to.isPresent() && to.get().isAfter(from.get())) {
            took.put(kind, seconds(from.get(), to.get()) / 60);
        }
    }

    static double seconds(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / 1000.0;
    }

    /** When it was bent: clamped for the first time, or broken before; empty when it was not. */
    public Optional<Instant> bentAt() {
        return firstAt(Tap.CLAMPED).or(() -> at(Tap.BROKE));
    }

    private boolean may(Tap tap) {
        boolean said = ONCE.contains(tap) && at(tap).isPresent();
        boolean read = tap == Tap.AT_HEAT && !readings().isEmpty();
        return way.after(step, tap).isPresent() && !said && !read;
    }

    private Tapped last() {
        return said.get(said.size() - 1);
    }

    private String sentence(Tap tap) {
        return at(tap).isPresent() && !tap.notes() ? "That was written down about this piece already."
                : "That cannot follow: this piece is " + switch (step) {
                    case PLANNED -> "planned, and nothing was done to it yet.";
                    case PREPARED -> "sawn and planed, and nothing else was done to it yet.";
                    case SOAKING -> "soaking.";
                    case HEATING -> "in the heat.";
                    case BENDING -> "out of the heat and not yet clamped.";
                    case ON_FORM -> "on the form.";
                    case DRYING -> "off the form and drying.";
                    case GLUING -> "being glued.";
                    case IN_CLAMPS -> "in the clamps.";
                    case FINISHED -> "done with, and waits for its verdict.";
                    case JUDGED -> "judged.";
                };
    }
}

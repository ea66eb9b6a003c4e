package brachion.core.stock;

import brachion.core.quantity.Moisture;
import brachion.core.quantity.PhysicalBound;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How wet a board was, reading by reading: by a meter, by a sample weighed wet and oven dry, or by weighing the board itself, which
 * tells its moisture once a reading on some day gave both its moisture and its mass. Of several such days the last sample is taken,
 * or else the last meter: oven-dry mass of the board = mass/(1 + MC/100), and from then on MC % = (mass − oven-dry)/oven-dry × 100
 * (the definition of moisture content; USDA Forest Service, Wood Handbook FPL-GTR-282, ch. 4).
 */
public final class MoistureHistory {

    private final List<Known> known;

    /**
     * What was read on a day.
     *
     * @param day          the day
     * @param meterPercent what a meter said [%]
     * @param sample       a sample of it, weighed wet and oven dry
     * @param massG        mass of the whole board [g]
     */
    public record Reading(LocalDate day, OptionalDouble meterPercent, Optional<Sample> sample, OptionalDouble massG) {

        /** The moisture it tells by itself, a sample before a meter [%]. */
        OptionalDouble told() {
            return sample.isPresent() ? OptionalDouble.of(sample.get().percent()) : meterPercent;
        }
    }

    /**
     * A sample, weighed as it was cut and after the oven.
     *
     * @param wetG     mass as it was cut [g]
     * @param ovenDryG mass when the oven took no more from it [g]
     */
    public record Sample(double wetG, double ovenDryG) {

        /** Its moisture [%]. */
        double percent() {
            return Moisture.fromMasses(wetG, ovenDryG).percent();
        }
    }

    /** How a moisture was found. */
    public enum How {
        /** By a meter. */
        METER,
        /** By a sample dried in the oven. */
        OVEN_DRY,
        /** By weighing the board. */
        SCALE
    }

    /**
     * A moisture on a day.
     *
     * @param day     the day
     * @param percent the moisture [%]
     * @param how     how it was found
     */
    public record Known(LocalDate day, double percent, How how) {
    }

    /** @param readings in any order */
    public MoistureHistory(List<Reading> readings) {
        List<Reading> inOrder = readings.stream().sorted(Comparator.comparing(Reading::day)).toList();
        OptionalDouble dryG = ovenDryG(inOrder);
        List<Known> found = new ArrayList<>();
        for (Reading reading : inOrder) {
            if (reading.sample().isPresent()) {
                found.add(new Known(reading.day(), reading.sample().get().percent(), How.OVEN_DRY));
            } else if (reading.meterPercent().isPresent()) {
                found.add(new Known(reading.day(), reading.meterPercent().getAsDouble(), How.METER));
            } else if (reading.massG().isPresent() && dryG.isPresent() && reading.massG().getAsDouble() >= dryG.getAsDouble()) {
                found.add(new Known(reading.day(), Moisture.fromMasses(reading.massG().getAsDouble(), dryG.getAsDouble()).percent(), How.SCALE));
            }
        }
        known = found.stream().filter(each -> PhysicalBound.MOISTURE_PERCENT.holds(each.percent())).toList();
    }

    private static OptionalDouble ovenDryG(List<Reading> inOrder) {
        List<Reading> both = inOrder.stream().filter(reading -> reading.massG().isPresent() && reading.told().isPresent()).toList();
        Optional<Reading> sampled = last(both.stream().filter(reading -> reading.sample().isPresent()).toList());
        return sampled.or(() -> last(both)).stream()
                .mapToDouble(reading -> new Moisture(reading.told().getAsDouble()).ovenDryMass(reading.massG().getAsDouble())).findFirst();
    }

    private static <T> Optional<T> last(List<T> all) {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    /** What is known, by day; a weighing that tells nothing, or what no wood is, is left out. */
    public List<Known> known() {
        return known;
    }

    /** The last that is known. */
    public Optional<Known> latest() {
        return last(known);
    }
}

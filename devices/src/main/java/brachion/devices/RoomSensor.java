package brachion.devices;

import java.io.IOException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Random;

/**
 * A sensor on the wall of the shop: warmest in the afternoon, coldest before dawn, and drier when it is warmer, since the water in the
 * air stays the same. It reads each ten seconds.
 */
final class RoomSensor implements Sense {

    private static final int EACH_S = 10;
    /** How far a day takes the shop from its mean (a round number chosen by us) [K]. */
    private static final double SWING_K = 2;
    private static final int WARMEST_HOUR = 15;
    private static final double SECONDS_PER_HOUR = 3600;
    private static final double NOISE_K = 0.1;
    private static final double NOISE_PERCENT = 0.4;
    /** Relative humidity falls by about 6 in 100 of itself for each kelvin, as much as the pressure of saturation rises (Magnus, about 20 °C). */
    private static final double PER_KELVIN = 0.06;

    private final Random luck;
    private double celsius;
    private double humidityPercent;
    private int second;

    RoomSensor(Random luck) {
        this.luck = luck;
    }

    @Override
    public Map<String, Double> read(Instant now) {
        if (second++ % EACH_S != 0) {
            return Map.of();
        }
        double hour = now.atOffset(ZoneOffset.UTC).toLocalTime().toSecondOfDay() / SECONDS_PER_HOUR;
        double above = SWING_K * Math.cos(2 * Math.PI * (hour - WARMEST_HOUR) / 24);
        double humidity = humidityPercent * Math.exp(-PER_KELVIN * above) + NOISE_PERCENT * luck.nextGaussian();
        return Map.of("celsius", tenths(celsius + above + NOISE_K * luck.nextGaussian()), "humidityPercent", Math.max(0, Math.min(100, tenths(humidity))));
    }

    private static double tenths(double value) {
        return Math.rint(value * 10) / 10;
    }

    @Override
    public void listen(Workshop workshop, Instant now) throws IOException, InterruptedException {
        if (humidityPercent == 0) {
            celsius = workshop.rig().shopC();
            humidityPercent = workshop.humidityPercent();
        }
    }
}

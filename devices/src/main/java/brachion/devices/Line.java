package brachion.devices;

import java.util.Random;

/** The line an instrument sends over: down now and then, for some seconds up to half a minute. */
final class Line {

    private static final double GOES_DOWN = 1.0 / 600;
    private static final int SHORTEST_S = 5;
    private static final int LONGEST_S = 30;

    private final Random luck;
    private int down;

    Line(Random luck) {
        this.luck = luck;
    }

    /** Whether anything gets through in the next second. */
    boolean up() {
        if (down > 0) {
            down--;
        } else if (luck.nextDouble() < GOES_DOWN) {
            down = luck.nextInt(SHORTEST_S, LONGEST_S + 1);
        }
        return down == 0;
    }
}

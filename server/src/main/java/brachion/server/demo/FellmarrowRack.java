package brachion.server.demo;

import brachion.core.quantity.LengthUnit;
import brachion.server.rack.DryingFields;
import brachion.server.rack.Rack;
import brachion.server.rack.WeighInFields;
import java.time.LocalDate;
import java.util.List;

/** What hangs on Fellmarrow Workshop's drying rack today: invented pieces with invented readings. */
final class FellmarrowRack {

    private static final double INCH = LengthUnit.INCH.millimetres();

    private final LocalDate today;

    FellmarrowRack(LocalDate today) {
        this.today = today;
    }

    void hangOn(Rack rack) {
        rack.hang(piece("Snowshoe frame, left", "white-ash", 11 / 16.0, 13 / 16.0, 12, 24, 412.0),
                List.of(byScale(12, 3, 395.0), byScale(12, 6, 384.5), byScale(12, 10, 375.0)));
        rack.hang(piece("Crook handle for the gate", "red-oak", 15 / 16.0, 15 / 16.0, 20, 19, null),
                List.of(byMeter(20, 5, 17), byMeter(20, 12, 15), byMeter(20, 18, 13.5)));
        rack.hang(piece("Basket rim, second", "beech", 3 / 16.0, 1, 3, 26, 96.0), List.of(byScale(3, 1, 86.4)));
        rack.hang(piece("Drum hoop", "white-ash", 1 / 4.0, 2.375, 1, 21, null), List.of());
    }

    private DryingFields piece(String name, String species, double thickness, double width, int daysAgo,
                               double moisture, Double massG) {
        return new DryingFields(name, species, thickness * INCH, width * INCH, today.minusDays(daysAgo), moisture, massG,
                18.0, 38.0);
    }

    private WeighInFields byScale(int startedDaysAgo, int after, double massG) {
        return new WeighInFields(today.minusDays(startedDaysAgo - after), null, massG);
    }

    private WeighInFields byMeter(int startedDaysAgo, int after, double percent) {
        return new WeighInFields(today.minusDays(startedDaysAgo - after), percent, null);
    }
}

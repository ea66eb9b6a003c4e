package brachion.server.rack;

import brachion.core.process.DryingFit;
import brachion.core.process.DryingForecast;
import brachion.core.process.DryingForecast.Band;
import brachion.core.process.DryingForecast.DryingDay;
import brachion.core.process.DryingForecast.Passing;
import brachion.core.process.Piece;
import brachion.core.process.WeighIn;
import brachion.core.quantity.Moisture;
import brachion.core.wood.SpeciesCatalogue;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A piece on the rack as it is shown.
 *
 * @param id       key
 * @param version  state the piece was in when read; give it back with a change
 * @param piece    the piece
 * @param readings its weigh-ins as moisture
 * @param pace     how fast water moves beside what the wood's properties say
 * @param curve    mean moisture day by day
 * @param below10  when it passes 10 %
 * @param below8   when it passes 8 %
 */
record DryingView(long id, int version, DryingFields piece, List<ReadingView> readings, Band pace,
                  List<DryingDay> curve, PassingReading below10, PassingReading below8) {

    /**
     * @param weighedOn       the day
     * @param days            days since the piece was set to dry
     * @param moisturePercent mean moisture found [%]
     * @param byScale         whether it was weighed
     */
    record ReadingView(LocalDate weighedOn, double days, double moisturePercent, boolean byScale) {

        static ReadingView of(WeighInFields fields, DryingFields piece) {
            boolean byScale = fields.massG() != null;
            double moisture = byScale
                    ? Moisture.fromMasses(fields.massG(), WeighInFields.ovenDryMassG(piece)).percent()
                    : fields.moisturePercent();
            return new ReadingView(fields.weighedOn(),
                    ChronoUnit.DAYS.between(piece.startedOn(), fields.weighedOn()), moisture, byScale);
        }

        WeighIn weighIn() {
            return byScale ? WeighIn.byScale(days, moisturePercent) : WeighIn.byMeter(days, moisturePercent);
        }
    }

    /**
     * When a moisture is passed; a missing day may not come within half a year.
     *
     * @param earliest one time in ten it is sooner
     * @param middle   as likely sooner as later
     * @param latest   one time in ten it is later
     */
    record PassingReading(LocalDate earliest, LocalDate middle, LocalDate latest) {

        static PassingReading of(Passing passing, LocalDate start) {
            return new PassingReading(day(passing.earliest(), start), day(passing.middle(), start),
                    day(passing.latest(), start));
        }

        private static LocalDate day(OptionalDouble days, LocalDate start) {
            return days.isPresent() ? start.plusDays((long) Math.ceil(days.getAsDouble())) : null;
        }
    }

    static DryingView of(long id, int version, DryingFields fields, List<WeighInFields> weighIns, SpeciesCatalogue woods) {
        List<ReadingView> readings = weighIns.stream().map(weighIn -> ReadingView.of(weighIn, fields)).toList();
        Piece piece = new Piece(fields.requireSpecies(woods).basicSpecificGravity(),
                fields.thicknessMm(), fields.widthMm(), fields.startMoisturePercent(), fields.shopC());
        DryingForecast forecast = new DryingFit(piece, fields.shopC(), fields.shopHumidityPercent() / 100,
                readings.stream().map(ReadingView::weighIn).toList()).forecast();
        return new DryingView(id, version, fields, readings, forecast.pace(), forecast.curve(),
                PassingReading.of(forecast.below10(), fields.startedOn()),
                PassingReading.of(forecast.below8(), fields.startedOn()));
    }
}

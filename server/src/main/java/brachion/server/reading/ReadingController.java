package brachion.server.reading;

import brachion.core.quantity.Length;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.Temperature;
import brachion.core.quantity.TemperatureScale;
import brachion.core.quantity.UnreadableQuantityException;
import brachion.server.problem.RefusedFieldException;
import java.util.function.Supplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reads typed measurements. */
@RestController
@RequestMapping("/api/readings")
class ReadingController {

    /**
     * A length as read.
     *
     * @param millimetres the length [mm]
     * @param inches      the nearest workshop fraction
     * @param exact       whether that fraction is the length itself
     */
    record LengthReading(double millimetres, String inches, boolean exact) {
    }

    /**
     * A temperature as read.
     *
     * @param celsius the temperature [°C]
     */
    record TemperatureReading(double celsius) {
    }

    @GetMapping("/length")
    LengthReading length(@RequestParam String text, @RequestParam(defaultValue = "MILLIMETRE") LengthUnit bareUnit) {
        Length length = readable(() -> Length.parse(text, bareUnit));
        return new LengthReading(length.millimetres(), length.inchFraction().toString(),
                length.inchFraction().exact());
    }

    @GetMapping("/temperature")
    TemperatureReading temperature(@RequestParam String text,
                                   @RequestParam(defaultValue = "CELSIUS") TemperatureScale bareScale) {
        return new TemperatureReading(readable(() -> Temperature.parse(text, bareScale)).celsius());
    }

    private static <T> T readable(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (UnreadableQuantityException unreadable) {
            throw new RefusedFieldException("text", unreadable.getMessage());
        }
    }
}

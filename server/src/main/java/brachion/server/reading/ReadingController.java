package brachion.server.reading;

import brachion.core.quantity.Length;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.Temperature;
import brachion.core.quantity.TemperatureScale;
import brachion.core.quantity.UnreadableQuantityException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reads typed measurements. Text that cannot be read is an answer too, because it is asked at every key. */
@RestController
@RequestMapping("/api/readings")
class ReadingController {

    /**
     * A length as read, or why it cannot be.
     *
     * @param millimetres the length [mm]
     * @param unreadable  what is wrong with the text and what would be read, instead of the length
     */
    record LengthReading(Double millimetres, String unreadable) {
    }

    /**
     * A temperature as read, or why it cannot be.
     *
     * @param celsius    the temperature [°C]
     * @param unreadable what is wrong with the text and what would be read, instead of the temperature
     */
    record TemperatureReading(Double celsius, String unreadable) {
    }

    @GetMapping("/length")
    LengthReading length(@RequestParam String text, @RequestParam(defaultValue = "MILLIMETRE") LengthUnit bareUnit) {
        try {
            return new LengthReading(Length.parse(text, bareUnit).millimetres(), null);
        } catch (UnreadableQuantityException unreadable) {
            return new LengthReading(null, unreadable.getMessage());
        }
    }

    @GetMapping("/temperature")
    TemperatureReading temperature(@RequestParam String text,
                                   @RequestParam(defaultValue = "CELSIUS") TemperatureScale bareScale) {
        try {
            return new TemperatureReading(Temperature.parse(text, bareScale).celsius(), null);
        } catch (UnreadableQuantityException unreadable) {
            return new TemperatureReading(null, unreadable.getMessage());
        }
    }
}

package brachion.server.reading;

import brachion.core.quantity.UnitSystem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Reads all typed measurements of a form at once. Text that cannot be read is an answer too, because it is asked at every key. */
@RestController
class ReadingController {

    /**
     * What was typed.
     *
     * @param bareUnits what a length or temperature without a unit means
     * @param typed     the measurements
     */
    record ReadingRequest(@NotNull(message = "Say what a bare number means.") UnitSystem bareUnits,
                          @NotNull(message = "The measurements are needed.") @Size(max = 200, message = "Up to 200 measurements are read at once.")
                          List<@NotNull @Valid TypedMeasurement> typed) {
    }

    @PostMapping("/api/readings")
    List<MeasurementReading> readings(@Valid @RequestBody ReadingRequest request) {
        return request.typed().stream().map(each -> each.read(request.bareUnits())).toList();
    }
}

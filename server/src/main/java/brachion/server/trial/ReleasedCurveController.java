package brachion.server.trial;

import brachion.core.trial.ReleasedCurve;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a straight edge or the pattern says of a released curve. */
@RestController
class ReleasedCurveController {

    @PostMapping("/api/released-curve")
    ReleasedCurve curve(@Valid @RequestBody MeasuredCurveFields measured) {
        return measured.curve("chordMm");
    }
}

package brachion.server.demo;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A look round the sample workshop. */
@RestController
@RequestMapping("/api/sample")
class SampleController {

    private final SampleWorkshop sample;

    SampleController(SampleWorkshop sample) {
        this.sample = sample;
    }

    /** Has it ready; the requests that follow name it in their header. */
    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void open() {
        sample.open();
    }

    /** Leaves it without a trace. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close() {
        sample.close();
    }
}

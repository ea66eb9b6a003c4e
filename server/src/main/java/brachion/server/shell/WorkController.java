package brachion.server.shell;

import brachion.server.storage.UnderWay;
import brachion.server.storage.UnderWay.Progress;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Long work over HTTP, by the key of the request that asked for it. */
@RestController
@RequestMapping("/api/work/{key}")
class WorkController {

    private final UnderWay underWay;

    WorkController(UnderWay underWay) {
        this.underWay = underWay;
    }

    /**
     * How far some work is.
     *
     * @param underWay whether it is under way here
     * @param done     how much is done
     * @param of       of how much, 0 while that is not known
     */
    record WorkAnswer(boolean underWay, int done, int of) {
    }

    /**
     * What became of a wish to stop.
     *
     * @param stopped whether it stops, and nothing of it is kept
     */
    record StoppedAnswer(boolean stopped) {
    }

    /** How far it is. */
    @GetMapping
    WorkAnswer progress(@PathVariable String key) {
        return underWay.progress(key).map((Progress at) -> new WorkAnswer(true, at.done(), at.of())).orElseGet(() -> new WorkAnswer(false, 0, 0));
    }

    /** Stops it, unless it is done. */
    @DeleteMapping
    StoppedAnswer stop(@PathVariable String key) {
        return new StoppedAnswer(underWay.stop(key));
    }
}

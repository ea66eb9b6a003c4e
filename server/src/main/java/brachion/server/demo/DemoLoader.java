package brachion.server.demo;

import brachion.server.rack.Rack;
import brachion.server.trial.Trials;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an untouched database with the demo workshop when the product is started to be shown. */
@Component
@ConditionalOnProperty("brachion.demo")
class DemoLoader implements ApplicationRunner {

    private static final long SEED = 20_241_107L;

    private final Trials trials;
    private final Rack rack;
    private final Clock clock;

    DemoLoader(Trials trials, Rack rack, Clock clock) {
        this.trials = trials;
        this.rack = rack;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (trials.untouched()) {
            trials.log(new FellmarrowWorkshop(SEED).twoYears());
        }
        if (rack.untouched()) {
            new FellmarrowRack(LocalDate.now(clock)).hangOn(rack);
        }
    }
}

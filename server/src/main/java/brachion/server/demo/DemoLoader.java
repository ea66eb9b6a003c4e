package brachion.server.demo;

import brachion.server.bench.Bench;
import brachion.server.rack.Rack;
import brachion.server.trial.Trials;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an untouched database with the invented workshop when the product is started to be shown. */
@Component
@ConditionalOnProperty("brachion.demo")
class DemoLoader implements ApplicationRunner {

    private final Trials trials;
    private final Rack rack;
    private final Bench bench;
    private final SampleWorkshop workshop;

    DemoLoader(Trials trials, Rack rack, Bench bench, SampleWorkshop workshop) {
        this.trials = trials;
        this.rack = rack;
        this.bench = bench;
        this.workshop = workshop;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (trials.untouched() && rack.untouched() && bench.untouched()) {
            workshop.fill();
        }
    }
}

package brachion.server.demo;

import brachion.server.trial.Trials;
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

    DemoLoader(Trials trials) {
        this.trials = trials;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (trials.untouched()) {
            trials.log(new FellmarrowWorkshop(SEED).twoYears());
        }
    }
}

package brachion.server.demo;

import brachion.server.bench.Bench;
import brachion.server.instrument.Instruments;
import brachion.server.instrument.Instruments.Told;
import brachion.server.rack.Rack;
import brachion.server.stock.Stock;
import brachion.server.trial.Trials;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
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
    private final Stock stock;
    private final SampleWorkshop workshop;
    private final Instruments instruments;
    private final String instrumentsFile;

    DemoLoader(Trials trials, Rack rack, Bench bench, Stock stock, SampleWorkshop workshop, Instruments instruments,
               @Value("${brachion.instruments}") String instrumentsFile) {
        this.trials = trials;
        this.rack = rack;
        this.bench = bench;
        this.stock = stock;
        this.workshop = workshop;
        this.instruments = instruments;
        this.instrumentsFile = instrumentsFile;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (trials.untouched() && rack.untouched() && bench.untouched() && stock.untouched()) {
            workshop.fill();
            addThermometer();
        }
    }

    /** The stand-in that is started beside the product finds there which instrument it is, and its token. */
    private void addThermometer() {
        if (instrumentsFile.isBlank()) {
            return;
        }
        Told told = instruments.add("In the steam box");
        try {
            Files.writeString(Path.of(instrumentsFile), told.id() + " " + told.token() + "\n");
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}

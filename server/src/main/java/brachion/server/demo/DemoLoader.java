package brachion.server.demo;

import brachion.server.bench.Bench;
import brachion.server.instrument.InstrumentKind;
import brachion.server.instrument.Instruments;
import brachion.server.instrument.Instruments.Told;
import brachion.server.rack.Rack;
import brachion.server.stock.Stock;
import brachion.server.trial.Trials;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an untouched database with the invented workshop when the product is started to be shown. */
@Component
@ConditionalOnProperty("brachion.demo")
class DemoLoader implements ApplicationRunner {

    private static final Map<InstrumentKind, String> INSTRUMENTS = new EnumMap<>(Map.of(InstrumentKind.THERMOMETER, "In the steam box",
            InstrumentKind.METER, "Pin meter", InstrumentKind.SCALE, "Scale by the rack", InstrumentKind.ROOM, "On the loft wall"));

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
            addInstruments();
        }
    }

    /** The stand-ins that are started beside the product find there which instruments they are, and their tokens. */
    private void addInstruments() {
        if (instrumentsFile.isBlank()) {
            return;
        }
        String each = INSTRUMENTS.entrySet().stream().map(instrument -> {
            Told told = instruments.add(instrument.getValue(), instrument.getKey());
            return instrument.getKey() + " " + told.id() + " " + told.token() + "\n";
        }).collect(Collectors.joining());
        try {
            Files.writeString(Path.of(instrumentsFile), each);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}

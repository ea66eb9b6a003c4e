package brachion.server.instrument;

import brachion.core.process.ProbeRecord;
import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.problem.RefusedRequestException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the instruments and what they read. */
@Service
@Transactional
class InstrumentService implements ChamberRecord, Instruments {

    /** One that was not heard for so long is switched off, or elsewhere. */
    private static final Duration SILENT = Duration.ofMinutes(5);
    /** A clock may be ahead by so much. */
    private static final Duration AHEAD = Duration.ofMinutes(1);
    /** Nothing older is of any use to a bench. */
    private static final Duration OLDEST = Duration.ofDays(7);

    private final InstrumentRepository repository;
    private final ReadingsTable readings;
    private final Clock clock;

    InstrumentService(InstrumentRepository repository, ReadingsTable readings, Clock clock) {
        this.repository = repository;
        this.readings = readings;
        this.clock = clock;
    }

    /**
     * An instrument as it is shown.
     *
     * @param id      key
     * @param version state it was in when read; give it back with a change
     * @param name    what it is called
     * @param last    what it read last; missing until it was heard
     */
    record InstrumentView(long id, int version, String name, ReadingFields last) {
    }

    @Transactional(readOnly = true)
    public List<InstrumentView> all() {
        return repository.findByDeletedAtIsNullOrderByName().stream().map(this::view).toList();
    }

    private InstrumentView view(InstrumentEntity instrument) {
        return new InstrumentView(instrument.id(), instrument.version(), instrument.name(),
                readings.last(instrument.id()).map(read -> new ReadingFields(read.at(), read.celsius())).orElse(null));
    }

    @Override
    public Told add(String name) {
        Token token = Token.fresh();
        InstrumentEntity stored = repository.saveAndFlush(new InstrumentEntity(name.strip(), token, clock.instant()));
        return new Told(stored.id(), token.text());
    }

    public InstrumentView remove(long id, int version) {
        InstrumentEntity instrument = repository.findById(id).orElseThrow(() -> missing(id));
        instrument.requireVersion(version, "This instrument was changed elsewhere since you looked. Look at it again and repeat what you did.");
        instrument.discard(clock.instant());
        return view(repository.saveAndFlush(instrument));
    }

    public InstrumentView putBack(long id) {
        InstrumentEntity instrument = repository.findById(id).orElseThrow(() -> missing(id));
        instrument.bringBack();
        return view(repository.saveAndFlush(instrument));
    }

    /** Takes readings from whoever shows the instrument's own token. */
    public void take(long id, Token token, List<ReadingFields> sent) {
        ReadingsTable.Owner owner = readings.owner(id).orElseThrow(() -> missing(id));
        if (!token.isOf(owner.tokenDigest())) {
            throw new RefusedRequestException(HttpStatus.UNAUTHORIZED, "This is not the token of instrument " + id + ".");
        }
        Instant now = clock.instant();
        if (sent.stream().anyMatch(reading -> reading.readAt().isAfter(now.plus(AHEAD)) || reading.readAt().isBefore(now.minus(OLDEST)))) {
            throw new RefusedFieldException("readings", "Readings are of the last seven days and not yet to come; set the instrument's clock.");
        }
        readings.add(id, sent);
    }

    @Override
    @Transactional(readOnly = true)
    public OptionalLong heardAt(Instant moment) {
        return readings.heardBetween(moment.minus(SILENT), moment.plus(AHEAD));
    }

    @Override
    @Transactional(readOnly = true)
    public List<Read> between(long thermometer, Instant from, Instant to) {
        return readings.between(thermometer, from, to);
    }

    /** Thins what one instrument read before a moment, from where that was done last. */
    public void thin(long id, Instant until) {
        InstrumentEntity instrument = repository.findById(id).orElseThrow(() -> missing(id));
        List<Read> full = readings.between(id, instrument.thinnedUntil(), until);
        if (!full.isEmpty()) {
            Instant first = full.get(0).at();
            ProbeRecord record = new ProbeRecord(full.stream()
                    .map(read -> new ProbeRecord.Reading(Duration.between(first, read.at()).toMillis(), read.celsius())).toList());
            Set<Double> kept = new HashSet<>();
            record.thinned(ProbeRecord.CLOSELY_C).readings().forEach(reading -> kept.add(reading.seconds()));
            readings.remove(id, full.stream().map(Read::at)
                    .filter(at -> !kept.contains((double) Duration.between(first, at).toMillis())).toList());
        }
        instrument.thinnedUntil(until);
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no instrument " + id + ".");
    }
}

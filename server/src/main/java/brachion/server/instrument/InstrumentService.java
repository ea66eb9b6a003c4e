package brachion.server.instrument;

import brachion.core.process.ProbeRecord;
import brachion.server.instrument.ReadingsTable.Row;
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
import java.util.function.ToDoubleFunction;
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
    private static final Duration A_DAY = Duration.ofDays(1);
    /** As near in relative humidity as {@link ProbeRecord#CLOSELY_C} in temperature: far less than a sensor knows [%]. */
    private static final double CLOSELY_PERCENT = 1;
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
     * @param kind    what it measures
     * @param last    what it read last; missing until it was heard
     */
    record InstrumentView(long id, int version, String name, InstrumentKind kind, ReadingFields last) {
    }

    @Transactional(readOnly = true)
    public List<InstrumentView> all() {
        return repository.findByDeletedAtIsNullOrderByName().stream().map(this::view).toList();
    }

    private InstrumentView view(InstrumentEntity instrument) {
        return new InstrumentView(instrument.id(), instrument.version(), instrument.name(), instrument.kind(),
                readings.last(instrument.id()).map(instrument.kind()::reading).orElse(null));
    }

    @Override
    public Told add(String name, InstrumentKind kind) {
        Token token = Token.fresh();
        InstrumentEntity stored = repository.saveAndFlush(new InstrumentEntity(name.strip(), kind, token, clock.instant()));
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
        for (int i = 0; i < sent.size(); i++) {
            if (!owner.kind().takes(sent.get(i))) {
                throw new RefusedFieldException("readings[" + i + "]", owner.kind().sends());
            }
        }
        readings.add(id, owner.kind(), sent);
    }

    @Override
    @Transactional(readOnly = true)
    public OptionalLong heardAt(Instant moment) {
        return readings.heardBetween(InstrumentKind.THERMOMETER, moment.minus(SILENT), moment.plus(AHEAD));
    }

    @Override
    @Transactional(readOnly = true)
    public boolean isThermometer(long instrument) {
        return repository.findById(instrument).filter(InstrumentEntity::present).filter(each -> each.kind() == InstrumentKind.THERMOMETER).isPresent();
    }

    @Override
    @Transactional(readOnly = true)
    public List<Read> between(long thermometer, Instant from, Instant to) {
        return readings.between(thermometer, from, to).stream().map(row -> new Read(row.at(), row.measured())).toList();
    }

    /** The air of the last day; nothing when no sensor was heard in it. */
    @Transactional(readOnly = true)
    public AirReading air() {
        Instant now = clock.instant();
        OptionalLong sensor = readings.heardBetween(InstrumentKind.ROOM, now.minus(A_DAY), now.plus(AHEAD));
        return sensor.isPresent() ? AirReading.of(readings.between(sensor.getAsLong(), now.minus(A_DAY), now.plus(AHEAD))) : AirReading.NONE;
    }

    /** Thins what one instrument read before a moment, from where that was done last, to the curve it makes; else drops it. */
    public void thin(long id, Instant until) {
        InstrumentEntity instrument = repository.findById(id).orElseThrow(() -> missing(id));
        if (!instrument.kind().makesACurve()) {
            readings.removeBefore(id, until);
        } else {
            List<Row> full = readings.between(id, instrument.thinnedUntil(), until);
            Set<Instant> kept = new HashSet<>(makingTheCurve(full, Row::measured, ProbeRecord.CLOSELY_C));
            if (instrument.kind() == InstrumentKind.ROOM) {
                kept.addAll(makingTheCurve(full, Row::humidityPercent, CLOSELY_PERCENT));
            }
            readings.remove(id, full.stream().map(Row::at).filter(at -> !kept.contains(at)).toList());
        }
        instrument.thinnedUntil(until);
    }

    private static List<Instant> makingTheCurve(List<Row> full, ToDoubleFunction<Row> value, double closely) {
        if (full.isEmpty()) {
            return List.of();
        }
        Instant first = full.get(0).at();
        return new ProbeRecord(full.stream().map(row -> new ProbeRecord.Reading(Duration.between(first, row.at()).toMillis(), value.applyAsDouble(row))).toList())
                .thinned(closely).readings().stream().map(reading -> first.plusMillis((long) reading.seconds())).toList();
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no instrument " + id + ".");
    }
}

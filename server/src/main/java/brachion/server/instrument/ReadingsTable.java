package brachion.server.instrument;

import brachion.server.storage.CurrentShop;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What instruments read, a row a reading; too many for objects of their own. */
@Component
class ReadingsTable {

    private static final String READ = "select read_at_ms, measured, humidity_percent from instrument_reading ";

    private final JdbcTemplate database;

    ReadingsTable(JdbcTemplate database) {
        this.database = database;
    }

    /**
     * Whose an instrument is, whichever shop asks.
     *
     * @param shop        key of its shop
     * @param kind        what it measures
     * @param tokenDigest digest of its token
     */
    record Owner(String shop, InstrumentKind kind, String tokenDigest) {
    }

    /**
     * A reading as it is stored.
     *
     * @param at              when
     * @param measured        what the kind of instrument measures
     * @param humidityPercent relative humidity [%], null but for a room
     */
    record Row(Instant at, double measured, Double humidityPercent) {
    }

    Optional<Owner> owner(long instrument) {
        return database.query("select shop, kind, token_digest from instrument where id = ? and deleted_at is null",
                (row, number) -> new Owner(row.getString(1), InstrumentKind.valueOf(row.getString(2)), row.getString(3)), instrument).stream().findFirst();
    }

    /** Puts readings in their place; one of a moment that has one is left out. */
    void add(long instrument, InstrumentKind kind, List<ReadingFields> readings) {
        database.batchUpdate("insert ignore into instrument_reading (instrument_id, read_at_ms, measured, humidity_percent) values (?, ?, ?, ?)",
                readings.stream().map(reading -> new Object[] {instrument, reading.readAt().toEpochMilli(), kind.measured(reading), reading.humidityPercent()})
                        .toList());
    }

    Optional<Row> last(long instrument) {
        return database.query(READ + "where instrument_id = ? order by read_at_ms desc limit 1", ReadingsTable::row, instrument).stream().findFirst();
    }

    List<Row> between(long instrument, Instant from, Instant to) {
        return database.query(READ + "where instrument_id = ? and read_at_ms between ? and ? order by read_at_ms", ReadingsTable::row, instrument,
                from.toEpochMilli(), to.toEpochMilli());
    }

    private static Row row(ResultSet row, int number) throws SQLException {
        double humidity = row.getDouble(3);
        return new Row(Instant.ofEpochMilli(row.getLong(1)), row.getDouble(2), row.wasNull() ? null : humidity);
    }

    /** The instrument of a kind that was heard last between two moments. */
    OptionalLong heardBetween(InstrumentKind kind, Instant from, Instant to) {
        return database.queryForList("select r.instrument_id from instrument_reading r join instrument i on i.id = r.instrument_id "
                        + "where i.shop = ? and i.kind = ? and i.deleted_at is null and r.read_at_ms between ? and ? order by r.read_at_ms desc limit 1",
                Long.class, CurrentShop.key(), kind.name(), from.toEpochMilli(), to.toEpochMilli()).stream().mapToLong(Long::longValue).findFirst();
    }

    void removeBefore(long instrument, Instant moment) {
        database.update("delete from instrument_reading where instrument_id = ? and read_at_ms < ?", instrument, moment.toEpochMilli());
    }

    void remove(long instrument, List<Instant> moments) {
        database.batchUpdate("delete from instrument_reading where instrument_id = ? and read_at_ms = ?",
                moments.stream().map(moment -> new Object[] {instrument, moment.toEpochMilli()}).toList());
    }
}

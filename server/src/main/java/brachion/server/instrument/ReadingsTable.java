package brachion.server.instrument;

import brachion.server.instrument.ChamberRecord.Read;
import brachion.server.storage.CurrentShop;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** What instruments read, a row a reading; too many for objects of their own. */
@Component
class ReadingsTable {

    private final JdbcTemplate database;

    ReadingsTable(JdbcTemplate database) {
        this.database = database;
    }

    /**
     * Whose an instrument is, whichever shop asks.
     *
     * @param shop        key of its shop
     * @param tokenDigest digest of its token
     */
    record Owner(String shop, String tokenDigest) {
    }

    Optional<Owner> owner(long instrument) {
        return database.query("select shop, token_digest from instrument where id = ? and deleted_at is null",
                (row, number) -> new Owner(row.getString(1), row.getString(2)), instrument).stream().findFirst();
    }

    /** Puts readings in their place; one of a moment that has one is left out. */
    void add(long instrument, List<ReadingFields> readings) {
        database.batchUpdate("insert ignore into instrument_reading (instrument_id, read_at_ms, celsius) values (?, ?, ?)",
                readings.stream().map(reading -> new Object[] {instrument, reading.readAt().toEpochMilli(), reading.celsius()}).toList());
    }

    Optional<Read> last(long instrument) {
        return database.query("select read_at_ms, celsius from instrument_reading where instrument_id = ? order by read_at_ms desc limit 1",
                (row, number) -> new Read(Instant.ofEpochMilli(row.getLong(1)), row.getDouble(2)), instrument).stream().findFirst();
    }

    List<Read> between(long instrument, Instant from, Instant to) {
        return database.query("select read_at_ms, celsius from instrument_reading where instrument_id = ? and read_at_ms between ? and ? order by read_at_ms",
                (row, number) -> new Read(Instant.ofEpochMilli(row.getLong(1)), row.getDouble(2)), instrument, from.toEpochMilli(), to.toEpochMilli());
    }

    OptionalLong heardBetween(Instant from, Instant to) {
        return database.queryForList("select r.instrument_id from instrument_reading r join instrument i on i.id = r.instrument_id "
                        + "where i.shop = ? and i.deleted_at is null and r.read_at_ms between ? and ? order by r.read_at_ms desc limit 1",
                Long.class, CurrentShop.key(), from.toEpochMilli(), to.toEpochMilli()).stream().mapToLong(Long::longValue).findFirst();
    }

    void remove(long instrument, List<Instant> moments) {
        database.batchUpdate("delete from instrument_reading where instrument_id = ? and read_at_ms = ?",
                moments.stream().map(moment -> new Object[] {instrument, moment.toEpochMilli()}).toList());
    }
}

package brachion.server.storage;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Which writes were done, by their keys, and what was answered to each. Kept in the transaction of the write itself. */
@Component
public class WritesDone {

    private static final Duration KEPT = Duration.ofDays(7);

    private final JdbcTemplate database;
    private final Clock clock;

    WritesDone(JdbcTemplate database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * What was answered.
     *
     * @param fingerprint tells the write from another one
     * @param status      status of the answer
     * @param location    where what was made is to be found, null for nowhere
     * @param contentType what the body is, null without one
     * @param body        the body
     */
    public record Answer(String fingerprint, int status, String location, String contentType, byte[] body) {
    }

    /**
     * Takes a key for the write at hand, waiting for one under way that has it too.
     *
     * @return what was answered when it was done; empty when it is to be done now
     */
    public Optional<Answer> begin(String key, String fingerprint) {
        int fresh = database.update("insert ignore into write_done (shop, write_key, fingerprint, written_at) values (?, ?, ?, ?)",
                CurrentShop.key(), key, fingerprint, Timestamp.from(clock.instant()));
        return fresh == 1 ? Optional.empty() : Optional.ofNullable(database.queryForObject(
                "select fingerprint, status, location, content_type, body from write_done where shop = ? and write_key = ?",
                (row, number) -> new Answer(row.getString(1), row.getInt(2), row.getString(3), row.getString(4), row.getBytes(5)),
                CurrentShop.key(), key));
    }

    /** Keeps what is being answered. */
    public void done(String key, Answer answer) {
        database.update("update write_done set status = ?, location = ?, content_type = ?, body = ? where shop = ? and write_key = ?",
                answer.status(), answer.location(), answer.contentType(), answer.body(), CurrentShop.key(), key);
    }

    /** Nobody repeats a write after a week. */
    @Scheduled(cron = "0 30 3 * * *")
    void forgetOld() {
        database.update("delete from write_done where written_at < ?", Timestamp.from(clock.instant().minus(KEPT)));
    }
}

package brachion.server.forecasting;

import brachion.core.risk.Followed;
import brachion.core.risk.PackedFollowed;
import brachion.core.trial.Trial;
import brachion.server.storage.CurrentShop;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Keeps what following the piece of each trial through heat and water told, so that the first fit after a start takes it
 * over. It is a store of answers, not of facts: what is missing, damaged or of an older computation is worked out anew.
 */
@Component
class KeptPieces {

    private static final Logger LOG = LoggerFactory.getLogger(KeptPieces.class);
    private static final int BATCH = 500;
    /** No more are looked up at once than find room beside the trials themselves; the latest, which are asked about most. */
    private static final int MOST = 20_000;

    private final JdbcTemplate jdbc;

    KeptPieces(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    private record Kept(String key, byte[] followed) {
    }

    /** What is kept of the shop at hand, to be looked into while a fit is made. */
    Lookup lookup() {
        Followed.prepareKeys();
        Map<Long, Kept> kept = new HashMap<>();
        jdbc.query("select trial_id, piece_key, followed from followed_piece join trial on trial.id = trial_id "
                        + "where trial.shop = ? order by trial_id desc limit " + MOST,
                row -> {
                    kept.put(row.getLong(1), new Kept(row.getString(2), row.getBytes(3)));
                }, CurrentShop.key());
        return new Lookup(kept);
    }

    /** Where nothing is looked up, because an earlier fit knows nearly all. */
    Lookup nothing() {
        return new Lookup(Map.of());
    }

    /** Remembers what it was asked for and did not have. */
    final class Lookup {

        private final Map<Long, Kept> kept;
        private final Queue<Trial> missed = new ConcurrentLinkedQueue<>();

        private Lookup(Map<Long, Kept> kept) {
            this.kept = kept;
        }

        Optional<Followed> find(Trial trial) {
            Kept found = kept.get(trial.id());
            if (found != null && found.key().equals(Followed.key(trial))) {
                try {
                    return Optional.of(PackedFollowed.read(found.followed()));
                } catch (IllegalArgumentException damaged) {
                    LOG.info("What was kept of trial {} cannot be read and is worked out anew", trial.id());
                }
            }
            missed.add(trial);
            return Optional.empty();
        }

        /** What it did not have. */
        Collection<Trial> missed() {
            return missed;
        }
    }

    /** Keeps what following some pieces told. */
    void keep(Map<Trial, Followed> followed) {
        List<Object[]> rows = followed.entrySet().stream().map(each -> new Object[] {each.getKey().id(),
            Followed.key(each.getKey()), PackedFollowed.of(each.getValue())}).toList();
        try {
            for (int from = 0; from < rows.size(); from += BATCH) {
                jdbc.batchUpdate("replace into followed_piece (trial_id, piece_key, followed) values (?, ?, ?)",
                        rows.subList(from, Math.min(rows.size(), from + BATCH)));
            }
        } catch (DataAccessException gone) {
            LOG.info("What was worked out of some trials could not be kept: {}", gone.getMessage());
        }
    }
}

package brachion.server.forecasting;

import brachion.core.method.Names;
import brachion.core.process.Shop;
import brachion.core.risk.FoundMode;
import brachion.core.risk.PackedFollowed;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SetAside;
import brachion.core.trial.Trial;
import brachion.core.wood.Species;
import brachion.server.forecasting.FittedRisk.Fit;
import brachion.server.storage.CurrentShop;
import brachion.server.trial.Trials.Recorded;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.CRC32;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Keeps all records of a shop as its fit was made of them, so that the first fit after a start need not read each from its
 * columns. It is a store of answers, not of facts: it holds for one revision of the records and one build of the product, and
 * where there is nothing that holds the records are read as ever.
 */
@Component
class KeptRecords {

    private static final Logger LOG = LoggerFactory.getLogger(KeptRecords.class);
    /** Records that travel together, about a megabyte. */
    private static final int OF_A_PART = 1000;
    /** Writing more down than that takes more than the next start would win. */
    private static final int MOST = 20_000;

    private final JdbcTemplate database;
    private final TransactionTemplate transaction;

    KeptRecords(JdbcTemplate database, PlatformTransactionManager transactions) {
        this.database = database;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** A record with what following its piece told, packed. */
    private record Kept(Trial trial, byte[] followed) {
    }

    /** Some of all the records, and in the first part those that are not used, and where the searches of the fit ended. */
    private record Part(int all, List<Kept> records, List<SetAside> setAside, List<FoundMode> found) {
    }

    private static PackedRecords.Packing packing() {
        return new PackedRecords(Set.of(Species.class, Names.class, Shop.class)).of(Part.class);
    }

    /** Records as they were kept. */
    record AsKept(Recorded recorded, Map<Long, byte[]> packed, List<FoundMode> found) {

        /** The fit as it was. */
        RiskModel fit() {
            return RiskModel.again(recorded.trials(), trial -> Optional.of(PackedFollowed.read(packed.get(trial.id()))), found);
        }
    }

    /** The records of the shop at hand as they are; empty where they are not kept so. */
    Optional<AsKept> now() {
        long[] revision = new long[1];
        List<byte[]> parts = database.query("select packed, revision from kept_records join trial_revision using (shop, revision) where shop = ? and build = ? order by part",
                (row, number) -> {
                    revision[0] = row.getLong(2);
                    return row.getBytes(1);
                }, CurrentShop.key(), ThisBuild.STAMP);
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(read(revision[0], parts));
        } catch (RuntimeException damaged) {
            LOG.info("The records that were kept together cannot be read and are read one by one: {}", damaged.getMessage());
            return Optional.empty();
        }
    }

    private static AsKept read(long revision, List<byte[]> parts) {
        PackedRecords.Packing packing = packing();
        List<Trial> trials = new ArrayList<>();
        List<SetAside> setAside = new ArrayList<>();
        List<FoundMode> found = new ArrayList<>();
        Map<Long, byte[]> followed = new HashMap<>();
        int all = 0;
        for (byte[] each : parts) {
            ByteBuffer bytes = ByteBuffer.wrap(each);
            if (bytes.getInt() != sum(each, Integer.BYTES)) {
                throw new IllegalArgumentException("they are damaged");
            }
            Part part = (Part) packing.read(bytes);
            part.records().forEach(kept -> {
                trials.add(kept.trial());
                followed.put(kept.trial().id(), kept.followed());
            });
            setAside.addAll(part.setAside());
            found.addAll(part.found());
            all = part.all();
        }
        if (all != trials.size()) {
            throw new IllegalArgumentException("there are not all of them");
        }
        return new AsKept(new Recorded(revision, trials, setAside), followed, found);
    }

    private static int sum(byte[] bytes, int from) {
        CRC32 sum = new CRC32();
        sum.update(bytes, from, bytes.length - from);
        return (int) sum.getValue();
    }

    /** Keeps the records of a fit of the shop at hand instead of what was kept of it before. */
    void keep(Fit fit) {
        if (fit.risk().trials() > MOST) {
            return;
        }
        try {
            transaction.executeWithoutResult(status -> {
                if (ofNow(fit)) {
                    write(fit);
                }
            });
        } catch (DataAccessException | TransactionException gone) {
            LOG.info("The records could not be kept together: {}", gone.getMessage());
        }
    }

    /** Whether the records are still those it was made of; another server may have changed them. */
    private boolean ofNow(Fit fit) {
        return !database.queryForList("select 1 from trial_revision where shop = ? and revision = ?", Integer.class, CurrentShop.key(), fit.revision()).isEmpty();
    }

    private void write(Fit fit) {
        database.update("delete from kept_records where shop = ?", CurrentShop.key());
        PackedRecords.Packing packing = packing();
        Iterator<Kept> records = fit.risk().everyFollowed((trial, followed) -> new Kept(trial, PackedFollowed.of(followed))).iterator();
        int part = 0;
        do {
            List<Kept> some = new ArrayList<>();
            while (some.size() < OF_A_PART && records.hasNext()) {
                some.add(records.next());
            }
            database.update("insert into kept_records (shop, part, revision, build, packed) values (?, ?, ?, ?, ?)",
                    CurrentShop.key(), part, fit.revision(), ThisBuild.STAMP, packed(packing, part > 0 ? new Part(fit.risk().trials(), some, List.of(), List.of())
                            : new Part(fit.risk().trials(), some, fit.setAside(), fit.risk().found())));
            part++;
        } while (records.hasNext());
    }

    private static byte[] packed(PackedRecords.Packing packing, Part part) {
        ByteArrayOutputStream memory = new ByteArrayOutputStream();
        try (DataOutputStream bytes = new DataOutputStream(memory)) {
            bytes.writeInt(0);
            packing.write(bytes, part);
        } catch (IOException impossible) {
            throw new UncheckedIOException("Memory takes every byte", impossible);
        }
        byte[] packed = memory.toByteArray();
        return ByteBuffer.wrap(packed).putInt(sum(packed, Integer.BYTES)).array();
    }
}

package brachion.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.server.OlderDatabase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** A change of the database that goes wrong half way leaves it as the older version knows it. */
class BackupBeforeMigrationTest {

    private static final String BEFORE = "11";

    private final DataSource older = OlderDatabase.schema();
    private final JdbcTemplate jdbc = new JdbcTemplate(older);

    @TempDir
    private Path folder;

    private BackupBeforeMigration strategy;

    @BeforeEach
    void asAnOlderVersionLeftIt() {
        strategy = new BackupBeforeMigration(new BackupFolder(folder.toString()), Clock.systemDefaultZone());
        OlderDatabase.migrations(older).load().clean();
        to(BEFORE).migrate();
        jdbc.update("insert into person (id, version, shop, name) values (7, 0, 'own', 'Odo')");
        jdbc.update("insert into trial (id, version, shop, logged_at, bent_on, species_id, seasoning, moisture_percent, growth_rings, knots, thickness_mm, "
                + "width_mm, inner_radius_mm, angle_degrees, method, settings, severity, note, person_id) values (12, 3, 'own', now(3), '2026-03-01', 'white-ash', "
                + "'AIR_DRIED', 17.1, 'FLAT', 'CLEAR', 9.525, 25.4, 152.4, 180, 'COLD_LAMINATION', '{\"version\": 1, \"glue\": \"PVA\", \"plies\": 6}', 'CLEAN', "
                + "'„kept“ 🪵', 7)");
        jdbc.update("insert into chamber_reading (trial_id, position, minutes, celsius) values (12, 0, 0.1, 40)");
    }

    private Flyway to(String version) {
        return OlderDatabase.migrations(older).target(version).load();
    }

    private List<Map<String, Object>> rows(String table) {
        return jdbc.queryForList("select * from " + table);
    }

    private List<String> files() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).toList();
        }
    }

    @Test
    void a_change_that_breaks_half_way_is_taken_back() throws Exception {
        List<Map<String, Object>> trials = rows("trial");
        List<Map<String, Object>> readings = rows("chamber_reading");
        Flyway broken = OlderDatabase.migrations(older).locations("classpath:db/migration", "classpath:db/broken").load();

        assertThatThrownBy(() -> strategy.migrate(broken)).hasMessageContaining("the version you had starts as before").hasMessageContaining(folder.toString());

        assertThat(to(BEFORE).info().current().getVersion().getVersion()).isEqualTo(BEFORE);
        to(BEFORE).validate();
        assertThat(rows("trial")).isEqualTo(trials);
        assertThat(rows("chamber_reading")).isEqualTo(readings);
        assertThat(rows("person")).hasSize(1);
        assertThat(rows("trial_revision")).as("once, not also as a new database has it").hasSize(1);
        assertThat(files()).hasSize(1).allMatch(name -> name.startsWith("before-upgrade-from-11-"));
        // and the next version comes up from there
        strategy.migrate(OlderDatabase.migrations(older).load());
        assertThat(rows("trial")).hasSameSizeAs(trials);
        for (int row = 0; row < trials.size(); row++) {
            assertThat(rows("trial").get(row)).as("columns that have come since are beside the old ones").containsAllEntriesOf(trials.get(row));
        }
    }

    @Test
    void nothing_is_kept_where_nothing_changes_and_all_of_it_before_a_change() throws Exception {
        strategy.migrate(to(BEFORE));
        assertThat(files()).isEmpty();
        strategy.migrate(OlderDatabase.migrations(older).load());
        try (BackupFile kept = BackupFile.checked(folder.resolve(files().get(0)))) {
            assertThat(kept.manifest().schema()).isEqualTo(BEFORE);
            assertThat(kept.manifest().shop()).isNull();
            assertThat(kept.manifest().tables()).filteredOn(part -> part.rows() > 0).extracting(Manifest.Part::table)
                    .containsExactlyInAnyOrder("person", "trial", "chamber_reading", "trial_revision");
        }
    }
}

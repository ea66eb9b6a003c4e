package brachion.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class BackupApiTest extends KeptShopTest {

    @Autowired
    private Backups backups;

    @TempDir
    private Path folder;

    @Test
    void what_was_kept_comes_back_into_an_empty_shop_to_the_last_byte() throws IOException {
        fillTheShop();
        List<String> exports = List.of("/api/exchange/trials", "/api/exchange/trials?units=INCH", "/api/woods/table", "/api/rack", "/api/rig", "/api/names");
        List<byte[]> before = exports.stream().map(this::bytes).toList();
        byte[] kept = bytes("/api/backup");
        emptyTheShop();
        assertThat(bytes("/api/exchange/trials")).isNotEqualTo(before.get(0));

        MvcTestResult answer = restore(kept);
        assertThat(answer).hasStatusOk();
        for (int i = 0; i < exports.size(); i++) {
            assertThat(bytes(exports.get(i))).as(exports.get(i)).isEqualTo(before.get(i));
        }
        Map<String, String> again = entries(bytes("/api/backup"));
        Map<String, String> first = entries(kept);
        again.remove("brachion.json");
        first.remove("brachion.json");
        assertThat(fromItsFirstTrial(again)).as("every row of every table").isEqualTo(fromItsFirstTrial(first)).hasSizeGreaterThan(9);
        assertThat(first.get("tables/chamber_reading.jsonl")).contains("97.7");
        assertThat(Wire.post(mvc, "/api/trials", Wire.cleanTrial())).as("and the shop goes on").hasStatus(HttpStatus.CREATED);
    }

    /** Photographs make a backup far larger than anything else a shop keeps. */
    @Test
    void a_backup_full_of_photographs_comes_back() {
        long trial = Wire.read(Wire.post(mvc, "/api/trials", Wire.cleanTrial()), "$.id", Long.class);
        assertThat(mvc.post().uri("/api/photos?trial=" + trial).with(SecurityMockMvcRequestPostProcessors.csrf())
                .contentType(MediaType.IMAGE_PNG).content(photograph()).exchange()).hasStatus(HttpStatus.CREATED);
        long photo = database.queryForObject("select max(id) from photo", Long.class);
        byte[] pixels = new byte[4_000_000];
        Random noise = new Random(5);
        for (int i = 0; i < 17; i++) {
            noise.nextBytes(pixels);
            database.update("insert into photo_image (photo_id, size, jpeg) values (?, ?, ?)", photo, "OTHER" + i, pixels);
        }
        byte[] kept = bytes("/api/backup");
        assertThat(kept.length).isGreaterThan(68_000_000);
        emptyTheShop();
        assertThat(restore(kept)).hasStatusOk();
        assertThat(database.queryForObject("select jpeg from photo_image where size = 'OTHER16'", byte[].class)).isEqualTo(pixels);
    }

    /** Another shop of the same database has rows with the same keys; they are left alone. */
    @Test
    void a_backup_of_one_shop_comes_back_beside_another() {
        fillTheShop();
        byte[] trials = bytes("/api/exchange/trials");
        byte[] kept = bytes("/api/backup");
        database.update("update trial set shop = 'sample'");
        List.of("photo", "person", "board", "source", "wood", "row_set_aside", "brought_in", "drying_piece", "steam_rig").forEach(table -> database.update("update " + table + " set shop = 'sample'"));
        assertThat(restore(kept)).hasStatusOk();
        assertThat(bytes("/api/exchange/trials")).isEqualTo(trials);
        assertThat(database.queryForObject("select count(*) from trial where shop = 'sample'", Integer.class)).isEqualTo(4);
    }

    @Test
    void a_shop_with_records_takes_no_backup() {
        fillTheShop();
        byte[] kept = bytes("/api/backup");
        MvcTestResult refused = restore(kept);
        assertThat(refused).hasStatus(HttpStatus.CONFLICT);
        assertThat(refused).bodyJson().extractingPath("$.detail").asString().contains("an empty one");
        assertThat(database.queryForObject("select count(*) from trial", Integer.class)).isEqualTo(4);
    }

    @Test
    void a_damaged_a_newer_and_a_foreign_file_are_refused_before_anything_is_touched() throws IOException {
        fillTheShop();
        byte[] kept = bytes("/api/backup");
        emptyTheShop();
        byte[] cut = java.util.Arrays.copyOf(kept, kept.length / 2);
        refused(new byte[] {1, 2, 3}, "no backup of Brachion");
        refused(cut, "damaged");
        refused(changed(kept, "tables/trial.jsonl", rows -> rows.replace("\"severity\":\"FLAW\"", "\"severity\":\"CLEAN\"")), "not what was written");
        refused(changed(kept, "tables/weigh_in.jsonl", rows -> null), "cannot be read");
        refused(changed(kept, "brachion.json", json -> null), "does not say what it holds");
        refused(changed(kept, "brachion.json", json -> "{"), "cannot be read");
        refused(changed(kept, "brachion.json", json -> "null"), "does not say what it holds");
        refused(changed(kept, "brachion.json", json -> json.replaceFirst("\"tables\" : \\[", "\"tables\" : [null, ")), "does not say what it holds");
        refused(changed(kept, "brachion.json", json -> json.replaceFirst("\"schema\" : \"\\d+\"", "\"schema\" : \"abc\"")), "does not say what it holds");
        refused(changed(kept, "brachion.json", json -> json.replaceFirst("\"schema\" : \"\\d+\"", "\"schema\" : \"\"")), "does not say what it holds");
        refused(changed(kept, "tables/trial.jsonl", rows -> "x".repeat(30_000_000)), "more than 24 MB");
        refused(changed(kept, "brachion.json", json -> json.replaceFirst("\"format\" : 1", "\"format\" : 2")), "newer version");
        refused(changed(kept, "brachion.json", json -> json.replaceFirst("\"schema\" : \"\\d+\"", "\"schema\" : \"999\"")), "newer version");
        refused(changed(kept, "brachion.json", json -> json.replaceFirst("\"schema\" : \"\\d+\"", "\"schema\" : \"3\"")), "older version");
        assertThat(Wire.refusedFields(mvc.post().uri("/api/backup/restoration").with(SecurityMockMvcRequestPostProcessors.csrf())
                .contentType("application/zip").exchange())).containsExactly("file");
        assertThat(database.queryForObject("select count(*) from trial", Integer.class)).isZero();
        assertThat(restore(kept)).hasStatusOk();
    }

    private void refused(byte[] file, String why) {
        refused(restore(file), why);
    }

    private MvcTestResult restore(byte[] file) {
        return restore(file, BackupTypes.ZIP);
    }

    /** The same file with one entry changed; a null takes it out. */
    private static byte[] changed(byte[] zip, String entry, UnaryOperator<String> change) throws IOException {
        Map<String, String> entries = entries(zip);
        assertThat(entries).containsKey(entry);
        String now = change.apply(entries.get(entry));
        assertThat(now).isNotEqualTo(entries.get(entry));
        entries.put(entry, now);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream changed = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> each : entries.entrySet()) {
                if (each.getValue() != null) {
                    changed.putNextEntry(new ZipEntry(each.getKey()));
                    changed.write(each.getValue().getBytes(StandardCharsets.UTF_8));
                }
            }
        }
        return out.toByteArray();
    }

    @Test
    void each_day_has_its_backup_for_a_fortnight() throws Exception {
        fillTheShop();
        for (LocalDate day = LocalDate.of(2026, 11, 1); !day.isAfter(LocalDate.of(2026, 11, 20)); day = day.plusDays(1)) {
            Clock three = Clock.fixed(Instant.parse(day + "T03:00:00Z"), ZoneId.of("UTC"));
            new NightlyBackup(backups, new BackupFolder(folder.toString()), three).make();
        }
        Files.writeString(folder.resolve("a note of my own.txt"), "stays");
        try (var files = Files.list(folder)) {
            List<String> names = files.map(file -> file.getFileName().toString()).sorted().toList();
            assertThat(names).hasSize(15).contains("a note of my own.txt", "brachion-2026-11-07.zip", "brachion-2026-11-20.zip")
                    .doesNotContain("brachion-2026-11-06.zip");
        }
        emptyTheShop();
        assertThat(restore(Files.readAllBytes(folder.resolve("brachion-2026-11-20.zip")))).hasStatusOk();
    }
}

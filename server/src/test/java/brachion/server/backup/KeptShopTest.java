package brachion.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.Wire;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A test with a shop that holds a bit of everything. */
abstract class KeptShopTest {

    private static final String WOOD = """
            {"commonName": "Hop hornbeam", "latinName": "Ostrya virginiana", "woodClass": "RING_POROUS_HARDWOOD", "basicSpecificGravity": 0.63,
             "source": "a table at the mill"}""";
    private static final String PIECE = """
            {"name": "Bow 3", "speciesId": "white-ash", "thicknessMm": 12, "widthMm": 25, "startedOn": "2026-11-20", "startMoisturePercent": 25.3,
             "shopC": 18, "shopHumidityPercent": 50}""";

    @Autowired
    protected MockMvcTester mvc;

    @Autowired
    protected JdbcTemplate database;

    protected byte[] bytes(String path) {
        return mvc.get().uri(path).exchange().getResponse().getContentAsByteArray();
    }

    protected MvcTestResult restore(byte[] file, String type) {
        return mvc.post().uri("/api/backup/restoration").with(SecurityMockMvcRequestPostProcessors.csrf())
                .contentType(MediaType.parseMediaType(type)).content(file).exchange();
    }

    /** It is none, and the field says why. */
    protected static void refused(MvcTestResult answer, String why) {
        assertThat(answer).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(answer)).containsExactly("file");
        assertThat(answer).bodyJson().extractingPath("$.detail").asString().contains(why);
    }

    protected void emptyTheShop() {
        List.of("photo_image", "photo", "trial", "bench_tap", "bench_item", "job_item", "bench_piece", "steam_rig", "rig_item", "stock_mark", "stock_reading", "stock_blank", "stock_board", "person", "board", "source", "row_set_aside", "brought_in", "other_shop", "notebook", "saved_view", "weigh_in", "drying_piece", "wood", "job_plan", "job", "kept_curve")
                .forEach(table -> database.update("delete from " + table));
    }

    protected static byte[] photograph() {
        BufferedImage drawn = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        IntStream.range(0, 300).forEach(i -> drawn.setRGB(i, i, 0xC08040));
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(drawn, "png", png);
        } catch (IOException inMemory) {
            throw new AssertionError(inMemory);
        }
        return png.toByteArray();
    }

    /** A bit of everything a shop keeps: stages, readings, names, woods, a rack, a rig, rows that wait, what was discarded. */
    protected void fillTheShop() {
        MvcTestResult wood = Wire.post(mvc, "/api/woods", WOOD);
        assertThat(wood).hasStatus(HttpStatus.CREATED);
        assertThat(Wire.post(mvc, "/api/trials", Wire.cleanTrial().replace("white-ash", Wire.read(wood, "$.id", String.class)))).hasStatus(HttpStatus.CREATED);
        String recipe = Wire.recipe(9.525, 152.4, Wire.STEEL_STRAP).replaceFirst("}\\s*$", ", \"person\": \"Odo\", \"board\": \"Ash A — „Müller“ 🪵\"}");
        assertThat(Wire.post(mvc, "/api/trials", Wire.trial(recipe, "{\"severity\": \"FLAW\", \"flaw\": \"OUTER_SPLINTER\", \"releasedRadiusMm\": 158.75}")
                .replace("\"outcome\"", "\"done\": {\"stages\": [{\"kind\": \"STEAM_BOX\", \"actualMinutes\": 50.3}], "
                        + "\"chamber\": [{\"minutes\": 0, \"celsius\": 40}, {\"minutes\": 12.1, \"celsius\": 97.7}]}, \"outcome\""))).hasStatus(HttpStatus.CREATED);
        long glued = Wire.read(Wire.post(mvc, "/api/trials", Wire.trial(Wire.recipe(2, 150, Wire.EIGHT_PLIES), "{\"severity\": \"CLEAN\"}")), "$.id", Long.class);
        assertThat(mvc.post().uri("/api/photos?caption=Out of the clamps&trial=" + glued).with(SecurityMockMvcRequestPostProcessors.csrf())
                .contentType(MediaType.IMAGE_PNG).content(photograph()).exchange()).hasStatus(HttpStatus.CREATED);
        long gone = Wire.read(Wire.post(mvc, "/api/trials", Wire.cleanTrial()), "$.id", Long.class);
        assertThat(Wire.delete(mvc, "/api/trials/" + gone + "?version=0")).hasStatusOk();
        long piece = Wire.read(Wire.post(mvc, "/api/rack", PIECE), "$.id", Long.class);
        assertThat(Wire.post(mvc, "/api/rack/" + piece + "/weigh-ins?version=0", "{\"weighedOn\": \"2026-11-22\", \"moisturePercent\": 20.1}")).hasStatusOk();
        String rig = new String(bytes("/api/rig"), StandardCharsets.UTF_8).replaceAll(".*\"rig\":(\\{.*})}$", "$1");
        assertThat(Wire.put(mvc, "/api/rig?version=-1", rig)).hasStatusOk();
        assertThat(mvc.post().uri("/api/exchange/trials?fileName=old.csv").with(SecurityMockMvcRequestPostProcessors.csrf())
                .contentType("text/csv").content("Day,Species,Thickness (mm)\n2026-11-24,nowood,9\n").exchange()).hasStatusOk();
    }

    /** Keys of trials are new where they may have been given out again; what points to them follows. */
    protected static Map<String, String> fromItsFirstTrial(Map<String, String> tables) {
        long first = Pattern.compile("\"id\":(\\d+)").matcher(tables.get("tables/trial.jsonl")).results().mapToLong(key -> Long.parseLong(key.group(1))).min().orElseThrow();
        Map<String, String> counted = new TreeMap<>(tables);
        counted.replaceAll((table, rows) -> Pattern.compile(table.endsWith("/trial.jsonl") ? "(\"id\":)(\\d+)" : "(\"trial_id\":)(\\d+)").matcher(rows)
                .replaceAll(key -> key.group(1) + (Long.parseLong(key.group(2)) - first)));
        return counted;
    }

    protected static Map<String, String> entries(byte[] zip) throws IOException {
        Map<String, String> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return entries;
    }
}

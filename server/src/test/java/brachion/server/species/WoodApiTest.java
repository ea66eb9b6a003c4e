package brachion.server.species;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import brachion.server.storage.TableFile;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class WoodApiTest {

    private static final String OSAGE = """
            {"commonName": "Osage orange", "latinName": "Maclura pomifera", "woodClass": "RING_POROUS_HARDWOOD",
             "density12": 855, "bendingStrengthMpa": 129, "unsupportedRadiusMm": 180, "source": "Our own bends, 2024"}""";

    @Autowired
    private MockMvcTester mvc;

    @Test
    void an_added_wood_is_offered_forecast_logged_taken_out_and_read_again() {
        MvcTestResult added = Wire.post(mvc, "/api/woods", OSAGE);
        assertThat(added).hasStatus(HttpStatus.CREATED);
        String id = Wire.read(added, "$.id", String.class);
        assertThat(Wire.read(added, "$.basicSpecificGravity", Double.class)).isCloseTo(0.681, within(0.001));
        assertThat(Wire.read(added, "$.bendingStrengthMpa", Double.class)).isEqualTo(129);
        assertThat(Wire.read(added, "$.stiffnessMpa", Double.class)).as("estimated by its weight").isBetween(11_000.0, 15_000.0);
        assertThat(Wire.read(added, "$.known", Map.class)).containsKey("bendingStrengthMpa").doesNotContainKey("stiffnessMpa");
        assertThat(mvc.get().uri("/api/species")).bodyText().contains("Osage orange", id);

        String recipe = ofWood(id);
        assertThat(chance(recipe)).isGreaterThan(chance(ofWood("western-redcedar")));
        assertThat(Wire.post(mvc, "/api/trials", Wire.trial(recipe, "{\"severity\": \"CLEAN\"}"))).hasStatus(HttpStatus.CREATED);
        String table = body("/api/exchange/trials");
        assertThat(table).contains("Osage orange");
        MvcTestResult read = mvc.post().uri("/api/exchange/readings").contentType("text/csv").content(table.getBytes())
                .with(org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf()).exchange();
        assertThat(Wire.read(read, "$.alreadyHere", Integer.class)).isEqualTo(1);
        assertThat(Wire.post(mvc, "/api/rack", """
                {"name": "Bow", "speciesId": "%s", "thicknessMm": 12, "widthMm": 25, "startedOn": "2026-11-01",
                 "startMoisturePercent": 25, "shopC": 18, "shopHumidityPercent": 35}""".formatted(id))).hasStatus(HttpStatus.CREATED);
        assertThat(mvc.get().uri("/api/rack")).bodyJson().extractingPath("$[0].curve").isNotNull();
    }

    @Test
    void a_changed_wood_changes_the_forecast_and_the_fit() {
        MvcTestResult added = Wire.post(mvc, "/api/woods", OSAGE);
        String recipe = ofWood(Wire.read(added, "$.id", String.class));
        double before = chance(recipe);
        MvcTestResult changed = Wire.put(mvc, own(added) + "?version=0", OSAGE.replace("180", "900"));
        assertThat(changed).hasStatusOk();
        assertThat(chance(recipe)).isLessThan(before - 0.2);
        assertThat(Wire.put(mvc, own(added) + "?version=0", OSAGE)).hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void a_wood_in_use_stays_and_one_taken_away_can_be_brought_back() {
        MvcTestResult added = Wire.post(mvc, "/api/woods", OSAGE);
        String id = Wire.read(added, "$.id", String.class);
        assertThat(Wire.delete(mvc, own(added) + "?version=0")).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(mvc.get().uri("/api/species")).bodyText().doesNotContain("Osage orange");
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/forecast", "{\"recipe\": " + ofWood(id) + "}")))
                .containsExactly("recipe.blank.speciesId");
        assertThat(Wire.post(mvc, own(added) + "/restoration", "")).hasStatusOk();
        Wire.post(mvc, "/api/trials", Wire.trial(ofWood(id), "{\"severity\": \"CLEAN\"}"));
        MvcTestResult refused = Wire.delete(mvc, own(added) + "?version=2");
        assertThat(refused).hasStatus(HttpStatus.CONFLICT);
        assertThat(Wire.read(refused, "$.detail", String.class)).contains("Osage orange stays", "1 trial");
    }

    @Test
    void what_makes_no_sense_is_refused_by_field() {
        assertThat(refused(OSAGE.replace("\"density12\": 855, ", ""))).containsExactly("density12");
        assertThat(refused(OSAGE.replace("855", "855, \"basicSpecificGravity\": 0.7"))).containsExactly("density12");
        assertThat(refused(OSAGE.replace("Our own bends, 2024", " "))).containsExactly("source");
        assertThat(refused(OSAGE.replace("180", "180, \"supportedRadiusMm\": 200"))).containsExactly("supportedRadiusMm");
        assertThat(refused(OSAGE.replace("Osage orange", "white ASH"))).containsExactly("commonName");
        assertThat(refused(OSAGE.replace("855", "8550"))).containsExactly("density12");
        assertThat(refused(OSAGE.replace("\"Osage orange\"", "\"  \""))).containsExactly("commonName");
        assertThat(Wire.put(mvc, "/api/woods/999999?version=0", OSAGE)).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(mvc.get().uri("/api/species")).bodyText().doesNotContain("Osage");
    }

    @Test
    void all_woods_leave_as_a_table_that_names_its_estimates() throws IOException {
        Wire.post(mvc, "/api/woods", OSAGE.replace("Our own bends, 2024", "Our own \\\"book\\\", page 3"));
        List<CSVRecord> rows = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get()
                .parse(new StringReader(body("/api/woods/table").substring(TableFile.MARK.length()))).getRecords();
        CSVRecord own = rows.stream().filter(row -> row.get("Name").equals("Osage orange")).findFirst().orElseThrow();
        assertThat(own.get("Source")).isEqualTo("Our own \"book\", page 3");
        assertThat(own.get("Estimated")).isEqualTo("stiffness, crushing strength, radius with strap");
        assertThat(own.get("Density at 12 % (kg/m3)")).isEqualTo("855");
        CSVRecord oak = rows.stream().filter(row -> row.get("Name").equals("White oak")).findFirst().orElseThrow();
        assertThat(oak.get("Estimated")).isEmpty();
        assertThat(oak.get("Bending strength at 12 % (MPa)")).isEqualTo("105");
    }

    @Test
    void plywood_is_sawn_and_not_steamed() throws IOException {
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/forecast", "{\"recipe\": " + ofWood("birch-plywood") + "}")))
                .containsExactly("recipe.blank.speciesId");
        String sawn = Wire.recipe(12, 120, "{\"kind\": \"KERF_BENDING\", \"kerfMm\": 3.2, \"webMm\": 1.6, \"pitchMm\": 6}").replace("white-ash", "birch-plywood");
        assertThat(chance(sawn)).isBetween(0.05, 1.0);
        assertThat(Wire.post(mvc, "/api/trials", Wire.trial(sawn, "{\"severity\": \"CLEAN\"}"))).hasStatus(HttpStatus.CREATED);
        assertThat(refused(OSAGE.replace("RING_POROUS_HARDWOOD", "PANEL"))).containsExactly("unsupportedRadiusMm");
        assertThat(Wire.post(mvc, "/api/woods", OSAGE.replace("RING_POROUS_HARDWOOD", "PANEL").replace("\"unsupportedRadiusMm\": 180, ", "")))
                .hasStatus(HttpStatus.CREATED).bodyJson().doesNotHavePath("$.unsupportedRadiusMm");
        assertThat(body("/api/woods/table")).contains("Birch plywood,,panel,").containsPattern("Birch plywood,[^\r]*,,,,published");
    }

    private List<String> refused(String wood) {
        return Wire.refusedFields(Wire.post(mvc, "/api/woods", wood));
    }

    private String body(String uri) {
        return new String(mvc.get().uri(uri).exchange().getResponse().getContentAsByteArray(), java.nio.charset.StandardCharsets.UTF_8);
    }

    private static String own(MvcTestResult added) {
        return "/api/woods/" + Wire.read(added, "$.key", Long.class);
    }

    private static String ofWood(String speciesId) {
        return Wire.recipe(12, 120, Wire.STEAM).replace("white-ash", speciesId);
    }

    private double chance(String recipe) {
        return Wire.read(Wire.forecast(mvc, recipe), "$.unbroken.probability", Double.class);
    }
}

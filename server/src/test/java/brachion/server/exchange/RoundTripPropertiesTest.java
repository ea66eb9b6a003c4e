package brachion.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.Supposed;
import brachion.core.method.Workshop;
import brachion.core.process.Shop;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.Wire;
import brachion.server.trial.TrialFields;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.apache.commons.csv.CSVFormat;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Whatever can be written down leaves in every format and comes back as the same record: numbers to a millionth of a millimetre, words letter by letter. */
class RoundTripPropertiesTest {

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final Validator VALIDATOR = Validation.buildDefaultValidatorFactory().getValidator();
    private static final Workshop WORKSHOP = new Workshop(SpeciesCatalogue.published(), Shop.USUAL, OptionalDouble.empty());
    private static final TrialsDocument DOCUMENT = new TrialsDocument(JSON, VALIDATOR);
    private static final List<String> WAYS = List.of(Wire.STEAM, Wire.STEEL_STRAP, Wire.EIGHT_PLIES, Wire.STEAM.replace("}", ", \"soakAdditive\": \"SOFTENER\"}"));

    /** What breaks tables: quotes, separators, line ends, formulas, numbers in words, marks, signs beyond the first plane, unseen ones. */
    private static Arbitrary<String> text(int longest) {
        Arbitrary<String> piece = Arbitraries.oneOf(Arbitraries.of("\"", ",", ";", "\t", "\n", "\r\n", "=1+1", "-2", "@x", "'", "\uFEFF", "\u0001", "1/2\"", "007", "1e5", "TRUE",
                "ja", " ", "\u00a0", "Ü", "é", "\\", "<b>&amp;", "_x000D_", "14.3.2025", "\uD83E\uDEB5", "\u202E"), Arbitraries.strings().alpha().ofMaxLength(6));
        return piece.list().ofMaxSize(12).map(pieces -> String.join("", pieces)).map(text -> text.length() > longest ? text.substring(0, text.offsetByCodePoints(0, longest / 4)) : text);
    }

    private static Arbitrary<Double> number(double low, double high) {
        return Arbitraries.oneOf(Arbitraries.doubles().between(low, high).ofScale(6), Arbitraries.integers().between((int) Math.ceil(low), (int) high).map(Integer::doubleValue),
                Arbitraries.integers().between((int) Math.ceil(low / 25.4 * 16), (int) (high / 25.4 * 16)).map(sixteenths -> Math.rint(sixteenths / 16.0 * 25.4e6) / 1e6));
    }

    @Provide
    Arbitrary<TrialFields> trials() {
        Arbitrary<List<Double>> numbers = Combinators.combine(number(2, 20), number(20, 60), number(60, 900), number(6, 30)).as(List::of);
        Arbitrary<List<String>> texts = Combinators.combine(text(80), text(80), text(200), text(2000)).as(List::of);
        Arbitrary<Set<Supposed>> supposed = Arbitraries.of(Supposed.class).set();
        return Combinators.combine(Arbitraries.of(WAYS), numbers, texts, Arbitraries.integers().between(0, 2), Arbitraries.integers().between(0, 4000), supposed).as((way, n, words, ended, days, unknown) -> {
            ObjectNode recipe = (ObjectNode) JSON.readTree(Wire.recipe(n.get(0), n.get(2), way));
            ((ObjectNode) recipe.get("blank")).put("widthMm", n.get(1)).put("moisturePercent", n.get(3));
            recipe.put("person", words.get(0)).put("board", words.get(1));
            ObjectNode outcome = JSON.createObjectNode().put("severity", List.of("CLEAN", "FLAW", "BROKEN").get(ended)).put("mended", words.get(2));
            if (ended > 0) {
                outcome.put("flaw", "OUTER_SPLINTER");
            }
            ObjectNode trial = JSON.createObjectNode().put("bentOn", java.time.LocalDate.of(2015, 1, 1).plusDays(days).toString()).put("note", words.get(3));
            // what is supposed is as usual
            boolean heated = !way.equals(Wire.EIGHT_PLIES);
            unknown.stream().filter(each -> heated || each != Supposed.CARRY && each != Supposed.HEAT).forEach(each -> {
                trial.withArray("supposed").add(each.name());
                if (each == Supposed.WIDTH) {
                    ((ObjectNode) recipe.get("blank")).put("widthMm", Supposed.USUAL_WIDTH_MM);
                } else if (each == Supposed.ANGLE) {
                    recipe.put("angleDegrees", Supposed.USUAL_ANGLE_DEGREES);
                }
            });
            trial.set("recipe", recipe);
            trial.set("outcome", outcome);
            return JSON.treeToValue(trial, TrialFields.class);
        }).filter(trial -> VALIDATOR.validate(trial).isEmpty());
    }

    private static List<TrialFields> read(byte[] file) {
        Sheet sheet = Sheet.of(RawTable.read(file));
        TrialReader reader = new TrialReader(VALIDATOR, WORKSHOP);
        return sheet.rows().stream().map(row -> {
            TrialReader.Outcome outcome = reader.read(sheet.headings(), row);
            assertThat(outcome.faults()).isEmpty();
            return outcome.trial();
        }).toList();
    }

    private static byte[] table(List<TrialFields> trials, Units units, CSVFormat format, Charset charset, String mark) throws IOException {
        TrialWriter writer = new TrialWriter(units, WORKSHOP.woods());
        StringBuilder text = new StringBuilder(mark);
        format.printRecord(text, writer.headings().toArray());
        for (TrialFields trial : trials) {
            format.printRecord(text, writer.cells(trial).stream().map(HarmlessCell::out).toArray());
        }
        return text.toString().getBytes(charset);
    }

    @Property(tries = 150)
    void as_a_table_in_either_units(@ForAll("trials") TrialFields one, @ForAll("trials") TrialFields other, @ForAll Units units) throws IOException {
        List<TrialFields> all = List.of(one, other);
        assertThat(read(table(all, units, CSVFormat.RFC4180, StandardCharsets.UTF_8, "\uFEFF"))).isEqualTo(all);
        assertThat(read(table(all, units, CSVFormat.RFC4180, StandardCharsets.UTF_8, ""))).as("without its mark").isEqualTo(all);
        assertThat(read(table(all, units, CSVFormat.RFC4180.builder().setDelimiter(';').setRecordSeparator('\n').get(), StandardCharsets.UTF_16LE, "\uFEFF"))).as("saved otherwise").isEqualTo(all);
    }

    @Property(tries = 60)
    void as_a_workbook(@ForAll @Size(max = 3) List<@net.jqwik.api.From("trials") TrialFields> trials, @ForAll Units units) throws IOException {
        TrialWriter writer = new TrialWriter(units, WORKSHOP.woods());
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (Workbook.Writing book = new Workbook.Writing(file, "Bends", writer.headings())) {
            for (TrialFields trial : trials) {
                book.line(writer.cells(trial));
            }
        }
        assertThat(read(file.toByteArray())).isEqualTo(trials);
    }

    @Property(tries = 150)
    void as_a_document(@ForAll @Size(max = 4) List<@net.jqwik.api.From("trials") TrialFields> trials) throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (TrialsDocument.Writing writing = DOCUMENT.writing(file)) {
            for (TrialFields trial : trials) {
                writing.trial(trial);
            }
        }
        List<TrialFields> back = new ArrayList<>();
        DOCUMENT.read(new ByteArrayInputStream(file.toByteArray()), WORKSHOP, back::add);
        assertThat(back).isEqualTo(trials);
    }

    /** Two that are the same have one fingerprint, and two that differ anywhere have not. */
    @Property(tries = 200)
    void as_a_fingerprint(@ForAll("trials") TrialFields one, @ForAll("trials") TrialFields other) {
        TrialFields again = JSON.readValue(JSON.writeValueAsString(one), TrialFields.class);
        assertThat(DOCUMENT.fingerprint(again)).isEqualTo(DOCUMENT.fingerprint(one));
        assertThat(DOCUMENT.fingerprint(one).equals(DOCUMENT.fingerprint(other))).isEqualTo(one.equals(other));
    }
}

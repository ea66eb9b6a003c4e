package brachion.server.find;

import brachion.core.method.MethodKind;
import brachion.core.method.Setting;
import brachion.core.quantity.Measurement;
import brachion.server.problem.RefusedFieldException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Every fact of a record: those all records have, and what is set about each way of bending, as the way itself names it. */
final class Facts {

    static final String WOOD = "wood";
    static final String PERSON = "person";
    static final String BOARD = "board";
    static final String SOURCE = "source";
    static final String OTHER_SHOP = "otherShop";
    static final String JOB = "job";
    static final String DAY = "day";
    static final String MONTH = "month";
    static final String YEAR = "year";

    private static final Map<String, Fact> BY_KEY = byKey();

    private Facts() {
    }

    private static Map<String, Fact> byKey() {
        List<Fact> all = new ArrayList<>(List.of(
                Fact.named(WOOD, "Wood", "t.species_id").everywhere(),
                Fact.word("method", "Way of bending", "t.method").everywhere(),
                Fact.word("severity", "Ended", "t.severity").everywhere(),
                Fact.word("flaw", "Flaw", "t.flaw"),
                Fact.word("flawAt", "Flaw along the bend", "t.flaw_at"),
                Fact.number("thicknessMm", "Thickness", Measurement.LENGTH, "t.thickness_mm").everywhere(),
                Fact.number("widthMm", "Width", Measurement.LENGTH, "t.width_mm").everywhere(),
                Fact.number("innerRadiusMm", "Radius", Measurement.LENGTH, "t.inner_radius_mm").everywhere(),
                Fact.number("tightness", "Radius over thickness", null, "t.inner_radius_mm / t.thickness_mm").everywhere(),
                Fact.number("angleDegrees", "Angle", Measurement.ANGLE, "t.angle_degrees").everywhere(),
                Fact.word("seasoning", "Seasoning", "t.seasoning").everywhere(),
                Fact.number("moisturePercent", "Moisture", Measurement.MOISTURE, "t.moisture_percent"),
                Fact.word("growthRings", "Growth rings", "t.growth_rings").everywhere(),
                Fact.number("grainRun", "Slope of grain, 1 in", Measurement.GRAIN_SLOPE, "t.grain_run"),
                Fact.word("knots", "Knots", "t.knots").everywhere(),
                Fact.word("outerFace", "Outer face", "t.outer_face"),
                Fact.word("outline", "Section", "t.outline"),
                Fact.named(PERSON, "Whose hands", "t.person_id"),
                Fact.named(BOARD, "Board", "t.board_id"),
                Fact.named(SOURCE, "Source", "t.source_id"),
                Fact.named(OTHER_SHOP, "Other shop", "t.other_shop_id"),
                Fact.named(JOB, "Job", "t.job_id"),
                new Fact(DAY, "Day", Fact.Kind.DAY, null, "t.bent_on", true),
                Fact.word(MONTH, "Month", "date_format(t.bent_on, '%Y-%m')"),
                Fact.word(YEAR, "Year", "date_format(t.bent_on, '%Y')"),
                Fact.number("releasedRadiusMm", "Radius after release", Measurement.LENGTH, "t.released_radius_mm"),
                Fact.number("twistDegrees", "Twist", Measurement.ANGLE, "t.twist_degrees"),
                Fact.number("cupMm", "Cup", Measurement.LENGTH, "t.cup_mm")));
        Arrays.stream(MethodKind.values()).flatMap(kind -> kind.settings().stream()).map(Facts::ofSetting).forEach(all::add);
        Map<String, Fact> byKey = new LinkedHashMap<>();
        all.forEach(fact -> byKey.putIfAbsent(fact.key(), fact));
        return byKey;
    }

    private static Fact ofSetting(Setting<?> setting) {
        String value = "json_value(t.settings, '$." + setting.key() + "')";
        String title = setting.title().substring(0, 1).toUpperCase() + setting.title().substring(1);
        return setting instanceof Setting.Measured measured ? Fact.number(setting.key(), title, measured.measurement(), "cast(" + value + " as double)")
                : Fact.word(setting.key(), title, value);
    }

    /** Every fact, those asked for most first. */
    static List<Fact> all() {
        return List.copyOf(BY_KEY.values());
    }

    /** The fact of a key; refuses one nobody knows, naming the field that holds it. */
    static Fact of(String field, String key) {
        Fact fact = BY_KEY.get(key);
        if (fact == null) {
            throw new RefusedFieldException(field, "“" + key + "” is no fact of a record.");
        }
        return fact;
    }
}

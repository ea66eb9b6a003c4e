package brachion.server.exchange;

import brachion.core.bending.Outline;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.OuterFace;
import brachion.core.method.Seasoning;
import brachion.core.method.Setting;
import brachion.core.process.StageKind;
import brachion.core.quantity.TimeUnit;
import brachion.core.risk.SetAside;
import brachion.core.trial.AlongBend;
import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.core.wood.Species;
import brachion.core.method.Supposed;
import brachion.core.method.Workshop;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.BlankFields;
import brachion.server.recipe.MethodFields;
import brachion.server.recipe.RecipeFields;
import brachion.server.storage.StorableValues;
import brachion.server.trial.DoneFields;
import brachion.server.trial.OutcomeFields;
import brachion.server.trial.TrialFields;
import jakarta.validation.Validator;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads a row as a trial, held to the same rules as one that is typed in. */
class TrialReader {

    private final Validator validator;
    private final Workshop workshop;
    private final WoodNames woods;

    TrialReader(Validator validator, Workshop workshop) {
        this.validator = validator;
        this.workshop = workshop;
        this.woods = new WoodNames(workshop.woods().all(), Column::plain);
    }

    /**
     * What became of a row.
     *
     * @param trial  the trial, null when there are faults
     * @param faults why it was not read
     */
    record Outcome(TrialFields trial, List<Fault> faults) {
    }

    Outcome read(List<Heading> headings, Row row) {
        Cells cells = new Cells(headings, row.cells());
        List<String> remarks = new ArrayList<>();
        LocalDate bentOn = cells.read(Column.DAY, TrialReader::day);
        Set<Supposed> supposed = EnumSet.noneOf(Supposed.class);
        RecipeFields recipe = recipe(cells, remarks, supposed);
        TrialFields trial = new TrialFields(bentOn, recipe, done(cells, recipe), outcome(cells), "", supposed);
        trial = withNote(trial, note(cells, headings, row, remarks));
        check(trial, cells);
        return cells.faults().isEmpty() ? new Outcome(trial, List.of()) : new Outcome(null, cells.faults());
    }

    private static TrialFields withNote(TrialFields trial, String note) {
        return new TrialFields(trial.bentOn(), trial.recipe(), trial.done(), trial.outcome(), note, trial.supposed());
    }

    private static LocalDate day(String text) {
        LocalDate day;
        try {
            day = LocalDate.parse(text);
        } catch (DateTimeException unreadable) {
            throw new IllegalArgumentException("“" + text + "” is not a day. Write it as 2026-11-25.", unreadable);
        }
        StorableValues.wrongWith(day).ifPresent(wrong -> {
            throw new IllegalArgumentException(wrong);
        });
        return day;
    }

    private RecipeFields recipe(Cells cells, List<String> remarks, Set<Supposed> supposed) {
        MethodKind method = cells.word(Column.METHOD, MethodKind.class);
        GrowthRings rings = cells.word(Column.GROWTH_RINGS, GrowthRings.class);
        BlankFields blank = new BlankFields(cells.read(Column.SPECIES, this::species),
                supposed(cells, Column.SEASONING, cells.word(Column.SEASONING, Seasoning.class), Supposed.USUAL_SEASONING, supposed), cells.percent(Column.MOISTURE),
                cells.empty(Column.GROWTH_RINGS) ? GrowthRings.UNKNOWN : rings, cells.run(Column.GRAIN_SLOPE),
                usual(cells, Column.KNOTS, cells.word(Column.KNOTS, Knots.class), Knots.CLEAR, "clear", remarks),
                given(cells.word(Column.OUTER_FACE, OuterFace.class), OuterFace.SAWN),
                cells.millimetres(Column.THICKNESS), supposed(cells, Column.WIDTH, cells.millimetres(Column.WIDTH), Supposed.USUAL_WIDTH_MM, supposed),
                given(cells.word(Column.SECTION, Outline.class), Outline.RECTANGLE));
        return new RecipeFields(blank, cells.millimetres(Column.INNER_RADIUS),
                supposed(cells, Column.BEND_ANGLE, cells.degrees(Column.BEND_ANGLE), Supposed.USUAL_ANGLE_DEGREES, supposed),
                method == null ? null : new MethodFields(method, settings(cells, method, remarks, supposed)),
                cells.text(Column.PERSON), cells.text(Column.BOARD), cells.text(Column.SOURCE));
    }

    /** What is set about the method; what belongs to another one would be lost without a word and is refused. */
    private static Map<String, Object> settings(Cells cells, MethodKind method, List<String> remarks, Set<Supposed> supposed) {
        Set<Column> own = method.settings().stream().map(Column::of).collect(Collectors.toSet());
        Column.OF_METHODS.stream().filter(column -> !own.contains(column) && !none(cells, column)).forEach(column -> cells.fault(column,
                        "This does not belong to a bend by " + Column.plain(method.name()) + ": clear it, or change the method."));
        Map<String, Object> set = new HashMap<>();
        for (Setting<?> setting : method.settings()) {
            Object value = value(cells, setting, remarks, supposed);
            if (value != null) {
                set.put(setting.key(), value);
            }
        }
        return set;
    }

    private static Object value(Cells cells, Setting<?> setting, List<String> remarks, Set<Supposed> supposed) {
        Column column = Column.of(setting);
        if (setting instanceof Setting.Chosen<?> chosen) {
            return none(cells, column) ? null : cells.word(column, chosen.words());
        }
        Setting.Measured measured = (Setting.Measured) setting;
        Double value = cells.measured(column, measured.measurement());
        return measured.usual().filter(usual -> measured.need().unconditional())
                .map(usual -> Column.supposed(column).isPresent() ? supposed(cells, column, value, usual.value(), supposed)
                        : usual(cells, column, value, usual.value(), usual.said(), remarks)).orElse(value);
    }

    private static boolean none(Cells cells, Column column) {
        return cells.empty(column) || Column.plain(cells.text(column)).equals("none");
    }

    private static OutcomeFields outcome(Cells cells) {
        return new OutcomeFields(cells.word(Column.ENDED, Severity.class), cells.word(Column.FLAW, Flaw.class),
                cells.millimetres(Column.RELEASED_RADIUS), cells.millimetres(Column.CHORD), cells.millimetres(Column.RISE), cells.millimetres(Column.GAP),
                cells.degrees(Column.TWIST), cells.millimetres(Column.CUP), cells.word(Column.FLAW_AT, AlongBend.class), cells.seen(Column.ALSO_SEEN), cells.text(Column.MENDED), cells.text(Column.NEXT_TIME));
    }

    /** As it was done; which heat a column means, the way of bending says. */
    private static DoneFields done(Cells cells, RecipeFields recipe) {
        boolean readable = recipe.method() != null && recipe.blank().widthMm() != null && cells.faults().isEmpty();
        List<StageKind> process = readable ? stageKinds(recipe) : List.of();
        List<DoneFields.StageTook> stages = new ArrayList<>();
        for (StageColumn stage : StageColumn.values()) {
            Double minutes = cells.time(stage.column(), TimeUnit.MINUTE);
            if (minutes != null) {
                stages.add(new DoneFields.StageTook(stage.among(process), minutes));
            }
        }
        List<DoneFields.ChamberReading> chamber = cells.chamberReadings(Column.CHAMBER_READINGS);
        return new DoneFields(stages, chamber == null ? List.of() : chamber);
    }

    private static List<StageKind> stageKinds(RecipeFields recipe) {
        try {
            return recipe.method().toMethod(recipe.blank().widthMm()).stageKinds();
        } catch (RefusedFieldException | IllegalArgumentException incomplete) {
            // what is wrong with it is said where the whole is checked
            return List.of();
        }
    }

    private String species(String text) {
        return woods.called(text).map(Species::id).orElseThrow(() -> new IllegalArgumentException(unknown(text, workshop.woods().all())));
    }

    private static String unknown(String text, List<Species> all) {
        List<String> words = List.of(Column.plain(text).split(" "));
        String alike = all.stream().map(Species::commonName)
                .filter(name -> Arrays.stream(name.toLowerCase(Locale.ROOT).split("\\W+")).anyMatch(words::contains))
                .limit(6).collect(Collectors.joining(", "));
        return "No species here is called “" + text + "”." + (alike.isEmpty() ? "" : " Is it one of these: " + alike + "?");
    }

    private static <T> T given(T value, T plain) {
        return value == plain ? null : value;
    }

    private static <T> T usual(Cells cells, Column column, T value, T usual, String said, List<String> remarks) {
        if (!cells.empty(column)) {
            return value;
        }
        remarks.add(column.title() + " " + said);
        return usual;
    }

    /** What a cell says, or what is supposed where it says nothing. */
    private static <T> T supposed(Cells cells, Column column, T value, T usual, Set<Supposed> supposed) {
        if (!cells.empty(column)) {
            return value;
        }
        Column.supposed(column).ifPresent(supposed::add);
        return usual;
    }

    /** The note, with the cells of columns not known here, and with what was taken as usual. */
    private static String note(Cells cells, List<Heading> headings, Row row, List<String> remarks) {
        List<String> lines = new ArrayList<>();
        if (!cells.empty(Column.NOTE)) {
            lines.add(cells.text(Column.NOTE));
        }
        for (int i = 0; i < headings.size(); i++) {
            String text = i < row.cells().size() ? row.cells().get(i).strip() : "";
            if (headings.get(i).column().isEmpty() && !text.isEmpty()) {
                lines.add(headings.get(i).text() + ": " + text);
            }
        }
        if (!remarks.isEmpty()) {
            lines.add("Not in the table, taken as usual: " + String.join(", ", remarks) + ".");
        }
        return String.join("\n", lines);
    }

    private void check(TrialFields trial, Cells cells) {
        validator.validate(trial).stream().sorted(Comparator.comparing(violation -> violation.getPropertyPath().toString()))
                .forEach(violation -> refuse(cells, violation.getPropertyPath().toString(), violation.getMessage()));
        if (!cells.faults().isEmpty()) {
            return;
        }
        try {
            SetAside.onSight(trial.requireSense(workshop)).ifPresent(wrong -> cells.fault(Column.RELEASED_RADIUS, sentence(wrong.why())));
        } catch (RefusedFieldException refused) {
            refuse(cells, refused.error().field(), refused.getMessage());
        }
    }

    /** A cell that could not be read is empty to the rules; one fault is enough for it. */
    private static void refuse(Cells cells, String field, String message) {
        Column.holding(field).ifPresentOrElse(column -> {
            if (!cells.faulty(column)) {
                cells.fault(column, message);
            }
        }, () -> cells.faults().add(new Fault("", message)));
    }

    private static String sentence(SetAside.Why why) {
        return switch (why) {
            case RELEASED_IN_OTHER_UNIT -> "This looks like inches written as millimetres, or the other way round, beside the inner radius.";
            case RELEASED_IMPOSSIBLE -> "No bend opens or closes that far from its inner radius.";
            default -> "This contradicts how the piece ended.";
        };
    }
}

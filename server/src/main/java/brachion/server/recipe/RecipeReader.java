package brachion.server.recipe;

import brachion.core.method.KerfedPlies;
import brachion.core.method.Layup;
import brachion.core.quantity.PhysicalBound;
import brachion.server.problem.FieldError;
import brachion.server.problem.RefusedFieldException;
import brachion.server.reading.MeasurementReading;
import jakarta.validation.Validator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Makes a recipe of what was typed: reads every measurement, puts it in its place and checks the whole. */
@Component
public class RecipeReader {

    private static final Pattern PATH = Pattern.compile("[a-zA-Z]{1,40}(\\.[a-zA-Z]{1,40}){0,3}");
    private static final String FINISHED = "finishedThicknessMm";
    private static final String PLY = "blank.thicknessMm";
    private static final String PLIES = "method.plies";
    private static final String CLEAN = "method.cleanMm";

    private final JsonMapper json;
    private final Validator validator;

    RecipeReader(JsonMapper json, Validator validator) {
        this.json = json;
        this.validator = validator;
    }

    /**
     * Reads a typed recipe as far as it goes.
     *
     * @throws RefusedFieldException when a choice is none there is, or a measurement has no place in a recipe
     */
    public RecipeReading read(TypedRecipe typed) {
        List<MeasurementReading> readings = typed.typed().stream().map(each -> each.read(typed.bareUnits())).toList();
        if (readings.stream().anyMatch(each -> each.unreadable() != null)) {
            return new RecipeReading(readings, List.of(), Optional.empty());
        }
        Map<String, Double> measured = new HashMap<>();
        readings.forEach(each -> measured.put(each.field(), each.value()));
        List<FieldError> refused = layUp(measured);
        if (!refused.isEmpty()) {
            return new RecipeReading(readings, refused, Optional.empty());
        }
        RecipeFields recipe = recipe(typed.choices(), measured);
        List<FieldError> problems = validator.validate(recipe).stream()
                .map(each -> new FieldError(each.getPropertyPath().toString(), each.getMessage())).toList();
        return new RecipeReading(readings, problems, problems.isEmpty() ? Optional.of(recipe) : Optional.empty());
    }

    /** Any two of finished thickness, ply thickness and number of plies give the third; the first alone asks the radius. */
    private static List<FieldError> layUp(Map<String, Double> measured) {
        Double finished = measured.remove(FINISHED);
        if (finished == null) {
            return List.of();
        }
        Double plies = measured.get(PLIES);
        Double ply = measured.get(PLY);
        Double radius = measured.get("innerRadiusMm");
        if (plies == null && ply == null && radius == null) {
            return List.of(new FieldError(PLIES, "The number of plies is needed."));
        }
        if (plies != null && !PhysicalBound.PLIES.holds(plies)) {
            return List.of(new FieldError(PLIES, PhysicalBound.PLIES.sentence() + "."));
        }
        if (ply != null && !PhysicalBound.THICKNESS_MM.holds(ply)) {
            return List.of(new FieldError(PLY, PhysicalBound.THICKNESS_MM.sentence() + "."));
        }
        Double clean = measured.get(CLEAN);
        if (clean != null && clean >= finished) {
            return List.of(new FieldError(CLEAN, "The clean ply must be thinner than the finished section."));
        }
        Layup layup = clean != null ? kerfed(finished, plies, ply, clean) : plies != null ? Layup.ofPlies(finished, plies.intValue())
                : ply != null ? Layup.ofPlyThickness(finished, ply) : Layup.forRadius(finished, radius);
        measured.put(PLY, layup.plyMm());
        measured.put(PLIES, (double) layup.plies());
        return List.of();
    }

    private static Layup kerfed(double finished, Double plies, Double ply, double clean) {
        return plies == null && ply != null ? Layup.ofKerfedPlyThickness(finished, ply, clean)
                : Layup.ofKerfedPlies(finished, plies == null ? KerfedPlies.USUAL_PLIES : plies.intValue(), clean);
    }

    private RecipeFields recipe(Map<String, Object> choices, Map<String, Double> measured) {
        ObjectNode tree = json.valueToTree(choices);
        measured.forEach((path, value) -> put(tree, path, value));
        try {
            return json.treeToValue(tree, RecipeFields.class);
        } catch (JacksonException unreadable) {
            throw RefusedFieldException.unreadable(unreadable);
        }
    }

    private static void put(ObjectNode tree, String path, double value) {
        if (!PATH.matcher(path).matches()) {
            throw new RefusedFieldException("typed", "“" + path + "” is no measurement of a recipe.");
        }
        String[] steps = path.split("\\.");
        ObjectNode at = tree;
        for (int i = 0; i < steps.length - 1; i++) {
            JsonNode next = at.get(steps[i]);
            if (next == null) {
                next = at.putObject(steps[i]);
            } else if (!next.isObject()) {
                throw new RefusedFieldException("typed", "“" + path + "” is no measurement of a recipe.");
            }
            at = (ObjectNode) next;
        }
        String last = steps[steps.length - 1];
        if (value == Math.rint(value) && Math.abs(value) < 1e9) {
            at.put(last, (long) value);
        } else {
            at.put(last, value);
        }
    }
}

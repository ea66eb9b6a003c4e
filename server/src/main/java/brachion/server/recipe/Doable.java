package brachion.server.recipe;

import brachion.core.method.Bend;
import brachion.core.method.Method;
import brachion.core.quantity.PhysicalBound;
import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.Map;

/** The settings can be done to this piece and this curve, as its way of bending says. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Doable.Validator.class)
@interface Doable {

    /** Replaced by the setting's own sentence. */
    String message() default "not to be done";

    /** Unused. */
    Class<?>[] groups() default {};

    /** Unused. */
    Class<? extends Payload>[] payload() default {};

    /** Asks the way of bending once everything else about the recipe is right, and says what is wrong at the setting's own place. */
    final class Validator implements ConstraintValidator<Doable, RecipeFields> {

        @Override
        public boolean isValid(RecipeFields recipe, ConstraintValidatorContext context) {
            if (recipe == null || !readable(recipe)) {
                return true;
            }
            Method method = recipe.method().toMethod(recipe.blank().widthMm());
            Map<String, String> refusals = method.refusals(recipe.blank().thicknessMm(),
                    new Bend(recipe.innerRadiusMm(), recipe.angleDegrees()));
            context.disableDefaultConstraintViolation();
            if (recipe.blank().outline() != null && !method.roundStock()) {
                context.buildConstraintViolationWithTemplate("Only rectangular stock is bent this way.").addPropertyNode("blank")
                        .addPropertyNode("outline").addConstraintViolation();
                return false;
            }
            refusals.forEach((key, sentence) -> context.buildConstraintViolationWithTemplate(sentence).addPropertyNode("method")
                    .addPropertyNode(key).addConstraintViolation());
            return refusals.isEmpty();
        }

        private static boolean readable(RecipeFields recipe) {
            MethodFields method = recipe.method();
            BlankFields blank = recipe.blank();
            return blank != null && method != null && method.kind() != null && method.problems().isEmpty()
                    && holds(PhysicalBound.THICKNESS_MM, blank.thicknessMm()) && holds(PhysicalBound.WIDTH_MM, blank.widthMm())
                    && holds(PhysicalBound.INNER_RADIUS_MM, recipe.innerRadiusMm()) && holds(PhysicalBound.ANGLE_DEGREES, recipe.angleDegrees());
        }

        private static boolean holds(PhysicalBound bound, Double value) {
            return value != null && bound.holds(value);
        }
    }
}

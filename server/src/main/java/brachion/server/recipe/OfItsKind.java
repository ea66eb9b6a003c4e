package brachion.server.recipe;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.ConstraintValidatorContext.ConstraintViolationBuilder;
import jakarta.validation.ConstraintValidatorContext.ConstraintViolationBuilder.NodeBuilderCustomizableContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.Map;

/** The settings are those of the way of bending, as that way publishes them. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = OfItsKind.Validator.class)
@interface OfItsKind {

    /** Replaced by the setting's own sentence. */
    String message() default "not set as it is bent";

    /** Unused. */
    Class<?>[] groups() default {};

    /** Unused. */
    Class<? extends Payload>[] payload() default {};

    /** Asks the way of bending, and says what is wrong at the setting's own place. */
    final class Validator implements ConstraintValidator<OfItsKind, MethodFields> {

        @Override
        public boolean isValid(MethodFields method, ConstraintValidatorContext context) {
            if (method == null) {
                return true;
            }
            Map<String, String> problems = method.kind() == null ? Map.of("kind", "Choose a method.") : method.problems();
            context.disableDefaultConstraintViolation();
            problems.forEach((key, sentence) -> at(key, context.buildConstraintViolationWithTemplate(sentence)));
            return problems.isEmpty();
        }

        private static void at(String key, ConstraintViolationBuilder violation) {
            String[] steps = key.split("\\.");
            NodeBuilderCustomizableContext at = violation.addPropertyNode(steps[0]);
            for (int i = 1; i < steps.length; i++) {
                at = at.addPropertyNode(steps[i]);
            }
            at.addConstraintViolation();
        }
    }
}

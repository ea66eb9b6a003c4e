package brachion.server.recipe;

import brachion.core.quantity.PhysicalBound;
import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A number that must lie within a physical bound; null passes. */
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.METHOD, ElementType.TYPE_USE})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Within.Validator.class)
public @interface Within {

    /** The bound. */
    PhysicalBound value();

    /** Replaced by the bound's own sentence. */
    String message() default "out of bounds";

    /** Unused. */
    Class<?>[] groups() default {};

    /** Unused. */
    Class<? extends Payload>[] payload() default {};

    /** Checks the bound and says it. */
    final class Validator implements ConstraintValidator<Within, Number> {

        private PhysicalBound bound;

        @Override
        public void initialize(Within within) {
            bound = within.value();
        }

        @Override
        public boolean isValid(Number value, ConstraintValidatorContext context) {
            if (value == null || bound.holds(value.doubleValue())) {
                return true;
            }
            context.disableDefaultConstraintViolation();
            context.buildConstraintViolationWithTemplate(bound.sentence() + ".").addConstraintViolation();
            return false;
        }
    }
}

package brachion.server.recipe;

import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.ReportAsSingleViolation;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A chance somebody can want: neither hopeless nor certain. */
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
@NotNull
@DecimalMin("0.05")
@DecimalMax("0.999")
@ReportAsSingleViolation
@Constraint(validatedBy = {})
public @interface WantedChance {

    /** What to tell the person. */
    String message() default "A chance lies between 0.05 and 0.999.";

    /** Unused. */
    Class<?>[] groups() default {};

    /** Unused. */
    Class<? extends Payload>[] payload() default {};
}

package brachion.server.recipe;

import brachion.core.quantity.PhysicalBound;
import java.lang.annotation.Annotation;
import java.math.BigDecimal;
import java.util.Arrays;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Says in the interface's document between what a measurement must lie. */
@Configuration(proxyBeanMethods = false)
class BoundSchemas {

    @Bean
    PropertyCustomizer boundsOfMeasurements() {
        return (schema, type) -> {
            Annotation[] said = type.getCtxAnnotations() == null ? new Annotation[0] : type.getCtxAnnotations();
            Arrays.stream(said).filter(Within.class::isInstance).map(each -> ((Within) each).value()).findFirst().ifPresent((PhysicalBound bound) -> {
                schema.setMinimum(BigDecimal.valueOf(bound.lowest()));
                schema.setMaximum(BigDecimal.valueOf(bound.highest()));
            });
            return schema;
        };
    }
}

package brachion.server.problem;

import jakarta.validation.Path;
import jakarta.validation.TraversableResolver;
import java.lang.annotation.ElementType;
import java.time.Duration;
import org.hibernate.validator.BaseHibernateValidatorConfiguration;
import org.springframework.boot.validation.autoconfigure.ValidationConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How what comes in is looked at. */
@Configuration(proxyBeanMethods = false)
class ValidationConfiguration {

    /** Somebody east of the server is a day ahead of it at the most. */
    private static final Duration EASTWARDS = Duration.ofDays(1);

    /** Only what travels is validated, never what is still to be loaded from a database: everything can be looked at. */
    private static final class All implements TraversableResolver {

        @Override
        public boolean isReachable(Object object, Path.Node property, Class<?> root, Path to, ElementType type) {
            return true;
        }

        @Override
        public boolean isCascadable(Object object, Path.Node property, Class<?> root, Path to, ElementType type) {
            return true;
        }
    }

    @Bean
    ValidationConfigurationCustomizer looksAtEverything() {
        return configuration -> configuration.traversableResolver(new All())
                .addProperty(BaseHibernateValidatorConfiguration.TEMPORAL_VALIDATION_TOLERANCE, Long.toString(EASTWARDS.toMillis()));
    }
}
